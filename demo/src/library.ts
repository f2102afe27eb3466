import { GENERIC_SHEETS } from '@hold-fast/contract/genericSheets';
import type { SpecSheetBody } from '@hold-fast/contract/sheets';
import type { z } from 'zod';

/** A sheet as written: what it leaves out is unknown. */
type Written = z.input<typeof SpecSheetBody>;

const MAKER = { origin: 'sheet', tag: null } as const;
/** One named value, spread by our own choice to 0.9 … 1.1 of it. */
const named = (nm: number) =>
  ({
    loNm: Math.round(nm * 900) / 1000,
    hiNm: Math.round(nm * 1100) / 1000,
    namedNm: nm,
    origin: 'sheet',
    tag: 'D',
  }) as const;

const clamps = (nm: number) =>
  ({
    fastener: 'lever-clamp',
    drive: '4 mm hex',
    boltCount: 2,
    window: { loNm: nm - 1, hiNm: nm + 1, namedNm: null, ...MAKER },
    thread: 'grease',
  }) as const;
const nuts = [
  {
    fastener: 'hose-nut-lever',
    drive: '8 mm crowfoot',
    boltCount: 1,
    window: { loNm: 5, hiNm: 7, namedNm: null, ...MAKER },
    thread: 'dry',
  },
  {
    fastener: 'hose-nut-caliper',
    drive: '8 mm spanner',
    boltCount: 1,
    window: { loNm: 6, hiNm: 8, namedNm: null, ...MAKER },
    thread: 'dry',
  },
] as const;
const postBolts = {
  fastener: 'caliper-post',
  drive: '5 mm hex',
  boltCount: 2,
  window: { loNm: 6, hiNm: 8, namedNm: null, ...MAKER },
  thread: 'medium-threadlocker',
} as const;

/** Spec sheets by a short name: generic ones, and those of makers that do not exist. */
export const SHEETS = {
  ...GENERIC_SHEETS,
  tolve: {
    title: 'Ostrel Tolve, two pistons',
    source: 'Ostrel sheet T2, revision C',
    brake: { actuation: 'hydraulic', pistons: 2, mount: 'post' },
    rotor: {
      hold: 'six-bolt',
      sizeMm: 180,
      construction: 'one-piece',
      newMm: 1.8,
      limit: { limitMm: 1.5, atLimitIsWorn: true, ...MAKER },
    },
    pads: {
      shape: 'Tolve oval',
      newTotalMm: 4,
      plateMm: 1.8,
      plateAssumed: false,
      compounds: ['organic', 'metallic'],
    },
    torque: [
      {
        fastener: 'rotor-bolts',
        drive: 'T25',
        boltCount: 6,
        window: named(6),
        thread: 'medium-threadlocker',
      },
      postBolts,
      clamps(5),
      ...nuts,
    ],
    fluid: { fluid: { family: 'mineral', blend: 'Selkie 10' }, alsoNamedBlends: [], ...MAKER },
    lever: { ratio: 5, boreMm: 10, ownGiveMl: 0.1 },
    hose: { boreMm: 2.1, barb: 'T barb', olive: 'T olive', kitMl: 4.5 },
  },
  sund: {
    title: 'Brannock Sund, four pistons',
    source: 'Brannock sheet 41, revision 2',
    brake: { actuation: 'hydraulic', pistons: 4, mount: 'post' },
    rotor: {
      hold: 'six-bolt',
      sizeMm: 203,
      construction: 'one-piece',
      newMm: 2,
      limit: { limitMm: 1.65, atLimitIsWorn: false, ...MAKER },
    },
    pads: {
      shape: 'Sund long',
      newTotalMm: 4.2,
      plateMm: 1.9,
      plateAssumed: false,
      compounds: ['organic', 'semi-metallic', 'metallic'],
    },
    torque: [
      {
        fastener: 'rotor-bolts',
        drive: 'T25',
        boltCount: 6,
        window: { loNm: 5, hiNm: 6.2, namedNm: null, ...MAKER },
        thread: 'new-coated',
      },
      postBolts,
      clamps(5),
      ...nuts,
    ],
    fluid: { fluid: { family: 'glycol', grade: 'DOT 5.1' }, alsoNamedBlends: [], ...MAKER },
    lever: { ratio: 5.4, boreMm: 10.5, ownGiveMl: 0.12 },
    hose: { boreMm: 2.3, barb: 'S barb', olive: 'S olive', kitMl: 6 },
  },
  pellan: {
    title: 'Haaf Pellan, two-piece rotor',
    source: 'Haaf sheet P, revision 7',
    brake: { actuation: 'hydraulic', pistons: 2, mount: 'flat' },
    rotor: {
      hold: 'lockring',
      sizeMm: 160,
      construction: 'two-piece',
      newMm: 1.6,
      limit: { limitMm: 1.4, atLimitIsWorn: true, ...MAKER },
    },
    pads: {
      shape: 'Pellan square',
      newTotalMm: 3.9,
      plateMm: 1.7,
      plateAssumed: false,
      compounds: ['organic'],
    },
    torque: [
      {
        fastener: 'rotor-lockring',
        drive: 'splined lockring tool',
        boltCount: 1,
        window: named(40),
        thread: 'grease',
      },
      {
        fastener: 'caliper-flat',
        drive: '4 mm hex',
        boltCount: 2,
        window: { loNm: 5, hiNm: 7, namedNm: null, ...MAKER },
        thread: 'anti-seize',
      },
      clamps(5),
      ...nuts,
    ],
    fluid: {
      fluid: { family: 'mineral', blend: 'Harbour Blue' },
      alsoNamedBlends: ['Selkie 10'],
      ...MAKER,
    },
    lever: { ratio: 4.8, boreMm: 9.5, ownGiveMl: 0.09 },
    hose: { boreMm: 2.1, barb: 'P barb', olive: 'P olive', kitMl: 4 },
  },
} satisfies Record<string, Written>;

export type SheetName = keyof typeof SHEETS;
