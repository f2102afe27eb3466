import { ROTOR_SIZES_MM } from '../mount/fit';
import { canBeTorque } from '../torque/fasteners';
import { micrometres } from '../units/length';
import type { SpecSheet } from './sheet';

/** What of a sheet can contradict itself, or be a slip. */
interface Checked {
  rotor: Pick<SpecSheet['rotor'], 'newMm' | 'sizeMm'> & { limit: { limitMm: number } | null };
  pads: Pick<SpecSheet['pads'], 'newTotalMm' | 'plateMm'> & {
    limits: Partial<Record<'total' | 'friction', { limitMm: number }>>;
  };
  torque: readonly {
    fastener: SpecSheet['torque'][number]['fastener'];
    window: Pick<SpecSheet['torque'][number]['window'], 'loNm' | 'hiNm' | 'namedNm'>;
  }[];
}

/**
 * Why a sheet cannot be judged by: a number as nothing here measures, likelier a slip of the point than a maker's; new and already at its limit;
 * no friction on the plate; a window the wrong way up, or round another torque than it names; a fastener with two torques.
 */
export interface SheetFault {
  /** The path of the value at fault. */
  path: (string | number)[];
  code: 'slip' | 'new-is-worn' | 'no-friction' | 'upside-down' | 'named-outside' | 'twice';
}

interface Range {
  least: number;
  most: number;
}
const isIn = ({ least, most }: Range, value: number) => value >= least && value <= most;

/** What the limit of a rotor can be, mm [D]. */
export const ROTOR_LIMITS_MM = { least: 1, most: 3 } as const;

/** What else can be, mm [D]: a plate is usually 1.6 to 2.0 [M], 0.5 of friction the usual last limit [M]. */
const CAN_BE: Record<'newRotor' | 'size' | 'plate' | 'newPad' | 'total' | 'friction', Range> = {
  newRotor: { least: ROTOR_LIMITS_MM.least, most: 5 },
  size: ROTOR_SIZES_MM,
  plate: { least: 0.8, most: 4 },
  newPad: { least: 2, most: 12 },
  total: { least: 2, most: 4 },
  friction: { least: 0.5, most: 2.5 },
};

/** What is wrong with a sheet first, in the order of its parts; null where it can be judged by. */
export function sheetFault({ rotor, pads, torque }: Checked): SheetFault | null {
  const { total, friction } = pads.limits;
  const slips: [SheetFault['path'], number | null | undefined, Range][] = [
    [['rotor', 'limit', 'limitMm'], rotor.limit?.limitMm, ROTOR_LIMITS_MM],
    [['rotor', 'newMm'], rotor.newMm, CAN_BE.newRotor],
    [['rotor', 'sizeMm'], rotor.sizeMm, CAN_BE.size],
    [['pads', 'plateMm'], pads.plateMm, CAN_BE.plate],
    [['pads', 'newTotalMm'], pads.newTotalMm, CAN_BE.newPad],
    [['pads', 'limits', 'total', 'limitMm'], total?.limitMm, CAN_BE.total],
    [['pads', 'limits', 'friction', 'limitMm'], friction?.limitMm, CAN_BE.friction],
  ];
  for (const [path, value, range] of slips)
    if (typeof value === 'number' && !isIn(range, value)) return { path, code: 'slip' };

  if (isNoThicker(rotor.newMm, rotor.limit?.limitMm))
    return { path: ['rotor', 'newMm'], code: 'new-is-worn' };
  if (isNoThicker(pads.newTotalMm, pads.plateMm))
    return { path: ['pads', 'newTotalMm'], code: 'no-friction' };
  if (isNoThicker(total?.limitMm, pads.plateMm))
    return { path: ['pads', 'limits', 'total', 'limitMm'], code: 'no-friction' };
  if (isNoThicker(pads.newTotalMm, total?.limitMm))
    return { path: ['pads', 'newTotalMm'], code: 'new-is-worn' };
  return torqueFault(torque);
}

/** Whether a thickness, mm, is known to be no more than another. */
const isNoThicker = (mm: number | null | undefined, thanMm: number | null | undefined): boolean =>
  typeof mm === 'number' && typeof thanMm === 'number' && micrometres(mm) <= micrometres(thanMm);

function torqueFault(rows: Checked['torque']): SheetFault | null {
  for (const [i, { fastener, window }] of rows.entries()) {
    const { loNm, hiNm, namedNm } = window;
    const at = (field: keyof typeof window) => ['torque', i, 'window', field];
    for (const field of ['loNm', 'hiNm', 'namedNm'] as const) {
      const value = window[field];
      // Where one value is named, the range round it was written by nobody.
      if (value !== null && !canBeTorque(fastener, value))
        return { path: at(namedNm === null ? field : 'namedNm'), code: 'slip' };
    }
    if (loNm > hiNm) return { path: at('hiNm'), code: 'upside-down' };
    if (namedNm !== null && !isIn({ least: loNm, most: hiNm }, namedNm))
      return { path: at('namedNm'), code: 'named-outside' };
    if (rows.findIndex((each) => each.fastener === fastener) !== i)
      return { path: ['torque', i, 'fastener'], code: 'twice' };
  }
  return null;
}
