import { router } from 'expo-router';
import { Button, Buttons } from '../../../ui/Button';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { atJob } from '../../routes';

interface Props {
  /** All through, a bolt past its window, a number to key, or a click to confirm. */
  state: 'done' | 'over' | 'reads' | 'clicks';
  jobId: string;
  /** There is a plan to go on with. */
  planned: boolean;
  typedNm: number | null;
  /** What the key says that confirms. */
  says: string;
  onAfresh: () => void;
  onTyped: () => void;
  onConfirm: () => void;
}

/** What can be done next. Two sets of buttons: a press too many on the last bolt must not begin anew. */
export function PassFoot(props: Props) {
  const { state, jobId, planned, typedNm, says, onAfresh, onTyped, onConfirm } = props;
  const toStep = () => router.navigate(atJob(jobId, 'step'));
  const toJob = () => router.navigate(atJob(jobId));
  return (
    <Buttons key={state === 'done' ? 'done' : 'turning'}>
      {state === 'done' ? (
        <>
          <Button kind="plain" says={jobWords.torque.doItAgain} onPress={onAfresh} />
          {planned ? (
            <Button grow says={jobWords.torque.onWithThePlan} onPress={toStep} />
          ) : (
            <Button grow says={jobWords.torque.backToTheJob} onPress={toJob} />
          )}
        </>
      ) : state === 'over' ? (
        <>
          <Button kind="plain" says={jobWords.torque.job} onPress={toJob} />
          <Button grow says={jobWords.torque.tightenAnew} onPress={onAfresh} />
        </>
      ) : state === 'reads' ? (
        <>
          <Button kind="plain" says={jobWords.torque.job} onPress={toJob} />
          <Button
            grow
            says={
              typedNm
                ? jobWords.torque.takeNM(words.format.nm(typedNm))
                : jobWords.torque.keyWhatItShows
            }
            disabled={!typedNm}
            onPress={onTyped}
          />
        </>
      ) : (
        <>
          <Button kind="plain" says={jobWords.torque.job} onPress={toJob} />
          <Button grow says={says} onPress={onConfirm} />
        </>
      )}
    </Buttons>
  );
}
