import type { End } from '@hold-fast/core/ends';
import { SHARED_LEVERS, THIRD_PLACES, type Bike } from '@hold-fast/core/kit/bike';
import { axleOf, sideOf } from '@hold-fast/core/kit/brakes';
import { bikesWords } from '../../words/bikes';
import { capital } from '../../words/capital';
import { words } from '../../words/words';

/** Where a third brake can sit, to choose from. */
export const placesOfThird = () =>
  THIRD_PLACES.map((value) => ({ value, says: capital(bikesWords.bikeSheet.thirdPlace[value]) }));

/** Which brakes one lever works, to choose from: a third one only where there is one. */
export const leversShared = (third: boolean) =>
  SHARED_LEVERS.filter((value) => third || !value.endsWith('third')).map((value) => ({
    value,
    says: capital(bikesWords.bikeSheet.sharedLever[value]),
  }));

/** An end in words; of two brakes at one axle with the side that it is on. */
export function endSays(bike: Pick<Bike, 'thirdBrake' | 'thirdPlace'>, end: End): string {
  const side = sideOf(bike, end);
  if (side === null) return words.end[end];
  const axle = end === 'third' ? `${words.end[axleOf(bike, end)]} ` : '';
  return words.endAt(words.end[end], `${axle}${words.side[side]}`);
}
