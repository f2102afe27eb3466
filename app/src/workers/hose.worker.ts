import { hoseNeed, type HoseNeed, type HoseRun } from '@hold-fast/core/hose/hose';
import { InputError, type InputErrorCode } from '@hold-fast/core/inputError';
import * as Comlink from 'comlink';

/** What a run of hose needs, or what of it cannot be: an error loses its kind on the way between threads. */
type Swept =
  | { ok: true; need: HoseNeed }
  | { ok: false; code: InputErrorCode; field: string; numbers: Readonly<Record<string, number>> };

const sweeper = {
  sweep: (run: HoseRun): Swept => {
    try {
      return { ok: true, need: hoseNeed(run) };
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      const { code, field, numbers } = error;
      return { ok: false, code, field, numbers };
    }
  },
};
export type Sweeper = typeof sweeper;

Comlink.expose(sweeper);
