import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

// What it takes to add to the trade: each drill adds something made up, to a scratch copy. It must touch few files, compile whole, and
// not compile with any one fact left out.

const root = path.resolve(__dirname, '..');

/** Text put in behind an anchor of a file, or a file of its own. */
type Edit = { file: string; behind: string; text: string } | { file: string; text: string };

interface Drill {
  what: string;
  /** What is called anew in it: a further copy of it numbers these. */
  names: readonly string[];
  adds: readonly Edit[];
  words: readonly Edit[];
  /** Facts by the text that states them, all in one of the files above. */
  facts: readonly string[];
}

/** Files besides words and a migration that an addition may touch; files of its own are the addition itself. */
const MOST_FILES = 2;

const read = (file: string) => readFileSync(path.join(root, file), 'utf8');

/** The row of a table under a key, with its fields one to a line. */
function rowOf(file: string, key: string): string {
  const text = read(file);
  const begin = text.indexOf(`\n  '${key}': {`);
  return text.slice(begin, text.indexOf('\n  },', begin) + 5);
}

const inBoth = (file: string, behind: string, text: string): Edit[] =>
  ['en', 'de'].map((language) => ({ file: `app/src/words/${language}/${file}`, behind, text }));

const STEP = rowOf('core/src/procedure/steps.ts', 'push-up');
const fieldsOf = (row: string) => [...row.matchAll(/^ {4}\w+: .*$/gm)].map(([field]) => field);

