import type { TraceRow } from '@hold-fast/contract/trace';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { useSendMessage } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { size } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { dueWords } from '../../words/due';
import { traceWords } from '../../words/trace';
import { words } from '../../words/words';

/** One message to everybody a trace found, once to each bike; who has no number is named. */
export function WriteAll({ rows, what }: { rows: readonly TraceRow[]; what: string }) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState(() => traceWords.draft(what));
  const [sent, setSent] = useState<ReadonlySet<string>>(new Set());
  const [error, setError] = useState<Error | null>(null);
  const [going, setGoing] = useState(false);
  const send = useSendMessage();
  const bikes = [...new Map(rows.map((row) => [row.bikeId, row])).values()];
  const reached = bikes.filter(({ phone }) => phone !== null);
  const unreached = bikes.filter(({ phone }) => phone === null);
  const go = async () => {
    setError(null);
    setGoing(true);
    const done = new Set(sent);
    try {
      for (const { bikeId } of reached.filter((row) => !sent.has(row.bikeId))) {
        await send.mutateAsync({ bikeId, about: 'trace', words: text });
        done.add(bikeId);
        setSent(new Set(done));
      }
    } catch (failed) {
      setError(failed as Error);
    }
    setGoing(false);
  };
  if (!open)
    return (
      <Section>
        <Button
          kind="plain"
          says={traceWords.writeAll(bikes.length)}
          onPress={() => setOpen(true)}
        />
      </Section>
    );
  const isDone = sent.size === reached.length;
  return (
    <Section label={dueWords.message}>
      <Words ink="soft">{traceWords.writeSays}</Words>
      <Field
        label={dueWords.message}
        value={text}
        onChangeText={setText}
        multiline
        style={styles.message}
      />
      {error ? <Note kind="refusal" title={error.message} /> : null}
      {sent.size > 0 ? <Note title={traceWords.sentTo(sent.size, bikes.length)} /> : null}
      {unreached.length > 0 ? (
        <Note
          kind="caution"
          title={traceWords.notSent(
            words.format.list([...new Set(unreached.map(({ customerName }) => customerName))]),
          )}
        />
      ) : null}
      {isDone ? null : (
        <Button
          says={dueWords.send}
          busy={going}
          disabled={text.trim() === ''}
          onPress={() => void go()}
        />
      )}
    </Section>
  );
}

const styles = StyleSheet.create({ message: { minHeight: 3 * size.touch } });
