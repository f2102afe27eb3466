import { CORNERS } from '../clearance/corners';
import { readingOf } from '../evidence/brake';
import { judge, type Judgement } from '../inspection/judge';
import type { Basis, MeasuringSession } from '../inspection/session';
import type { Standard } from '../inspection/standard';
import { isFor } from '../kit/traits';
import type { Measurand } from '../measurand/measurand';
import { randomOf } from '../random';
import { CAUSE_IDS, causeRule, OFTEN } from '../trouble/causes';
import { USUAL_TABLE } from '../trouble/engine';
import { saidBy } from '../trouble/evidence';
import { CHECK_IDS, checkRule, type BenchSign, type Check, type Evidence } from '../trouble/signs';
import type { Word } from '../wear/verdict';
import { PAD_PLACES } from '../wear/pads';
import type { GaugeKind } from '../gauge/gauge';
import { hiddenBrake, type HiddenBrake, type Trouble } from './hidden';
import { practiceGauge, PRACTICE_DAY, PRACTICE_SHEET } from './sheet';

/** Checks that read numbers, with what is read, by which gauge and how. */
const MEASURED: Readonly<
  Partial<
    Record<
      Check,
      { measurand: Measurand; gauge: GaugeKind; basis: Basis | null; points: number | null }
    >
  >
> = {
  'sponge-test': { measurand: 'lever', gauge: 'rule', basis: 'travel', points: null },
  'measure-pads': {
    measurand: 'pads',
    gauge: 'digital-caliper',
    basis: 'total',
    points: null,
  },
  'corner-gaps': { measurand: 'clearance', gauge: 'feeler-gauges', basis: null, points: null },
  'rock-and-feeler': { measurand: 'mount-face', gauge: 'feeler-gauges', basis: null, points: null },
  'dial-sweep': { measurand: 'runout', gauge: 'dial-indicator', basis: null, points: 12 },
  'thickness-sweep': { measurand: 'rotor', gauge: 'outside-micrometer', basis: null, points: 8 },
};

/** Between the bolts of the caliper, mm: what the practice brake has. */
const SPACING_MM = 74.2;
const REACH_MM = 60;
/** A sheet that knows its lever from its own source. */
const OF_CABLE = {
  ...PRACTICE_SHEET,
  brake: { ...PRACTICE_SHEET.brake, actuation: 'cable' as const },
};

export interface Seen {
  check: Check;
  /** What it shows; a sign that the numbers do not decide is left out. */
  signs: Partial<Record<BenchSign, boolean>>;
  /** What was read, and what the rules make of it. */
  measured: {
    measurand: Measurand;
    session: MeasuringSession;
    judgement: Judgement;
    word: Word;
  } | null;
}

/** The checks that can tell something of a brake: no hose is dried where there is none. */
export function checksOn({ actuation }: Pick<Trouble, 'actuation'>): Check[] {
  const causes = CAUSE_IDS.filter((cause) =>
    isFor(causeRule(cause).on, { actuation, banjo: false }),
  );
  return CHECK_IDS.filter((check) =>
    checkRule(check).reveals.some((sign) =>
      causes.some((cause) => cause !== 'none' && USUAL_TABLE.shows[cause][sign] >= OFTEN.often),
    ),
  );
}

/** What a check shows at a hidden brake: numbers come from the truth, off by what the gauge may be off. */
export function lookAt(trouble: Trouble, seed: number, check: Check): Seen {
  const brake = hiddenBrake(trouble, seed);
  const how = MEASURED[check];
  const measured = how ? measure(trouble, brake, how, seed + CHECK_IDS.indexOf(check) + 1) : null;
  const signs: Seen['signs'] = {};
  for (const sign of checkRule(check).reveals) {
    const seen =
      measured && sign !== 'gaps-closed'
        ? saidBy(sign, measured.judgement)
        : trouble.there.includes(sign);
    if (seen !== null) signs[sign] = seen;
  }
  return { check, signs, measured };
}

