import { router } from 'expo-router';
import { useState } from 'react';
import { useChooseManner, useIsLead, useSession } from '../../data/session';
import { Button } from '../../ui/Button';
import { Columns } from '../../ui/Columns';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { mannerWords } from '../../words/manners';
import { peopleWords } from '../../words/people';
import { trustWords } from '../../words/trust';
import { MannerChoices } from './MannerChoices';
import { SecretsForm } from './SecretsForm';

/** What is whoever’s is signed in: how things are said to them, their passphrase and PIN; for a lead, the people of the shop. */
export function MannerScreen() {
  const { person, said } = useSession().data ?? {};
  const choose = useChooseManner();
  if (!person || !said) return <Loading />;
  return (
    <Page
      over={person.name}
      title={mannerWords.title}
      foot={
        <Button
          kind="plain"
          says={mannerWords.toTheBench}
          onPress={() => router.navigate('/bench')}
        />
      }
    >
      {choose.error ? <Note kind="refusal">{choose.error.message}</Note> : null}
      <Section>
        <Words ink="soft">{said.own ? mannerWords.own : mannerWords.asTheShop}</Words>
        {said.own ? (
          <Button
            kind="quiet"
            says={mannerWords.goWithTheShop}
            onPress={() => choose.mutate({ manner: null })}
          />
        ) : null}
        <Words kind="small">{mannerWords.keptInMetric}</Words>
      </Section>
      <Columns>
        <MannerChoices manner={said.manner} onChoose={(manner) => choose.mutate({ manner })} />
        <OwnSecrets />
        <OfTheShop />
      </Columns>
    </Page>
  );
}

function OwnSecrets() {
  const [open, setOpen] = useState(false);
  const [kept, setKept] = useState(false);
  const says = peopleWords.own;
  return (
    <Section label={says.title}>
      {kept ? <Note>{says.kept}</Note> : null}
      {open ? (
        <SecretsForm
          onKept={() => {
            setKept(true);
            setOpen(false);
          }}
        />
      ) : (
        <Button kind="plain" says={says.open} onPress={() => setOpen(true)} />
      )}
    </Section>
  );
}

function OfTheShop() {
  if (!useIsLead()) return null;
  return (
    <Section label={peopleWords.ofTheShop}>
      <Button kind="plain" says={peopleWords.title} onPress={() => router.navigate('/people')} />
      <Button kind="plain" says={trustWords.open} onPress={() => router.navigate('/trust')} />
    </Section>
  );
}
