import type { z } from 'zod';
import type { SpecSheetBody } from './sheets';

// What a shop begins with: sheets of no maker, by the kind of brake. Each value is the shop's own and carries its tag; what a maker
// says goes over all of it.

type Written = z.input<typeof SpecSheetBody>;

const SHOP = { origin: 'shop', tag: 'P' } as const;
const MEMORY = { origin: 'shop', tag: 'M' } as const;

/** Usual six-bolt row of the trade, for sheets that have none of their own. */
const USUAL_ROTOR_BOLTS = {
  fastener: 'rotor-bolts',
  drive: 'T25',
  boltCount: 6,
  window: { loNm: 4, hiNm: 6.2, namedNm: null, ...SHOP },
  thread: 'medium-threadlocker',
} as const;

const OWN = 'The shop’s own values, by common practice';

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

/** Generic spec sheets by a short name. */
export const GENERIC_SHEETS = {
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
} satisfies Record<string, Written>;
