import { Empty } from '../../ui/Standing';

/** Beside the list, before a bike was picked. */
export default function NothingPicked() {
  return (
    <Empty title="Pick a bike" says="Its jobs, its seals and the wear of its parts open here." />
  );
}
