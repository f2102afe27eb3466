import { Bike, Customer, type FoundBike } from '@hold-fast/contract/bikes';
import { router } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { useForm } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useBikes } from '../../data/queries';
import { faultsOf, useCheckIn } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Words } from '../../ui/Words';
import { odometerKm, promiseTimes, VisitFields, type VisitForm } from './VisitFields';
import { checkInWords } from '../../words/checkIn';
import { focusFault } from '../../ui/focusFault';

interface NewBike {
  customerId: string | null;
  customerName: string;
  phone: string;
  bikeName: string;
  maker: string;
  serial: string;
  motor: boolean;
}

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
  const blank: NewBike = {
    customerId: null,
    customerName: search.trim(),
    phone: '',
    bikeName: '',
    maker: '',
    serial: '',
    motor: false,
  };
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
    defaultValues: {
      complaint: '',
      symptoms: [],
      frontLever: null,
      odometer: '',
      promisedAt: promised[0]!,
      minutes: 30,
    },
  });
  const checkIn = useCheckIn();
  const faults = faultsOf(checkIn.error);
  const newCustomer: Customer | null = made && {
    id: ids.customer,
    name: made.customerName,
    phone: made.phone.trim() || null,
  };
  const newBike: Bike | null = made && {
    id: ids.bike,
    customerId: made.customerId ?? ids.customer,
    name: made.bikeName,
    maker: made.maker,
    serial: made.serial,
    motor: made.motor,
    systemMassKg: null,
    terrain: null,
    wet: false,
    kmPerWeek: null,
  };
  const wrong = madeFaults(newCustomer, newBike);

  const submit = () => {
    setTried(true);
    void form.handleSubmit((visit) => {
      if (made && Object.keys(wrong).length > 0) return focusFault();
      const { odometer, ...rest } = visit;
      checkIn.mutate(
        {
          ...rest,
          complaint: rest.complaint.trim(),
          odometerKm: odometerKm(odometer),
          customer:
            'known' in chosen && !made
              ? chosen.known.customerId
              : (made?.customerId ?? newCustomer!),
          bike: 'known' in chosen && !made ? chosen.known.bikeId : newBike!,
        },
        { onSuccess: (job) => router.replace(`/bench/${job.id}`) },
      );
    }, focusFault)();
  };
  const known = 'known' in chosen ? chosen.known : null;
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
        <Note kind="refusal" title={checkIn.error.message}>
          {Object.entries(faults).map(([path, message]) => (
            <Words key={path}>{`${path}: ${message}`}</Words>
          ))}
        </Note>
      ) : null}
      {made ? (
        <MadeFields made={made} wrong={wrong} tried={tried} onChange={put} />
      ) : (
        <Section>
          <Words ink="soft">
            {[known!.customerName, known!.maker, known!.serial].filter(Boolean).join(' · ')}
          </Words>
          <Button
            kind="quiet"
            says={checkInWords.checkIn.anotherBikeOf(known!.customerName)}
            onPress={() =>
              setMade({
                customerId: known!.customerId,
                customerName: known!.customerName,
                phone: '',
                bikeName: '',
                maker: '',
                serial: '',
                motor: false,
              })
            }
          />
        </Section>
      )}
      <VisitFields control={form.control} promised={promised} />
    </Page>
  );
}

interface MadeFieldsProps {
  made: NewBike;
  wrong: ReturnType<typeof madeFaults>;
  tried: boolean;
  onChange: (change: Partial<NewBike>) => void;
}

/** A customer and a bike nobody knows yet. */
function MadeFields({ made, wrong, tried, onChange }: MadeFieldsProps) {
  return (
    <Section
      label={made.customerId ? checkInWords.checkIn.bike : checkInWords.checkIn.customerAndBike}
    >
      {made.customerId ? null : (
        <>
          <Field
            label={checkInWords.checkIn.customer}
            value={made.customerName}
            onChangeText={(customerName) => onChange({ customerName })}
            error={tried ? wrong.customerName : undefined}
          />
          <Field
            label={checkInWords.checkIn.phone}
            value={made.phone}
            onChangeText={(phone) => onChange({ phone })}
            inputMode="tel"
            error={tried ? wrong.phone : undefined}
          />
        </>
      )}
      <Field
        label={checkInWords.checkIn.bikeAsPeopleCallIt}
        value={made.bikeName}
        onChangeText={(bikeName) => onChange({ bikeName })}
        error={tried ? wrong.bikeName : undefined}
      />
      <Field
        label={checkInWords.checkIn.maker}
        value={made.maker}
        onChangeText={(maker) => onChange({ maker })}
        error={wrong.maker}
      />
      <Field
        label={checkInWords.checkIn.serial}
        value={made.serial}
        onChangeText={(serial) => onChange({ serial })}
        error={wrong.serial}
      />
      <Choice
        label={checkInWords.checkIn.motor}
        options={[
          { value: false, says: checkInWords.checkIn.noMotor },
          { value: true, says: checkInWords.checkIn.hasAMotor },
        ]}
        chosen={[made.motor]}
        onChoose={(motor) => onChange({ motor })}
      />
    </Section>
  );
}

/** What of a new customer and bike the server would refuse, said before it is sent. */
function madeFaults(
  customer: Customer | null,
  bike: Bike | null,
): Partial<Record<keyof NewBike, string>> {
  const faults: Partial<Record<keyof NewBike, string>> = {};
  if (!customer || !bike) return faults;
  if (customer.name.trim() === '') faults.customerName = checkInWords.checkIn.writeTheCustomersName;
  else if (!Customer.shape.name.safeParse(customer.name).success)
    faults.customerName = checkInWords.checkIn.atMost120Letters;
  if (!Customer.shape.phone.safeParse(customer.phone).success)
    faults.phone = checkInWords.checkIn.digitsSpacesAndALeading;
  if (bike.name.trim() === '') faults.bikeName = checkInWords.checkIn.giveTheBikeAName;
  else if (!Bike.shape.name.safeParse(bike.name).success)
    faults.bikeName = checkInWords.checkIn.atMost80Letters;
  if (!Bike.shape.maker.safeParse(bike.maker).success)
    faults.maker = checkInWords.checkIn.atMost80Letters;
  if (!Bike.shape.serial.safeParse(bike.serial).success)
    faults.serial = checkInWords.checkIn.atMost60Letters;
  return faults;
}
