import type { StockInStore } from '@hold-fast/contract/stores';
import { router } from 'expo-router';
import { useState } from 'react';
import { useStockNow } from '../../data/counterQueries';
import { useStockWrite } from '../../data/writes';
import { Button, Buttons } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { storeFormWords } from '../../words/storeForms';

const says = storeFormWords.stockTake;

/**
 * The shelf counted through. What is put right is the difference to the count that stood there when it was counted: a part that a job
 * took meanwhile is not counted twice.
 */
export function StockTake() {
  const stock = useStockNow();
  const [opened] = useState(() => Date.now());
  // What this device was told earlier is no count to hold another against.
  if (!stock.data || stock.dataUpdatedAt < opened)
    return stock.error ? (
      <Failed error={stock.error} onRetry={() => void stock.refetch()} />
    ) : (
      <Loading />
    );
  return <Counting shelf={stock.data} />;
}

/** A line as it was counted: what is there, and what the shop thought was there then. */
interface Counted {
  text: string;
  was: number;
}

const isCount = (text: string) => /^\d{1,4}$/.test(text.trim());

function Counting({ shelf }: { shelf: readonly StockInStore[] }) {
  const [counted, setCounted] = useState<Readonly<Record<string, Counted>>>({});
  const [going, setGoing] = useState(false);
  const [error, setError] = useState<Error | null>(null);
  const [right, setRight] = useState(0);
  const move = useStockWrite<{ stockId: string; pieces: number; batch: string; why: string }>(
    '/stock/moves',
  );
  const wrong = shelf.filter(({ id }) => {
    const line = counted[id];
    return line !== undefined && isCount(line.text) && Number(line.text) !== line.was;
  });
  const faulty = Object.values(counted).some(({ text }) => text.trim() !== '' && !isCount(text));
  const forget = (id: string) =>
    setCounted((lines) => Object.fromEntries(Object.entries(lines).filter(([key]) => key !== id)));
  const putRight = async () => {
    setGoing(true);
    setError(null);
    try {
      for (const { id } of wrong) {
        const { text, was } = counted[id]!;
        const pieces = Number(text) - was;
        await move.mutateAsync({ stockId: id, pieces, batch: '', why: says.why });
        forget(id);
        setRight((count) => count + 1);
      }
    } catch (failed) {
      setError(failed as Error);
    }
    setGoing(false);
  };
  return (
    <Page
      over={storeFormWords.stockForm.storesParts}
      title={says.title}
      foot={
        <Buttons>
          <Button
            kind="plain"
            says={storeFormWords.storeForm.stores}
            onPress={() => router.navigate('/stores')}
          />
          <Button
            grow
            says={says.putRight(wrong.length)}
            busy={going}
            disabled={wrong.length === 0 || faulty}
            onPress={() => void putRight()}
          />
        </Buttons>
      }
    >
      <Section>
        <Words ink="soft">{says.how}</Words>
        {error ? <Note kind="refusal" title={error.message} /> : null}
        {right > 0 ? <Note title={says.done(right)} /> : null}
      </Section>
      {shelf.map(({ id, description, count }) => {
        const line = counted[id];
        const isWrong = line !== undefined && line.text.trim() !== '' && !isCount(line.text);
        return (
          <Section key={id}>
            <Words kind="strong">{description}</Words>
            <Field
              label={says.counted(line?.was ?? count)}
              value={line?.text ?? ''}
              inputMode="numeric"
              error={isWrong ? says.wholeNumber : undefined}
              onChangeText={(text) =>
                text === ''
                  ? forget(id)
                  : setCounted({ ...counted, [id]: { text, was: line?.was ?? count } })
              }
            />
          </Section>
        );
      })}
    </Page>
  );
}