const DRILLS: readonly Drill[] = [
  {
    what: 'a way to bleed',
    names: ['pull-down'],
    adds: [
      {
        file: 'core/src/fluid/bleedMethods.ts',
        behind: 'const METHODS = {',
        text: `
  'pull-down': {
    procedure: 'bleed-pull-down',
    after: [],
    flushes: true,
    begins: true,
    atCaliperAlone: false,
    next: 'caliper-burp',
    minutes: 22,
  },`,
      },
      {
        file: 'core/src/procedure/steps.ts',
        behind: 'export const STEPS = {',
        text: STEP.replace('push-up', 'pull-down'),
      },
    ],
    words: [
      ...inBoth(
        'plan.ts',
        "const step: PlanWords['step'] = {",
        "'pull-down': { does: '', why: '' },",
      ),
      ...inBoth('plan.ts', '  procedure: {', "'bleed-pull-down': '',"),
    ],
    facts: [
      "    procedure: 'bleed-pull-down',",
      '    after: [],',
      '    flushes: true,',
      '    begins: true,',
      '    atCaliperAlone: false,',
      "    next: 'caliper-burp',",
      '    minutes: 22,',
      ...fieldsOf(STEP),
    ],
  },
  {
    what: 'a family of fluid',
    names: ['ester'],
    adds: [
      {
        file: 'core/src/fluid/families.ts',
        behind: 'const RULES = {',
        text: `
  ester: {
    grades: { 'EF 1': { dry: 270, wet: 190 } },
    pouredBack: false,
    monthsAfterOpening: 12,
  },`,
      },
    ],
    words: inBoth('things.ts', '  family: {', "ester: '',"),
    facts: [
      "    grades: { 'EF 1': { dry: 270, wet: 190 } },",
      '    pouredBack: false,',
      '    monthsAfterOpening: 12,',
      ', wet: 190',
    ],
  },
  {
    what: 'a kind of gauge',
    names: ['optical-gauge'],
    adds: [
      {
        file: 'core/src/gauge/gauge.ts',
        behind: 'export const GAUGE_KINDS = [',
        text: "'optical-gauge',",
      },
      {
        file: 'core/src/gauge/gauge.ts',
        behind: 'Readonly<Record<GaugeKind, GaugeDefault>> = {',
        text: `
  'optical-gauge': {
    resolutionMm: 0.001,
    resolutionTag: 'P',
    uncertaintyMm: 0.004,
    uncertaintyTag: 'M',
    anvils: 'point',
  },`,
      },
      {
        file: 'core/src/measurand/rotor.ts',
        behind: 'FOR_THICKNESS: readonly GaugeKind[] = [',
        text: "'optical-gauge',",
      },
    ],
    words: inBoth('things.ts', '  gaugeKind: {', "'optical-gauge': '',"),
    facts: [
      '    resolutionMm: 0.001,',
      "    resolutionTag: 'P',",
      '    uncertaintyMm: 0.004,',
      "    uncertaintyTag: 'M',",
      "    anvils: 'point',",
    ],
  },
  {
    what: 'a finding',
    names: ['rotor-rusted'],
    adds: [
      {
        file: 'core/src/inspection/findings.ts',
        behind: 'export const FINDINGS = {',
        text: `
  'rotor-rusted': {
    area: 'rotor',
    word: 'watch',
    doNotRide: false,
    work: ['clean-and-bed-in'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },`,
      },
    ],
    words: inBoth('things.ts', '  finding: {', "'rotor-rusted': '',"),
    facts: [
      "    area: 'rotor',",
      "    word: 'watch',",
      '    doNotRide: false,',
      "    work: ['clean-and-bed-in'],",
      '    workOnCable: null,',
      "    on: 'every-brake',",
      '    notAccepted: false,',
      "    tag: 'P',",
    ],
  },
  {
    what: 'a kind of entry',
    names: ['note-left', 'noteLeft', 'NoteLeft'],
    adds: [
      {
        file: 'core/src/job/noteLeft.ts',
        text: `import type { EntryBase } from './entry';
import { never, tells } from './told';
export interface NoteLeftEntry extends EntryBase {
  kind: 'note-left';
  words: string;
}
declare module './told' {
  interface ToldEntries {
    'note-left': NoteLeftEntry;
  }
}
export const noteLeft = tells<NoteLeftEntry>('note-left', {
  whose: 'anybody',
  registers: [],
  stays: never,
});
`,
      },
      {
        file: 'contract/src/entries/noteLeft.ts',
        text: `import type { NoteLeftEntry } from '@hold-fast/core/job/noteLeft';
import { z } from 'zod';
import { words } from '../fields';
import { entry } from './entry';
export const NoteLeft = z.strictObject({
  kind: z.literal('note-left'),
  ...entry,
  words: words(300),
}) satisfies z.ZodType<NoteLeftEntry>;
`,
      },
      {
        file: 'core/src/job/kinds.ts',
        behind: 'export const SENT = {',
        text: "'note-left': noteLeft,",
      },
      {
        file: 'core/src/job/kinds.ts',
        behind: "import { look } from './look';",
        text: "import { noteLeft } from './noteLeft';",
      },
      {
        file: 'contract/src/entries.ts',
        behind: 'const SCHEMAS = {',
        text: "'note-left': NoteLeft,",
      },
      {
        file: 'contract/src/entries.ts',
        behind: "import { Look } from './entries/look';",
        text: "import { NoteLeft } from './entries/noteLeft';",
      },
    ],
    words: inBoth('things.ts', '  entryKind: {', "'note-left': '',"),
    facts: [
      "    'note-left': NoteLeftEntry;",
      "  whose: 'anybody',",
      '  registers: [],',
      '  stays: never,',
      '  words: words(300),',
      "'note-left': NoteLeft,",
    ],
  },
];

