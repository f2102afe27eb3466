import type { Subject } from '../inspection/inspected';
import type { InspectionItem } from '../inspection/inspectEnd';
import type { EntryKind, Logged } from '../job/kinds';
import { lastToTry } from '../job/handOver';
import { unsaidSince, workedAfter } from '../job/stay';
import { once } from '../once';
import type { Bar } from '../procedure/signOff';
import { WORDS } from '../wear/verdict';
import { drawBrake, readingOf, type TrueBrake } from '../evidence/brake';
import { standTest } from '../evidence/trials';
import { randomOf } from '../random';
import { GAUGES, identified, SHEET, Visit } from './visit';

// A workshop that means well and is in a hurry: it reads inside its gauges' doubt, forgets, repeats, works in odd orders and
// fits used parts. Whatever it does, no entry betters what stands without an answer, and no visit ends signed with "holds"
// for what is truly past its limit, or over a do-not-ride that was seen and is still there.

/** What somebody does, with the numbers chance gave them: played again, it is the same. */
interface Deed {
  does: (typeof DEEDS)[number];
  seed: number;
}

const DEEDS = [
  'rotor',
  'rotor-again',
  'rotor-one-point',
  'pads',
  'lever',
  'lever-bite',
  'runout',
  'gaps',
  'look-rotor',
  'look-leaks',
  'look-nothing',
  'fit-new',
  'fit-used',
  'fit-pads',
  'write-found',
  'take-off',
  'unsay',
  'reseal-lever',
  'remake-joint',
  'clean',
  'align',
  'cycle',
  'fill',
  'tighten',
  'tighten-other',
  'begin-caliper',
  'turn-on',
  'tick',
  'stand',
  'feel',
  'side',
  'edit-side',
  'refuse',
  'accept',
  'seen-wrong',
  'identify-again',
  'stamp',
  'away',
  'night',
  'night-out',
  'stay-said',
  // Done at the other brake that its lever works.
  'there-lever',
  'there-look',
  'there-fill',
  'there-reseal',
  'there-remake',
  'there-fit-new',
  'there-stand',
] as const;

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

/** What is true of the brake in hand, and whether a pad touches its rotor: a bolt that is turned can twist its caliper. */
type Truth = TrueBrake & { rubs: boolean };

const truthOf = (seed: number): Truth => ({ ...drawBrake(randomOf(seed)), rubs: false });

const SUBJECTS: readonly Subject[] = ['rotor', 'pads', 'lever', 'runout', 'clearance', 'leaks'];
const FAR = SHEET.rotor.limit!.limitMm;
const PADS_MM = 3;

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
  'bleed-unrecorded': ['fill', 'bleed-cycle'],
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

/** What a bar is about, so that it is known again. */
const nameOfBar = (bar: Bar) =>
  [
    bar.code,
    'end' in bar && bar.end,
    'fastener' in bar && bar.fastener,
    'check' in bar && bar.check,
    'subject' in bar && bar.subject,
    'noticeId' in bar && bar.noticeId,
  ].join(' ');

const rank = (item: InspectionItem | null) =>
  item === null ? -1 : WORDS.indexOf(item.word) + (item.doNotRide ? WORDS.length : 0);
const condemned = (item: InspectionItem | null) =>
  item !== null && (item.word === 'replace' || item.doNotRide);

/** What a mechanic comes back to is done again within one visit: a history draws from few deeds, and these often. */
const AT_HAND = 7;

