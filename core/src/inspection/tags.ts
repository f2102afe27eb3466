import type { End, Part } from '../ends';
import type { InspectionItem, Subject } from './inspectEnd';

/** A do-not-ride that hangs on a bike. */
export interface HangingTag {
  end: End;
  subject: Subject;
  /** The visit that found it, or at which the fluid went in. */
  jobId: string;
  /** Found afterwards, of a container, after so many of the shop's entries: only a later look lifts it. */
  foundAfter: number | null;
}

type Seen = Pick<InspectionItem, 'end' | 'subject' | 'doNotRide'>;
/** With its place in the order of all entries, for what was looked over. */
type SeenWhen = Seen & { seq: number };

/** What of an inspection has to be hung on the bike: every do-not-ride that does not hang there yet. */
export function toHang<Item extends Seen>(
  items: readonly Item[],
  hanging: readonly Pick<HangingTag, 'end' | 'subject'>[],
): Item[] {
  return items.filter(
    ({ end, subject, doNotRide }) =>
      doNotRide && !hanging.some((tag) => tag.end === end && tag.subject === subject),
  );
}

/**
 * Whether a visit lifts a tag: the same thing was looked at and found fit to ride, its part was replaced, or the visit
 * that found it took its finding back. What was found of a container is lifted by a later look alone. Nothing else does [P].
 */
export function liftsTag(
  tag: HangingTag,
  visit: {
    jobId: string;
    items: readonly SeenWhen[];
    replaced: readonly { end: End; part: Part }[];
  },
): boolean {
  const item = visit.items.find(({ end, subject }) => end === tag.end && subject === tag.subject);
  if (tag.foundAfter !== null)
    return item !== undefined && item.seq > tag.foundAfter && !item.doNotRide;
  if (item) return !item.doNotRide;
  return (
    tag.jobId === visit.jobId ||
    visit.replaced.some(({ end, part }) => end === tag.end && part === tag.subject)
  );
}
