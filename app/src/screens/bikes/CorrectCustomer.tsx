import { CustomerCorrection, type BikePage } from '@hold-fast/contract/bikes';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';

import { v7 as uuid } from 'uuid';
import type { z } from 'zod';
import { useBike } from '../../data/counterQueries';
import { useIsLead } from '../../data/session';
import { useCorrectCustomer } from '../../data/writes';
import { Button } from '../../ui/Button';
import { FormLine } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { bikesWords } from '../../words/bikes';
import { EraseCustomer } from './EraseCustomer';
import { FormPage } from '../FormPage';
import { useKeptForm } from '../useKeptForm';
import { atBike } from '../routes';

/** What is written of a bike's customer, corrected: what stood before is kept. */
export function CorrectCustomer({ bikeId }: { bikeId: string }) {
  const query = useBike(bikeId);
  if (query.error && !query.data)
    return <Failed error={query.error} onRetry={() => void query.refetch()} />;
  if (!query.data) return <Loading />;
  const { customer, bike } = query.data;
  return <Form key={customer.version} customer={customer} bikeId={bike.id} />;
}

function Form({ customer, bikeId }: { customer: BikePage['customer']; bikeId: string }) {
  const correct = useCorrectCustomer(customer.id);
  const { name, phone, version } = customer;
  const isLead = useIsLead();
  const { control, handleSubmit } = useKeptForm<
    z.input<typeof CustomerCorrection>,
    CustomerCorrection
  >(`customer ${customer.id}`, {
    defaultValues: { id: uuid(), version, name, phone },
    resolver: zodResolver(CustomerCorrection),
  });
  const page = atBike(bikeId);
  const toBike = () => router.navigate(page);
  const send = handleSubmit((correction) =>
    correct.mutateAsync(correction).then(toBike, () => undefined),
  );
  return (
    <FormPage
      over={customer.name}
      title={bikesWords.correct.correctCustomer}
      back={{ says: bikesWords.correct.backToTheBike, to: page }}
      save={correct}
      onSave={() => void send()}
      says={bikesWords.correct.save}
    >
      <Section>
        <FormLine control={control} name="name" label={bikesWords.correct.name} />
        <FormLine
          control={control}
          name="phone"
          label={bikesWords.correct.phone}
          hint={bikesWords.correct.phoneHint}
          inputMode="tel"
          orNone
        />
      </Section>
      {isLead ? (
        <Section>
          <Button
            kind="quiet"
            says={bikesWords.correct.everythingOfThem}
            onPress={() => globalThis.location.assign(`/api/customers/${customer.id}/export`)}
          />
        </Section>
      ) : null}
      <EraseCustomer customer={customer} onErased={toBike} />
    </FormPage>
  );
}