/** Draws a history of so many deeds. */
export function drawHistory(random: () => number, length: number): Deed[] {
  const any = () => DEEDS[Math.floor(random() * DEEDS.length)]!;
  const hand = Array.from({ length: AT_HAND }, any);
  return Array.from({ length }, () => ({
    does: hand[Math.floor(random() * AT_HAND)]!,
    seed: 1 + Math.floor(random() * 2_000_000_000),
  }));
}

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
  for (const deed of deeds) {
    const before = new Map(SUBJECTS.map((subject) => [subject, visit.item(subject)]));
    const barsBefore = visit.bars;
    const count = visit.entries.length;
    doDeed(visit, truth, deed);
    const kinds = visit.entries.slice(count).flatMap(answering);
    for (const subject of SUBJECTS) {
      const was = before.get(subject) ?? null;
      if (rank(visit.item(subject)) >= rank(was)) continue;
      const answers = isThere(deed) ? [] : ((condemned(was) ? ANSWERS : PROOFS)[subject] ?? []);
      const looked = condemned(was) && kinds.includes('look-over');
      const felt = condemned(was) && kinds.includes('test');
      const mended = (!looked || isRemade(visit)) && (!felt || isFeltAnew(visit));
      if (!(mended && kinds.some((kind) => answers.includes(kind))))
        return { what: 'better-without-an-answer', subject, by: deed.does };
    }
    const barsNow = new Set(visit.bars.map(nameOfBar));
    for (const bar of barsBefore) {
      const lifts = LIFTS[bar.code];
      if (lifts === 'by-the-thing' || barsNow.has(nameOfBar(bar))) continue;
      // The lever is one: its number is taken at either brake.
      const elsewhere =
        isThere(deed) && bar.code !== 'lever-untested' && !('end' in bar && bar.end === 'third');
      if (elsewhere || !kinds.some((kind) => lifts.includes(kind)))
        return { what: 'bar-gone-without-an-answer', subject: null, by: deed.does };
    }
    seen.crack =
      truth.crack && (seen.crack || (visit.item('rotor')?.found ?? []).includes('crack'));
    seen.leak = truth.leak && (seen.leak || (visit.item('leaks')?.doNotRide ?? false));
    seen.sinks = truth.sinksMm > 1 && (seen.sinks || (visit.item('lever')?.doNotRide ?? false));
  }
  return signedWrongly(visit, truth, seen);
}

/** The kind of an entry that may answer something; what is on, written down once more, answers nothing. */
const answering = ({ entry }: Logged): EntryKind[] =>
  entry.kind === 'fitting' && entry.condition === 'found' ? [] : [entry.kind];

/** A leak is looked away by nobody: its joint was made anew since it was found last. */
function isRemade({ job }: Visit): boolean {
  const found = job.lookedOver.filter(
    ({ area, end, found: seen }) => end === 'front' && area === 'leaks' && seen.length > 0,
  );
  return job.repaired.some(
    ({ work, end, seq }) =>
      end === 'front' && work === 'remake-joint-at-caliper' && seq > (found.at(-1)?.seq ?? 0),
  );
}

/** A lever that felt wrong is tapped right by nobody: something was done, or said by a lead, since it was felt last. */
function isFeltAnew({ entries }: Visit): boolean {
  const felt = entries.findLastIndex(
    ({ entry }) =>
      entry.kind === 'test' && entry.test === 'lever-feel' && entry.outcome === 'failed',
  );
  const answers: readonly EntryKind[] = ['repair', 'bleed-cycle', 'fill', 'fitting', 'decision'];
  const here = ({ entry }: Logged) => 'end' in entry && entry.end === 'front';
  return entries.slice(felt + 1).some((each) => here(each) && answers.includes(each.entry.kind));
}

