import type { Subject } from '../inspection/inspected';
import { rankOf, type InspectionItem } from '../inspection/inspectEnd';
import type { EntryKind, Logged } from '../job/kinds';
import { lastToTry } from '../job/handOver';
import { unsaidSince } from '../job/stay';
import { nameOfBar, type Bar } from '../procedure/signOff';
import { stepRule } from '../procedure/steps';
import { standingSteps } from '../evidence/stepped';
import { SYSTEM } from '../evidence/touch';
import { randomOf, seedBy } from '../random';
import { doDeed, drawHistory, type Deed } from './deeds';
import { PADS_WORN_MM, ROTOR_WORN_MM, truthOf, type Truth } from './truth';
import { identified, SHEET, Visit } from './visit';

// A workshop that means well and is in a hurry, besieging the rules: whatever it does, no entry betters what stands without an answer, and no visit ends signed with "holds"
// for what is truly past its limit, or over a do-not-ride that was seen and is still there.

/** A trike's two front brakes on one lever: what is done at one opens the other too, and is no answer there. */
const begun = (): Visit => {
  const { bike } = new Visit().base;
  return identified({
    bike: { ...bike, thirdBrake: 'disc', sharedLever: 'front-third' },
  }).identify(SHEET, { end: 'third' });
};
const isThere = (deed: Deed) => deed.does.startsWith('there-');

interface Broken {
  what:
    | 'better-without-an-answer'
    | 'bar-gone-without-an-answer'
    | 'signed-past-its-limit'
    | 'signed-over-a-do-not-ride';
  subject: Subject | null;
  by: Deed['does'] | null;
}

const SUBJECTS: readonly Subject[] = ['rotor', 'pads', 'lever', 'runout', 'clearance', 'leaks'];
/** The kinds of entry that can be an answer to what condemned a thing; all else leaves it condemned. */
const ANSWERS: Readonly<Partial<Record<Subject, readonly EntryKind[]>>> = {
  rotor: ['fitting', 'decision', 'identification'],
  pads: ['fitting', 'decision', 'identification'],
  lever: ['reading', 'decision', 'identification', 'test'],
  runout: ['reading', 'decision', 'identification', 'fitting'],
  clearance: ['reading', 'decision', 'identification', 'fitting'],
  leaks: ['look-over', 'decision'],
};

/** The kinds of entry that can prove a thing that is merely unproven. */
const PROOFS: Readonly<Partial<Record<Subject, readonly EntryKind[]>>> = {
  rotor: ['reading', 'look', 'look-over', 'decision', 'identification', 'fitting'],
  pads: ['reading', 'look-over', 'decision', 'identification', 'fitting'],
  lever: ['reading', 'look-over', 'decision', 'identification'],
  runout: ['reading', 'decision', 'identification', 'fitting', 'test'],
  clearance: ['reading', 'look', 'decision', 'identification', 'fitting', 'test'],
  leaks: ['look-over', 'decision'],
};

/** The kinds of entry that can lift a bar of the whole visit; what bars for the sake of one thing goes by that thing. */
const LIFTS: Readonly<Record<Bar['code'], readonly EntryKind[] | 'by-the-thing'>> = {
  away: ['waits'],
  'stay-unsaid': ['stay', 'waits'],
  'lever-side-unconfirmed': ['test'],
  'cut-off-untested': ['test'],
  'cut-off-failed': ['test'],
  unswept: ['radial', 'witness'],
  'bite-not-risen': ['bite'],
  'reckoned-against': ['reckoned', 'plan-step', 'fitting', 'part-off'],
  // One that was said by a slip of the hand is no bleed.
  'bleed-unrecorded': ['fill', 'bleed-cycle', 'plan-step'],
  'lever-untested': ['reading', 'identification'],
  'bubbles-last': ['bleed-cycle'],
  'stand-untested': ['test', 'plan-step'],
  'sheet-revised': ['identification', 'decision'],
  'refused-before': ['decision'],
  'replace-open': 'by-the-thing',
  'unproven-open': 'by-the-thing',
  'watch-untold': 'by-the-thing',
  'do-not-ride': 'by-the-thing',
  'still-tagged': ['decision', 'fitting', 'reading', 'look-over'],
  'work-open': ['plan-step', 'plan-choice'],
  'torque-unproven': ['pass-mark', 'clamp-gaps', 'identification'],
  'check-open': ['ticked', 'identification'],
  'notice-open': ['notice-answer'],
  unseconded: ['second-look'],
};

