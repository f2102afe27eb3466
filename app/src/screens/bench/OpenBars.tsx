import type { Job } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import { type Subject } from '@hold-fast/core/inspection/inspectEnd';
import { MEASURANDS } from '@hold-fast/core/inspection/measurand';
import { PARTS, type End } from '@hold-fast/core/ends';
import { type Bar } from '@hold-fast/core/procedure/signOff';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useLeads } from '../../data/queries';
import { useDecide } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';

/** What is to be checked by name at one end, together: it is done on one screen. */
export function OpenChecks({ job, end, bars }: { job: Job; end: End; bars: readonly Bar[] }) {
  const open = bars.flatMap((bar) => (bar.code === 'check-open' && bar.end === end ? [bar] : []));
  if (open.length === 0) return null;
  const named = (failed: boolean) =>
    open.filter((bar) => bar.failed === failed).map(({ check }) => words.check[check]);
  const failed = named(true);
  const unticked = named(false);
  return (
    <Note
      kind={failed.length > 0 ? 'refusal' : 'caution'}
      title={`${open.length} to check by name, ${words.end[end]}`}
    >
      {failed.length > 0 ? <Words>{`Not in order: ${failed.join('; ')}.`}</Words> : null}
      {unticked.length > 0 ? <Words>{`${unticked.join('; ')}.`}</Words> : null}
      <Button
        kind="quiet"
        says={`Check by name, ${words.end[end]}`}
        onPress={() => router.navigate(`/bench/${job.id}/${end}/check` as '/bench')}
      />
    </Note>
  );
}

/** One thing that bars the sign-off, with every way to put it right. */
export function OpenBar({ job, bar, person }: { job: Job; bar: Bar; person: Person }) {
  const [deciding, setDeciding] = useState(false);
  const decidable = bar.code === 'unproven-open' || bar.code === 'replace-open';
  return (
    <Note kind={bar.code === 'do-not-ride' ? 'refusal' : 'caution'}>
      <Words>{words.bar(bar)}</Words>
      <View style={styles.ways}>
        {waysTo(bar).map(({ says, to }) => (
          <Button
            key={to}
            kind="quiet"
            says={says}
            onPress={() => router.navigate(`/bench/${job.id}/${to}` as '/bench')}
          />
        ))}
        {decidable && !deciding ? (
          <Button
            kind="quiet"
            says={bar.code === 'unproven-open' ? 'A lead accepts it' : 'The customer refuses'}
            onPress={() => setDeciding(true)}
          />
        ) : null}
      </View>
      {decidable && deciding ? (
        <Decide
          job={job}
          end={bar.end}
          subject={bar.subject}
          decision={bar.code === 'unproven-open' ? 'accepted-unproven' : 'customer-refused'}
          person={person}
          onDone={() => setDeciding(false)}
        />
      ) : null}
    </Note>
  );
}

/** Where what bars the sign-off can be put right. */
function waysTo(bar: Bar): { says: string; to: string }[] {
  switch (bar.code) {
    case 'torque-unproven':
      return [{ says: 'Tighten it', to: `${bar.end}/bolts?fastener=${bar.fastener}` }];
    case 'work-open':
      return [{ says: 'On with the plan', to: 'step' }];
    case 'lever-untested':
      return [{ says: 'Test the lever for air', to: `${bar.end}/lever` }];
    case 'still-tagged':
    case 'do-not-ride':
    case 'replace-open':
      return [{ says: 'Plan the work', to: 'plan' }, ...fitNew(bar), seeAgain(bar)];
    case 'unproven-open':
      return [seeAgain(bar), ...fitNew(bar)];
    default:
      return [];
  }
}

/** What wears is put right by a new one, and that is written down by itself. */
function fitNew({ end, subject }: { end: End; subject: Subject }) {
  return PARTS.flatMap((part) =>
    part === subject
      ? [{ says: `Record the new ${words.part[part]}`, to: `${end}/fit-${part}` }]
      : [],
  );
}

/** A later look counts: measured again, or looked over. */
function seeAgain({ end, subject }: { end: End; subject: Subject }) {
  return (MEASURANDS as readonly string[]).includes(subject)
    ? { says: `Measure again: ${words.subject[subject]}`, to: `${end}/${subject}` }
    : { says: 'Look it over', to: `${end}/look` };
}

interface DecideProps {
  job: Job;
  end: End;
  subject: Subject;
  decision: 'accepted-unproven' | 'customer-refused';
  person: Person;
  onDone: () => void;
}

function Decide({ job, end, subject, decision, person, onDone }: DecideProps) {
  const leads = useLeads();
  const accepting = decision === 'accepted-unproven';
  const [who, setWho] = useState<string | null>(accepting ? null : person.name);
  const [reason, setReason] = useState('');
  const [pin, setPin] = useState('');
  const [tried, setTried] = useState(false);
  const decide = useDecide(job.id);

  const confirm = () => {
    setTried(true);
    if (who && reason.trim() && /^\d{4,8}$/.test(pin))
      decide.mutate(
        { end, subject, decision, words: reason.trim(), personName: who, pin },
        { onSuccess: onDone },
      );
  };
  return (
    <View style={styles.decide}>
      {accepting ? (
        <Choice
          label="Which lead"
          options={(leads.data ?? []).map(({ name }) => ({ value: name, says: name }))}
          chosen={who ? [who] : []}
          onChoose={setWho}
        />
      ) : null}
      {tried && !who ? (
        <Words kind="small" ink="rustText" role="alert">
          Choose who accepts it.
        </Words>
      ) : null}
      <Field
        label={accepting ? 'Reason' : 'The customer’s words'}
        value={reason}
        onChangeText={setReason}
        maxLength={300}
        error={tried && !reason.trim() ? 'Write it down: it goes into the record.' : undefined}
      />
      <Field
        label={who ? `PIN of ${who}` : 'PIN'}
        value={pin}
        onChangeText={setPin}
        secureTextEntry
        inputMode="numeric"
        maxLength={8}
        autoComplete="off"
        error={tried && !/^\d{4,8}$/.test(pin) ? 'A PIN has 4 to 8 digits.' : undefined}
      />
      {decide.error ? (
        <Words kind="small" ink="rustText" role="alert">
          {decide.error.message}
        </Words>
      ) : null}
      <Button
        kind="plain"
        says={accepting ? 'Accept it as unproven' : 'Record the refusal'}
        onPress={confirm}
        busy={decide.isPending}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  ways: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.xl },
  decide: { gap: space.s, paddingTop: space.s },
});
