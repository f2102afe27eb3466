import type { Part } from '@hold-fast/core/ends';
import type { EntryOf } from '@hold-fast/core/job/kinds';
import {
  COMPOUNDS,
  REBEDDINGS,
  type Compound,
  type compoundAdvice,
} from '@hold-fast/core/kit/compound';
import { CONDITIONS_FITTED } from '@hold-fast/core/kit/kit';
import { GOES } from '@hold-fast/core/kit/usedPart';
import { z } from 'zod';
import { jobWords } from '../../../words/job';
import { needed } from '../../needed';
import { readMm } from './readMm';

const says = jobWords.fitPart;
type Fitted = EntryOf<'fitting'>;
export type Condition = Fitted['condition'];
export type Advice = ReturnType<typeof compoundAdvice>;

/** A thickness as it is written; empty where it is not known. */
const mm = z.string().superRefine((text, { addIssue }) => {
  const { error } = readMm(text);
  if (error) addIssue(error);
});

/**
 * What is written of a part that goes in.
 * @param adviceOn what the rotor makes of a compound
 * @param isReadTwice whether a stamp is asked for once more
 */
export const writtenPart = (
  part: Part,
  adviceOn: (compound: Compound | null, condition: Condition) => Advice | null,
  isReadTwice: (limitMm: string) => boolean,
) =>
  z
    .object({
      condition: z.enum(CONDITIONS_FITTED, says.sayWhetherItIsNew),
      description: needed(says.writeWhatItIs),
      compound: part === 'rotor' ? z.null() : z.enum(COMPOUNDS, says.readTheLetterWithoutOne),
      rebedding: z.enum(REBEDDINGS).nullable(),
      construction: z.custom<Fitted['construction']>(),
      newMm: mm,
      limitMm: mm,
      limitAgainMm: z.string(),
      organicOnly: part === 'rotor' ? z.boolean(says.sayWhetherMarked) : z.boolean().optional(),
      cameOffFor: z.custom<Fitted['cameOffFor']>(),
      goes: z.enum(GOES),
    })
    .superRefine(({ compound, condition, rebedding, limitMm, limitAgainMm }, { addIssue }) => {
      // What is not asked any more stands in nobody's way.
      const { error } = readMm(isReadTwice(limitMm) ? limitAgainMm : '');
      if (error) addIssue({ code: 'custom', path: ['limitAgainMm'], message: error });
      const advice = adviceOn(compound, condition);
      if (advice?.code === 'change' && rebedding === null)
        addIssue({ code: 'custom', path: ['rebedding'], message: says.chooseWhatIsDoneAbout });
    });

export type WrittenPart = z.infer<ReturnType<typeof writtenPart>>;
