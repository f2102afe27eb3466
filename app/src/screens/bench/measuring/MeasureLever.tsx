import { valuesAt } from '@hold-fast/core/inspection/session';
import { SINK_TEST_SECONDS } from '@hold-fast/core/lever/lever';
import type { End } from '@hold-fast/core/ends';
import { useState } from 'react';
import { LeverScale } from '../../../instruments/LeverScale';
import { leverMore, leverSays } from '../inspect/findings';
import { HoldTimer } from './HoldTimer';
import { PlaceByPlace, type NamedPlace } from './PlaceByPlace';
import { measuringWords } from '../../../words/measuring';

const MM = { decimals: 1, fill: 'plain' } as const;
const PLACES: NamedPlace[] = [
  { place: 'reach', asks: measuringWords.measureLever.bladeTipToBarSquare, keying: MM },
  { place: 'bite', asks: measuringWords.measureLever.whereThePadsTouch, keying: MM },
  { place: 'firm', asks: measuringWords.measureLever.underAFirmStandardPull, keying: MM },
  { place: 'sunk', asks: measuringWords.measureLever.underTheSamePullAfter, keying: MM },
  { place: 'pumped', asks: measuringWords.measureLever.theSamePullOnceMore, keying: MM },
];

/** A lever’s reach, bite and firm travel; whether it sinks when held and firms up when pumped; the air behind it. */
export function MeasureLever({ jobId, end }: { jobId: string; end: End }) {
  const [held, setHeld] = useState(false);
  return (
    <PlaceByPlace
      jobId={jobId}
      end={end}
      part="lever"
      title={measuringWords.measureLever.measureTheLever}
      places={PLACES}
      judged={(judgement, job) =>
        judgement.measurand === 'lever'
          ? {
              ...judgement.verdict,
              says: leverSays(judgement.verdict),
              more: leverMore(judgement.verdict, job.rules.figures),
            }
          : null
      }
      figure={(measured, judgement, _current, _choose, width) => (
        <LeverScale
          reachMm={valuesAt(measured.readings, 'reach').at(-1) ?? null}
          travelMm={
            judgement?.ok && judgement.measurand === 'lever' ? judgement.verdict.travelMm : {}
          }
          width={Math.min(width, 420)}
        />
      )}
      before={(place, measured) =>
        place === 'sunk' && !held && valuesAt(measured.readings, 'sunk').length === 0 ? (
          <HoldTimer
            name={`${jobId} ${end} sink`}
            seconds={SINK_TEST_SECONDS}
            onHeld={() => setHeld(true)}
          />
        ) : null
      }
    />
  );
}
