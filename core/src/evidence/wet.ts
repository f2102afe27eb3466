import type { End } from '../ends';
import { fluidNamed, type Family } from '../fluid/families';
import {
  metAfter,
  NOTHING_MET,
  WET_PARTS,
  type Met,
  type WetEvent,
  type WetPart,
} from '../fluid/met';
import { onOneLever } from '../kit/brakes';
import { changesAt, type Change, type ChangedJob } from './changes';
import type { SaidWrong } from './findings';

/** What of a visit its fluids go by. */
export interface WetJob extends ChangedJob {
  filled: readonly { seq: number; end: End; family: Family; fluid: string }[];
  decided: readonly (SaidWrong & { decision: string })[];
  /** Since when each end is judged by the sheet it goes by now. */
  identified: Readonly<Record<End, { seq: number } | null>>;
}

/** Whether a lead said after a place in the order that a brake is not the one that earlier visits filled. */
export const isAnotherBrake = ({ decided }: Pick<WetJob, 'decided'>, end: End, since: number) =>
  decided.some(
    (said) =>
      said.end === end &&
      said.subject === 'fluid' &&
      said.decision === 'seen-wrong' &&
      said.byLead &&
      said.seq > since,
  );

/** The parts of a brake that a change makes new, or whose seals it does. */
function renewedBy({ touches, cures, mendsNothing }: Change): WetPart[] {
  if (mendsNothing) return [];
  const is: Record<WetPart, boolean> = {
    lever: touches.includes('lever-changed') || cures.includes('reseal-lever'),
    hose: cures.includes('replace-hose'),
    caliper: touches.includes('caliper-changed') || cures.includes('reseal-caliper'),
  };
  return WET_PARTS.filter((part) => is[part]);
}

/**
 * What the brake at an end has met by all that was done at a visit. A lead's word that its fluid was seen wrong says that it is not
 * the brake that earlier visits filled: what they put in counts no more, as long as the brake goes by the sheet that it was said of
 * [D].
 */
export function metAt(before: Met, job: WetJob, end: End): Met {
  const filledTogether = onOneLever(job.bike, end);
  const events: { seq: number; event: WetEvent }[] = [
    ...job.filled.flatMap(({ seq, end: at, family, fluid }) =>
      filledTogether.includes(at)
        ? [{ seq, event: { what: 'filled' as const, fluid: fluidNamed(family, fluid) } }]
        : [],
    ),
    ...changesAt(job, end).flatMap((change) => {
      const parts = renewedBy(change);
      return parts.length > 0
        ? [{ seq: change.seq, event: { what: 'renewed' as const, parts } }]
        : [];
    }),
  ];
  return metAfter(
    isAnotherBrake(job, end, job.identified[end]?.seq ?? 0) ? NOTHING_MET : before,
    events.sort((a, b) => a.seq - b.seq).map(({ event }) => event),
  );
}
