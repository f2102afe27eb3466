import { Words } from '../../../ui/Words';
import { SayWhat } from '../../SayWhat';
import { measuringWords } from '../../../words/measuring';

/** What is wrong with the number in hand, and where a correction wants words, the place for them. */
export function Fault({ says, sayWhy }: { says: string; sayWhy: ((why: string) => void) | null }) {
  return (
    <>
      <Words kind="strong" ink="rustText" role="alert">
        {says}
      </Words>
      {sayWhy ? (
        <SayWhat
          label={measuringWords.whyWrong.whyTheOneBeforeWas}
          maxLength={200}
          says={measuringWords.whyWrong.correctIt}
          onSay={sayWhy}
        />
      ) : null}
    </>
  );
}
