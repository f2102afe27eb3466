import type { ReadWindow as ReadTorque } from '@hold-fast/core/job/tightening';
import type { TorqueWindow } from '@hold-fast/core/torque/window';
import { useState } from 'react';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { jobWords } from '../../../words/job';
import { spreadOf } from './askedSays';

interface NoCommonWindowProps {
  sheet: TorqueWindow;
  read: ReadTorque;
  isLead: boolean;
  onDecide: (overSheet: string) => void;
}

/** The part and the sheet ask for torques that have nothing in common: nobody guesses, a lead decides. */
export function NoCommonWindow({ sheet, read, isLead, onDecide }: NoCommonWindowProps) {
  const [why, setWhy] = useState('');
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
        <>
          <Field
            label={jobWords.torque.whyItCountsAndThe}
            value={why}
            maxLength={200}
            onChangeText={setWhy}
          />
          <Button
            kind="plain"
            says={jobWords.torque.goByIt}
            disabled={why.trim() === ''}
            onPress={() => onDecide(why.trim())}
          />
        </>
      ) : null}
    </>
  );
}
