import { BikeCorrection, type BikePage } from '@hold-fast/contract/bikes';
import { BRAKE_TYPES, MATERIALS, TERRAINS } from '@hold-fast/core/kit/bike';
import { BRAKE_FIELD } from '@hold-fast/core/kit/brakes';
import { ENDS } from '@hold-fast/core/ends';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { Fragment } from 'react';
import { useForm, useWatch, type Control } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import type { z } from 'zod';
import { useBike } from '../../data/counterQueries';
import { useCorrectBike } from '../../data/writes';
import { FormChoice, FormLine, FormNumber } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { bikesWords } from '../../words/bikes';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { checkInWords } from '../../words/checkIn';
import { words } from '../../words/words';
import { leversShared, placesOfThird } from './thirdBrake';
import { NewOwner } from './NewOwner';
import { FormPage } from '../FormPage';

type Written = z.input<typeof BikeCorrection>;

/** What is written of a bike, corrected: what stood before is kept. */
export function CorrectBike({ bikeId }: { bikeId: string }) {
  const query = useBike(bikeId);
  if (query.error && !query.data)
    return <Failed error={query.error} onRetry={() => void query.refetch()} />;
  if (!query.data) return <Loading />;
  const { bike } = query.data;
  return <Form key={bike.version} bike={bike} over={query.data.customer.name} />;
}

function Form({ bike, over }: { bike: BikePage['bike']; over: string }) {
  const correct = useCorrectBike(bike.id);
  const { id: _id, ...written } = bike;
  const { control, handleSubmit } = useForm<Written, unknown, BikeCorrection>({
    defaultValues: { id: uuid(), words: '', ...written },
    resolver: zodResolver(BikeCorrection),
  });
  const page = `/bikes/${bike.id}` as const;
  const toBike = () => router.navigate(page);
  const send = handleSubmit((correction) =>
    correct.mutateAsync(correction).then(toBike, () => undefined),
  );
  return (
    <FormPage
      over={over}
      title={bikesWords.correct.correctThisBike}
      back={{ says: bikesWords.correct.backToTheBike, to: page }}
      save={correct}
      nameOf={(field) =>
        capital((bikesWords.correct.field as Record<string, string>)[field] ?? '') || undefined
      }
      onSave={() => void send()}
      says={bikesWords.correct.save}
    >
      <Section>
        <FormLine control={control} name="name" label={bikesWords.correct.whatPeopleCallIt} />
        <FormLine control={control} name="maker" label={bikesWords.correct.maker} />
        <FormLine control={control} name="serial" label={bikesWords.correct.serial} />
        <FormChoice
          control={control}
          name="motor"
          label={bikesWords.correct.motor}
          options={[
            { value: false, says: bikesWords.correct.noMotor },
            { value: true, says: bikesWords.correct.itHasAMotor },
          ]}
        />
        <FormLine
          control={control}
          name="words"
          label={bikesWords.correct.why}
          hint={bikesWords.correct.whyHint}
        />
      </Section>
      <Section>
        <FormNumber control={control} name="systemMassKg" label={bikesWords.correct.massKg} />
        <FormChoice
          control={control}
          name="terrain"
          label={bikesWords.correct.terrain}
          options={[
            { value: null, says: bikesWords.correct.notSaid },
            ...TERRAINS.map((value) => ({ value, says: words.terrain[value] })),
          ]}
        />
        <FormChoice
          control={control}
          name="wet"
          label={bikesWords.correct.wetOrDry}
          options={[
            { value: false, says: bikesWords.correct.dry },
            { value: true, says: bikesWords.correct.wet },
          ]}
        />
        <FormNumber control={control} name="kmPerWeek" label={bikesWords.correct.kmAWeekLabel} />
      </Section>
      <Section>
        {ENDS.map((end) => (
          <Fragment key={end}>
            <Words kind="label">{capital(bikesWords.correct.field[BRAKE_FIELD[end]])}</Words>
            <FormChoice
              control={control}
              name={BRAKE_FIELD[end]}
              label={bikesWords.correct.field[BRAKE_FIELD[end]]}
              options={BRAKE_TYPES.map((value) => ({
                value,
                says: capital(words.brakeType[value]),
              }))}
            />
          </Fragment>
        ))}
        <ThirdAndLevers control={control} />
        <FormLine
          control={control}
          name="furtherBrakes"
          label={checkInWords.checkIn.furtherBrakes}
          hint={checkInWords.checkIn.furtherHint}
        />
        {(['forkMaterial', 'frameMaterial'] as const).map((name) => (
          <Fragment key={name}>
            <Words kind="label">{capital(bikesWords.correct.field[name])}</Words>
            <FormChoice
              control={control}
              name={name}
              label={bikesWords.correct.field[name]}
              options={[
                { value: null, says: bikesWords.correct.notSaid },
                ...MATERIALS.map((value) => ({ value, says: capital(words.material[value]) })),
              ]}
            />
          </Fragment>
        ))}
      </Section>
      <NewOwner control={control} owner={bike.customerId} />
    </FormPage>
  );
}

/** Where a third brake sits, of a bike that has one, and which of its brakes one lever works. */
function ThirdAndLevers({ control }: { control: Control<Written, unknown, BikeCorrection> }) {
  const third = useWatch({ control, name: 'thirdBrake' }) !== 'none';
  return (
    <>
      {third ? (
        <>
          <Words kind="label">{checkInWords.checkIn.thirdPlace}</Words>
          <FormChoice
            control={control}
            name="thirdPlace"
            label={checkInWords.checkIn.thirdPlace}
            options={placesOfThird()}
          />
        </>
      ) : null}
      <Words kind="label">{checkInWords.checkIn.sharedLever}</Words>
      <FormChoice
        control={control}
        name="sharedLever"
        label={checkInWords.checkIn.sharedLever}
        options={leversShared(third)}
      />
    </>
  );
}
