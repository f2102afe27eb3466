import { Words } from '../../../ui/Words';
import { WhyWrong } from './WhyWrong';

/** What is wrong with the number in hand, and where a correction wants words, the place for them. */
export function Fault({ says, sayWhy }: { says: string; sayWhy: ((why: string) => void) | null }) {
  return (
    <>
      <Words kind="strong" ink="rustText" role="alert">
        {says}
      </Words>
      {sayWhy ? <WhyWrong onSay={sayWhy} /> : null}
    </>
  );
}
