import type { End } from '@hold-fast/core/ends';
import {
  descentHeat,
  sizesBeside,
  whatHelps,
  type Descent,
  type EndHeat,
  type SizeHeat,
} from '@hold-fast/core/heat/descent';
import { InputError, type InputErrorCode } from '@hold-fast/core/inputError';
import * as Comlink from 'comlink';

export interface HeatAsked {
  descent: Descent;
  freshBoilsC: number | null;
  largestMm: Readonly<Record<End, number>>;
}

/** A descent worked out, or what of it cannot be: an error loses its kind on the way between threads. */
export type Heating =
  | {
      ok: true;
      heat: Record<End, EndHeat>;
      sizes: SizeHeat[];
      helps: ReturnType<typeof whatHelps>;
    }
  | { ok: false; code: InputErrorCode; field: string; numbers: Readonly<Record<string, number>> };

const heater = {
  heat: ({ descent, freshBoilsC, largestMm }: HeatAsked): Heating => {
    try {
      return {
        ok: true,
        heat: descentHeat(descent),
        sizes: sizesBeside(descent, largestMm),
        helps: whatHelps(descent, freshBoilsC, largestMm),
      };
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      const { code, field, numbers } = error;
      return { ok: false, code, field, numbers };
    }
  },
};
export type Heater = typeof heater;

Comlink.expose(heater);
