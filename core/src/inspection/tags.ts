import type { LookOver, Subject } from './inspected';
import { SYSTEM } from '../evidence/touch';
import {
  areCuredBetween,
  canMend,
  changedSince,
  changesAt,
  type Change,
  type ChangedJob,
} from '../evidence/changes';
import type { SaidWrong } from '../evidence/findings';
import { RENEWED_BY } from '../evidence/lapse';
import type { End } from '../ends';
import type { BrakeKind } from '../kit/traits';
import { cureOf, type Area, type Finding } from './findings';
import type { InspectionItem } from './inspectEnd';

/** A do-not-ride, or what the customer would not have replaced, that hangs on a bike. */
interface HangingTag {
  end: End;
  subject: Subject;
  found: readonly Finding[];
  /** The visit that found it, or at which the fluid went in. */
  jobId: string;
  /** Found afterwards, of a container, after so many of the shop's entries: only a later look lifts it. */
  foundAfter: number | null;
}

/** What of an inspection has to be hung on the bike: every do-not-ride that does not hang there yet. */
export function toHang<Item extends Pick<InspectionItem, 'end' | 'subject' | 'doNotRide'>>(
  items: readonly Item[],
  hanging: readonly Pick<HangingTag, 'end' | 'subject'>[],
): Item[] {
  return items.filter(
    ({ end, subject, doNotRide }) =>
      doNotRide && !hanging.some((tag) => tag.end === end && tag.subject === subject),
  );
}

/** What of a visit can lift a tag. */
export interface LiftingVisit extends ChangedJob {
  brakes: Readonly<Record<End, BrakeKind>>;
  items: readonly Pick<InspectionItem, 'end' | 'subject' | 'doNotRide' | 'judgement' | 'word'>[];
  lookedOver: readonly LookOver[];
  measured: readonly { id: string; seq: number; end: End; part: string }[];
  decided: readonly (SaidWrong & { decision: string })[];
}

/**
 * Whether a visit lifts a tag: its own, once nothing of it stands any more; another's, by another individual, by work that
 * can cure it and a look or the whole test good after that, or by a lead's words. What merely looks good lifts nothing [D].
 */
export function liftsTag(tag: HangingTag, visit: LiftingVisit): boolean {
  const { end, subject } = tag;
  const item = visit.items.find((each) => each.end === end && each.subject === subject);
  if (item?.doNotRide) return false;
  if (tag.jobId === visit.id && tag.foundAfter === null) return true;
  const changes = changesAt(visit, end);
  const since = tag.foundAfter ?? 0;
  if (subject === 'rotor' || subject === 'pads') {
    const another = (change: Change) =>
      canMend(change, end) && change.by.code === 'fitted' && change.by.part === subject;
    if (changes.some((change) => change.seq > since && another(change))) return true;
  } else {
    const renews = RENEWED_BY[subject as Area];
    if (renews && changedSince(changes, since, [renews])) return true;
  }
  if (saidWrong(tag, visit)) return true;
  if (subject === 'lever') return leverMended(visit, end, since);
  // Work that cures a finding on one kind of brake is not asked of another: the bike may have another brake by now.
  return visit.lookedOver.some(
    (look) =>
      look.end === end &&
      look.area === subject &&
      look.seq > since &&
      tag.found.length > 0 &&
      tag.found.every((finding) =>
        areCuredBetween(changes, [since, look.seq], cureOf(finding, visit.brakes[end].actuation)),
      ),
  );
}

/**
 * Whether a visit mends what an earlier visit's customer would not have replaced: by another individual, by work that
 * cures it and a look after that, or measured good with words why it was seen wrong [D].
 */
export function liftsAdvice(
  advice: Pick<HangingTag, 'end' | 'subject' | 'found'>,
  visit: LiftingVisit,
): boolean {
  const { end, subject } = advice;
  const item = visit.items.find((each) => each.end === end && each.subject === subject);
  const said = visit.decided.some(
    (each) => each.decision === 'seen-wrong' && each.end === end && each.subject === subject,
  );
  const good = item !== undefined && ['holds', 'watch'].includes(item.word);
  return (
    (said && good) ||
    liftsTag({ ...advice, jobId: '', foundAfter: null }, { ...visit, decided: [] })
  );
}

const saidWrong = ({ end, subject, foundAfter }: HangingTag, { decided }: LiftingVisit) =>
  decided.some(
    (said) =>
      said.decision === 'seen-wrong' &&
      said.byLead &&
      said.end === end &&
      said.subject === subject &&
      said.seq > (foundAfter ?? 0),
  );

/** The whole lever test, good, after work on the system at this visit, since what is to be lifted was hung. */
function leverMended(visit: LiftingVisit, end: End, since: number): boolean {
  const item = visit.items.find((each) => each.end === end && each.subject === 'lever');
  const last = visit.measured.filter((each) => each.end === end && each.part === 'lever').at(-1);
  if (!item || !last || !['holds', 'watch'].includes(item.word)) return false;
  return changesAt(visit, end).some(
    (change) =>
      canMend(change, end) &&
      change.seq > since &&
      change.seq < last.seq &&
      change.touches.some((touch) => SYSTEM.includes(touch)),
  );
}
