import type { Tightened } from '@hold-fast/core/job/job';
import { Note } from '../../../ui/Note';
import { capital } from '../../../words/capital';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';

/** What a tightening came to, once every pass is through. */
export function Outcome({ tightened }: { tightened: Tightened }) {
  const { flaws, setNm, wrench } = tightened;
  return flaws.length === 0 ? (
    <Note
      title={
        wrench.kind === 'reading'
          ? jobWords.torque.provenBoltByBolt
          : jobWords.torque.provenAtNM(setNm)
      }
    >
      {jobWords.torque.everyPassConfirmedWith(wrench.name)}
    </Note>
  ) : (
    <Note kind="caution" title={jobWords.torque.doneAndUnproven}>
      {capital(flaws.map((flaw) => words.flaw[flaw]).join('; '))}
    </Note>
  );
}
