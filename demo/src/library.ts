import type { SpecSheetBody } from '@hold-fast/contract/sheets';
import type { z } from 'zod';

/** A sheet as written: what it leaves out is unknown. */
type Written = z.input<typeof SpecSheetBody>;

const SHOP = { origin: 'shop', tag: 'P' } as const;
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

/** Usual six-bolt row of the trade, for sheets that have none of their own. */
const USUAL_ROTOR_BOLTS = {
  fastener: 'rotor-bolts',
  drive: 'T25',
  boltCount: 6,
  window: { loNm: 4, hiNm: 6.2, namedNm: null, ...SHOP },
  thread: 'medium-threadlocker',
} as const;

const OWN = 'The shop’s own values, by common practice';
const MEMORY = { origin: 'shop', tag: 'M' } as const;

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

/** What a generic sheet says for want of a maker's: usual values, each marked as such. */
const usual: Pick<Written, 'source' | 'pads' | 'torque' | 'fluid'> = {
  source: OWN,
  pads: { shape: '', newTotalMm: 4, plateMm: 1.8, plateAssumed: true },
  torque: [USUAL_ROTOR_BOLTS],
  fluid: null,
};
const usualRotor = {
  hold: 'six-bolt',
  construction: 'one-piece',
  newMm: 1.8,
  limit: { limitMm: 1.5, atLimitIsWorn: null, ...SHOP },
} as const;
/** Lever ratio and bore from memory: the sponge test may condemn by them. */
const usualLever: Pick<Written, 'lever' | 'origins'> = {
  lever: { ratio: 5, boreMm: 10, ownGiveMl: null },
  origins: {
    'rotor.newMm': MEMORY,
    'pads.plateMm': MEMORY,
    'lever.ratio': MEMORY,
    'lever.boreMm': MEMORY,
  },
};
const glycol = (grade: 'DOT 4' | 'DOT 5.1'): Written['fluid'] => ({
  fluid: { family: 'glycol', grade },
  alsoNamedBlends: [],
  ...SHOP,
});
/** Every maker's mineral fluid is its own: the sheet is adapted once its name was read off the lever. */
const UNREAD_MINERAL: Written['fluid'] = {
  fluid: { family: 'mineral', blend: 'as named on the lever' },
  alsoNamedBlends: [],
  ...SHOP,
};

