import { InputError } from '../inputError';
import { micrometres } from '../units/length';

/** What of a sheet can contradict itself. */
interface Checked {
  rotor: { newMm: number | null; limit: { limitMm: number } | null };
  pads: { newTotalMm: number | null; plateMm: number | null };
  torque: readonly { window: { loNm: number; hiNm: number } }[];
}

/** What the limit of a rotor can be, mm [D]. */
export const ROTOR_LIMITS_MM = { least: 1, most: 3 } as const;

/**
 * Checks that a sheet can be judged by: new above the limit, a pad thicker than its plate, every torque window the right
 * way up.
 * @throws InputError with the path of the value at fault
 */
export function judgeableSheet({ rotor, pads, torque }: Checked): void {
  const { least, most } = ROTOR_LIMITS_MM;
  if (rotor.limit !== null && !(rotor.limit.limitMm >= least && rotor.limit.limitMm <= most))
    throw new InputError('implausible', 'rotor.limit.limitMm', { leastMm: least, mostMm: most });
  if (
    rotor.newMm !== null &&
    rotor.limit !== null &&
    micrometres(rotor.newMm) <= micrometres(rotor.limit.limitMm)
  )
    throw new InputError('new-not-above-limit', 'rotor.newMm', {
      newMm: rotor.newMm,
      limitMm: rotor.limit.limitMm,
    });
  if (
    pads.newTotalMm !== null &&
    pads.plateMm !== null &&
    micrometres(pads.newTotalMm) <= micrometres(pads.plateMm)
  )
    throw new InputError('thinner-than-plate', 'pads.newTotalMm', {
      thicknessMm: pads.newTotalMm,
      plateMm: pads.plateMm,
    });
  torque.forEach(({ window }, i) => {
    if (window.loNm > window.hiNm) throw new InputError('window-upside-down', `torque.${i}.window`);
  });
}
