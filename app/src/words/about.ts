import type { Subject } from '@hold-fast/core/inspection/inspected';
import type { EntryKind, EntryOf } from '@hold-fast/core/job/kinds';
import type { Job } from '@hold-fast/core/job/job';
import type { End } from '@hold-fast/core/ends';

/** What an entry is, so that it can be named by job, place and number wherever its job is not at hand. */
export interface About {
  tag: number | null;
  bike: string;
  kind: EntryKind;
  end: End | null;
  part: Subject | null;
  place: string | null;
  value: number | null;
}

/**
 * What an entry is.
 * @param job its job as it stands with what waits; undefined where it is not at hand
 */
export function aboutEntry(job: Job | undefined, entry: EntryOf<EntryKind>): About {
  const sitting =
    'measurementId' in entry ? job?.measured.find(({ id }) => id === entry.measurementId) : null;
  const bolts =
    'tighteningId' in entry ? job?.tightened.find(({ id }) => id === entry.tighteningId) : null;
  return {
    tag: job?.tag ?? null,
    bike: job?.bike.name ?? '',
    kind: entry.kind,
    end: ('end' in entry ? entry.end : null) ?? sitting?.end ?? bolts?.end ?? null,
    part:
      entry.kind === 'measurement'
        ? entry.part
        : entry.kind === 'decision'
          ? entry.subject
          : (sitting?.part ?? null),
    place: entry.kind === 'reading' ? entry.place : null,
    value: entry.kind === 'reading' ? entry.valueMm : null,
  };
}
