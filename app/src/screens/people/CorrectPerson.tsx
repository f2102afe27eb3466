import { PersonEdit, type PersonOfShop } from '@hold-fast/contract/people';
import type { Role } from '@hold-fast/contract/roles';
import { zodResolver } from '@hookform/resolvers/zod';
import type { ReactNode } from 'react';

import { useCorrectPerson } from '../../data/people';
import { FormTick } from '../../ui/FormLine';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { peopleWords } from '../../words/people';
import { PersonForm } from './PersonForm';
import { WhoTheyAre } from './WhoTheyAre';
import { useKeptForm } from '../useKeptForm';

interface Props {
  person: PersonOfShop;
  /** Whether it is the account of whoever looks. */
  own: boolean;
  roles: readonly Role[];
  children: ReactNode;
}

/** Corrects who somebody is and what they may, or locks them out. */
export function CorrectPerson({ person, own, roles, children }: Props) {
  const correct = useCorrectPerson(person.id);
  const { version, name, role, apprentice, locked } = person;
  const { control, handleSubmit } = useKeptForm<PersonEdit>(`person ${person.id}`, {
    defaultValues: { version, name, role, apprentice, locked },
    resolver: zodResolver(PersonEdit),
  });
  const send = handleSubmit((edit) => correct.mutate(edit));
  return (
    <PersonForm
      title={person.name}
      save={correct}
      onSave={() => void send()}
      says={peopleWords.save}
    >
      <Section>
        <WhoTheyAre control={control} roles={roles} own={own} />
        {own ? (
          <Note>{peopleWords.yourOwn}</Note>
        ) : (
          <FormTick control={control} name="locked" label={peopleWords.lock} />
        )}
      </Section>
      {children}
    </PersonForm>
  );
}
