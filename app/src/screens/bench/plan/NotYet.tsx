import type { RideRefusal } from '@hold-fast/core/job/rideRefusal';
import type { StepRefusal } from '@hold-fast/core/job/planStep';
import { router } from 'expo-router';
import { Button } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { Words } from '../../../ui/Words';
import { planningWords } from '../../../words/planning';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { atJob, type InJob } from '../../routes';

interface Way {
  says: string;
  to: InJob;
}

const says = planningWords.capture;
type Refusal<C extends RideRefusal['code']> = Extract<RideRefusal, { code: C }>;

/** Where what keeps a bike from being ridden is put right; the job itself says why one is not to be ridden at all. */
const WAYS: { readonly [C in RideRefusal['code']]: (why: Refusal<C>) => Way | null } = {
  'do-not-ride': () => null,
  'may-not-ride': () => null,
  'bolt-open': ({ end, fastener }) => ({
    says: says.torque(words.fastener[fastener]),
    to: `${end}/bolts?fastener=${fastener}`,
  }),
  'lever-untested': ({ end }) => ({
    says: says.measure(words.subject.lever),
    to: `${end}/lever`,
  }),
  'stand-untested': () => ({ says: says.tryItOnTheStand, to: 'sign-off' }),
  'cut-off-untested': ({ end }) => ({ says: says.tryEachCutOff, to: `${end}/check` }),
};

const keepsFromRiding = (why: StepRefusal): why is RideRefusal => why.code in WAYS;

/** Why a step may not be done yet; of what keeps a bike from being ridden, with the way to where that is put right. */
export function NotYet({ jobId, why }: { jobId: string; why: StepRefusal }) {
  const way = keepsFromRiding(why)
    ? (WAYS[why.code] as (why: RideRefusal) => Way | null)(why)
    : null;
  return (
    <Note kind="refusal" title={planningWords.stepFace.notYet}>
      <Words ink="soft">{planWords.fault(why)}</Words>
      {way ? (
        <Button
          kind="quiet"
          says={way.says}
          onPress={() => router.navigate(atJob(jobId, way.to))}
        />
      ) : null}
    </Note>
  );
}
