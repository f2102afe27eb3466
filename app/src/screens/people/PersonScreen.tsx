import type { PersonOfShop } from '@hold-fast/contract/people';
import { LOOKS_AFTER } from '@hold-fast/contract/roles';
import { useState } from 'react';
import { useEndSession, usePeople } from '../../data/people';
import { useSession } from '../../data/session';
import { Button } from '../../ui/Button';
import { Columns } from '../../ui/Columns';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { near } from '../../words/days';
import { peopleWords } from '../../words/people';
import { words } from '../../words/words';
import { CorrectPerson } from './CorrectPerson';
import { NewStartForm } from './NewStartForm';
import { TakeOn } from './TakeOn';

/** Somebody of the shop, to whoever looks after their account: who they are, what they may, where they are signed in. */
export function PersonScreen({ personId }: { personId: string }) {
  const people = usePeople();
  const me = useSession().data?.person;
  if (!me || people.isPending) return <Loading />;
  const roles = LOOKS_AFTER[me.role];
  if (personId === 'new') return <TakeOn roles={roles} />;
  if (people.error) return <Failed error={people.error} onRetry={() => void people.refetch()} />;
  const person = people.data.find(({ id }) => id === personId);
  if (!person) return <Failed error={new Error(peopleWords.noSuchPerson)} />;
  const own = person.id === me.id;
  return (
    <CorrectPerson key={person.version} person={person} own={own} roles={roles}>
      <Columns>
        {own ? null : <NewStart person={person} />}
        <SignedIn person={person} />
        <Changes person={person} />
      </Columns>
    </CorrectPerson>
  );
}

function NewStart({ person }: { person: PersonOfShop }) {
  const [asked, setAsked] = useState(false);
  return (
    <Section label={peopleWords.newStart}>
      {person.choosing ? <Note>{peopleWords.given(person.name)}</Note> : null}
      <Words ink="soft">{peopleWords.newStartSays}</Words>
      {asked ? (
        <NewStartForm person={person} />
      ) : (
        <Button kind="plain" says={peopleWords.newStart} onPress={() => setAsked(true)} />
      )}
    </Section>
  );
}

function SignedIn({ person }: { person: PersonOfShop }) {
  const end = useEndSession(person.id);
  return (
    <Section label={peopleWords.sessions}>
      {end.error ? <Note kind="refusal">{end.error.message}</Note> : null}
      {person.sessions.length === 0 ? <Words ink="soft">{peopleWords.noSession}</Words> : null}
      {person.sessions.map(({ id, device, address, since }) => {
        const says = peopleWords.session(peopleWords.device[device], address, near(since));
        return (
          <Row
            key={id}
            title={says}
            aside={
              <Button
                kind="quiet"
                says={peopleWords.end}
                of={says}
                onPress={() => end.mutate(id)}
              />
            }
          />
        );
      })}
    </Section>
  );
}

function Changes({ person }: { person: PersonOfShop }) {
  if (person.changes.length === 0) return null;
  return (
    <Section label={peopleWords.changes}>
      {person.changes.map(({ at, by, what, was }) => (
        <Row
          key={at + what}
          title={peopleWords.change[what]}
          says={[
            peopleWords.changedBy(near(at), by),
            was ? peopleWords.was(was.name, words.role[was.role], was.apprentice, was.locked) : '',
          ]
            .filter(Boolean)
            .join(' · ')}
        />
      ))}
    </Section>
  );
}