const condemned = (item: InspectionItem | null) =>
  item !== null && (item.word === 'replace' || item.doNotRide);

/** Every entry that a history makes on the brake of a seed. */
export function entriesOf(seed: number, deeds: readonly Deed[]): readonly Logged[] {
  const truth = truthOf(seed);
  const visit = begun();
  for (const deed of deeds) doDeed(visit, truth, deed);
  return visit.entries;
}

/** Plays a history on the brake of a seed. @returns what it broke, or null */
export function play(seed: number, deeds: readonly Deed[]): Broken | null {
  const truth = truthOf(seed);
  const visit = begun();
  const seen = { crack: false, leak: false, sinks: false };
  let stood = standingOf(visit);
  let broken: Broken | null = null;
  for (const deed of deeds) {
    const look = () => {
      const now = standingOf(visit);
      broken ??= betteredBy(deed, visit, stood, now);
      stood = now;
      seen.crack =
        truth.crack && (seen.crack || (now.items.get('rotor')?.found ?? []).includes('crack'));
      seen.leak = truth.leak && (seen.leak || (now.items.get('leaks')?.doNotRide ?? false));
      seen.sinks =
        truth.sinksMm > 1 && (seen.sinks || (now.items.get('lever')?.doNotRide ?? false));
    };
    doDeed(visit, truth, deed, look);
    look();
    if (broken) return broken;
  }
  return signedWrongly(visit, truth, seen);
}

/** How a visit stands: what is known of each thing, and what bars. */
const standingOf = (visit: Visit) => ({
  items: new Map(SUBJECTS.map((subject) => [subject, visit.item(subject)])),
  bars: visit.bars,
  entries: visit.entries.length,
});
type Stood = ReturnType<typeof standingOf>;

/** What became better between two looks at a visit with no answer to it among what was written, or null. */
function betteredBy(deed: Deed, visit: Visit, before: Stood, now: Stood): Broken | null {
  const slipped = new Set(visit.job.takenBack.map(({ of }) => of));
  const kinds =
    deed.does === 'slip-of-a-step'
      ? []
      : visit.entries
          .slice(before.entries)
          .filter(({ entry }) => !slipped.has(entry.id))
          .flatMap(answering);
  for (const subject of SUBJECTS) {
    const was = before.items.get(subject) ?? null;
    if (rankOf(now.items.get(subject) ?? null) >= rankOf(was)) continue;
    const answers = isThere(deed) ? [] : ((condemned(was) ? ANSWERS : PROOFS)[subject] ?? []);
    const looked = condemned(was) && kinds.includes('look-over');
    const felt = condemned(was) && kinds.includes('test');
    const mended = (!looked || isRemade(visit)) && (!felt || isFeltAnew(visit));
    if (!(mended && kinds.some((kind) => answers.includes(kind))))
      return { what: 'better-without-an-answer', subject, by: deed.does };
  }
  const barred = new Set(now.bars.map(nameOfBar));
  for (const bar of before.bars) {
    const lifts = LIFTS[bar.code];
    if (lifts === 'by-the-thing' || barred.has(nameOfBar(bar))) continue;
    // The lever is one: its number is taken at either brake.
    const elsewhere =
      isThere(deed) && bar.code !== 'lever-untested' && !('end' in bar && bar.end === 'third');
    if (elsewhere || !kinds.some((kind) => lifts.includes(kind)))
      return { what: 'bar-gone-without-an-answer', subject: null, by: deed.does };
  }
  return null;
}

/** The kinds of an entry that may answer something; what is on, written down once more, answers nothing. */
function answering({ entry }: Logged): EntryKind[] {
  if (entry.kind === 'fitting' && entry.condition === 'found') return [];
  const tried =
    entry.kind === 'plan-step' && entry.outcome === 'done' && entry.step === 'stand-test';
  return tried ? [entry.kind, 'test'] : [entry.kind];
}

