import { z } from 'zod';
import { jobWords } from '../../../words/job';
import { needed } from '../../needed';
import { pinWritten } from '../../PinLine';

/** Who signs, and what is said of a bike that leaves as it is. */
export const Signature = z.object({
  pin: pinWritten,
  notRepaired: z
    .object({
      words: needed(jobWords.sayWhat.goesIntoTheRecord),
      takenBy: needed(jobWords.sayWhat.goesIntoTheRecord),
    })
    .nullable(),
});
export type Signature = z.output<typeof Signature>;
