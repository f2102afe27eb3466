import {
  LONGEST_LOT,
  noticeFault,
  type Notice as NoticeOfCore,
} from '@hold-fast/core/notice/notice';
import { z } from 'zod';
import { Id, words, wordsOrNone } from './fields';

/** What a maker's recall or bulletin says, and of which bikes and fluid. */
export const WRITTEN = {
  title: words(120),
  words: words(1000),
  source: words(160),
  doNotRide: z.boolean(),
  maker: wordsOrNone(80),
  serialFrom: wordsOrNone(60),
  serialTo: wordsOrNone(60),
  lot: wordsOrNone(LONGEST_LOT),
};

/** A maker's recall or bulletin, as it is written down; {@link NoticeOfCore}. */
export const Notice = z
  .strictObject({
    id: Id,
    ...WRITTEN,
    sheetId: Id.nullable(),
    withdrawn: z.boolean(),
    /** Why it counts no more; empty while it does. */
    withdrawnBecause: wordsOrNone(300),
  })
  .superRefine((notice, context) => {
    const fault = noticeFault(notice);
    if (fault) context.addIssue({ code: 'custom', path: [fault.field], message: fault.code });
    if (notice.withdrawn && notice.withdrawnBecause === '')
      context.addIssue({ code: 'custom', path: ['withdrawnBecause'], message: 'say-why' });
  });
export type Notice = z.infer<typeof Notice>;

/** A change to a notice, made from one version of it. */
export const NoticeEdit = z.strictObject({ version: z.int().min(1), notice: Notice });

/** A notice as it is kept. */
export interface NoticeKept extends Notice, Pick<NoticeOfCore, 'version'> {
  writtenAt: string;
  writtenBy: string;
}

/** A bike that a notice meets. */
export interface BikeMet {
  bikeId: string;
  bikeName: string;
  maker: string;
  serial: string;
  customerName: string;
  /** For whoever may ring; null for everybody else. */
  phone: string | null;
}
