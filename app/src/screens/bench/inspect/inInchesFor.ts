import type { Judgement } from '@hold-fast/core/inspection/judge';
import { inForce } from '../../../words/manner';
import { inInches } from './findings';

/** A judgement's lengths in inches where they are said so, else null. */
export function inInchesFor(judgement: Judgement | null): string | null {
  return judgement && inForce.manner.length === 'in' ? inInches(judgement) : null;
}
