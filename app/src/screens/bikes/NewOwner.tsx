import type { BikeCorrection } from '@hold-fast/contract/bikes';
import { useDeferredValue, useState } from 'react';
import { Controller, type Control } from 'react-hook-form';
import type { z } from 'zod';
import { useBikes } from '../../data/counterQueries';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Section } from '../../ui/Page';
import { bikesWords } from '../../words/bikes';

type Correcting = Control<z.input<typeof BikeCorrection>, unknown, BikeCorrection>;

/** A bike that has come to somebody else: its jobs stay with it. */
export function NewOwner({ control, owner }: { control: Correcting; owner: string }) {
  const [looking, setLooking] = useState(false);
  return (
    <Section>
      {looking ? (
        <Controller
          control={control}
          name="customerId"
          render={({ field }) => (
            <FindOwner owner={owner} chosen={field.value} onChoose={field.onChange} />
          )}
        />
      ) : (
        <Button
          kind="quiet"
          says={bikesWords.correct.itIsSomebodyElses}
          onPress={() => setLooking(true)}
        />
      )}
    </Section>
  );
}

function FindOwner({
  owner,
  chosen,
  onChoose,
}: {
  owner: string;
  chosen: string;
  onChoose: (customerId: string) => void;
}) {
  const [search, setSearch] = useState('');
  const bikes = useBikes(useDeferredValue(search.trim())).data ?? [];
  const others = new Map(
    bikes
      .filter(({ customerId }) => customerId !== owner)
      .map(({ customerId, customerName }) => [customerId, customerName]),
  );
  return (
    <>
      <Field label={bikesWords.correct.whoseNow} value={search} onChangeText={setSearch} />
      <Choice
        label={bikesWords.correct.whoseNow}
        options={[...others].map(([value, name]) => ({
          value,
          says: bikesWords.correct.goesTo(name),
        }))}
        chosen={[chosen]}
        onChoose={(customerId) => onChoose(customerId === chosen ? owner : customerId)}
      />
    </>
  );
}
