import type { Person } from '@hold-fast/contract/people';
import { inspectedItems } from '@hold-fast/core/job/bars';
import type { Thing } from '@hold-fast/core/inspection/inspected';
import type { Job } from '@hold-fast/core/job/job';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm, type Control } from 'react-hook-form';
import { z } from 'zod';
import { useAmend } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { FormLine } from '../../../ui/FormLine';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { Wrong } from '../../../ui/Wrong';
import { capital } from '../../../words/capital';
import { exactDay } from '../../../words/days';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { needed } from '../../needed';
import { PinLine, pinWritten } from '../../PinLine';

const says = jobWords.sealed;

/** A correction as it is written; null before somebody said what it takes back. */
const Written = z.object({
  words: needed(says.writeWhatIsToBe),
  takesBack: z
    .array(z.string())
    .nullable()
    .refine((names): boolean => names !== null, says.sayWhatItTakesBack),
  pin: pinWritten,
});
type Written = z.output<typeof Written>;

const nameOf = ({ end, subject }: Thing) => `${end} ${subject}`;

/** Corrections to a sealed record: they hang in the same chain and change nothing in it. */
export function Amendments({ job, person }: { job: Job; person: Person }) {
  const sealedGood = inspectedItems(job).filter(({ word }) => word === 'holds' || word === 'watch');
  const amend = useAmend(job.id);
  const { control, handleSubmit, reset, setError } = useForm<Written>({
    resolver: zodResolver(Written),
    // Where nothing was sealed as good there is nothing to take back, and it is not asked.
    defaultValues: { words: '', takesBack: sealedGood.length > 0 ? null : [], pin: '' },
  });
  const write = handleSubmit((written) =>
    amend.mutate(
      {
        ...written,
        takesBack: sealedGood
          .filter((item) => written.takesBack?.includes(nameOf(item)))
          .map(({ end, subject }) => ({ end, subject })),
      },
      {
        onSuccess: () => reset(),
        onError: ({ message }) => setError('pin', { message }),
      },
    ),
  );
  return (
    <Section label={says.amendments}>
      {job.amended.map(({ id, number, words: text, by, at, seal }) => (
        <Note key={id} title={says.recordBy(number, by, exactDay(at))}>
          {says.seal(text, seal.slice(0, 16))}
        </Note>
      ))}
      <Words ink="soft">{says.theRecordStaysAsIt}</Words>
      <FormLine
        control={control}
        name="words"
        label={says.whatHasToBeCorrected}
        maxLength={1000}
        multiline
      />
      {sealedGood.length > 0 ? <TakesBack control={control} sealedGood={sealedGood} /> : null}
      <PinLine control={control} name="pin" of={person.name} onSubmitEditing={() => void write()} />
      <Button
        kind="plain"
        says={says.addTheAmendment}
        onPress={() => void write()}
        busy={amend.isPending}
      />
    </Section>
  );
}

/** Says that a correction takes nothing back. */
const NOTHING = 'nothing';

/** What a correction takes back of what was sealed as good; that it takes nothing back is said too. */
function TakesBack({
  control,
  sealedGood,
}: {
  control: Control<Written>;
  sealedGood: readonly Thing[];
}) {
  return (
    <Controller
      control={control}
      name="takesBack"
      render={({ field: { ref, value, onChange }, fieldState }) => (
        <>
          <Words kind="label">{says.whatItTakesBackOf}</Words>
          <Choice
            ref={ref}
            label={says.whatItTakesBack}
            many
            options={[
              { value: NOTHING, says: says.nothingAllOfItStands },
              ...sealedGood.map((item) => ({
                value: nameOf(item),
                says: capital(words.thingAt(item.end, item.subject)),
              })),
            ]}
            chosen={value?.length === 0 ? [NOTHING] : (value ?? [])}
            onChoose={(name) => onChange(withOrWithout(value ?? [], name))}
          />
          {value && value.length > 0 ? (
            <Note kind="refusal" title={says.theBikeIsNotTo}>
              {says.itHangsOnTheBike}
            </Note>
          ) : null}
          {fieldState.error ? <Wrong says={fieldState.error.message} /> : null}
        </>
      )}
    />
  );
}

/** What is taken back once a thing was pressed; null where the last was pressed off again, for that says nothing. */
function withOrWithout(names: readonly string[], name: string): string[] | null {
  if (name === NOTHING) return [];
  if (!names.includes(name)) return [...names, name];
  return names.length > 1 ? names.filter((each) => each !== name) : null;
}
