import { z } from 'zod';
import { jobWords } from '../../../words/job';
import { needed } from '../../needed';
import { pinWritten } from '../../PinLine';

/** Who signs, and what is said of a bike that leaves as it is. */
export const Signature = z.object({
  pin: pinWritten,
  notRepaired: z
    .object({
      words: needed(jobWords.signOff.writeItDown),
      takenBy: needed(jobWords.signOff.writeItDown),
    })
    .nullable(),
});
export type Signature = z.output<typeof Signature>;
