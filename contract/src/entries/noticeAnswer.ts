import type { NoticeAnswerEntry } from '@hold-fast/core/job/noticeAnswer';
import { z } from 'zod';
import { Id, words } from '../fields';
import { entry } from './entry';

/** {@link NoticeAnswerEntry} */
export const NoticeAnswer = z.strictObject({
  kind: z.literal('notice-answer'),
  ...entry,
  noticeId: Id,
  noticeVersion: z.int().positive(),
  words: words(300),
}) satisfies z.ZodType<NoticeAnswerEntry>;
