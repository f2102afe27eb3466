import { Bike, Customer } from '@hold-fast/contract/bikes';
import {
  BRAKE_TYPES,
  MATERIALS,
  TERRAINS,
  USUAL_USE,
  type Bike as BikeOfCore,
} from '@hold-fast/core/kit/bike';
import { Choice } from '../../../ui/Choice';
import { leversShared, placesOfThird } from '../../bikes/thirdBrake';
import { Field } from '../../../ui/Field';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { checkInWords } from '../../../words/checkIn';
import { words } from '../../../words/words';

/** A customer and a bike as the form holds them; numbers as they are keyed. */
export interface NewBike extends Omit<
  BikeOfCore,
  'id' | 'customerId' | 'name' | 'systemMassKg' | 'kmPerWeek'
> {
  customerId: string | null;
  customerName: string;
  phone: string;
  bikeName: string;
  massKg: string;
  kmAWeek: string;
}

/** Nothing written yet: of a customer who is known, or of one by this name. */
export function blankBike(of: { customerId: string | null; customerName: string }): NewBike {
  const { systemMassKg: _mass, kmPerWeek: _km, ...usual } = USUAL_USE;
  return {
    ...usual,
    ...of,
    phone: '',
    bikeName: '',
    maker: '',
    serial: '',
    motor: false,
    massKg: '',
    kmAWeek: '',
  };
}

const wholeOf = (text: string) => (text.trim() === '' ? null : Number(text.trim()));

/** What the form makes: the customer and the bike, by ids made for them. */
export function madeOf(made: NewBike, ids: { customer: string; bike: string }) {
  const { customerId, customerName, phone, bikeName, massKg, kmAWeek, ...rest } = made;
  const customer: Customer = {
    id: customerId ?? ids.customer,
    name: customerName,
    phone: phone.trim() || null,
  };
  const bike: Bike = {
    ...rest,
    id: ids.bike,
    customerId: customer.id,
    name: bikeName,
    systemMassKg: wholeOf(massKg),
    kmPerWeek: wholeOf(kmAWeek),
  };
  return { customer, bike };
}

/** What of a new customer and bike the server would refuse, said before it is sent. */
export function madeFaults({ customer, bike }: ReturnType<typeof madeOf>) {
  const faults: Partial<Record<keyof NewBike, string>> = {};
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
  if (!Bike.shape.systemMassKg.safeParse(bike.systemMassKg).success)
    faults.massKg = checkInWords.checkIn.wholeNumber;
  if (!Bike.shape.kmPerWeek.safeParse(bike.kmPerWeek).success)
    faults.kmAWeek = checkInWords.checkIn.wholeNumber;
  return faults;
}

interface Props {
  made: NewBike;
  wrong: ReturnType<typeof madeFaults>;
  tried: boolean;
  onChange: (change: Partial<NewBike>) => void;
}

