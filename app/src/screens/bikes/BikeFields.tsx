import type { Bike } from '@hold-fast/contract/bikes';
import { BRAKE_TYPES, MATERIALS, TERRAINS } from '@hold-fast/core/kit/bike';
import { BRAKE_FIELD } from '@hold-fast/core/kit/brakes';
import { ENDS } from '@hold-fast/core/ends';
import { useFormContext, useWatch } from 'react-hook-form';
import { FormChoice, FormLine, FormNumber } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { checkInWords } from '../../words/checkIn';
import { words } from '../../words/words';
import { leversShared, placesOfThird } from './thirdBrake';

// What is asked of a bike, alike when it is first written down and when that is corrected.

/** A bike as a form holds it. */
export type WrittenBike = Omit<Bike, 'id' | 'customerId'>;

const says = checkInWords.checkIn;

/** Which bike it is. */
export function BikeNamed() {
  const { control } = useFormContext<WrittenBike>();
  return (
    <>
      <FormLine control={control} name="name" label={says.bikeAsPeopleCallIt} />
      <FormLine control={control} name="maker" label={says.maker} />
      <FormLine control={control} name="serial" label={says.serial} />
      <FormChoice
        control={control}
        name="motor"
        label={says.motor}
        options={[
          { value: false, says: says.noMotor },
          { value: true, says: says.hasAMotor },
        ]}
      />
    </>
  );
}

/** How it is used decides how fast its brakes wear, and how much they have to hold. */
export function BikeUse() {
  const { control } = useFormContext<WrittenBike>();
  const whole = { control, wrong: says.wholeNumber };
  return (
    <Section label={says.howItIsUsed}>
      <FormNumber {...whole} name="systemMassKg" label={says.massKg} />
      <FormNumber
        {...whole}
        name="kmPerWeek"
        label={says.aWeek[words.format.distanceUnit]}
        unit={words.format.unitKm}
        keptWhole
      />
      <FormChoice
        control={control}
        name="terrain"
        label={says.terrain}
        options={[
          ...TERRAINS.map((value) => ({ value, says: capital(words.terrain[value]) })),
          { value: null, says: says.notSaid },
        ]}
      />
      <FormChoice
        control={control}
        name="wet"
        label={says.wetOrDry}
        options={[
          { value: false, says: says.dry },
          { value: true, says: says.wet },
        ]}
      />
    </Section>
  );
}

/** What brakes each wheel, which of the brakes one lever works, and what the mounts are of. */
export function BikeBrakes() {
  const { control } = useFormContext<WrittenBike>();
  // Of a new bike nobody has said yet.
  const said = useWatch({ control, name: 'thirdBrake' }) as WrittenBike['thirdBrake'] | null;
  const third = said !== null && said !== 'none';
  return (
    <Section label={says.brakesAndMounts}>
      {ENDS.map((end) => (
        <Asked
          key={end}
          name={BRAKE_FIELD[end]}
          label={says.brakeAt(words.end[end])}
          options={BRAKE_TYPES.map((value) => ({ value, says: capital(words.brakeType[value]) }))}
        />
      ))}
      {third ? <Asked name="thirdPlace" label={says.thirdPlace} options={placesOfThird()} /> : null}
      <Asked name="sharedLever" label={says.sharedLever} options={leversShared(third)} />
      <FormLine
        control={control}
        name="furtherBrakes"
        label={says.furtherBrakes}
        hint={says.furtherHint}
        maxLength={200}
      />
      <Asked name="forkMaterial" label={says.forkOf} options={materials()} />
      <Asked name="frameMaterial" label={says.frameOf} options={materials()} />
    </Section>
  );
}

const materials = () => [
  ...MATERIALS.map((value) => ({ value, says: capital(words.material[value]) })),
  { value: null, says: says.notSaid },
];

/** One of several answers, with its question above it. */
function Asked({
  name,
  label,
  options,
}: {
  name: keyof WrittenBike;
  label: string;
  options: readonly { value: string | null; says: string }[];
}) {
  const { control } = useFormContext<WrittenBike>();
  return (
    <>
      <Words kind="label">{label}</Words>
      <FormChoice control={control} name={name} label={label} options={options} />
    </>
  );
}
