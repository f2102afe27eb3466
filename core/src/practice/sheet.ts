import { GAUGE_DEFAULTS, type Gauge, type GaugeKind } from '../gauge/gauge';
import type { SpecSheet } from '../sheet/sheet';

/** The sheet of a brake that nobody owns: for the practice bench, the tests and the adversary. */
export const PRACTICE_SHEET: SpecSheet = {
  title: 'Two pistons, mineral',
  source: 'Shop',
  brake: {
    actuation: 'hydraulic',
    pistons: 2,
    mount: 'post',
    sides: null,
    port: '',
    pistonLubricant: null,
  },
  rotor: {
    hold: 'six-bolt',
    construction: 'one-piece',
    newMm: 1.8,
    limit: { limitMm: 1.5, atLimitIsWorn: true, origin: 'sheet', tag: null },
    sizeMm: 180,
    organicOnly: false,
  },
  pads: {
    shape: '',
    newTotalMm: 4,
    plateMm: 1.8,
    plateAssumed: false,
    compounds: [],
    finned: false,
    limits: {},
    schools: [],
  },
  lever: { ratio: 5, boreMm: 10, ownGiveMl: 0.1 },
  hose: null,
  torque: [
    {
      fastener: 'rotor-bolts',
      drive: 'T25',
      boltCount: 6,
      window: { loNm: 4, hiNm: 6.2, namedNm: null, origin: 'sheet', tag: null },
      thread: 'medium-threadlocker',
    },
    {
      fastener: 'caliper-post',
      drive: '5 mm hex',
      boltCount: 2,
      window: { loNm: 6, hiNm: 8, namedNm: null, origin: 'sheet', tag: null },
      thread: 'medium-threadlocker',
    },
  ],
  fluid: {
    fluid: { family: 'mineral', blend: 'Selkie 10' },
    alsoNamedBlends: [],
    origin: 'sheet',
    tag: null,
  },
  origins: {},
};

/** Day that every practice measurement is taken on; the gauges are in calibration. */
export const PRACTICE_DAY = '2026-01-05';

/** A gauge of a kind with the doubt that is assumed of it. */
export function practiceGauge(kind: GaugeKind): Gauge {
  const { resolutionMm, uncertaintyMm, anvils } = GAUGE_DEFAULTS[kind];
  return { kind, resolutionMm, uncertaintyMm, anvils, calibrationDueOn: '2027-01-01' };
}
