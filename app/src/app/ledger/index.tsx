import { Empty } from '../../ui/Standing';
import { words } from '../../words/words';

/** Beside the list, before a record was picked. */
export default function NothingPicked() {
  return <Empty title={words.pickRecord.pickARecord} says={words.pickRecord.itsTextItsSealAnd} />;
}
