import { EraseCustomer as Erase, type BikePage } from '@hold-fast/contract/bikes';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useSession } from '../../data/session';
import { useEraseCustomer } from '../../data/writes';
import { Button } from '../../ui/Button';
import { FormLine } from '../../ui/FormLine';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { bikesWords } from '../../words/bikes';
import { NotTaken } from '../FormPage';
import { PinLine } from '../PinLine';

/** Takes away what is written of a customer, at their request: said first what goes and what stays, then signed by the owner. */
export function EraseCustomer({
  customer,
  onErased,
}: {
  customer: BikePage['customer'];
  onErased: () => void;
}) {
  const person = useSession().data?.person;
  const [asked, setAsked] = useState(false);
  const says = bikesWords.erase;
  if (person?.role !== 'owner') return null;
  return (
    <Section>
      {asked ? (
        <Form customer={customer} owner={person.name} onErased={onErased} />
      ) : (
        <Button kind="quiet" says={says.open} onPress={() => setAsked(true)} />
      )}
    </Section>
  );
}

function Form({
  customer,
  owner,
  onErased,
}: {
  customer: BikePage['customer'];
  owner: string;
  onErased: () => void;
}) {
  const says = bikesWords.erase;
  const erase = useEraseCustomer(customer.id);
  const { control, handleSubmit } = useForm<Erase>({
    defaultValues: { id: uuid(), because: '', pin: '' },
    resolver: zodResolver(Erase),
  });
  // The form is gone with the name it was about: what comes after is not left to it.
  const send = handleSubmit((body) => erase.mutateAsync(body).then(onErased, () => undefined));
  return (
    <>
      <Note kind="caution" title={says.title(customer.name)}>
        {`${says.goes} ${says.stays} ${says.copies}`}
      </Note>
      <NotTaken error={erase.error} />
      <FormLine control={control} name="because" label={says.because} hint={says.becauseHint} />
      <PinLine control={control} name="pin" of={owner} />
      <Button kind="plain" says={says.erase} onPress={() => void send()} busy={erase.isPending} />
    </>
  );
}
