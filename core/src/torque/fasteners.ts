import type { Touch } from '../evidence/touch';
import type { Tag } from '../source';
import type { ThreadTreatment } from './thread';
import { windowOfSingleValue, type TorqueWindow } from './window';

interface FastenerRule {
  drive: string;
  /** How many there usually are at one end. */
  count: number;
  /** Usual window, N·m; the maker's sheet wins. Null where the trade only says "just holds". */
  usual: { loNm: number; hiNm: number; tag: Tag } | null;
  /** What usually goes on the thread; carbon bars take paste instead of grease. */
  thread: ThreadTreatment;
  /** Bolt size, for the clamp load; null where thread friction is not what holds. */
  size: 'M5' | 'M6' | null;
  /** Riders get hurt when it lets go: without proof there is no sign-off. */
  safety: boolean;
  /** What bringing it to its torque moves a little. */
  touches: readonly Touch[];
  /** The gaps at both ends of the clamp end equal. */
  clamp: boolean;
}

/** Every fastener of a brake, with what the trade usually asks of it. Common practice [P] unless tagged otherwise. */
const FASTENERS = {
  'rotor-bolts': {
    drive: 'T25',
    count: 6,
    usual: { loNm: 4, hiNm: 6.2, tag: 'P' },
    thread: 'medium-threadlocker',
    size: 'M5',
    safety: true,
    touches: [],
    clamp: false,
  },
  'rotor-lockring': {
    drive: 'lockring tool',
    count: 1,
    usual: { loNm: 36, hiNm: 44, tag: 'M' },
    thread: 'grease',
    size: null,
    safety: true,
    touches: [],
    clamp: false,
  },
  'caliper-post': {
    drive: '5 mm hex or T25',
    count: 2,
    usual: { loNm: 6, hiNm: 8, tag: 'P' },
    thread: 'medium-threadlocker',
    size: 'M6',
    safety: true,
    touches: ['caliper'],
    clamp: false,
  },
  'caliper-flat': {
    drive: '4 mm hex',
    count: 2,
    usual: { loNm: 5, hiNm: 7, tag: 'P' },
    thread: 'anti-seize',
    size: 'M5',
    safety: true,
    touches: ['caliper'],
    clamp: false,
  },
  'adapter-is': {
    drive: '5 mm hex',
    count: 2,
    usual: { loNm: 5, hiNm: 6, tag: 'P' },
    thread: 'medium-threadlocker',
    size: 'M6',
    safety: true,
    touches: ['caliper'],
    clamp: false,
  },
  'lever-clamp': {
    drive: '4 mm hex or T25',
    count: 2,
    usual: { loNm: 4, hiNm: 6, tag: 'M' },
    thread: 'grease',
    size: 'M5',
    safety: true,
    touches: [],
    clamp: true,
  },
  'hose-nut-lever': {
    drive: '8 mm open or crowfoot',
    count: 1,
    usual: { loNm: 5, hiNm: 6, tag: 'P' },
    thread: 'dry',
    size: null,
    safety: true,
    touches: [],
    clamp: false,
  },
  'hose-nut-caliper': {
    drive: '8 mm open or crowfoot',
    count: 1,
    usual: { loNm: 5, hiNm: 8, tag: 'M' },
    thread: 'dry',
    size: null,
    safety: true,
    touches: [],
    clamp: false,
  },
  'banjo-bolt': {
    drive: '4 or 5 mm hex',
    count: 1,
    usual: { loNm: 4, hiNm: 8, tag: 'M' },
    thread: 'dry',
    size: 'M6',
    safety: true,
    touches: [],
    clamp: false,
  },
  'stem-clamp': {
    drive: '4 or 5 mm hex',
    count: 2,
    usual: { loNm: 4, hiNm: 5, tag: 'P' },
    thread: 'grease',
    size: 'M5',
    safety: true,
    touches: [],
    clamp: true,
  },
  'pinch-bolt': {
    drive: '5 mm hex',
    count: 1,
    usual: { loNm: 6, hiNm: 8, tag: 'M' },
    thread: 'dry',
    size: null,
    safety: true,
    touches: [],
    clamp: false,
  },
  'bleed-port': {
    drive: '2, 2.5, 3 mm hex or T15',
    count: 1,
    usual: { loNm: 1, hiNm: 2, tag: 'P' },
    thread: 'dry',
    size: null,
    safety: false,
    touches: [],
    clamp: false,
  },
  'bleed-nipple': {
    drive: '7 mm spanner or 3 mm hex',
    count: 1,
    usual: { loNm: 4, hiNm: 6, tag: 'M' },
    thread: 'dry',
    size: null,
    safety: false,
    touches: [],
    clamp: false,
  },
  'pad-pin': {
    drive: '2.5 or 3 mm hex, or slot',
    count: 1,
    usual: { loNm: 2, hiNm: 4, tag: 'M' },
    thread: 'anti-seize',
    size: null,
    safety: false,
    touches: [],
    clamp: false,
  },
  /** A through axle; a quick release has none. */
  axle: {
    drive: '5 or 6 mm hex',
    count: 1,
    usual: { loNm: 10, hiNm: 15, tag: 'M' },
    thread: 'grease',
    size: null,
    safety: true,
    touches: [],
    clamp: false,
  },
  /** Just holds; the head rounds easily [P]. */
  'hose-guide': {
    drive: '2.5 mm hex',
    count: 1,
    usual: null,
    thread: 'dry',
    size: null,
    safety: false,
    touches: [],
    clamp: false,
  },
  'capped-port': {
    drive: '12 mm',
    count: 1,
    usual: null,
    thread: 'dry',
    size: null,
    safety: false,
    touches: [],
    clamp: false,
  },
} as const satisfies Record<string, FastenerRule>;

