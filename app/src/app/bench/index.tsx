import { Empty } from '../../ui/Standing';

/** Beside the list, before a bike was picked. */
export default function NothingPicked() {
  return (
    <Empty
      title="Pick a bike"
      says="Its job opens here: what was asked, what was found, and what comes next."
    />
  );
}
