import { axleOf } from '@hold-fast/core/kit/brakes';
import { figureOf } from '@hold-fast/core/figure/brakeFigure';
import type { Job } from '@hold-fast/core/job/job';
import { figureBrakeAt } from '@hold-fast/core/job/visit';
import type { PlannedStep } from '@hold-fast/core/plan/planner';
import { taskAt, type Visit } from '@hold-fast/core/plan/visit';
import { useWindowDimensions } from 'react-native';
import { BrakeFigure } from '../../../instruments/brake/BrakeFigure';
import { size, space } from '../../../ui/tokens';

interface Props {
  job: Job;
  visit: Visit;
  next: PlannedStep;
  /** A number that counts stands below: on a low screen the drawing makes room for it. */
  counts: boolean;
}

/** The brake of the step in hand, drawn as large as the height leaves room for. */
export function StepFigure({ job, visit, next: { step, end }, counts }: Props) {
  const { width, height } = useWindowDimensions();
  const task = end === null ? undefined : taskAt(visit)[end];
  if (step === 'wash-hands' || end === null || !task) return null;
  if (counts && height < size.tall) return null;
  const most = height >= size.tall ? size.figure + space.xl : size.figure - space.xxl;
  const brake = figureBrakeAt(job, end, task.brake);
  return (
    <BrakeFigure
      figure={figureOf(step, task.start, brake)}
      brake={brake}
      axle={axleOf(job.bike, end)}
      width={Math.min(width - 2 * space.l, height >= size.small ? most : size.figure / 2)}
    />
  );
}
