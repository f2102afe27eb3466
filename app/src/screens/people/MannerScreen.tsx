import { router } from 'expo-router';
import { useChooseManner, useSession } from '../../data/session';
import { Button } from '../../ui/Button';
import { Columns } from '../../ui/Columns';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { mannerWords } from '../../words/manners';
import { MannerChoices } from './MannerChoices';

/** How things are said to whoever is signed in: their own choice, or the shop's. */
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
      </Columns>
    </Page>
  );
}
