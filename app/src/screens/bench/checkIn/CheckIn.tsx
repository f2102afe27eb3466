import type { FoundBike } from '@hold-fast/contract/bikes';
import { useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { useSession } from '../../../data/session';
import { draftsOf, type Draft } from './drafts';
import { FindBike } from './FindBike';
import { blankBike } from './newBike';
import { Visit } from './Visit';
import { blankVisit } from './visitForm';

/** Checking a bike in: find it or write it down, then what the rider says. */
export function CheckIn() {
  const personId = useSession().data?.person?.id ?? '';
  const drafts = useMemo(() => draftsOf(personId), [personId]);
  const [draft, setDraft] = useState(() => drafts.all().find(({ open }) => open));
  if (draft) return <Visit draft={draft} drafts={drafts} onOther={() => setDraft(undefined)} />;
  return (
    <FindBike
      drafts={drafts}
      onDraft={(again) => {
        drafts.keep({ ...again, open: true });
        setDraft(again);
      }}
      onChosen={(known, customerName) => setDraft(blankDraft(known, customerName))}
    />
  );
}

const blankDraft = (known: FoundBike | null, customerName: string): Draft => ({
  known,
  fresh: known === null,
  made: { customer: uuid(), bike: uuid() },
  written: { ...blankBike(customerName), ...blankVisit('') },
  open: true,
});
