import { Empty } from '../../ui/Standing';
import { words } from '../../words/words';

/** Beside the list, before a bike was picked. */
export default function NothingPicked() {
  return <Empty title={words.pickBike.pickABike} says={words.pickBike.itsJobsItsSealsAnd} />;
}
