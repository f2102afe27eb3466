import { BikeCorrection, type BikePage } from '@hold-fast/contract/bikes';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { FormProvider } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import type { z } from 'zod';
import { useBike } from '../../data/counterQueries';
import { useCorrectBike } from '../../data/writes';
import { FormLine } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { bikesWords } from '../../words/bikes';
import { capital } from '../../words/capital';
import { BikeBrakes, BikeNamed, BikeUse } from './BikeFields';
import { NewOwner } from './NewOwner';
import { FormPage } from '../FormPage';
import { useKeptForm } from '../useKeptForm';
import { atBike } from '../routes';

type Written = z.input<typeof BikeCorrection>;

/** What is written of a bike, corrected: what stood before is kept. */
export function CorrectBike({ bikeId }: { bikeId: string }) {
  const query = useBike(bikeId);
  if (query.error && !query.data)
    return <Failed error={query.error} onRetry={() => void query.refetch()} />;
  if (!query.data) return <Loading />;
  const { bike } = query.data;
  return <Form key={bike.version} bike={bike} over={query.data.customer.name} />;
}

function Form({ bike, over }: { bike: BikePage['bike']; over: string }) {
  const correct = useCorrectBike(bike.id);
  const { id: _id, ...written } = bike;
  const form = useKeptForm<Written, BikeCorrection>(`bike ${bike.id}`, {
    defaultValues: { id: uuid(), words: '', ...written },
    resolver: zodResolver(BikeCorrection),
  });
  const page = atBike(bike.id);
  const toBike = () => router.navigate(page);
  const send = form.handleSubmit((correction) =>
    correct.mutateAsync(correction).then(toBike, () => undefined),
  );
  return (
    <FormPage
      over={over}
      title={bikesWords.correct.correctThisBike}
      back={{ says: bikesWords.correct.backToTheBike, to: page }}
      save={correct}
      nameOf={(field) =>
        capital((bikesWords.correct.field as Record<string, string>)[field] ?? '') || undefined
      }
      onSave={() => void send()}
      says={bikesWords.correct.save}
    >
      <FormProvider {...form}>
        <Section>
          <BikeNamed />
          <FormLine
            control={form.control}
            name="words"
            label={bikesWords.correct.why}
            hint={bikesWords.correct.whyHint}
          />
        </Section>
        <BikeUse />
        <BikeBrakes />
      </FormProvider>
      <NewOwner control={form.control} owner={bike.customerId} />
    </FormPage>
  );
}
