import { signOut, useSession } from '../../data/session';
import { Button } from '../../ui/Button';
import { Page, Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { peopleWords } from '../../words/people';
import { SecretsForm } from './SecretsForm';

/** The first thing somebody sees who came in by a passphrase that another gave them: until both are theirs, nothing else. */
export function BeginAnew() {
  const name = useSession().data?.person?.name ?? '';
  const says = peopleWords.own;
  return (
    <Page
      over={says.welcome(name)}
      title={says.title}
      foot={<Button kind="plain" says={says.signOut} onPress={signOut} />}
    >
      <Section>
        <Words>{says.begin}</Words>
      </Section>
      <Section>
        <SecretsForm begin />
      </Section>
    </Page>
  );
}
