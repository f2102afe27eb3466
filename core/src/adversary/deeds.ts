import { readingOf, drawBrake } from '../evidence/brake';
import { standTest } from '../evidence/trials';
import { doRefusal } from '../job/planStep';
import { unsaidSince, workedAfter } from '../job/stay';
import { once } from '../once';
import { randomOf, seedBy } from '../random';
import { STEP_IDS } from '../procedure/steps';
import { isPlanned, PLANNED, workByPlan } from './planned';
import { PADS_WORN_MM, ride, ROTOR_WORN_MM, twist, type Truth } from './truth';
import { GAUGES, SHEET, type Visit } from './visit';

// What a mechanic does who means well and is in a hurry: reads inside the gauges' doubt, forgets, repeats, works in odd orders and
// fits used parts.

/** What somebody does, with the numbers chance gave them: played again, it is the same. */
export interface Deed {
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
  // Said by a slip of the hand, and taken back at once.
  'slip-of-a-step',
  'slip-of-a-word',
  'slip-of-a-part',
  'slip-of-work',
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
  ...PLANNED,
  // Done at the other brake that its lever works.
  'there-lever',
  'there-look',
  'there-fill',
  'there-reseal',
  'there-remake',
  'there-fit-new',
  'there-stand',
] as const;

/** What a mechanic comes back to is done again within one visit: a history draws from few deeds, and these often. */
const AT_HAND = 7;
const FRONT = { end: 'front' } as const;
/** How many of the histories work by a plan, of one. */
const WITH_A_PLAN = 0.12;

/** Draws a history of so many deeds. */
export function drawHistory(random: () => number, length: number): Deed[] {
  const any = () => DEEDS[Math.floor(random() * DEEDS.length)]!;
  const byPlan: readonly Deed['does'][] = random() < WITH_A_PLAN ? ['plan', 'steps', 'steps'] : [];
  const hand = [...byPlan, ...Array.from({ length: AT_HAND - byPlan.length }, any)];
  return Array.from({ length }, () => ({
    does: hand[Math.floor(random() * AT_HAND)]!,
    seed: seedBy(random),
  }));
}

/** Does it to a brake as it truly is, and writes down what the mechanic would; between two steps of a plan somebody looks how all stands. */
export function doDeed(
  visit: Visit,
  truth: Truth,
  { does, seed }: Deed,
  look: () => void = () => undefined,
): void {
  const random = randomOf(seed);
  const then = (next: Deed['does']) => doDeed(visit, truth, { does: next, seed: seedBy(random) });
  if (isPlanned(does)) return workByPlan(visit, truth, does, random, { then, look });
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
    case 'slip-of-a-step': {
      const free = STEP_IDS.filter((step) => doRefusal(visit.job, step, 'front') === null);
      const step = free[Math.floor(random() * free.length)];
      if (step && visit.step(step) === null) visit.step(step, 'taken-back');
      return;
    }
    case 'slip-of-a-word': {
      const words = [
        () =>
          visit.send('bleed-cycle', {
            ...FRONT,
            method: 'gravity-down',
            bubbles: 'none',
            colour: '',
            ml: 5,
          }),
        () => visit.send('bite', { ...FRONT, rose: true }),
        () => visit.send('radial', { ...FRONT, eMm: 0.25, washersMm: [] }),
        () => visit.send('witness', { ...FRONT, ring: 'even' }),
        () => visit.send('bedding-pull', { ...FRONT, fromKmh: 25, toKmh: 5 }),
      ];
      if (words[Math.floor(random() * words.length)]!() === null)
        visit.send('taken-back', { of: visit.last });
      return;
    }
    case 'slip-of-a-part': {
      const part = random() < 0.7 ? 'rotor' : 'pads';
      const old = { condition: 'used', cameOffFor: random() < 0.2 ? 'crack' : null } as const;
      const fitted = part === 'pads' ? { compound: 'organic' as const } : {};
      visit.fit({ part, ...fitted, ...(random() < 0.4 ? old : {}), rebedding: 'strip-and-bed-in' });
      const slip = visit.last;
      // What is read before it is noticed is read of what is on, or of the one that went on at another brake.
      if (random() < 0.4) then(part);
      if (part === 'rotor' && random() < 0.3) visit.rotor([1.8, 1.8, 1.8]);
      if (random() < 0.3) visit.look(part);
      if (random() < 0.3) then('tighten');
      if (random() < 0.3) then('stand');
      visit.send('taken-back', { of: slip });
      return;
    }
    case 'slip-of-work': {
      const works = [
        ['remake-joint-at-caliper', 'look-leaks'],
        ['reseal-lever', 'lever'],
        ['centre-caliper', 'gaps'],
        ['true-rotor', 'runout'],
      ] as const;
      const [work, test] = works[Math.floor(random() * works.length)]!;
      const of = visit.repair(work).job.repaired.at(-1)!.id;
      if (random() < 0.5) then(test);
      if (random() < 0.3) then('stand');
      visit.send('taken-back', { of });
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
        rotor: truth.crack || truth.rotorMm <= ROTOR_WORN_MM,
        pads: truth.padsMm < PADS_WORN_MM,
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

/** The mornings on which a bike was back from a night that nobody wrote down. */
const nightsOut = once((_visit: Visit): string[] => []);