function measure(
  trouble: Trouble,
  brake: HiddenBrake,
  how: NonNullable<(typeof MEASURED)[Check]>,
  seed: number,
  as: 'read' | 'it-is' = 'read',
): NonNullable<Seen['measured']> {
  const random = randomOf(seed);
  const known = practiceGauge(how.gauge);
  const gauge = as === 'read' ? known : { ...known, ...EXACT };
  const read = (place: string, trueMm: number, signed = false) => ({
    id: place,
    place,
    valueMm: signed
      ? Math.sign(trueMm) * readingOf(Math.abs(trueMm), gauge, random)
      : readingOf(trueMm, gauge, random),
    replaces: null,
  });
  const session: MeasuringSession = {
    gauge,
    basis: how.basis,
    pointCount: how.points,
    measuredOn: PRACTICE_DAY,
    readings: numbersOf(how.measurand, brake, how.points ?? 0, trouble.actuation !== 'cable').map(
      ([place, mm]) => read(place, mm, how.measurand === 'runout'),
    ),
    looks: [
      { subject: 'ridge', seen: false },
      { subject: 'at-mid-reading', seen: true },
    ],
  };
  const dial = practiceGauge('dial-indicator');
  const standard: Standard = {
    sheet: trouble.actuation === 'cable' ? OF_CABLE : PRACTICE_SHEET,
    stamps: [],
    // The wheel stands where the dial reads its middle, so the wobble is known.
    runout: {
      tirMm: readingOf(brake.tirMm, dial, random),
      doubtMm: dial.uncertaintyMm,
      proven: true,
    },
  };
  const judgement = judge(how.measurand, session, standard);
  const word = judgement.ok ? judgement.verdict.word : 'unproven';
  return { measurand: how.measurand, session, judgement, word };
}

/** The true numbers at each place that is read. */
function numbersOf(
  measurand: Measurand,
  brake: HiddenBrake,
  points: number,
  hydraulic: boolean,
): [string, number][] {
  const turn = (at: (i: number) => number): [string, number][] =>
    Array.from({ length: points }, (_, i) => [String(i + 1), at(i)]);
  switch (measurand) {
    case 'pads':
      return [['zero', 0], ...PAD_PLACES.map((place): [string, number] => [place, brake.padsMm])];
    case 'rotor':
      return [
        ['zero', 0],
        ...turn((i) => brake.rotorMm + (i < points / 2 ? 0 : brake.variationMm)),
      ];
    case 'runout':
      return turn((i) =>
        brake.tilted
          ? (brake.tirMm / 2) * Math.sin((2 * Math.PI * i) / points)
          : // Bent at one place.
            [0, 0.5, 1, 0.5][i] !== undefined
            ? brake.tirMm * [0, 0.5, 1, 0.5][i]!
            : 0,
      );
    case 'clearance':
      return CORNERS.map((corner) => [corner, brake.gapsMm[corner]]);
    case 'lever':
      return [
        ['reach', REACH_MM],
        ['bite', brake.biteMm],
        ['firm', brake.firmMm],
        ...(hydraulic ? ([['sunk', brake.firmMm + brake.sinksMm]] as [string, number][]) : []),
      ];
    case 'mount-face':
      return [
        ['gap', brake.faceGapMm],
        ['spacing', SPACING_MM],
      ];
  }
}

/** No gauge is so good: what it reads is what is true. */
const EXACT = { uncertaintyMm: 0.0005, resolutionMm: 0.001 } as const;

/** Which of pads and rotor is truly worn out, whoever looks. */
export function wornOut(trouble: Trouble, seed: number): ('pads' | 'rotor')[] {
  const brake = hiddenBrake(trouble, seed);
  return (['measure-pads', 'thickness-sweep'] as const).flatMap((check) => {
    const { measurand, word } = measure(trouble, brake, MEASURED[check]!, seed, 'it-is');
    return word === 'replace'
      ? [measurand === 'pads' ? ('pads' as const) : ('rotor' as const)]
      : [];
  });
}

/** All that is known after these checks: what the rider said, and what they showed. */
export function evidenceAfter(trouble: Trouble, seed: number, checks: readonly Check[]): Evidence {
  return Object.assign(
    Object.fromEntries(trouble.complaint.map((symptom) => [symptom, true])),
    ...checks.map((check) => lookAt(trouble, seed, check).signs),
  ) as Evidence;
}
