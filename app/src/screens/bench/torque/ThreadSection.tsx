import type { clampLoadOf } from '@hold-fast/core/torque/clampLoad';
import { THREAD_TREATMENTS, type ThreadTreatment } from '@hold-fast/core/torque/thread';
import { Choice } from '../../../ui/Choice';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';

interface Props {
  /** What somebody said is on it; null until they did. */
  treatment: ThreadTreatment | null;
  /** What is asked for, and whether the sheet asks it. */
  asks: ThreadTreatment;
  bySheet: boolean;
  load: ReturnType<typeof clampLoadOf>;
  onChoose: (treatment: ThreadTreatment) => void;
}

const kilonewton = (loadN: number) => words.format.fixed(loadN / 1000, 1);

/** What is on the thread, and what another treatment does to the clamp. */
export function ThreadSection({ treatment, asks, bySheet, load, onChoose }: Props) {
  return (
    <Section label={jobWords.torque.onTheThread}>
      <Choice
        label={jobWords.torque.onTheThread}
        options={THREAD_TREATMENTS.map((value) => ({ value, says: words.thread[value] }))}
        chosen={treatment === null ? [] : [treatment]}
        onChoose={onChoose}
      />
      {treatment === null || treatment === asks ? (
        <Words kind="small">{`${bySheet ? jobWords.torque.theSheetAsksFor : jobWords.torque.usualHere}: ${words.inSentence(words.thread[asks])}.`}</Words>
      ) : (
        <Note kind="caution">
          {jobWords.torque.isAskedForAnotherTreatment(
            words.thread[asks],
            load
              ? jobWords.torque.aboutInsteadOfKnOf(
                  kilonewton(load.loadN),
                  kilonewton(load.askedN),
                  words.format.percent(load.shareOfProof),
                )
              : '',
          )}
        </Note>
      )}
      {treatment === null ? <Note kind="caution">{jobWords.torque.sayWhatIsOnIt}</Note> : null}
      {load?.warn ? (
        <Note kind="refusal" title={jobWords.torque.nearWhatTheBoltCan}>
          {jobWords.torque.wipeTheThreadCleanOr}
        </Note>
      ) : null}
    </Section>
  );
}
