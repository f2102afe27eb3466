import { valuesAt } from '@hold-fast/core/inspection/session';
import type { End } from '@hold-fast/core/ends';
import { FaceFigure } from '../../../instruments/FaceFigure';
import { faceMore, faceSays } from '../findings';
import { PlaceByPlace, type NamedPlace } from './PlaceByPlace';

const PLACES: NamedPlace[] = [
  {
    place: 'gap',
    asks: 'One bolt snug, a feeler under the other lug. 25 is 0.25; 0 when none goes in.',
    keying: { decimals: 2, fill: 'last-digits' },
  },
  {
    place: 'spacing',
    asks: 'Between the two bolts. Post mount 74.2, flat mount 34.',
    keying: { decimals: 1, fill: 'plain' },
  },
  {
    place: 'pad-offset',
    asks: 'From the bolts’ line to the pad’s edge, to say how far it moves it.',
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
      title="Check the mount face"
      places={PLACES}
      judged={(judgement) =>
        judgement.part === 'mount-face'
          ? { ...judgement.face, says: faceSays(judgement.face), more: faceMore(judgement.face) }
          : null
      }
      figure={(measured, judgement, _current, _choose, width) => (
        <FaceFigure
          angleDegrees={
            judgement?.ok && judgement.part === 'mount-face' ? judgement.face.angleDegrees : null
          }
          gapMm={valuesAt(measured.readings, 'gap').at(-1) ?? null}
          width={Math.min(width, 360)}
        />
      )}
    />
  );
}
