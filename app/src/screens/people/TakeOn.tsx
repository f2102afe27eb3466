import { NewPerson } from '@hold-fast/contract/people';
import type { Role } from '@hold-fast/contract/roles';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { v7 as uuid } from 'uuid';
import { useTakeOn } from '../../data/people';
import { FormLine } from '../../ui/FormLine';
import { Section } from '../../ui/Page';
import { peopleWords } from '../../words/people';
import { PersonForm } from './PersonForm';
import { WhoTheyAre } from './WhoTheyAre';

/** Somebody new, with a passphrase for their first sign-in. */
export function TakeOn({ roles }: { roles: readonly Role[] }) {
  const takeOn = useTakeOn();
  const [id] = useState(() => uuid());
  // What they may, and whether somebody looks at their work, is said: nobody is let work alone by a default.
  const { control, handleSubmit } = useForm<NewPerson>({
    defaultValues: { id, name: '', passphrase: '' },
    resolver: zodResolver(NewPerson),
  });
  const send = handleSubmit((person) =>
    takeOn.mutate(person, { onSuccess: () => router.replace(`/people/${person.id}`) }),
  );
  return (
    <PersonForm
      title={peopleWords.addTitle}
      save={takeOn}
      onSave={() => void send()}
      says={peopleWords.add}
    >
      <Section>
        <WhoTheyAre control={control} roles={roles} />
        <FormLine
          control={control}
          name="passphrase"
          label={peopleWords.firstPassphrase}
          hint={peopleWords.firstPassphraseHint}
          autoCapitalize="none"
          autoComplete="off"
        />
      </Section>
    </PersonForm>
  );
}
