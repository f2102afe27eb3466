import { InputError } from '@hold-fast/core/inputError';
import { deceleration, distanceOfM, type StopRun } from '@hold-fast/core/stop/stops';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { numberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { KeyedFields } from './KeyedFields';

interface Props {
  when: 'before' | 'after';
  runs: readonly StopRun[];
  onRuns: (runs: StopRun[]) => void;
}

const NOTHING = { fromKmh: '25', distanceM: '', seconds: '' };

/** The runs of one side, and one more: its distance measured, or its time, typed or taken here. */
export function StopRuns({ when, runs, onRuns }: Props) {
  const { stops } = reckonerWords;
  const [typed, setTyped] = useState(NOTHING);
  const [fault, setFault] = useState<Partial<Record<keyof typeof NOTHING, string>>>({});
  const add = (locked: boolean) => {
    const fromKmh = numberOf(typed.fromKmh) ?? NaN;
    const seconds = typed.distanceM.trim() === '' ? numberOf(typed.seconds) : null;
    try {
      const distanceM =
        seconds === null ? (numberOf(typed.distanceM) ?? NaN) : distanceOfM(fromKmh, seconds);
      const run = { fromKmh, distanceM: Math.round(distanceM * 100) / 100, locked };
      deceleration(run);
      setFault({});
      onRuns([...runs, run]);
      setTyped({ ...typed, distanceM: '', seconds: '' });
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      const field = error.field === 'distanceM' && seconds !== null ? 'seconds' : error.field;
      setFault({ [field]: verdictWords.inputError(error.code, error.numbers) });
    }
  };
  return (
    <Section label={stops.when[when]}>
      {runs.map((run, i) => (
        <View key={i} style={styles.run}>
          <Words style={styles.says}>
            {stops.run(
              words.format.keyed(String(run.fromKmh)),
              words.format.keyed(String(run.distanceM)),
              run.locked,
            )}
          </Words>
          <Button
            kind="quiet"
            says={stops.takeOut}
            of={`${stops.when[when]}, ${i + 1}`}
            onPress={() => onRuns(runs.filter((_, at) => at !== i))}
          />
        </View>
      ))}
      <KeyedFields
        names={['fromKmh', 'distanceM', 'seconds']}
        labels={stops.of[when]}
        keyed={typed}
        onKey={(name) => (text) => setTyped({ ...typed, [name]: text })}
        errors={fault}
      />
      <View style={styles.keys}>
        <Button kind="plain" says={stops.add[when]} onPress={() => add(false)} />
        <Button kind="quiet" says={stops.lockedRun[when]} onPress={() => add(true)} />
        <Clock
          when={when}
          onTaken={(seconds) => setTyped({ ...typed, distanceM: '', seconds: String(seconds) })}
        />
      </View>
    </Section>
  );
}

const TENTHS_MS = 100;

/** Touched when the brake is pulled and again when the wheel stands. A thumb is late by some tenths, alike in every run. */
function Clock({ when, onTaken }: { when: Props['when']; onTaken: (seconds: number) => void }) {
  const { stops } = reckonerWords;
  const [began, setBegan] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (began === null) return;
    const timer = setInterval(() => setNow(performance.now()), TENTHS_MS);
    return () => clearInterval(timer);
  }, [began]);
  const press = () => {
    const at = performance.now();
    setNow(at);
    setBegan(began === null ? at : null);
    if (began !== null) onTaken(Math.round((at - began) / TENTHS_MS) / 10);
  };
  return (
    <Button
      kind="quiet"
      says={
        began === null
          ? stops.clock[when]
          : stops.standing(words.format.fixed(Math.max(0, now - began) / 1000, 1))
      }
      onPress={press}
    />
  );
}

const styles = StyleSheet.create({
  run: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  keys: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.m },
  says: { flex: 1, minWidth: 0 },
});
