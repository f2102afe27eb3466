import {
  isNarrower,
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

const FIELDS = z.strictObject({
  id: Id,
  ...WRITTEN,
  sheetId: Id.nullable(),
  withdrawn: z.boolean(),
  /** Why it counts no more; empty while it does. */
  withdrawnBecause: wordsOrNone(300),
});

const says = (field: string, code: string) => ({
  code: 'custom' as const,
  path: [field],
  message: code,
});
function mayStand(notice: z.infer<typeof FIELDS>, context: z.RefinementCtx): void {
  const fault = noticeFault(notice);
  if (fault) context.addIssue(says(fault.field, fault.code));
  if (notice.withdrawn && notice.withdrawnBecause === '')
    context.addIssue(says('withdrawnBecause', 'why-no-more'));
}

/** A maker's recall or bulletin, as it is written down; {@link NoticeOfCore}. */
export const Notice = FIELDS.superRefine(mayStand);
export type Notice = z.infer<typeof Notice>;

/** Why it was changed to meet fewer, or to let them ride; empty where it was not. */
const Because = wordsOrNone(300);

/** A change to a notice, made from one version of it. */
export const NoticeEdit = z.strictObject({
  version: z.int().min(1),
  notice: Notice,
  because: Because,
});

/** A notice with what is said of its change, held against what stands of it (null of a new one). */
export const noticeFrom = (was: Notice | null) =>
  FIELDS.extend({ because: Because })
    .superRefine(mayStand)
    .superRefine((now, context) => {
      if (was && isNarrower(was, now) && now.because === '')
        context.addIssue(says('because', 'why-fewer'));
    });
export type NoticeInForm = z.infer<ReturnType<typeof noticeFrom>>;

/** A notice as it is kept. */
export interface NoticeKept extends Notice, Pick<NoticeOfCore, 'version'> {
  writtenAt: string;
  writtenBy: string;
  /** The last change that said why it meets fewer. */
  narrowed: { at: string; by: string; because: string } | null;
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
