import type { SpecSheetBody } from '@hold-fast/contract/sheets';

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
    brake: { actuation: 'cable', pistons: 1, mount: 'is' },
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
  tern: {
    title: 'Ostrel Tern, two pistons',
    source: 'Ostrel sheet T2, revision C',
    brake: { actuation: 'hydraulic', pistons: 2, mount: 'post' },
    rotor: {
      hold: 'six-bolt',
      construction: 'one-piece',
      newMm: 1.8,
      limit: { limitMm: 1.5, atLimitIsWorn: true, ...MAKER },
    },
    pads: { shape: 'Tern oval', newTotalMm: 4, plateMm: 1.8, plateAssumed: false },
    torque: [
      {
        fastener: 'rotor-bolts',
        drive: 'T25',
        boltCount: 6,
        window: named(6),
        thread: 'medium-threadlocker',
      },
    ],
    fluid: { fluid: { family: 'mineral', blend: 'Selkie 10' }, alsoNamedBlends: [], ...MAKER },
  },
  skua: {
    title: 'Brannock Skua, four pistons',
    source: 'Brannock sheet 41, revision 2',
    brake: { actuation: 'hydraulic', pistons: 4, mount: 'post' },
    rotor: {
      hold: 'six-bolt',
      construction: 'one-piece',
      newMm: 2,
      limit: { limitMm: 1.65, atLimitIsWorn: false, ...MAKER },
    },
    pads: { shape: 'Skua long', newTotalMm: 4.2, plateMm: 1.9, plateAssumed: false },
    torque: [
      {
        fastener: 'rotor-bolts',
        drive: 'T25',
        boltCount: 6,
        window: { loNm: 5, hiNm: 6.2, namedNm: null, ...MAKER },
        thread: 'new-coated',
      },
    ],
    fluid: { fluid: { family: 'glycol', grade: 'DOT 5.1' }, alsoNamedBlends: [], ...MAKER },
  },
  puffin: {
    title: 'Haaf Puffin, two-piece rotor',
    source: 'Haaf sheet P, revision 7',
    brake: { actuation: 'hydraulic', pistons: 2, mount: 'flat' },
    rotor: {
      hold: 'lockring',
      construction: 'two-piece',
      newMm: 1.6,
      limit: { limitMm: 1.4, atLimitIsWorn: true, ...MAKER },
    },
    pads: { shape: 'Puffin square', newTotalMm: 3.9, plateMm: 1.7, plateAssumed: false },
    torque: [
      {
        fastener: 'rotor-lockring',
        drive: 'splined lockring tool',
        boltCount: 1,
        window: named(40),
        thread: 'grease',
      },
    ],
    fluid: {
      fluid: { family: 'mineral', blend: 'Petrel Blue' },
      alsoNamedBlends: ['Selkie 10'],
      ...MAKER,
    },
  },
} as const satisfies Record<string, SpecSheetBody>;

export type SheetName = keyof typeof SHEETS;
