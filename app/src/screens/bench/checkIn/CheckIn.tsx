import type { FoundBike } from '@hold-fast/contract/bikes';
import { NOTHING_SAID } from '@hold-fast/core/job/job';
import { router } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { useForm } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useBike } from '../../../data/counterQueries';
import { useBikes } from '../../../data/queries';
import { faultsOf } from '../../../data/writes';
import { useCheckIn } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Refusal } from '../../../ui/Refusal';
import { Page, Section } from '../../../ui/Page';
import { Row } from '../../../ui/Row';
import { Words } from '../../../ui/Words';
import { blankBike, madeFaults, madeOf, NewBikeFields, NewBikeUse, type NewBike } from './NewBike';
import { NoticeNotes } from '../job/NoticeNotes';
import { promiseTimes, visitFormOf, visitOf, type VisitForm } from './visitForm';
import { VisitFields } from './VisitFields';
import { checkInWords } from '../../../words/checkIn';
import { focusFault } from '../../../ui/focusFault';

type Chosen = { known: FoundBike } | { made: NewBike };

/** Checking a bike in: find it or write it down, then what the rider says. */
export function CheckIn() {
  const [search, setSearch] = useState('');
  const [chosen, setChosen] = useState<Chosen | null>(null);
  if (chosen) return <Visit chosen={chosen} onOther={() => setChosen(null)} />;
  return <FindBike search={search} onSearch={setSearch} onChosen={setChosen} />;
}

function FindBike({
  search,
  onSearch,
  onChosen,
}: {
  search: string;
  onSearch: (text: string) => void;
  onChosen: (chosen: Chosen) => void;
}) {
  const bikes = useBikes(useDeferredValue(search.trim()));
  const blank = blankBike({ customerId: null, customerName: search.trim() });
  return (
    <Page
      over={checkInWords.checkIn.checkIn}
      title={checkInWords.checkIn.whoseBike}
      foot={
        <>
          <Button
            says={checkInWords.checkIn.aNewCustomer}
            onPress={() => onChosen({ made: blank })}
          />
          <Button
            kind="plain"
            says={checkInWords.checkIn.backToTheBench}
            onPress={() => router.navigate('/bench')}
          />
        </>
      }
    >
      <Section>
        <Field
          label={checkInWords.checkIn.find}
          value={search}
          onChangeText={onSearch}
          autoFocus
          placeholder={checkInWords.checkIn.findBy}
        />
      </Section>
      {(bikes.data ?? []).map((bike) => (
        <Row
          key={bike.bikeId}
          title={bike.bikeName}
          says={[
            bike.customerName,
            bike.maker,
            bike.serial,
            bike.lastTag ? checkInWords.checkIn.lastTag(bike.lastTag) : null,
          ]
            .filter(Boolean)
            .join(' · ')}
          onPress={() => onChosen({ known: bike })}
        />
      ))}
      {bikes.error ? <Note kind="refusal">{bikes.error.message}</Note> : null}
      {bikes.data?.length === 0 ? (
        <Section>
          <Words ink="soft">{checkInWords.checkIn.nobodyOfThatNameYet}</Words>
        </Section>
      ) : null}
    </Page>
  );
}

function Visit({ chosen, onOther }: { chosen: Chosen; onOther: () => void }) {
  const [promised] = useState(() => promiseTimes(new Date()));
  const [made, setMade] = useState<NewBike | null>('made' in chosen ? chosen.made : null);
  const [ids] = useState(() => ({ customer: uuid(), bike: uuid() }));
  const [tried, setTried] = useState(false);
  const form = useForm<VisitForm>({
    // The first field that is wrong may be one of the bike’s, above the visit’s.
    shouldFocusError: false,
    defaultValues: visitFormOf({
      ...NOTHING_SAID,
      complaint: '',
      symptoms: [],
      frontLever: null,
      odometerKm: null,
      promisedAt: promised[0]!,
      minutes: 30,
    }),
  });
  const checkIn = useCheckIn();
  const faults = faultsOf(checkIn.error);
  const known = 'known' in chosen ? chosen.known : null;
  const brought = made ? madeOf(made, ids) : null;
  const wrong = brought ? madeFaults(brought) : {};
  const page = useBike(known && !made ? known.bikeId : null).data;

  const submit = () => {
    setTried(true);
    void form.handleSubmit((visit) => {
      if (Object.keys(wrong).length > 0) return focusFault();
      checkIn.mutate(
        {
          ...visitOf(visit),
          customer: made?.customerId ?? brought?.customer ?? known!.customerId,
          bike: brought?.bike ?? known!.bikeId,
        },
        { onSuccess: (job) => router.replace(`/bench/${job.id}`) },
      );
    }, focusFault)();
  };
  const put = (change: Partial<NewBike>) => setMade((now) => now && { ...now, ...change });
  return (
    <Page
      over={checkInWords.checkIn.checkIn}
      title={
        made
          ? made.customerId
            ? checkInWords.checkIn.newBikeOf(known!.customerName)
            : checkInWords.checkIn.newCustomer
          : known!.bikeName
      }
      foot={
        <>
          <Button says={checkInWords.checkIn.checkItIn} onPress={submit} busy={checkIn.isPending} />
          <Button kind="plain" says={checkInWords.checkIn.anotherBike} onPress={onOther} />
        </>
      }
    >
      {checkIn.error ? (
        <Refusal of={checkIn.error} title={checkIn.error.message}>
          {Object.entries(faults).map(([path, message]) => (
            <Words key={path}>{`${path}: ${message}`}</Words>
          ))}
        </Refusal>
      ) : null}
      {made ? (
        <NewBikeFields made={made} wrong={wrong} tried={tried} onChange={put} />
      ) : (
        <Section>
          <Words ink="soft">
            {[known!.customerName, known!.maker, known!.serial].filter(Boolean).join(' · ')}
          </Words>
          <Button
            kind="quiet"
            says={checkInWords.checkIn.anotherBikeOf(known!.customerName)}
            onPress={() =>
              setMade(
                blankBike({ customerId: known!.customerId, customerName: known!.customerName }),
              )
            }
          />
        </Section>
      )}
      <NoticeNotes notices={page?.notices ?? []} />
      <VisitFields control={form.control} promised={promised} earlier={page?.jobs ?? []} />
      {made ? <NewBikeUse made={made} wrong={wrong} onChange={put} /> : null}
    </Page>
  );
}
