import type { End } from '@hold-fast/core/ends';
import { brakeAt } from '@hold-fast/core/job/visit';
import { fastenersOf } from '@hold-fast/core/procedure/hold';
import type { FastenerId } from '@hold-fast/core/torque/fasteners';
import { useState } from 'react';
import { jobWords } from '../../../words/job';
import { WithBrake } from '../JobFrame';
import { Passes } from './Passes';
import { Prepare } from './Prepare';

interface TorqueProps {
  jobId: string;
  end: End;
  /** What holds the rotor when none is named. */
  fastener: FastenerId | null;
}

/** One fastener, tightened evenly: the wrench, its setting, the thread, and every pass confirmed. */
export function Torque({ jobId, end, fastener }: TorqueProps) {
  const [afresh, setAfresh] = useState(false);
  return (
    <WithBrake jobId={jobId} end={end} title={jobWords.torque.torque}>
      {(job, identified) => {
        const named = fastener ?? fastenersOf('rotor', brakeAt(job, end))[0]!;
        const tightened = job.tightened
          .filter((each) => each.end === end && each.fastener === named)
          .at(-1);
        return tightened && !afresh ? (
          <Passes job={job} end={end} tightened={tightened} onAfresh={() => setAfresh(true)} />
        ) : (
          <Prepare
            key={named}
            job={job}
            end={end}
            fastener={named}
            identified={identified}
            onBegun={() => setAfresh(false)}
          />
        );
      }}
    </WithBrake>
  );
}
