import { router } from 'expo-router';
import { Button } from '../ui/Button';
import { Page, Section } from '../ui/Page';
import { Words } from '../ui/Words';

/**
 * An address that leads nowhere: what was asked for, and the way back.
 * @param to where the way back leads; the Bench when nothing nearer is known
 */
export function NoSuchPage({
  says = 'This address leads nowhere: it was mistyped, or what it named is gone. Nothing that was recorded is touched.',
  back = 'To the Bench',
  to = '/bench',
}: {
  says?: string;
  back?: string;
  to?: string;
}) {
  return (
    <Page
      title="There is no such page"
      foot={<Button says={back} onPress={() => router.navigate(to as '/bench')} />}
    >
      <Section>
        <Words>{says}</Words>
      </Section>
    </Page>
  );
}
