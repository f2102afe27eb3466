import { router } from 'expo-router';
import { Button } from '../ui/Button';
import { Page, Section } from '../ui/Page';
import { Words } from '../ui/Words';
import { words } from '../words/words';
import { type Address } from './routes';

/**
 * An address that leads nowhere: what was asked for, and the way back.
 * @param to where the way back leads; the Bench when nothing nearer is known
 */
export function NoSuchPage({
  says = words.noSuchPage.thisAddressLeadsNowhereIt,
  back = words.noSuchPage.toTheBench,
  to = '/bench',
}: {
  says?: string;
  back?: string;
  to?: Address;
}) {
  return (
    <Page
      title={words.noSuchPage.thereIsNoSuchPage}
      foot={<Button says={back} onPress={() => router.navigate(to)} />}
    >
      <Section>
        <Words>{says}</Words>
      </Section>
    </Page>
  );
}
