import { reckonHeat, type HeatAsked, type Heating } from '@hold-fast/core/heat/descent';
import { readTrack } from '@hold-fast/core/heat/track';
import type { Road } from '@hold-fast/core/heat/road';
import { InputError, type InputErrorCode } from '@hold-fast/core/inputError';
import * as Comlink from 'comlink';

/** What cannot be: an error loses its kind on the way between threads. */
interface Unreckoned {
  ok: false;
  code: InputErrorCode;
  field: string;
  numbers: Readonly<Record<string, number>>;
}
/** A descent worked out, or what of it cannot be. */
export type Heated = ({ ok: true } & Heating) | Unreckoned;
/** A track read, or why it is none. */
export type TrackRead = { ok: true; road: Road } | Unreckoned;

function answered<T extends { ok: true }>(reckon: () => T): T | Unreckoned {
  try {
    return reckon();
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const { code, field, numbers } = error;
    return { ok: false, code, field, numbers };
  }
}

const heater = {
  heat: (asked: HeatAsked, onRun: (done: number, of: number) => void): Heated =>
    answered(() => ({ ok: true, ...reckonHeat(asked, onRun) })),
  track: (xml: string): TrackRead => answered(() => ({ ok: true, road: readTrack(xml) })),
};
export type Heater = typeof heater;

Comlink.expose(heater);
