import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

// What it takes to add to the trade: each drill adds something made up, to a scratch copy or in the compiler's eyes only. It must touch
// few files, compile whole, and not compile with any one fact left out.

const root = path.resolve(__dirname, '..');

/** Text put in behind an anchor of a file, or a file of its own. */
type Edit = { file: string; behind: string; text: string } | { file: string; text: string };

interface Drill {
  what: string;
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
    adds: [
      {
        file: 'core/src/fluid/families.ts',
        behind: 'const RULES = {',
        text: `
  ester: {
    grades: { 'EF 1': { dry: 270, wet: 190 } },
    usual: 'EF 1',
    pouredBack: false,
    monthsAfterOpening: 12,
  },`,
      },
    ],
    words: inBoth('things.ts', '  family: {', "ester: '',"),
    facts: [
      "    grades: { 'EF 1': { dry: 270, wet: 190 } },",
      "    usual: 'EF 1',",
      '    pouredBack: false,',
      '    monthsAfterOpening: 12,',
      ', wet: 190',
    ],
  },
  {
    what: 'a kind of gauge',
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
    adds: [
      {
        file: 'core/src/job/noteLeft.ts',
        text: `import type { EntryBase } from './entry';
import { tells } from './told';
export interface NoteLeftEntry extends EntryBase {
  kind: 'note-left';
  words: string;
}
declare module './told' {
  interface ToldEntries {
    'note-left': NoteLeftEntry;
  }
}
export const noteLeft = tells<NoteLeftEntry>(
  'note-left',
  'anybody',
  [],
);
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
      "  'anybody',",
      '  [],\n',
      '  words: words(300),',
      "'note-left': NoteLeft,",
    ],
  },
];

const { options } = ts.parseJsonConfigFileContent(
  ts.readConfigFile(path.join(root, 'app/tsconfig.json'), (file) => ts.sys.readFile(file)).config,
  ts.sys,
  path.join(root, 'app'),
);

/** Every module that states a fact of the trade, passes it on, or says it: all but screens and tests. */
const HOUSE = [
  'app/src/remembered.ts',
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

let last: ts.Program | undefined;
const parsed = new Map<string, ts.SourceFile>();

function programOf(overlay: Overlay, files: readonly string[]): ts.Program {
  const host = ts.createCompilerHost(options);
  const given = new Map([...overlay].map(([file, text]) => [path.join(root, file), text]));
  const { fileExists, readFile, getSourceFile } = host;
  // What a package of ours names lies where its link leads.
  const at = (file: string) => file.replace(/node_modules\/@hold-fast\/(\w+)/, '$1');
  host.fileExists = (file) => given.has(at(file)) || fileExists(file);
  host.readFile = (file) => given.get(at(file)) ?? readFile(file);
  host.realpath = (file) => (given.has(at(file)) ? at(file) : ts.sys.realpath!(file));
  host.getSourceFile = (file, ...rest) => {
    const text = given.get(file);
    if (text !== undefined) return ts.createSourceFile(file, text, rest[0], true);
    const known = parsed.get(file) ?? getSourceFile(file, ...rest);
    if (known) parsed.set(file, known);
    return known;
  };
  last = ts.createProgram({
    rootNames: [...new Set([...overlay.keys(), ...files])].map((file) => path.join(root, file)),
    options: { ...options, incremental: false, tsBuildInfoFile: undefined, types: ['node'] },
    host,
    ...(last ? { oldProgram: last } : {}),
  });
  return last;
}

/** Which of these files compile. */
function sound(overlay: Overlay, files: readonly string[]): string[] {
  const program = programOf(overlay, files);
  return files.filter(
    (file) =>
      program.getSemanticDiagnostics(program.getSourceFile(path.join(root, file))!).length === 0,
  );
}

/** What is wrong in all of the house: of a scratch copy, by the compiler in native code. */
function faults(overlay: Overlay): string[] {
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
  const { status, stdout } = spawnSync(process.execPath, [compiler, '-p', config], {
    cwd: scratch,
    encoding: 'utf8',
  });
  return status === 0 ? [] : stdout.trim().split('\n');
}

/** One fact left out of an addition, and the file that states it. */
interface LeftOut {
  drill: Drill;
  fact: string;
  file: string;
  adds: readonly Edit[];
}

function leftOut(drill: Drill, fact: string): LeftOut {
  const { what, adds, words } = drill;
  const file = [...overlaid([...adds, ...words])].find(([, text]) => text.includes(fact))?.[0];
  const addition = adds.find((edit) => edit.file === file && edit.text.includes(fact));
  if (!file || !addition) throw new Error(`${what}: nothing states ${fact}`);
  const without = { ...addition, text: addition.text.replace(fact, '') };
  return {
    drill,
    fact,
    file,
    adds: adds.map((edit) => (edit === addition ? without : edit)),
  };
}

/**
 * What compiles with a fact left out, and should not. Additions are made to the house at once, each without one of its facts: they lie
 * in files of their own, so that a fault is the fault of the one whose file it is in.
 */
function unmissed(): LeftOut[] {
  const rounds: LeftOut[][] = [];
  for (const drill of DRILLS)
    for (const [i, fact] of drill.facts.entries()) (rounds[i] ??= []).push(leftOut(drill, fact));
  return rounds.flatMap((round) => {
    const whole = DRILLS.filter((drill) => round.every((each) => each.drill !== drill));
    const adds = [...round, ...whole].flatMap((each) => each.adds);
    const overlay = overlaid([...adds, ...DRILLS.flatMap(({ words }) => words)]);
    const unmoved = sound(
      overlay,
      round.map(({ file }) => file),
    );
    return round.filter(({ file }) => unmoved.includes(file));
  });
}

const filesOf = (edits: readonly Edit[]) => [...new Set(edits.map(({ file }) => file))];
const touchedBy = ({ adds }: Drill) => filesOf(adds.filter((edit) => 'behind' in edit));

function main(): void {
  const together = faults(overlaid(DRILLS.flatMap(({ adds, words }) => [...adds, ...words])));
  const missed = unmissed();
  const wrong = [
    ...together.map((fault) => `All of it together does not compile. ${fault}`),
    ...missed.map(({ drill, fact }) => `${drill.what}: compiles without ${fact.trim()}`),
  ];
  console.log(
    `${'To add'.padEnd(20)} ${'touches'.padEnd(8)} ${'facts'.padEnd(6)} caught when left out`,
  );
  for (const drill of DRILLS) {
    const { what, adds, words, facts } = drill;
    const mute = filesOf(words);
    for (const file of sound(overlaid(adds), mute))
      wrong.push(`${what}: compiles with no word in ${file}`);
    const touched = touchedBy(drill);
    if (touched.length > MOST_FILES) wrong.push(`${what}: touches ${touched.join(', ')}`);
    const caught = facts.length - missed.filter((each) => each.drill === drill).length;
    console.log(
      `${what.padEnd(20)} ${String(touched.length).padEnd(8)} ${String(facts.length).padEnd(6)} ${caught}, and ${mute.length} files of words`,
    );
  }
  for (const fault of wrong) console.log(fault);
  process.exitCode = wrong.length === 0 ? 0 : 1;
}

main();
