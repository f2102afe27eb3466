import type { End } from '@hold-fast/core/ends';
import type { Deed, Visit } from './visits';

// Visits on the Bench today whose inspections show what measuring can come to, from a lone bend to a sinking lever.

type Four = [number, number, number, number];

const round3 = (mm: number) => Math.round(mm * 1000) / 1000;
/** A turn of twelve readings of a wobble made of waves: amplitude, mm, and where its first crest is, o’clock. */
const wobble = (...waves: [order: number, mm: number, oClock: number][]): number[] =>
  Array.from({ length: 12 }, (_, k) =>
    round3(
      Math.round(
        waves.reduce(
          (sum, [order, mm, oClock]) =>
            sum + mm * Math.cos((order * 2 * Math.PI * (k - oClock)) / 12),
          0,
        ) * 100,
      ) / 100,
    ),
  );
const bentAt = (oClock: number, mm: number): number[] =>
  Array.from({ length: 12 }, (_, k) => (k === oClock ? mm : 0));

const rotor = (end: End, thinnest: number, ridge = false): Deed => ({
  do: 'rotor',
  end,
  gauge: 'G2 thickness gauge',
  zero: 0,
  ridge,
  points: [0.02, 0.01, 0, 0.02, 0.03, 0.01].map((more) => round3(thinnest + more)),
});
const pads = (end: End, four: Four): Deed => ({
  do: 'pads',
  end,
  gauge: 'G2 thickness gauge',
  zero: 0,
  basis: 'total',
  four,
});
const clean = (end: End, ...areas: ('leaks' | 'hose' | 'caliper' | 'bolts')[]): Deed[] =>
  areas.map((area) => ({ do: 'look', end, area }));

const today = {
  daysAgo: 0,
  symptoms: [],
  frontLever: 'left',
  odometerKm: null,
  minutes: 40,
  signed: false,
} as const satisfies Partial<Visit>;

