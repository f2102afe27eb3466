import { typedReading } from '@hold-fast/core/gauge/typedReading';
import { InputError } from '@hold-fast/core/inputError';
import { plausibleRotorReading } from '@hold-fast/core/wear/rotor';
import { verdictWords } from '../../../words/verdictWords';

/** A thickness as it is written, or what is wrong with it; nothing written is neither. */
export function readMm(text: string): { mm: number | null; error: string | undefined } {
  if (text.trim() === '') return { mm: null, error: undefined };
  try {
    return {
      mm: plausibleRotorReading(typedReading(text, { decimals: 2, fill: 'thickness' })),
      error: undefined,
    };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { mm: null, error: verdictWords.inputError(error.code, error.numbers) };
  }
}
