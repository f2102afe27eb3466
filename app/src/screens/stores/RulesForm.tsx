import { ShopRules } from '@hold-fast/contract/rules';
import type { RulesInForce } from '@hold-fast/contract/rules';
import { BEDDING_SCHOOLS } from '@hold-fast/core/bedding/pulls';
import { PISTON_LUBRICANTS } from '@hold-fast/core/plan/schools';
import { RUNOUT_POINTS } from '@hold-fast/core/runout/runout';
import { PAD_SCHOOLS } from '@hold-fast/core/wear/pads';
import { ROTOR_POINTS } from '@hold-fast/core/wear/rotor';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm, type Resolver } from 'react-hook-form';
import { useRules } from '../../data/queries';
import { useSaveRules } from '../../data/writes';
import { Choice } from '../../ui/Choice';
import { FormChoice, FormLine, FormNumber } from '../../ui/FormLine';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { partWords } from '../../words/partWords';
import { words } from '../../words/words';
import { capital } from '../../words/capital';
import { StoreForm } from './StoreForm';

type Written = ReturnType<typeof ShopRules.parse>;

/** The shop’s rules: which schools are in force, how many points, the bands, the intervals, the units. */
export function RulesForm() {
  const rules = useRules();
  if (rules.error) return <Failed error={rules.error} onRetry={() => void rules.refetch()} />;
  if (!rules.data) return <Loading />;
  return <Form key={rules.data.version} inForce={rules.data} />;
}

function Form({ inForce }: { inForce: RulesInForce }) {
  const save = useSaveRules();
  const form = useForm<Written>({
    defaultValues: { ...inForce.rules, schools: [...inForce.rules.schools] },
    resolver: zodResolver(ShopRules) as unknown as Resolver<Written>,
  });
  const { control } = form;
  const errors = form.formState.errors;
  const send = form.handleSubmit((rules) => save.mutate({ version: inForce.version, rules }));
  return (
    <StoreForm
      over="Stores"
      title="Shop rules"
      says="Lay down these rules"
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <Words ink="soft">
          {inForce.at
            ? `In force since ${exactDay(inForce.at)}, laid down by ${inForce.by}.`
            : 'The usual rules; nobody has laid down others yet.'}
        </Words>
        {save.isSuccess ? (
          <Note title="In force">Every open job is judged by them now.</Note>
        ) : null}
      </Section>
      <Section label="Schools of judging pads">
        <Controller
          control={control}
          name="schools"
          render={({ field }) => (
            <Choice
              label="Schools in force"
              many
              options={PAD_SCHOOLS.map((value) => ({ value, says: words.school[value] }))}
              chosen={field.value}
              onChoose={(school) =>
                field.onChange(
                  field.value.includes(school)
                    ? field.value.filter((each) => each !== school)
                    : [...field.value, school],
                )
              }
            />
          )}
        />
        {errors.schools ? (
          <Words kind="small" ink="rustText" role="alert">
            At least one school must be in force.
          </Words>
        ) : (
          <Words kind="small">The one that bites first decides; all of them are shown.</Words>
        )}
      </Section>
      <Section label="Points round the rotor">
        <Words kind="small">Points for thickness</Words>
        <FormChoice
          control={control}
          name="rotorPoints"
          label="Points for thickness"
          options={range(ROTOR_POINTS.fewest, ROTOR_POINTS.most, 2)}
        />
        <Words kind="small">Readings of the dial in one turn</Words>
        <FormChoice
          control={control}
          name="runoutPoints"
          label="Readings of the dial in one turn"
          options={range(RUNOUT_POINTS.fewest, RUNOUT_POINTS.most, 6)}
        />
      </Section>
      <Section label="Runout bands, mm, ends inclusive">
        <FormNumber control={control} name="runoutBands.goodMm" label="Good to" />
        <FormNumber control={control} name="runoutBands.watchMm" label="Watch to" />
        <FormNumber control={control} name="runoutBands.trueMm" label="True to; above, replace" />
        {(errors.runoutBands?.root ?? errors.runoutBands?.message) ? (
          <Words kind="small" ink="rustText" role="alert">
            Each band must end above the one before.
          </Words>
        ) : (
          <Words kind="small">From memory; the maker’s sheet comes first.</Words>
        )}
      </Section>
      <Section label="Looked at again, days">
        <FormNumber control={control} name="serviceDays.rotor" label="Rotors" />
        <FormNumber control={control} name="serviceDays.pads" label="Pads" />
      </Section>
      <Section label="Schools of work">
        <Words kind="small">Bedding in</Words>
        <FormChoice
          control={control}
          name="beddingIn"
          label="Bedding in"
          options={BEDDING_SCHOOLS.map((value) => ({ value, says: partWords.bedding[value] }))}
        />
        <Words kind="small">On pistons, where the sheet is silent</Words>
        <FormChoice
          control={control}
          name="pistonLubricant"
          label="On pistons"
          options={PISTON_LUBRICANTS.map((value) => ({
            value,
            says: capital(partWords.lubricant[value]),
          }))}
        />
      </Section>
      <Section label="Quotes">
        <FormNumber
          control={control}
          name="labourPerHourCents"
          unit={100}
          label="An hour at the bench"
          hint="Parts are quoted at the shelf’s price."
        />
      </Section>
      <Section label="Guard band">
        <Note>
          A part passes only when its reading clears the limit by the gauge’s whole doubt. This can
          be seen on every wear rule, and cannot be switched off.
        </Note>
      </Section>
      <Section label="Where the shop is">
        <FormLine
          control={control}
          name="timeZone"
          label="Time zone"
          hint="Such as Europe/Lisbon. Calibration and use-by go by its days."
        />
      </Section>
      <Section label="Lengths are shown in">
        <FormChoice
          control={control}
          name="lengthUnit"
          label="Unit"
          options={[
            { value: 'mm', says: 'Millimetres' },
            { value: 'in', says: 'Inches beside millimetres' },
          ]}
        />
      </Section>
    </StoreForm>
  );
}

function range(from: number, to: number, step: number) {
  return Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, i) => {
    const value = from + i * step;
    return { value, says: String(value) };
  });
}
