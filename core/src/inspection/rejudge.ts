import { ENDS, type End } from '../ends';
import type { Job } from '../job/job';
import type { SheetRevision } from '../sheet/sheet';
import type { Word } from '../wear/verdict';
import { judgeSitting } from './inspectEnd';

/** What a sitting was judged, and what it is under another revision of the same sheet. */
export interface Rejudged {
  end: End;
  part: Job['measured'][number]['part'];
  was: Word;
  now: Word;
}

/**
 * What would be judged otherwise had the brake been judged by this revision of its sheet: the readings as they were taken, by the rules
 * of that day. A stamp on the part goes before any sheet then as now. Empty where no end was judged by another revision of it.
 */
export function rejudged(job: Job, revision: SheetRevision): Rejudged[] {
  return ENDS.flatMap((end) => {
    const identified = job.identified[end];
    if (identified?.sheet.sheetId !== revision.sheetId || identified.sheet.id === revision.id)
      return [];
    const other: Job = {
      ...job,
      identified: { ...job.identified, [end]: { ...identified, sheet: revision } },
    };
    return job.measured.flatMap((sitting): Rejudged[] => {
      if (sitting.end !== end || sitting.superseded) return [];
      const was = judgeSitting(job, sitting);
      const now = judgeSitting(other, sitting);
      return was?.ok && now?.ok && was.verdict.word !== now.verdict.word
        ? [{ end, part: sitting.part, was: was.verdict.word, now: now.verdict.word }]
        : [];
    });
  });
}
