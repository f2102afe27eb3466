import { StockLine, StockMove, type StockInStore } from '@hold-fast/contract/stores';
import { NEW_PARTS } from '@hold-fast/core/stock/stock';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import type { Resolver } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useStock } from '../../data/queries';
import { useStockWrite } from '../../data/writes';
import { FormChoice, FormLine, FormNumber } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { partWords } from '../../words/partWords';
import { useKeptForm, type Begun } from '../useKeptForm';
import { StoreForm } from './StoreForm';
import { storeFormWords } from '../../words/storeForms';

/** A new kind of part, or what came in and went of one that is there. */
export function StockForm({ stockId }: { stockId: string }) {
  const stock = useStock();
  if (stock.error) return <Failed error={stock.error} onRetry={() => void stock.refetch()} />;
  if (!stock.data) return <Loading />;
  if (stockId === 'new') return <NewLine />;
  const line = stock.data.find(({ id }) => id === stockId);
  if (!line) return <Failed error={new Error(storeFormWords.stockForm.thereIsNoSuchPart)} />;
  return <MoveForm key={`${line.id} ${line.count}`} line={line} />;
}

function NewLine() {
  const save = useStockWrite<StockLine>('/stock');
  const [fresh] = useState<Begun<StockLine>>(() => ({
    id: uuid(),
    part: null,
    description: '',
    fits: '',
    reorderAt: 2,
    priceCents: 0,
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
        <FormLine
          control={control}
          name="fits"
          label={storeFormWords.stockForm.whatItFits}
          maxLength={60}
          hint={storeFormWords.stockForm.padShapeRotorSizeHose}
        />
        <FormNumber
          control={control}
          name="reorderAt"
          label={storeFormWords.stockForm.orderAgainAt}
        />
        <FormNumber
          control={control}
          name="priceCents"
          unit={100}
          label={storeFormWords.stockForm.priceToTheCustomer}
        />
      </Section>
    </StoreForm>
  );
}

function MoveForm({ line }: { line: StockInStore }) {
  const save = useStockWrite<StockMove>('/stock/moves');
  const [fresh] = useState(() => ({
    id: uuid(),
    stockId: line.id,
    pieces: 1,
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
    </StoreForm>
  );
}