export const INSPECTIONS: readonly Visit[] = [
  {
    ...today,
    bike: 'pilot',
    hour: 7,
    by: 'Joss Tarrel',
    complaint: 'It rubs since the last puncture',
    symptoms: ['scrape'],
    odometerKm: 3180,
    promised: { afterDays: 0, hour: 12 },
    deeds: [
      { do: 'identify', end: 'front', sheet: 'tolve' },
      {
        do: 'fit',
        end: 'front',
        part: 'pads',
        description: 'Tolve oval',
        condition: 'found',
        compound: 'organic',
      },
      rotor('front', 1.74),
      pads('front', [3.2, 3.25, 3.65, 3.6]),
      { do: 'turn', end: 'front', points: wobble([1, 0.1, 4]), radius: 80 },
      { do: 'gaps', end: 'front', corners: [0.34, 0.34, 0.06, 0.08], span: 30, atMid: true },
      ...clean('front', 'caliper', 'leaks', 'hose', 'bolts'),
      { do: 'identify', end: 'rear', sheet: 'tolve' },
      rotor('rear', 1.73),
      { do: 'turn', end: 'rear', points: wobble([2, 0.02, 0]), radius: 80 },
      { do: 'gaps', end: 'rear', corners: [0.3, 0.28, 0.25, 0.3], span: 30, atMid: true },
      { do: 'lever', end: 'rear', reach: 62, bite: 20, firm: 27, sunk: 27 },
    ],
  },
  {
    ...today,
    bike: 'downhill5',
    hour: 7,
    by: 'Maren Okafor',
    complaint: 'Pulses after the long run, lever soft',
    symptoms: ['pulsing', 'spongy'],
    promised: { afterDays: 0, hour: 15 },
    deeds: [
      { do: 'identify', end: 'front', sheet: 'sund' },
      { do: 'turn', end: 'front', points: wobble([2, 0.2, 1]), radius: 95 },
      rotor('front', 1.8),
      {
        do: 'look',
        end: 'front',
        area: 'rotor',
        found: ['overheating-colours'],
        words: 'Blue all round the track',
      },
      { do: 'lever', end: 'front', reach: 65, bite: 22, firm: 46, sunk: 46, pumped: 38 },
      { do: 'identify', end: 'rear', sheet: 'sund' },
      { do: 'turn', end: 'rear', points: bentAt(3, 0.24), radius: 95 },
      rotor('rear', 1.78),
      pads('rear', [3.35, 3.3, 3.4, 3.35]),
      { do: 'look', end: 'rear', area: 'pads', found: ['pads-glazed'] },
    ],
  },
  {
    ...today,
    bike: 'night',
    hour: 8,
    by: 'Joss Tarrel',
    complaint: 'Rubs again after every centring',
    symptoms: ['constant-drag', 'uneven-pads'],
    frontLever: 'right',
    odometerKm: 9240,
    promised: { afterDays: 1, hour: 10 },
    deeds: [
      { do: 'identify', end: 'front', sheet: 'generic-flat-mineral' },
      {
        do: 'fit',
        end: 'front',
        part: 'pads',
        description: 'Unmarked, brought by the rider',
        condition: 'found',
        compound: 'unknown',
      },
      rotor('front', 1.69),
      pads('front', [3.8, 3.4, 3.75, 3.35]),
      { do: 'turn', end: 'front', points: wobble([1, 0.02, 2], [3, 0.02, 0]), radius: 70 },
      { do: 'gaps', end: 'front', corners: [0.3, 0.02, 0.02, 0.3], span: 28, atMid: true },
      { do: 'face', end: 'front', gap: 0.3, spacing: 34 },
      { do: 'look', end: 'front', area: 'mount', found: ['mount-rocks'] },
    ],
  },
  {
    ...today,
    bike: 'cargo',
    daysAgo: 1,
    hour: 15,
    by: 'Maren Okafor',
    complaint: 'Lever goes down at the lights',
    symptoms: ['lever-sinks', 'oil-seen'],
    promised: { afterDays: 1, hour: 15 },
    deeds: [
      { do: 'identify', end: 'front', sheet: 'generic-glycol-two' },
      { do: 'lever', end: 'front', reach: 60, bite: 22, firm: 30, sunk: 41 },
      {
        do: 'look',
        end: 'front',
        area: 'leaks',
        found: ['leak-at-hose-nut'],
        words: 'Wet under the hood, runs down the hose',
      },
      { do: 'look', end: 'front', area: 'pads', found: ['pads-soaked'] },
      { do: 'identify', end: 'rear', sheet: 'generic-cable' },
      { do: 'look', end: 'rear', area: 'cable', found: ['cable-frayed'] },
    ],
  },
  {
    ...today,
    bike: 'trike4',
    hour: 8,
    by: 'Joss Tarrel',
    complaint: 'Front noisy, lever long',
    symptoms: ['scrape', 'lever-to-bar'],
    odometerKm: 15_900,
    promised: { afterDays: 2, hour: 10 },
    deeds: [
      { do: 'identify', end: 'front', sheet: 'tolve' },
      {
        do: 'turn',
        end: 'front',
        points: wobble([1, 0.16, 2], [2, 0.15, 5], [3, 0.16, 1]),
        radius: 80,
      },
      { do: 'gaps', end: 'front', corners: [0.12, 0.1, 0.1, 0.12], atMid: true },
      pads('front', [2.9, 2.95, 2.9, 2.95]),
      { do: 'lever', end: 'front', reach: 60, bite: 40, firm: 47, sunk: 47 },
      { do: 'face', end: 'front', gap: 0.1, spacing: 74.2 },
      { do: 'identify', end: 'rear', sheet: 'tolve' },
      {
        do: 'turn',
        end: 'rear',
        points: wobble([1, 0.04, 6], [2, 0.05, 3], [3, 0.05, 8]),
        radius: 80,
      },
      { do: 'identify', end: 'third', sheet: 'tolve' },
      pads('third', [3.1, 3.15, 3.1, 3.1]),
    ],
  },
  {
    ...today,
    bike: 'keeper',
    asked: {
      cameAlong: ['lights', 'bags'],
      damage: 'Scratch on the left fork leg',
      mayRide: true,
      oldPartsBack: true,
      ringAboveCents: 8000,
    },
    hour: 8,
    by: 'Maren Okafor',
    complaint: 'Front rotor bent in the ferry’s rack',
    symptoms: ['scrape'],
    odometerKm: 5620,
    promised: { afterDays: 2, hour: 12 },
    deeds: [
      {
        do: 'identify',
        end: 'front',
        sheet: 'tolve',
        stamped: { limitMm: 1.5, atLimitIsWorn: true },
      },
      { do: 'turn', end: 'front', points: bentAt(8, -0.62), radius: 80 },
      { do: 'look', end: 'front', area: 'rotor', found: ['bent-beyond-truing'] },
      {
        do: 'fit',
        end: 'front',
        part: 'rotor',
        description: 'Two-piece 180 from the shelf',
        condition: 'used',
        construction: 'two-piece',
        stampedLimit: { limitMm: 1.4, atLimitIsWorn: null },
        cameOffFor: 'loose-rivets',
      },
      {
        do: 'rotor',
        end: 'front',
        gauge: 'G1 micrometer',
        zero: 0,
        ridge: true,
        lip: 1.6,
        points: [1.52, 1.53, 1.52, 1.54, 1.53, 1.52],
      },
    ],
  },
];
