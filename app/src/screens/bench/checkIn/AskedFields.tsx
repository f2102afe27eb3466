import { CAME_ALONG, type CameAlong } from '@hold-fast/core/job/job';
import { Controller, type Control } from 'react-hook-form';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { FormLine } from '../../../ui/FormLine';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { checkInWords } from '../../../words/checkIn';
import { messageSays } from '../../../words/faultWords';
import { words } from '../../../words/words';
import { moneyCents, type VisitForm } from './visitForm';

/** A visit of the bike that it may come back from. */
export interface EarlierVisit {
  id: string;
  tag: number;
  complaint: string;
}

/** So many earlier visits are offered: a bike that comes back comes back soon. */
const OFFERED = 4;

/** What is asked at the counter besides: what came along, what is damaged, and what the customer wants. */
export function AskedFields({
  control,
  earlier,
}: {
  control: Control<VisitForm>;
  earlier: readonly EarlierVisit[];
}) {
  return (
    <>
      {earlier.length > 0 ? (
        <Section label={checkInWords.visitFields.comesBack}>
          <One
            control={control}
            name="comebackOf"
            label={checkInWords.visitFields.comesBack}
            options={[
              { value: null, says: checkInWords.visitFields.itDoesNot },
              ...earlier.slice(0, OFFERED).map(({ id, tag, complaint }) => ({
                value: id,
                says: checkInWords.visitFields.visit(tag, complaint),
              })),
            ]}
          />
        </Section>
      ) : null}
      <Section label={checkInWords.visitFields.besides}>
        <Words kind="label">{checkInWords.visitFields.cameAlong}</Words>
        <Controller
          control={control}
          name="cameAlong"
          render={({ field }) => (
            <Choice<CameAlong>
              label={checkInWords.visitFields.cameAlong}
              many
              options={CAME_ALONG.map((value) => ({
                value,
                says: capital(words.cameAlong[value]),
              }))}
              chosen={field.value}
              onChoose={(what) =>
                field.onChange(
                  field.value.includes(what)
                    ? field.value.filter((each) => each !== what)
                    : [...field.value, what],
                )
              }
            />
          )}
        />
        <FormLine
          control={control}
          name="damage"
          label={checkInWords.visitFields.damageThere}
          maxLength={500}
        />
        <Words kind="label">{checkInWords.visitFields.mayRide}</Words>
        <One
          control={control}
          name="mayRide"
          label={checkInWords.visitFields.mayRide}
          options={YES_NO}
        />
        <Words kind="label">{checkInWords.visitFields.oldParts}</Words>
        <One
          control={control}
          name="oldPartsBack"
          label={checkInWords.visitFields.oldParts}
          options={YES_NO}
        />
        <Controller
          control={control}
          name="ringAbove"
          rules={{
            validate: (text) =>
              moneyCents(text) !== undefined || checkInWords.visitFields.aNumberOfMoney,
          }}
          render={({ field, fieldState }) => (
            <Field
              ref={field.ref}
              label={checkInWords.visitFields.ringAbove}
              value={field.value}
              onChangeText={field.onChange}
              inputMode="decimal"
              hint={checkInWords.visitFields.ringAboveHint}
              error={messageSays(fieldState.error?.message)}
            />
          )}
        />
      </Section>
    </>
  );
}

const YES_NO = [
  { value: true, says: checkInWords.visitFields.yes },
  { value: false, says: checkInWords.visitFields.no },
  { value: null, says: checkInWords.visitFields.notAskedYet },
];

function One<K extends 'comebackOf' | 'mayRide' | 'oldPartsBack'>({
  control,
  name,
  label,
  options,
}: {
  control: Control<VisitForm>;
  name: K;
  label: string;
  options: readonly { value: VisitForm[K]; says: string }[];
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <Choice
          label={label}
          options={options}
          chosen={[field.value as VisitForm[K]]}
          onChoose={field.onChange}
        />
      )}
    />
  );
}
