import type { ReadStamp } from '../wear/limitInForce';
import type { End } from '../ends';
import { readStamp } from '../inspection/inspectEnd';
import type { SheetRevision } from '../sheet/sheet';
import { hasDisc } from '../kit/brakes';
import { fault, type EntryBase, type Kind } from './entry';

/** A limit read off the part itself, mm. */
export type StampedLimit = { limitMm: number; atLimitIsWorn: boolean | null } | null;

/** Which brake this is: the sheet it is judged by, and a limit read off the part. */
export interface IdentificationEntry extends EntryBase {
  kind: 'identification';
  end: End;
  sheetRevisionId: string;
  stampedLimit: StampedLimit;
  /** The stamp read once more, mm, where it was asked for twice; null where it was read once. */
  stampAgainMm?: number | null;
}

declare module './job' {
  interface Facts {
    identified: Record<
      End,
      ({ id: string; seq: number; sheet: SheetRevision; stampedLimit: StampedLimit } & By) | null
    >;
    /** Every reading of a stamp when a brake was identified, oldest first. */
    stamped: { seq: number; end: End; stamp: ReadStamp }[];
  }
}

export const identification: Kind<IdentificationEntry, { sheet: SheetRevision }> = {
  kind: 'identification',
  whose: 'bench',
  registers: ['notices'],
  fault: (job, { end }) =>
    hasDisc(job.bike, end) ? null : fault('invalid-input', 'end', 'no-disc'),
  add: (facts, { id, at, end, stampedLimit, stampAgainMm = null }, { sheet }, { seq, by }) => ({
    ...facts,
    identified: { ...facts.identified, [end]: { id, seq, at, by, sheet, stampedLimit } },
    stamped: stampedLimit
      ? [...facts.stamped, { seq, end, stamp: readStamp(stampedLimit, stampAgainMm) }]
      : facts.stamped,
  }),
};