/** A customer and a bike nobody knows yet. */
export function NewBikeFields({ made, wrong, tried, onChange }: Props) {
  const line = (
    name: 'customerName' | 'phone' | 'bikeName' | 'maker' | 'serial',
    label: string,
    shownAtOnce = false,
  ) => (
    <Field
      label={label}
      value={made[name]}
      onChangeText={(text) => onChange({ [name]: text })}
      {...(name === 'phone' ? { inputMode: 'tel' as const } : {})}
      error={tried || shownAtOnce ? wrong[name] : undefined}
    />
  );
  return (
    <Section
      label={made.customerId ? checkInWords.checkIn.bike : checkInWords.checkIn.customerAndBike}
    >
      {made.customerId ? null : (
        <>
          {line('customerName', checkInWords.checkIn.customer)}
          {line('phone', checkInWords.checkIn.phone)}
        </>
      )}
      {line('bikeName', checkInWords.checkIn.bikeAsPeopleCallIt)}
      {line('maker', checkInWords.checkIn.maker, true)}
      {line('serial', checkInWords.checkIn.serial, true)}
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

/** What is asked of a new bike besides: how it is used, and what it is of. */
export function NewBikeUse({ made, wrong, onChange }: Omit<Props, 'tried'>) {
  return (
    <>
      <UseFields made={made} wrong={wrong} onChange={onChange} />
      <MadeOfFields made={made} onChange={onChange} />
    </>
  );
}

/** How it is used decides how fast its brakes wear, and how much they have to hold. */
function UseFields({ made, wrong, onChange }: Omit<Props, 'tried'>) {
  return (
    <Section label={checkInWords.checkIn.howItIsUsed}>
      <Field
        label={checkInWords.checkIn.massKg}
        value={made.massKg}
        onChangeText={(massKg) => onChange({ massKg })}
        inputMode="numeric"
        error={wrong.massKg}
      />
      <Field
        label={checkInWords.checkIn.kmAWeek}
        value={made.kmAWeek}
        onChangeText={(kmAWeek) => onChange({ kmAWeek })}
        inputMode="numeric"
        error={wrong.kmAWeek}
      />
      <Choice
        label={checkInWords.checkIn.terrain}
        options={[
          ...TERRAINS.map((value) => ({ value, says: capital(words.terrain[value]) })),
          { value: null, says: checkInWords.checkIn.notSaid },
        ]}
        chosen={[made.terrain]}
        onChoose={(terrain) => onChange({ terrain })}
      />
      <Choice
        label={checkInWords.checkIn.wetOrDry}
        options={[
          { value: false, says: checkInWords.checkIn.dry },
          { value: true, says: checkInWords.checkIn.wet },
        ]}
        chosen={[made.wet]}
        onChoose={(wet) => onChange({ wet })}
      />
    </Section>
  );
}

/** What brakes each wheel, and what the mounts are of. */
function MadeOfFields({ made, onChange }: Pick<Props, 'made' | 'onChange'>) {
  const brake = (name: 'frontBrake' | 'rearBrake' | 'thirdBrake', label: string) => (
    <>
      <Words kind="label">{label}</Words>
      <Choice
        label={label}
        options={BRAKE_TYPES.map((value) => ({ value, says: capital(words.brakeType[value]) }))}
        chosen={[made[name]]}
        onChoose={(type) => onChange({ [name]: type })}
      />
    </>
  );
  const material = (name: 'forkMaterial' | 'frameMaterial', label: string) => (
    <>
      <Words kind="label">{label}</Words>
      <Choice
        label={label}
        options={[
          ...MATERIALS.map((value) => ({ value, says: capital(words.material[value]) })),
          { value: null, says: checkInWords.checkIn.notSaid },
        ]}
        chosen={[made[name]]}
        onChoose={(of) => onChange({ [name]: of })}
      />
    </>
  );
  return (
    <Section label={checkInWords.checkIn.brakesAndMounts}>
      {brake('frontBrake', checkInWords.checkIn.brakeAt(words.end.front))}
      {brake('rearBrake', checkInWords.checkIn.brakeAt(words.end.rear))}
      {brake('thirdBrake', checkInWords.checkIn.brakeAt(words.end.third))}
      {made.thirdBrake === 'none' ? null : (
        <>
          <Words kind="label">{checkInWords.checkIn.thirdPlace}</Words>
          <Choice
            label={checkInWords.checkIn.thirdPlace}
            options={placesOfThird()}
            chosen={[made.thirdPlace]}
            onChoose={(thirdPlace) => onChange({ thirdPlace })}
          />
        </>
      )}
      <Words kind="label">{checkInWords.checkIn.sharedLever}</Words>
      <Choice
        label={checkInWords.checkIn.sharedLever}
        options={leversShared(made.thirdBrake !== 'none')}
        chosen={[made.sharedLever]}
        onChoose={(sharedLever) => onChange({ sharedLever })}
      />
      <Field
        label={checkInWords.checkIn.furtherBrakes}
        value={made.furtherBrakes}
        onChangeText={(furtherBrakes) => onChange({ furtherBrakes })}
        maxLength={200}
        hint={checkInWords.checkIn.furtherHint}
      />
      {material('forkMaterial', checkInWords.checkIn.forkOf)}
      {material('frameMaterial', checkInWords.checkIn.frameOf)}
    </Section>
  );
}
