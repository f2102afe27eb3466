import type { Person } from '@hold-fast/contract/people';
import type { End } from '@hold-fast/core/ends';
import type { DecisionKind } from '@hold-fast/core/evidence/decidable';
import type { Subject } from '@hold-fast/core/inspection/inspected';
import type { Job } from '@hold-fast/core/job/job';
import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { z } from 'zod';
import { useLeads } from '../../../data/counterQueries';
import { useDecide } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { FormChoice, FormLine } from '../../../ui/FormLine';
import { space } from '../../../ui/tokens';
import { Wrong } from '../../../ui/Wrong';
import { jobWords } from '../../../words/job';
import { needed } from '../../needed';
import { PinLine, pinWritten } from '../../PinLine';

const says = jobWords.openBars;

const ASKS: Readonly<Record<DecisionKind, { reason: string; says: string }>> = {
  'accepted-unproven': { reason: says.reason, says: says.acceptItAsUnproven },
  'customer-refused': { reason: says.theCustomersWords, says: says.recordTheRefusal },
  'seen-wrong': { reason: says.whyItWasWrong, says: says.recordThatItWasSeen },
  'kept-sheet': { reason: says.whyTheOldSheetIs, says: says.keepTheOldSheet },
};

/** Who decides, why, and their PIN. */
const Written = z.object({
  personName: z.string(),
  words: needed(jobWords.sayWhat.goesIntoTheRecord),
  pin: pinWritten,
});
type Written = z.output<typeof Written>;

interface Props {
  job: Job;
  end: End;
  subject: Subject;
  decision: DecisionKind;
  /** It takes a lead. */
  lead: boolean;
  person: Person;
  onDone: () => void;
}

/** A decision about a thing that bars the sign-off, under the PIN of whoever answers for it. */
export function Decide({ job, end, subject, decision, lead, person, onDone }: Props) {
  const leads = useLeads();
  const decide = useDecide(job.id);
  const { control, handleSubmit } = useForm<Written>({
    resolver: zodResolver(Written),
    defaultValues: { ...(!lead && { personName: person.name }), words: '', pin: '' },
  });
  const who = useWatch({ control, name: 'personName' }) ?? null;
  const names = new Set([...(lead ? [] : [person.name]), ...(leads.data ?? []).map((x) => x.name)]);
  const confirm = handleSubmit((written) =>
    decide.mutate({ end, subject, decision, ...written }, { onSuccess: onDone }),
  );
  return (
    <View style={styles.decide}>
      {lead || decision === 'seen-wrong' ? (
        <FormChoice
          control={control}
          name="personName"
          label={lead ? says.whichLead : says.whoSaysSo}
          options={[...names].map((name) => ({ value: name, says: name }))}
          wrong={lead ? says.chooseWhichLead : says.chooseWhoSaysSo}
        />
      ) : null}
      <FormLine control={control} name="words" label={ASKS[decision].reason} maxLength={300} />
      <PinLine control={control} name="pin" of={who} onSubmitEditing={() => void confirm()} />
      {decide.error ? <Wrong says={decide.error.message} /> : null}
      <Button
        kind="plain"
        says={ASKS[decision].says}
        onPress={() => void confirm()}
        busy={decide.isPending}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  decide: { gap: space.s, paddingTop: space.s },
});