/** Every module that states a fact of the trade, passes it on, or says it: all but screens and tests. */
const HOUSE = [
  'app/src/remembered.ts',
  'app/src/shopClock.ts',
  ...['core/src', 'contract/src', 'server/src', 'app/src/words'].flatMap((folder) =>
    readdirSync(path.join(root, folder), { recursive: true, encoding: 'utf8' })
      .map((file) => path.join(folder, file))
      .filter((file) => /\.ts$/.test(file) && !/\.test\.ts$|\/testing\//.test(file)),
  ),
];

type Overlay = ReadonlyMap<string, string>;

function overlaid(edits: readonly Edit[]): Overlay {
  const overlay = new Map<string, string>();
  for (const edit of edits) {
    const was = overlay.get(edit.file) ?? ('behind' in edit ? read(edit.file) : '');
    if ('behind' in edit && !was.includes(edit.behind))
      throw new Error(`${edit.file} no longer holds ${edit.behind}`);
    overlay.set(
      edit.file,
      'behind' in edit ? was.replace(edit.behind, () => edit.behind + edit.text) : edit.text,
    );
  }
  return overlay;
}

/** What the compiler says of a file, and from which character of it on. */
interface Fault {
  file: string;
  at: number;
  says: string;
  /** All of it as it was printed, with its line. */
  printed: string;
}

/** A fault as the compiler prints it; what it has to add stands below, set in. */
const FAULT = /^(\S.*?)\((\d+),(\d+)\): error TS\d+: (.*(?:\n\s.*)*)/gm;

/** What is wrong in a scratch copy of the house with this laid over it. */
function faults(overlay: Overlay): Fault[] {
  const scratch = path.join(root, '.cache/drills');
  rmSync(scratch, { recursive: true, force: true });
  const files = [...new Set([...HOUSE, ...overlay.keys()])];
  for (const file of files) {
    mkdirSync(path.dirname(path.join(scratch, file)), { recursive: true });
    writeFileSync(path.join(scratch, file), overlay.get(file) ?? read(file));
  }
  const config = path.join(scratch, 'tsconfig.json');
  const compilerOptions = {
    incremental: false,
    tsBuildInfoFile: null,
    types: ['node'],
    paths: Object.fromEntries(
      ['core', 'contract', 'server'].map((house) => [
        `@hold-fast/${house}/*`,
        [`./${house}/src/*`],
      ]),
    ),
  };
  writeFileSync(
    config,
    JSON.stringify({ extends: '../../app/tsconfig.json', compilerOptions, include: [], files }),
  );
  const compiler = path.join(root, 'node_modules/typescript-7/bin/tsc');
  const { status, stdout } = spawnSync(
    process.execPath,
    [compiler, '--singleThreaded', '--pretty', 'false', '-p', config],
    { cwd: scratch, encoding: 'utf8', maxBuffer: Infinity },
  );
  const found = [...stdout.matchAll(FAULT)].map(([printed, file, line, column, says]) => {
    const before = read(path.join('.cache/drills', file!)).split('\n', Number(line) - 1);
    const at = before.reduce((sum, each) => sum + each.length + 1, Number(column) - 1);
    return { file: file!, at, says: says!, printed };
  });
  if (found.length === 0 && status !== 0) throw new Error(`The compiler did not run: ${stdout}`);
  return found;
}

/** The drill made once more beside itself, under names of its own. */
function copyOf(drill: Drill, nth: number): Drill {
  const named = new RegExp(drill.names.join('|'), 'g');
  const anew = (text: string) => text.replace(named, (name) => name + nth);
  const edit = (each: Edit): Edit =>
    'behind' in each
      ? { ...each, text: anew(each.text) }
      : { file: anew(each.file), text: anew(each.text) };
  return {
    ...drill,
    names: drill.names.map(anew),
    adds: drill.adds.map(edit),
    words: drill.words.map(edit),
    facts: drill.facts.map(anew),
  };
}

/** Whether the compiler misses what goes under a key. A type it prints may name a key that nothing is wrong with. */
const misses = (says: string, key: string) =>
  new RegExp(
    `Property ['"]+${key}['"]+ (is missing|does not exist)|missing the following properties.*[ "']${key}["']?(,|$)`,
    'm',
  ).test(says);

/** The key that a row, or a line of a list, is put in under. */
const keyOf = ({ text }: Edit) => /[\w-]+/.exec(text)![0];

/** Whether the compiler misses a line where it stood. */
const isMissedIn = (known: readonly Fault[], edit: Edit) =>
  known.some(({ file, says }) => file === edit.file && misses(says, keyOf(edit)));

/** An addition without one of its facts. */
interface LeftOut {
  drill: Drill;
  fact: string;
  /** What stated it, and what is left of that. */
  stating: Edit;
  left: string;
  adds: readonly Edit[];
}

function leftOut(drill: Drill, fact: string): LeftOut {
  const stating = drill.adds.find(({ text }) => text.includes(fact));
  if (!stating) throw new Error(`${drill.what}: nothing states ${fact}`);
  const left = stating.text.replace(fact, '');
  const adds = drill.adds.map((edit) => (edit === stating ? { ...edit, text: left } : edit));
  return { drill, fact, stating, left, adds };
}

/**
 * What compiles with a fact left out, and should not. All is added at once, a copy for each fact without that fact: a fault is that copy's
 * where it lies in what is left of it, or misses what was its one line. A copy that lacks nothing stands beside them, and is blamed for nothing.
 */
function unmissed(): { missed: [Drill, string][]; blamed: string[] } {
  const lacking = DRILLS.flatMap((drill) =>
    drill.facts.map((_, i) => {
      const copy = copyOf(drill, i + 1);
      return { of: drill, ...leftOut(copy, copy.facts[i]!) };
    }),
  );
  const overlay = overlaid([
    ...[...DRILLS, ...lacking].flatMap(({ adds }) => adds),
    ...[...DRILLS, ...lacking.map(({ drill }) => drill)].flatMap(({ words }) => words),
  ]);
  const known = faults(overlay);
  const hasFaultIn = (file: string, text: string) => {
    const begin = overlay.get(file)!.indexOf(text);
    const within = (fault: Fault) =>
      fault.file === file && fault.at >= begin && fault.at < begin + text.length;
    return known.some(within);
  };
  const isMissed = ({ stating, left }: LeftOut) =>
    left === '' ? isMissedIn(known, stating) : hasFaultIn(stating.file, left);
  return {
    missed: lacking.filter((each) => !isMissed(each)).map(({ of, fact }) => [of, fact]),
    blamed: DRILLS.flatMap(({ what, adds }) =>
      adds
        .filter(({ file, text }) => hasFaultIn(file, text))
        .map(({ file }) => `${what}: whole, and has a fault in ${file}`),
    ),
  };
}

/** Words that nobody misses where they are left out. */
function unsaid(): string[] {
  const overlay = overlaid([
    ...DRILLS.flatMap(({ adds }) => adds),
    ...DRILLS.flatMap(({ words }) => words.map((edit) => ({ ...edit, text: '' }))),
  ]);
  const known = faults(overlay);
  return DRILLS.flatMap(({ what, words }) =>
    words
      .filter((edit) => !isMissedIn(known, edit))
      .map((edit) => `${what}: compiles with no word for ${keyOf(edit)} in ${edit.file}`),
  );
}

const filesOf = (edits: readonly Edit[]) => [...new Set(edits.map(({ file }) => file))];
const touchedBy = ({ adds }: Drill) => filesOf(adds.filter((edit) => 'behind' in edit));

function main(): void {
  const together = faults(overlaid(DRILLS.flatMap(({ adds, words }) => [...adds, ...words])));
  const { missed, blamed } = unmissed();
  const wrong = [
    ...together.map(({ printed }) => `All of it together does not compile. ${printed}`),
    ...blamed,
    ...missed.map(([{ what }, fact]) => `${what}: compiles without ${fact.trim()}`),
    ...unsaid(),
  ];
  console.log(
    `${'To add'.padEnd(20)} ${'touches'.padEnd(8)} ${'facts'.padEnd(6)} caught when left out`,
  );
  for (const drill of DRILLS) {
    const { what, words, facts } = drill;
    const touched = touchedBy(drill);
    if (touched.length > MOST_FILES) wrong.push(`${what}: touches ${touched.join(', ')}`);
    const caught = facts.length - missed.filter(([of]) => of === drill).length;
    console.log(
      `${what.padEnd(20)} ${String(touched.length).padEnd(8)} ${String(facts.length).padEnd(6)} ${caught}, and ${filesOf(words).length} files of words`,
    );
  }
  for (const fault of wrong) console.log(fault);
  process.exitCode = wrong.length === 0 ? 0 : 1;
}

main();
