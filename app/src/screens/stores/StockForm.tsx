import { StockEdit, StockLine, StockMove, type StockInStore } from '@hold-fast/contract/stores';
import { NEW_PARTS } from '@hold-fast/core/stock/stock';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import type { Control, Resolver } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useStock } from '../../data/queries';
import { useChangeStock, useStockWrite } from '../../data/writes';
import { Button } from '../../ui/Button';
import { FormChoice, FormLine, FormNumber } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { partWords } from '../../words/partWords';
import { useKeptForm, type Begun } from '../useKeptForm';
import { StoreForm } from './StoreForm';
import { storeFormWords } from '../../words/storeForms';

/** A new kind of part; or what came in and went of one that is there, and what is written of it. */
export function StockForm({ stockId }: { stockId: string }) {
  const stock = useStock();
  // Each of the two has its own way to be saved: a price that is changed delivers nothing. Changed, or of another part, it is done with.
  const [asked, setAsked] = useState('');
  if (stock.error) return <Failed error={stock.error} onRetry={() => void stock.refetch()} />;
  if (!stock.data) return <Loading />;
  if (stockId === 'new') return <NewLine />;
  const line = stock.data.find(({ id }) => id === stockId);
  if (!line) return <Failed error={new Error(storeFormWords.stockForm.thereIsNoSuchPart)} />;
  const written = `${line.id} ${line.version}`;
  return asked === written ? (
    <WrittenForm key={written} line={line} />
  ) : (
    <MoveForm key={`${line.id} ${line.count}`} line={line} onWritten={() => setAsked(written)} />
  );
}

function NewLine() {
  const save = useStockWrite<StockLine>('/stock');
  const [fresh] = useState<Begun<StockLine>>(() => ({
    id: uuid(),
    part: null,
    description: '',
    fits: '',
    reorderAt: 2,
    // Nobody reads a nought that stands there, and nobody would be asked for it.
    priceCents: null,
  }));
  const { control, handleSubmit } = useKeptForm<StockLine>('stock', {
    defaultValues: fresh,
    resolver: zodResolver(StockLine) as unknown as Resolver<StockLine>,
  });
  const send = handleSubmit((line) =>
    save.mutate(line, { onSuccess: () => router.navigate('/stores') }),
  );
  return (
    <StoreForm
      over={storeFormWords.stockForm.storesParts}
      title={storeFormWords.stockForm.aNewKindOfPart}
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <FormChoice
          control={control}
          name="part"
          label={storeFormWords.stockForm.part}
          wrong={storeFormWords.stockForm.sayWhichPart}
          options={NEW_PARTS.map((value) => ({ value, says: capital(partWords.part[value]) }))}
        />
      </Section>
      <Section>
        <FormLine
          control={control}
          name="description"
          label={storeFormWords.stockForm.whatThePacketSays}
          maxLength={80}
        />
        <Shelf control={control} />
      </Section>
    </StoreForm>
  );
}

function MoveForm({ line, onWritten }: { line: StockInStore; onWritten: () => void }) {
  const save = useStockWrite<StockMove>('/stock/moves');
  const [fresh] = useState<Begun<StockMove>>(() => ({
    id: uuid(),
    stockId: line.id,
    // How many came is counted, and not left as it stands there.
    pieces: null,
    batch: '',
    why: storeFormWords.stockForm.delivered,
  }));
  const { control, handleSubmit } = useKeptForm<StockMove>(`stock ${line.id}`, {
    defaultValues: fresh,
    resolver: zodResolver(StockMove) as unknown as Resolver<StockMove>,
  });
  const send = handleSubmit((move) =>
    save.mutate(move, { onSuccess: () => router.navigate('/stores') }),
  );
  return (
    <StoreForm
      over={storeFormWords.stockForm.storesParts}
      title={line.description}
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <Words>{storeFormWords.stockForm.onTheShelfOrderedAgain(line.count, line.reorderAt)}</Words>
        <FormNumber
          control={control}
          name="pieces"
          label={storeFormWords.stockForm.cameInLessWent}
          hint={storeFormWords.stockForm.aMinusTakesAwayFor}
        />
        <FormLine
          control={control}
          name="batch"
          label={storeFormWords.stockForm.batch}
          maxLength={40}
          hint={storeFormWords.stockForm.foundByIt}
        />
        <FormLine
          control={control}
          name="why"
          label={storeFormWords.stockForm.why}
          maxLength={120}
        />
      </Section>
      <Section>
        <Button kind="quiet" says={storeFormWords.stockForm.change} onPress={onWritten} />
      </Section>
    </StoreForm>
  );
}

/** What is written of a kind of part, and changes: what it costs, what it fits, when it is ordered again. */
function WrittenForm({ line }: { line: StockInStore }) {
  const { id, version, fits, reorderAt, priceCents } = line;
  const save = useChangeStock(id);
  const { control, handleSubmit } = useKeptForm<StockEdit>(`written ${id}`, {
    defaultValues: { version, fits, reorderAt, priceCents },
    resolver: zodResolver(StockEdit) as unknown as Resolver<StockEdit>,
  });
  const send = handleSubmit((change) =>
    save.mutate(change, { onSuccess: () => router.navigate('/stores') }),
  );
  return (
    <StoreForm
      over={storeFormWords.stockForm.storesParts}
      title={line.description}
      save={save}
      onSave={() => void send()}
    >
      <Section label={storeFormWords.stockForm.written}>
        <Shelf control={control} />
      </Section>
    </StoreForm>
  );
}

/** What a shelf says of what lies on it. */
function Shelf<Line extends StockEdit | StockLine>({ control }: { control: Control<Line> }) {
  const at = control as unknown as Control<Pick<StockLine, 'fits' | 'reorderAt' | 'priceCents'>>;
  return (
    <>
      <FormLine
        control={at}
        name="fits"
        label={storeFormWords.stockForm.whatItFits}
        maxLength={60}
        hint={storeFormWords.stockForm.padShapeRotorSizeHose}
      />
      <FormNumber control={at} name="reorderAt" label={storeFormWords.stockForm.orderAgainAt} />
      <FormNumber
        control={at}
        name="priceCents"
        unit={100}
        label={storeFormWords.stockForm.priceToTheCustomer}
      />
    </>
  );
}