function signedWrongly(
  visit: Visit,
  truth: Truth,
  seen: { crack: boolean; leak: boolean; sinks: boolean },
): Broken | null {
  const holds = (subject: Subject) => visit.word(subject) === 'holds';
  const past: [Subject, boolean][] = [
    ['rotor', truth.rotorMm <= FAR],
    ['pads', truth.padsMm < PADS_MM],
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

function doDeed(visit: Visit, truth: Truth, { does, seed }: Deed): void {
  const random = randomOf(seed);
  const gauge = random() < 0.8 ? GAUGES.point : GAUGES.worse;
  const rotorAt = () => readingOf(truth.rotorMm, gauge, random);
  const rule = (mm: number) => readingOf(mm, GAUGES.rule, random);
  switch (does) {
    case 'rotor':
      visit.rotor(Array.from({ length: random() < 0.5 ? 3 : 6 }, rotorAt), gauge);
      return;
    case 'rotor-again': {
      // A repeat, or a correction with words that are honest: the gauge says what it says.
      const sitting = visit.job.measured.filter(({ part }) => part === 'rotor').at(-1);
      const last = sitting?.readings.at(-1);
      if (!sitting || !last || last.place === 'zero') return;
      const repeat = random() < 0.7;
      visit.read(sitting.id, last.place, readingOf(truth.rotorMm, sitting.gauge, random), {
        replaces: repeat ? null : last.id,
      });
      return;
    }
    case 'rotor-one-point':
      visit.measure(
        'rotor',
        [
          ['zero', 0],
          ['4', rotorAt()],
        ],
        { gauge },
      );
      return;
    case 'pads':
      visit.pads(readingOf(truth.padsMm, GAUGES.point, random));
      return;
    case 'lever':
      visit.measure(
        'lever',
        [
          ['reach', rule(60)],
          ['bite', rule(20)],
          ['firm', rule(27)],
          ['sunk', rule(27 + truth.sinksMm)],
        ],
        { gauge: GAUGES.rule },
      );
      return;
    case 'lever-bite':
      visit.measure('lever', [['bite', rule(20)]], { gauge: GAUGES.rule });
      return;
    case 'runout':
      visit.runout(readingOf(truth.tirMm, GAUGES.dial, random));
      return;
    case 'gaps':
      visit.gaps(readingOf(truth.rubs ? 0 : 0.25, GAUGES.feelers, random));
      return;
    case 'look-rotor':
      visit.look('rotor', truth.crack && random() < 0.7 ? ['crack'] : []);
      return;
    case 'look-leaks':
      visit.look('leaks', truth.leak && random() < 0.7 ? ['leak-at-banjo'] : []);
      return;
    case 'look-nothing':
      visit.look(random() < 0.5 ? 'rotor' : 'leaks');
      return;
    case 'fit-new':
      visit.fit();
      Object.assign(truth, { rotorMm: 1.8, crack: false, tirMm: 0.05 });
      return;
    case 'fit-used': {
      const { rotorMm, crack, tirMm } = drawBrake(random);
      visit.fit({ condition: 'used', cameOffFor: crack && random() < 0.5 ? 'crack' : null });
      Object.assign(truth, { rotorMm, crack, tirMm });
      return;
    }
    case 'fit-pads':
      visit.fit({ part: 'pads', compound: 'organic', rebedding: 'strip-and-bed-in' });
      truth.padsMm = 4;
      return;
    case 'write-found':
      if (random() < 0.7) visit.fit({ condition: 'found' });
      else visit.fit({ part: 'pads', condition: 'found', compound: 'organic' });
      return;
    case 'take-off':
      visit.send('part-off', {
        end: 'front',
        part: random() < 0.5 ? 'rotor' : 'pads',
        goes: random() < 0.5 ? 'scrap' : 'customer',
      });
      return;
    case 'unsay': {
      const told = visit.job.told.at(-1);
      if (told) visit.send('taken-back', { of: told.id });
      return;
    }
    case 'reseal-lever':
      visit.repair('reseal-lever');
      // Half the time it was not the seal.
      if (random() < 0.5) truth.sinksMm = 0;
      return;
    case 'there-lever':
      visit.lever(rule(27), rule(27), 'third');
      return;
    case 'there-look':
      visit.look(random() < 0.5 ? 'leaks' : 'rotor', [], { end: 'third' });
      return;
    case 'there-fill':
      visit.fill('mineral', 'third');
      return;
    case 'there-reseal':
      visit.repair('reseal-lever', 'third');
      return;
    case 'there-remake':
      visit.repair('remake-joint-at-caliper', 'third');
      return;
    case 'there-fit-new':
      visit.fit({ end: 'third' });
      return;
    case 'there-stand':
      visit.test('stand', 'passed', '', 'third');
      return;
    case 'remake-joint':
      visit.repair('remake-joint-at-caliper');
      if (random() < 0.7) truth.leak = false;
      return;
    case 'clean':
      visit.repair('clean-and-bed-in');
      truth.rotorMm -= 0.02 * random();
      return;
    case 'align':
      visit.repair('centre-caliper');
      truth.rubs = random() < 0.2;
      return;
    case 'cycle':
      visit.cycle(random() < 0.6 ? 'none' : 'many');
      return;
    case 'fill':
      visit.fill();
      return;
    case 'tighten':
      visit.tighten('rotor-bolts');
      return;
    case 'tighten-other':
      visit.tighten('caliper-post');
      twist(truth, random);
      return;
    case 'begin-caliper':
      visit.begin('caliper-post');
      visit.turn(['snug', 'half']);
      return;
    case 'turn-on':
      // Whichever it was; a caliper is twisted by its last pass more than by its first.
      if (visit.turn(['full', 'verify']) === 'caliper-post') twist(truth, random);
      return;
    case 'tick':
      visit.tickAll();
      return;
    case 'stand': {
      const failed = standTest(visit.job, 'front')?.outcome === 'failed';
      if (truth.rubs) visit.test('stand', 'failed');
      else visit.test('stand', 'passed', failed ? 'Turns free now' : '');
      return;
    }
    case 'feel':
      visit.test('lever-feel', truth.sinksMm > 1 && random() < 0.7 ? 'failed' : 'passed');
      return;
    case 'side':
      visit.test('lever-side');
      return;
    case 'edit-side':
      visit.edit(random() < 0.5 ? 'left' : 'right');
      return;
    case 'refuse':
      visit.decide('customer-refused', random() < 0.5 ? 'rotor' : 'lever', { byLead: false });
      return;
    case 'accept':
      visit.decide('accepted-unproven', random() < 0.5 ? 'rotor' : 'lever');
      return;
    case 'seen-wrong': {
      // Whoever says so means it: what is still there is not said to be gone.
      const subject = (['rotor', 'pads', 'lever', 'leaks'] as const)[Math.floor(random() * 4)]!;
      const there = {
        rotor: truth.crack || truth.rotorMm <= FAR,
        pads: truth.padsMm < PADS_MM,
        lever: truth.sinksMm > 1,
        leaks: truth.leak,
      }[subject];
      if (!there) visit.decide('seen-wrong', subject, { byLead: random() < 0.7 });
      return;
    }
    case 'identify-again':
      visit.identify();
      return;
    case 'away':
      visit.wait(true);
      ride(truth, random);
      visit.goOn(false);
      return;
    case 'night':
      visit.nextDay();
      return;
    case 'night-out':
      // Let go for the night, and nobody wrote it.
      ride(truth, random);
      visit.nextDay();
      nightsOut(visit).push(visit.today);
      return;
    case 'stay-said': {
      // Whoever is asked says what is so.
      const since = unsaidSince(visit.job, visit.today);
      if (since === null) return;
      const back = nightsOut(visit).filter((day) => day > since);
      const worked = workedAfter(visit.job, since).find((day) => day >= back.at(-1)!);
      visit.stay(since, back.length > 0, back.length > 0 ? (worked ?? null) : null);
      return;
    }
    case 'stamp':
      visit.identify(SHEET, { stampedLimit: { limitMm: 1.5, atLimitIsWorn: true } });
      return;
  }
}

/** A bolt brought to its torque takes its caliper with it now and then. */
function twist(truth: Truth, random: () => number): void {
  truth.rubs ||= random() < 0.3;
}

/** What a ride elsewhere does to a brake that nobody looks at meanwhile. */
function ride(truth: Truth, random: () => number): void {
  truth.rotorMm -= 0.1 * random();
  truth.padsMm -= 0.5 * random();
  truth.tirMm += 0.1 * random();
  truth.crack ||= random() < 0.1;
  truth.leak ||= random() < 0.1;
  truth.rubs ||= random() < 0.1;
  if (random() < 0.2) truth.sinksMm = 2;
}

/** The mornings on which a bike was back from a night that nobody wrote down. */
const nightsOut = once((_visit: Visit): string[] => []);

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
    const brakeSeed = 1 + Math.floor(random() * 2_000_000_000);
    const deeds = drawHistory(random, 4 + Math.floor(random() * 14));
    const broken = play(brakeSeed, deeds);
    if (broken)
      return { played, broken: { ...broken, seed: brakeSeed, deeds: shrink(brakeSeed, deeds) } };
  }
  return { played: count, broken: null };
}
