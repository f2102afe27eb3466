import type { End } from '../ends';
import type { NewPart } from './stock';

/** That something of a maker's batch was put in, or may have been, with its place in the order of everything written. */
export interface BatchPutIn {
  seq: number;
  end: End;
  part: NewPart;
  batch: string;
}

/** What of a job says which batches it put in. */
export interface BatchedJob {
  id: string;
  taken: readonly (Omit<BatchPutIn, 'batch'> & { batches: readonly string[] })[];
  fittings: readonly (Omit<BatchPutIn, 'batch'> & { jobId: string; batches?: readonly string[] })[];
  told: readonly ({ kind: string; seq: number } & Partial<BatchPutIn>)[];
}

/**
 * The batches that a visit put in: of what was taken from the shelf, of what was brought by what its packet says, and of a used part what it
 * was of before.
 */
export function batchesPutIn({ id, taken, fittings, told }: BatchedJob): BatchPutIn[] {
  const brought = told
    .filter((each) => each.kind === 'part-brought')
    .map(({ batch = '', ...each }) => ({
      ...(each as Omit<BatchPutIn, 'batch'>),
      batches: [batch],
    }));
  return [...taken, ...brought, ...fittings.filter(({ jobId }) => jobId === id)].flatMap(
    ({ seq, end, part, batches = [] }) =>
      batches.filter(Boolean).map((batch) => ({ seq, end, part, batch })),
  );
}
