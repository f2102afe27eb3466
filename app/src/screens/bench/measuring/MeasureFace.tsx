import { valuesAt } from '@hold-fast/core/inspection/session';
import type { End } from '@hold-fast/core/ends';
import { FaceFigure } from '../../../instruments/FaceFigure';
import { faceMore, faceSays } from '../inspect/findings';
import { PlaceByPlace, type NamedPlace } from './PlaceByPlace';
import { measuringWords } from '../../../words/measuring';

const PLACES: NamedPlace[] = [
  {
    place: 'gap',
    asks: measuringWords.measureFace.oneBoltSnugAFeeler,
    keying: { decimals: 2, fill: 'last-digits' },
  },
  {
    place: 'spacing',
    asks: measuringWords.measureFace.betweenTheTwoBoltsPost,
    keying: { decimals: 1, fill: 'plain' },
  },
  {
    place: 'pad-offset',
    asks: measuringWords.measureFace.fromTheBoltsLineTo,
    keying: { decimals: 1, fill: 'plain' },
    aid: true,
  },
];

/** Does the caliper rock on its mount, and by what angle? */
export function MeasureFace({ jobId, end }: { jobId: string; end: End }) {
  return (
    <PlaceByPlace
      jobId={jobId}
      end={end}
      part="mount-face"
      title={measuringWords.measureFace.checkTheMountFace}
      places={PLACES}
      judged={(judgement) =>
        judgement.measurand === 'mount-face'
          ? {
              ...judgement.verdict,
              says: faceSays(judgement.verdict),
              more: faceMore(judgement.verdict),
            }
          : null
      }
      figure={(measured, judgement, _current, _choose, width) => (
        <FaceFigure
          angleDegrees={
            judgement?.ok && judgement.measurand === 'mount-face'
              ? judgement.verdict.angleDegrees
              : null
          }
          gapMm={valuesAt(measured.readings, 'gap').at(-1) ?? null}
          width={Math.min(width, 360)}
        />
      )}
    />
  );
}