export type FastenerId = keyof typeof FASTENERS;
export const FASTENER_IDS = Object.keys(FASTENERS) as FastenerId[];

const RULES: Readonly<Record<FastenerId, FastenerRule>> = FASTENERS;
export function fastenerRule(id: FastenerId): FastenerRule {
  return RULES[id];
}

/** A window of a sheet's single value lies round it: what a sheet of before says besides was filled in by nobody. */
const roundNamed = (window: TorqueWindow): TorqueWindow => {
  const { namedNm, loNm, hiNm, origin } = window;
  return namedNm === null || (namedNm >= loNm && namedNm <= hiNm)
    ? window
    : windowOfSingleValue(namedNm, origin);
};

/** A maker's torque lies within so many times of what the trade usually asks, and so many parts of it [D]; a slip of the point is ten. */
const TIMES_USUAL = 4;

/** Whether a torque, N·m, can be one of a fastener's; of one that nobody asks a torque of, any. */
export function canBeTorque(fastener: FastenerId, torqueNm: number): boolean {
  const { usual } = fastenerRule(fastener);
  return (
    usual === null || (torqueNm >= usual.loNm / TIMES_USUAL && torqueNm <= usual.hiNm * TIMES_USUAL)
  );
}

/** What a torque step on one fastener goes by. */
export interface TorqueAsked {
  fastener: FastenerId;
  drive: string;
  boltCount: number;
  window: TorqueWindow;
  thread: ThreadTreatment;
}

/** The row of a fastener on a brake's spec sheet; null where it has none. */
export function rowOf<Row extends TorqueAsked>(
  fastener: FastenerId,
  rows: readonly Row[],
): Row | null {
  const row = rows.find((each) => each.fastener === fastener);
  return row ? { ...row, window: roundNamed(row.window) } : null;
}

/**
 * What is asked of a fastener: the sheet's row, else what the trade usually asks, as the shop's; null where nobody gives
 * a torque.
 * @param rows the torque rows of the brake's spec sheet
 */
export function askedOf(fastener: FastenerId, rows: readonly TorqueAsked[]): TorqueAsked | null {
  const row = rowOf(fastener, rows);
  if (row) return row;
  const { drive, count, usual, thread } = fastenerRule(fastener);
  if (!usual) return null;
  return {
    fastener,
    drive,
    boltCount: count,
    window: { loNm: usual.loNm, hiNm: usual.hiNm, origin: 'shop', tag: usual.tag, namedNm: null },
    thread,
  };
}
