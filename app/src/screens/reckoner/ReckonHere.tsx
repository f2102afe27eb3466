import type { End } from '@hold-fast/core/ends';
import { toldOf } from '@hold-fast/core/job/told';
import type { Job } from '@hold-fast/core/job/job';
import type { ComponentType } from 'react';
import { useBike } from '../../data/counterQueries';
import { Loading } from '../../ui/Standing';
import { WithJob } from '../bench/JobFrame';
import { AtBrakeContext } from './atBrake';
import { AirReckoner } from './AirReckoner';
import { AlignReckoner } from './AlignReckoner';
import { FaceReckoner } from './FaceReckoner';
import { FluidReckoner } from './FluidReckoner';
import { HeatReckoner } from './HeatReckoner';
import { LifeReckoner } from './LifeReckoner';
import { PadsReckoner } from './PadsReckoner';
import { RunoutReckoner } from './RunoutReckoner';
import { ShareReckoner } from './ShareReckoner';
import { ThreadReckoner } from './ThreadReckoner';
import { TroubleReckoner } from './TroubleReckoner';
import { WearReckoner } from './WearReckoner';
import { WrenchReckoner } from './WrenchReckoner';
import { CableReckoner } from './CableReckoner';
import { FitReckoner } from './FitReckoner';
import { HoseReckoner } from './HoseReckoner';
import { StopsReckoner } from './StopsReckoner';
import { LeversReckoner } from './LeversReckoner';
import { type ReckonedHere } from '../routes';

/** Calculators that are asked at a brake in a job. */
const CALCULATORS: Record<ReckonedHere, ComponentType> = {
  fit: FitReckoner,
  hose: HoseReckoner,
  levers: LeversReckoner,
  cable: CableReckoner,
  stops: StopsReckoner,
  align: AlignReckoner,
  trouble: TroubleReckoner,
  wear: WearReckoner,
  pads: PadsReckoner,
  runout: RunoutReckoner,
  life: LifeReckoner,
  air: AirReckoner,
  wrench: WrenchReckoner,
  thread: ThreadReckoner,
  face: FaceReckoner,
  fluid: FluidReckoner,
  heat: HeatReckoner,
  share: ShareReckoner,
};
export const RECKONED_HERE = Object.keys(CALCULATORS) as ReckonedHere[];

interface Props {
  jobId: string;
  end: End;
  of: ReckonedHere;
}

/** A calculator at a brake: it begins with what is known of it, and what it says is written down there. */
export function ReckonHere({ jobId, end, of }: Props) {
  return <WithJob jobId={jobId}>{(job) => <Here job={job} end={end} of={of} />}</WithJob>;
}

function Here({ job, end, of }: { job: Job; end: End; of: ReckonedHere }) {
  const bike = useBike(job.bike.id);
  if (bike.isPending && bike.fetchStatus !== 'paused') return <Loading />;
  const now = toldOf(job, 'reckoned', end).map(({ what }) => what);
  const before = (bike.data?.reckoned ?? []).filter((each) => each.end === end);
  const Calculator = CALCULATORS[of];
  return (
    <AtBrakeContext
      value={{ job, end, kept: [...now.reverse(), ...before.map(({ what }) => what)] }}
    >
      <Calculator key={`${job.id} ${end} ${of}`} />
    </AtBrakeContext>
  );
}