/** Spec sheets by a short name: generic ones, and those of makers that do not exist. */
export const SHEETS = {
  'generic-post': {
    title: 'Generic post mount, two pistons',
    source: OWN,
    brake: { actuation: 'hydraulic', pistons: 2, mount: 'post' },
    rotor: {
      hold: 'six-bolt',
      construction: 'one-piece',
      newMm: 1.8,
      limit: { limitMm: 1.5, atLimitIsWorn: null, ...SHOP },
    },
    pads: { shape: '', newTotalMm: 4, plateMm: 1.8, plateAssumed: true },
    torque: [USUAL_ROTOR_BOLTS],
    fluid: null,
  },
  'generic-flat': {
    title: 'Generic flat mount, two pistons',
    source: OWN,
    brake: { actuation: 'hydraulic', pistons: 2, mount: 'flat' },
    rotor: {
      hold: 'lockring',
      construction: 'one-piece',
      newMm: 1.8,
      limit: { limitMm: 1.5, atLimitIsWorn: null, ...SHOP },
    },
    pads: { shape: '', newTotalMm: 4, plateMm: 1.8, plateAssumed: true },
    torque: [
      {
        fastener: 'rotor-lockring',
        drive: 'lockring tool',
        boltCount: 1,
        window: { loNm: 36, hiNm: 44, namedNm: 40, origin: 'shop', tag: 'M' },
        thread: 'grease',
      },
    ],
    fluid: null,
  },
  'generic-glycol-four': {
    title: 'Generic four pistons, glycol',
    source: OWN,
    brake: { actuation: 'hydraulic', pistons: 4, mount: 'post' },
    rotor: {
      hold: 'six-bolt',
      construction: 'one-piece',
      newMm: null,
      limit: { limitMm: 1.5, atLimitIsWorn: null, ...SHOP },
    },
    pads: { shape: '', newTotalMm: 4, plateMm: 1.8, plateAssumed: true },
    torque: [USUAL_ROTOR_BOLTS],
    fluid: { fluid: { family: 'glycol', grade: 'DOT 4' }, alsoNamedBlends: [], ...SHOP },
  },
  'generic-cable': {
    title: 'Generic cable, one-sided',
    source: OWN,
    brake: { actuation: 'cable', pistons: 1, mount: 'is', sides: 'one-sided' },
    rotor: {
      hold: 'six-bolt',
      construction: 'one-piece',
      newMm: 1.8,
      limit: { limitMm: 1.5, atLimitIsWorn: null, ...SHOP },
    },
    pads: { shape: '', newTotalMm: 4, plateMm: 1.8, plateAssumed: true },
    torque: [USUAL_ROTOR_BOLTS],
    fluid: null,
  },
  'generic-flat-mineral': {
    ...usual,
    ...usualLever,
    title: 'Generic flat mount, mineral',
    brake: {
      actuation: 'hydraulic',
      pistons: 2,
      mount: 'flat',
      port: 'screw and cup at the lever',
    },
    rotor: { ...usualRotor, sizeMm: 160 },
    fluid: UNREAD_MINERAL,
  },
  'generic-is': {
    ...usual,
    ...usualLever,
    title: 'Generic IS mount with adapter',
    brake: { actuation: 'hydraulic', pistons: 2, mount: 'is', port: 'nipple at the caliper' },
    rotor: { ...usualRotor, sizeMm: 160 },
    fluid: UNREAD_MINERAL,
  },
  'generic-mineral-four': {
    ...usual,
    ...usualLever,
    title: 'Generic four pistons, mineral',
    brake: { actuation: 'hydraulic', pistons: 4, mount: 'post', port: 'nipple and cup' },
    rotor: { ...usualRotor, newMm: 2, sizeMm: 203 },
    fluid: UNREAD_MINERAL,
  },
  'generic-glycol-two': {
    ...usual,
    ...usualLever,
    title: 'Generic post mount, glycol',
    brake: { actuation: 'hydraulic', pistons: 2, mount: 'post', port: 'valves at both ends' },
    rotor: { ...usualRotor, sizeMm: 180 },
    fluid: glycol('DOT 5.1'),
  },
  'generic-cable-both': {
    ...usual,
    title: 'Generic cable, two-sided',
    brake: { actuation: 'cable', pistons: 2, mount: 'post', sides: 'two-sided' },
    rotor: { ...usualRotor, sizeMm: 160 },
  },
  'generic-cable-hydraulic': {
    ...usual,
    title: 'Generic cable-pulled hydraulic',
    brake: { actuation: 'cable-pulled-hydraulic', pistons: 2, mount: 'flat' },
    rotor: { ...usualRotor, sizeMm: 160 },
    fluid: UNREAD_MINERAL,
  },
  'generic-two-piece': {
    ...usual,
    ...usualLever,
    title: 'Generic two-piece rotor, splined',
    brake: { actuation: 'hydraulic', pistons: 2, mount: 'post' },
    rotor: {
      hold: 'lockring',
      construction: 'two-piece',
      newMm: null,
      limit: { limitMm: 1.4, atLimitIsWorn: null, origin: 'shop', tag: 'P' },
      sizeMm: 180,
    },
    torque: [],
    fluid: UNREAD_MINERAL,
  },
  'generic-organic-only': {
    ...usual,
    ...usualLever,
    title: 'Generic organic-only rotor',
    brake: { actuation: 'hydraulic', pistons: 2, mount: 'flat' },
    rotor: { ...usualRotor, sizeMm: 140, organicOnly: true },
    pads: { ...usual.pads, compounds: ['organic'] },
    fluid: UNREAD_MINERAL,
  },
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
