import { SYMPTOMS } from '@hold-fast/core/trouble/symptoms';
import { useFormContext } from 'react-hook-form';
import { FormChoice, FormLine, FormMany, FormNumber } from '../../../ui/FormLine';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { AskedFields, type EarlierVisit } from './AskedFields';
import { near } from '../../../words/days';
import { words } from '../../../words/words';
import { checkInWords } from '../../../words/checkIn';
import type { VisitForm } from './visitForm';

const BENCH_TIMES = [15, 30, 60, 90, 120] as const;

/** The questions of a visit, the same at check-in and when something has to be changed. */
export function VisitFields({
  promised,
  earlier,
}: {
  promised: readonly string[];
  /** The bike's visits before this one, newest first. */
  earlier: readonly EarlierVisit[];
}) {
  const { control } = useFormContext<VisitForm>();
  const says = checkInWords.visitFields;
  const lastKm = earlier.find(({ odometerKm }) => odometerKm)?.odometerKm;
  return (
    <>
      <Section label={says.complaint}>
        <FormLine
          control={control}
          name="complaint"
          label={says.inTheRidersOwnWords}
          maxLength={500}
        />
        <FormMany
          control={control}
          name="symptoms"
          label={says.symptoms}
          options={SYMPTOMS.map((value) => ({ value, says: words.symptom[value] }))}
        />
      </Section>
      <Section label={says.whichLeverWorksTheFront}>
        <FormChoice
          control={control}
          name="frontLever"
          label={says.whichLeverWorksTheFront}
          options={[
            { value: 'left', says: says.left },
            { value: 'right', says: says.right },
            { value: null, says: says.notAskedYet },
          ]}
        />
        <Words kind="small">{says.countriesAndRidersDifferAnd}</Words>
      </Section>
      <Section label={says.promise}>
        <FormChoice
          control={control}
          name="promisedAt"
          label={says.promisedFor}
          options={promised.map((value) => ({ value, says: near(value) }))}
        />
        <FormChoice
          control={control}
          name="minutes"
          label={says.benchTime}
          options={BENCH_TIMES.map((value) => ({ value, says: says.min(value) }))}
        />
        <FormNumber
          control={control}
          name="odometerKm"
          label={says.ridden[words.format.distanceUnit]}
          hint={[lastKm ? says.lastTime(lastKm) : '', says.ifTheBikeOrThe]
            .filter(Boolean)
            .join(' ')}
          unit={words.format.unitKm}
          wrong={says.digitsOnly}
          keptWhole
        />
      </Section>
      <AskedFields earlier={earlier} />
    </>
  );
}
