import type { askedFor, ReadWindow as ReadTorque } from '@hold-fast/core/job/tightening';
import type { FastenerId, TorqueAsked } from '@hold-fast/core/torque/fasteners';
import { useState } from 'react';
import { useIsLead } from '../../../data/session';
import { Button } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';
import { askedSays, spreadOf } from './askedSays';
import { NoCommonWindow } from './NoCommonWindow';
import { ReadWindow } from './ReadWindow';

interface Props {
  fastener: FastenerId;
  /** What counts, or why nothing does. */
  asked: ReturnType<typeof askedFor>;
  /** The sheet’s row, or the usual one. */
  row: TorqueAsked | null;
  read: ReadTorque | null;
  onRead: (read: ReadTorque | null) => void;
}

/** What torque is asked for: by the sheet, or read off the part or the maker’s sheet in hand. */
export function AskedSection({ fastener, asked, row, read, onRead }: Props) {
  const [reading, setReading] = useState(row === null);
  const isLead = useIsLead();
  const window = 'refusal' in asked ? null : asked.window;
  const fault = 'refusal' in asked ? asked.code : null;
  return (
    <Section label={jobWords.torque.torque}>
      {window ? (
        <Words kind="strong">{askedSays({ window }, read?.source)}</Words>
      ) : fault === 'not-on-sheet' ? (
        <Words>{jobWords.torque.nobodyGivesATorqueFor}</Words>
      ) : (
        <NoCommonWindow
          sheet={row!.window}
          read={read!}
          isLead={isLead}
          onDecide={(overSheet) => onRead({ ...read!, overSheet })}
        />
      )}
      {'refusal' in asked || !asked.setAside ? null : (
        <Words kind="small">
          {jobWords.torque.theSheetsIsSetAside(spreadOf(asked.setAside), read!.overSheet ?? '')}
        </Words>
      )}
      {window?.tag === 'M' ? <Note kind="caution">{jobWords.torque.fromMemoryItMayBe}</Note> : null}
      {read && row ? (
        <Button kind="quiet" says={jobWords.torque.goByTheSheetsRow} onPress={() => onRead(null)} />
      ) : null}
      {reading ? (
        <ReadWindow
          fastener={fastener}
          onRead={(asked) => {
            onRead(asked);
            setReading(false);
          }}
        />
      ) : (
        <Button
          kind="quiet"
          says={jobWords.torque.readItOffThePart}
          onPress={() => setReading(true)}
        />
      )}
    </Section>
  );
}
