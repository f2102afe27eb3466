import type { FoundBike } from '@hold-fast/contract/bikes';
import { useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { useSession } from '../../../data/session';
import { blankWritten, draftsOf, type Draft } from './drafts';
import { FindBike } from './FindBike';
import { Visit } from './Visit';

/** Checking a bike in: find it or write it down, then what the rider says. */
export function CheckIn() {
  const personId = useSession().data?.person?.id ?? '';
  const drafts = useMemo(() => draftsOf(personId), [personId]);
  const [draft, setDraft] = useState(() => drafts.all().find(({ open }) => open));
  const goOn = (at: Draft) => {
    drafts.keep(at);
    setDraft(at);
  };
  if (!draft)
    return (
      <FindBike
        drafts={drafts}
        onDraft={goOn}
        onChosen={(known, customerName) => setDraft(blankDraft(known, customerName))}
      />
    );
  const { known, fresh } = draft;
  return (
    <Visit
      key={`${known?.bikeId} ${fresh}`}
      draft={draft}
      drafts={drafts}
      onBike={goOn}
      onOther={() => setDraft(undefined)}
    />
  );
}

const blankDraft = (known: FoundBike | null, customerName: string): Draft => ({
  known,
  fresh: known === null,
  made: { customer: uuid(), bike: uuid() },
  written: blankWritten(customerName),
  open: true,
});
