import type { ReadWindow as ReadTorque } from '@hold-fast/core/job/tightening';
import type { TorqueWindow } from '@hold-fast/core/torque/window';
import { Note } from '../../../ui/Note';
import { jobWords } from '../../../words/job';
import { SayWhat } from '../../SayWhat';
import { spreadOf } from './askedSays';

interface NoCommonWindowProps {
  sheet: TorqueWindow;
  read: ReadTorque;
  isLead: boolean;
  onDecide: (overSheet: string) => void;
}

/** The part and the sheet ask for torques that have nothing in common: nobody guesses, a lead decides. */
export function NoCommonWindow({ sheet, read, isLead, onDecide }: NoCommonWindowProps) {
  return (
    <>
      <Note kind="refusal" title={jobWords.torque.theyHaveNoTorqueIn}>
        {jobWords.torque.theSheetAsksForFor(
          spreadOf(sheet),
          read.source,
          spreadOf(read),
          isLead ? jobWords.torque.aLeadMaySayWhy : jobWords.torque.aLeadSignedInHere,
        )}
      </Note>
      {isLead ? (
        <SayWhat
          label={jobWords.torque.whyItCountsAndThe}
          maxLength={200}
          says={jobWords.torque.goByIt}
          onSay={onDecide}
        />
      ) : null}
    </>
  );
}
