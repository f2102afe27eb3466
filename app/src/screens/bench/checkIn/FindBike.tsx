import type { FoundBike } from '@hold-fast/contract/bikes';
import { router } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { useBikes } from '../../../data/counterQueries';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { checkInWords } from '../../../words/checkIn';
import type { Draft, Drafts } from './drafts';
import { FoundRow } from './FoundRow';

const says = checkInWords.checkIn;

/** Whose bike it is: what is half written, a bike out of the list, or a new customer by what was looked for. */
export function FindBike({
  drafts,
  onDraft,
  onChosen,
}: {
  drafts: Drafts;
  onDraft: (draft: Draft) => void;
  onChosen: (known: FoundBike | null, customerName: string) => void;
}) {
  const [search, setSearch] = useState('');
  const bikes = useBikes(useDeferredValue(search.trim()));
  return (
    <Page
      over={says.checkIn}
      title={says.whoseBike}
      foot={
        <>
          <Button says={says.aNewCustomer} onPress={() => onChosen(null, search.trim())} />
          <Button
            kind="plain"
            says={says.backToTheBench}
            onPress={() => router.navigate('/bench')}
          />
        </>
      }
    >
      <HalfWritten drafts={drafts} onDraft={onDraft} />
      <Section>
        <Field
          label={says.find}
          value={search}
          onChangeText={setSearch}
          autoFocus
          placeholder={says.findBy}
        />
      </Section>
      {(bikes.data ?? []).map((bike) => (
        <FoundRow
          key={bike.bikeId}
          bike={bike}
          onChosen={() => onChosen(bike, bike.customerName)}
        />
      ))}
      {bikes.error ? <Note kind="refusal">{bikes.error.message}</Note> : null}
      {bikes.data?.length === 0 ? (
        <Section>
          <Words ink="soft">{says.nobodyOfThatNameYet}</Words>
        </Section>
      ) : null}
    </Page>
  );
}

/** What was begun and neither sent nor thrown away. */
function HalfWritten({ drafts, onDraft }: { drafts: Drafts; onDraft: (draft: Draft) => void }) {
  const [kept, setKept] = useState(drafts.all);
  return kept.map((draft) => (
    <Section
      key={draft.made.bike}
      label={says.halfWritten}
      aside={
        <Button
          kind="quiet"
          says={says.throwAway}
          of={bikeOf(draft)}
          onPress={() => {
            drafts.letGo(draft);
            setKept(drafts.all());
          }}
        />
      }
    >
      <Words kind="title">{bikeOf(draft)}</Words>
      <Words ink="soft">
        {[customerOf(draft), draft.written.complaint.trim()].filter(Boolean).join(' · ')}
      </Words>
      <Button kind="plain" says={says.writeOn} of={bikeOf(draft)} onPress={() => onDraft(draft)} />
    </Section>
  ));
}

const bikeOf = ({ known, fresh, written }: Draft) =>
  (known && !fresh ? known.bikeName : written.name.trim()) || says.noNameYet;

const customerOf = ({ known, written }: Draft) => known?.customerName ?? written.customerName;
