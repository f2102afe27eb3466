import { CORNERS, type Corner } from '@hold-fast/core/clearance/corners';
import { valuesAt } from '@hold-fast/core/inspection/session';
import type { End } from '@hold-fast/core/ends';
import { append, entryOf } from '../../../data/jobWrites';
import { GapFigure } from '../../../instruments/GapFigure';
import { clearanceMore, clearanceSays } from '../inspect/findings';
import { PlaceByPlace, type NamedPlace } from './PlaceByPlace';
import { measuringWords } from '../../../words/measuring';

const GAP = { decimals: 2, fill: 'last-digits' } as const;
const PLACES: NamedPlace[] = [
  ...CORNERS.map((place) => ({
    place,
    asks: measuringWords.feelGaps.thickestFeelerThatSlidesLever,
    keying: GAP,
  })),
  {
    place: 'span',
    asks: measuringWords.feelGaps.fromTheLeadingToThe,
    keying: { decimals: 1, fill: 'plain' },
    aid: true,
  },
];

/** Four gaps between pads and rotor: what rubs, where to move the caliper, whether that can cure it. */
export function FeelGaps({ jobId, end }: { jobId: string; end: End }) {
  return (
    <PlaceByPlace
      jobId={jobId}
      end={end}
      part="clearance"
      title={measuringWords.feelGaps.feelTheGaps}
      places={PLACES}
      judged={(judgement) =>
        judgement.measurand === 'clearance'
          ? {
              ...judgement.verdict,
              says: clearanceSays(judgement.verdict),
              more: clearanceMore(judgement.verdict),
            }
          : null
      }
      figure={(measured, judgement, current, choose, width) => (
        <GapFigure
          gapsMm={Object.fromEntries(
            CORNERS.flatMap((corner) => {
              const value = valuesAt(measured.readings, corner).at(-1);
              return value === undefined ? [] : [[corner, value]];
            }),
          )}
          smallest={
            judgement?.ok && judgement.measurand === 'clearance'
              ? (judgement.verdict.smallest?.corner ?? null)
              : null
          }
          current={CORNERS.find((corner) => corner === current) ?? null}
          onCorner={(corner: Corner) => choose(corner)}
          width={Math.min(width, 360)}
        />
      )}
      facts={(job, measured) => {
        const atMid = measured.looks
          .filter(({ subject }) => subject === 'at-mid-reading')
          .at(-1)?.seen;
        return [
          {
            says: atMid
              ? measuringWords.feelGaps.wheelAtTheRotorsMid
              : measuringWords.feelGaps.wheelAnywhereTheWholeWobble,
            open: !atMid,
            onPress: () =>
              append(
                job.id,
                entryOf<'look'>({
                  kind: 'look',
                  measurementId: measured.id,
                  subject: 'at-mid-reading',
                  seen: !atMid,
                }),
              ),
          },
        ];
      }}
      next={{ says: measuringWords.feelGaps.measureTheLever, to: 'lever' }}
    />
  );
}
