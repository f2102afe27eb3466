import type { FoundBike } from '@hold-fast/contract/bikes';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { FormProvider, useForm, type Resolver } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useBike, useBikes } from '../../../data/counterQueries';
import { faultsOf } from '../../../data/writes';
import { useCheckIn } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Refusal } from '../../../ui/Refusal';
import { Page, Section } from '../../../ui/Page';
import { Row } from '../../../ui/Row';
import { Words } from '../../../ui/Words';
import { NoticeNotes } from '../job/NoticeNotes';
import { blankBike, madeOf, type NewBike } from './newBike';
import { blankVisit, promiseTimes, visitOf, type VisitForm } from './visitForm';
import { VisitFields } from './VisitFields';
import { WrittenVisit, WrittenWithBike } from './written';
import { BikeBrakes, BikeNamed, BikeUse } from '../../bikes/BikeFields';
import { ProblemError } from '../../../data/api';
import { FormLine } from '../../../ui/FormLine';
import { checkInWords } from '../../../words/checkIn';
import { words } from '../../../words/words';
import { focusFault } from '../../../ui/focusFault';

/** A bike out of the list, or none yet and what was looked for. */
interface Chosen {
  known: FoundBike | null;
  customerName: string;
}

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
  return (
    <Page
      over={checkInWords.checkIn.checkIn}
      title={checkInWords.checkIn.whoseBike}
      foot={
        <>
          <Button
            says={checkInWords.checkIn.aNewCustomer}
            onPress={() => onChosen({ known: null, customerName: search.trim() })}
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
          says={[bike.customerName, bike.maker, bike.serial, whereIs(bike)]
            .filter(Boolean)
            .join(' · ')}
          onPress={() =>
            bike.openJobId
              ? router.navigate(`/bench/${bike.openJobId}`)
              : onChosen({ known: bike, customerName: bike.customerName })
          }
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

/** On which tag a bike is here, or was last. */
function whereIs({ lastTag, openJobId }: FoundBike): string | null {
  if (lastTag === null) return null;
  const { hereOn, lastTag: wasOn } = checkInWords.checkIn;
  return openJobId ? hereOn(words.tagNumber(lastTag)) : wasOn(lastTag);
}

type Form = VisitForm & NewBike;

function Visit({ chosen, onOther }: { chosen: Chosen; onOther: () => void }) {
  const [promised] = useState(() => promiseTimes(new Date()));
  const [fresh, setFresh] = useState(chosen.known === null);
  const [made] = useState(() => ({ customer: uuid(), bike: uuid() }));
  const { known } = chosen;
  const form = useForm<Form>({
    // Read again at each check: a known customer may turn out to have brought another bike.
    resolver: zodResolver(fresh ? WrittenWithBike : WrittenVisit) as unknown as Resolver<Form>,
    // The first field that is wrong is the uppermost, whenever it came onto the page.
    shouldFocusError: false,
    defaultValues: { ...blankBike(chosen.customerName), ...blankVisit(promised[0]!) },
  });
  const checkIn = useCheckIn();
  const page = useBike(fresh ? null : known!.bikeId).data;

  /** Who and what came in: written out where nobody knows it yet. */
  const brought = (written: Form) => {
    if (known && !fresh) return { customer: known.customerId, bike: known.bikeId };
    if (!known) return madeOf(written, made);
    const { bike } = madeOf(written, { ...made, customer: known.customerId });
    return { customer: known.customerId, bike };
  };
  const submit = form.handleSubmit(
    (written) =>
      checkIn.mutate(
        { ...visitOf(written), ...brought(written) },
        { onSuccess: (job) => router.replace(`/bench/${job.id}`) },
      ),
    focusFault,
  );
  const bringAnother = () => {
    setFresh(true);
    // It comes back from no visit of the other one.
    form.setValue('comebackOf', null);
  };
  return (
    <Page
      over={checkInWords.checkIn.checkIn}
      title={
        !fresh
          ? known!.bikeName
          : known
            ? checkInWords.checkIn.newBikeOf(known.customerName)
            : checkInWords.checkIn.newCustomer
      }
      foot={
        <>
          <Button
            says={checkInWords.checkIn.checkItIn}
            onPress={() => void submit()}
            busy={checkIn.isPending}
          />
          <Button kind="plain" says={checkInWords.checkIn.anotherBike} onPress={onOther} />
        </>
      }
    >
      {checkIn.error ? <NotTaken error={checkIn.error} /> : null}
      <FormProvider {...form}>
        {fresh ? (
          <Section label={known ? checkInWords.checkIn.bike : checkInWords.checkIn.customerAndBike}>
            {known ? null : (
              <>
                <FormLine
                  control={form.control}
                  name="customerName"
                  label={checkInWords.checkIn.customer}
                />
                <FormLine
                  control={form.control}
                  name="phone"
                  label={checkInWords.checkIn.phone}
                  inputMode="tel"
                  orNone
                />
              </>
            )}
            <BikeNamed />
          </Section>
        ) : (
          <Section>
            <Words ink="soft">
              {[known!.customerName, known!.maker, known!.serial].filter(Boolean).join(' · ')}
            </Words>
            <Button
              kind="quiet"
              says={checkInWords.checkIn.anotherBikeOf(known!.customerName)}
              onPress={bringAnother}
            />
          </Section>
        )}
        <NoticeNotes notices={page?.notices ?? []} />
        <VisitFields promised={promised} earlier={page?.jobs ?? []} />
        {fresh ? (
          <>
            <BikeUse />
            <BikeBrakes />
          </>
        ) : null}
      </FormProvider>
    </Page>
  );
}

/** Why a bike was not taken in; of one that is here already, with the way to its job. */
function NotTaken({ error }: { error: Error }) {
  const here = error instanceof ProblemError && error.kind === 'bike-here';
  return (
    <Refusal of={error} title={error.message}>
      {Object.entries(faultsOf(error)).map(([path, message]) => (
        <Words key={path}>{`${path}: ${message}`}</Words>
      ))}
      {here ? (
        <Button
          kind="quiet"
          says={checkInWords.checkIn.toItsJob}
          onPress={() => router.replace(`/bench/${String(error.problem.facts?.jobId)}`)}
        />
      ) : null}
    </Refusal>
  );
}
