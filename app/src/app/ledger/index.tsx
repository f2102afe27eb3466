import { Empty } from '../../ui/Standing';

/** Beside the list, before a record was picked. */
export default function NothingPicked() {
  return (
    <Empty title="Pick a record" says="Its text, its seal and the seal before it open here." />
  );
}