/** The steps of the plan that were done at the front after a place in the order, and not taken back. */
const stoodSince = ({ job }: Visit, since: number) =>
  standingSteps(job).flatMap(({ step, end, seq, outcome }) =>
    step !== 'wash-hands' && end === 'front' && outcome === 'done' && seq > since
      ? [stepRule(step)]
      : [],
  );

/** A leak is looked away by nobody: its joint was made anew since it was found last. */
function isRemade(visit: Visit): boolean {
  const found = visit.job.lookedOver.filter(
    ({ area, end, found: seen }) => end === 'front' && area === 'leaks' && seen.length > 0,
  );
  const since = found.at(-1)?.seq ?? 0;
  const remakes = 'remake-joint-at-caliper';
  return (
    visit.job.repaired.some(
      ({ work, end, seq }) => end === 'front' && work === remakes && seq > since,
    ) || stoodSince(visit, since).some(({ cures }) => cures.includes(remakes))
  );
}

/** A lever that felt wrong is tapped right by nobody: something was done, or said by a lead, since it was felt last. */
function isFeltAnew(visit: Visit): boolean {
  const { entries } = visit;
  const felt = entries.findLastIndex(
    ({ entry }) =>
      entry.kind === 'test' && entry.test === 'lever-feel' && entry.outcome === 'failed',
  );
  const answers: readonly EntryKind[] = ['repair', 'bleed-cycle', 'fill', 'fitting', 'decision'];
  const here = ({ entry }: Logged) => 'end' in entry && entry.end === 'front';
  return (
    entries.slice(felt + 1).some((each) => here(each) && answers.includes(each.entry.kind)) ||
    stoodSince(visit, entries[felt]?.seq ?? 0).some(({ touches }) =>
      touches.some((touch) => SYSTEM.includes(touch)),
    )
  );
}

function signedWrongly(
  visit: Visit,
  truth: Truth,
  seen: { crack: boolean; leak: boolean; sinks: boolean },
): Broken | null {
  const holds = (subject: Subject) => visit.word(subject) === 'holds';
  const past: [Subject, boolean][] = [
    ['rotor', truth.rotorMm <= ROTOR_WORN_MM],
    ['pads', truth.padsMm < PADS_WORN_MM],
    ['lever', truth.sinksMm > 1],
    ['clearance', truth.rubs],
  ];
  // Where nobody said whether it stayed, it is not signed.
  const unsaid = unsaidSince(visit.job, visit.today) !== null;
  for (const [subject, isPast] of past)
    if (isPast && !unsaid && holds(subject))
      return { what: 'signed-past-its-limit', subject, by: null };
  const open = visit.bars.filter(({ code }) => code !== 'watch-untold');
  if (open.length === 0 && !unsaid && truth.rubs && lastToTry(visit.job, 'front') > 0)
    return { what: 'signed-past-its-limit', subject: 'clearance', by: null };
  if (open.length === 0 && (seen.crack || seen.leak || seen.sinks))
    return { what: 'signed-over-a-do-not-ride', subject: null, by: null };
  return null;
}

/** A history that breaks, made as short as it goes and still breaks the same. */
export function shrink(seed: number, deeds: readonly Deed[]): Deed[] {
  const broken = play(seed, deeds);
  let shortest = [...deeds];
  for (let i = 0; i < shortest.length;) {
    const without = shortest.filter((_, at) => at !== i);
    if (play(seed, without)?.what === broken?.what) shortest = without;
    else i++;
  }
  return shortest;
}

/** Plays so many histories. @returns the first that breaks, shrunk, or null; and how many were played */
export function besiege(
  count: number,
  seed: number,
): { played: number; broken: (Broken & { seed: number; deeds: Deed[] }) | null } {
  const random = randomOf(seed);
  for (let played = 1; played <= count; played++) {
    const brakeSeed = seedBy(random);
    const deeds = drawHistory(random, 4 + Math.floor(random() * 14));
    const broken = play(brakeSeed, deeds);
    if (broken)
      return { played, broken: { ...broken, seed: brakeSeed, deeds: shrink(brakeSeed, deeds) } };
  }
  return { played: count, broken: null };
}
