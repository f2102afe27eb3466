import { router } from 'expo-router';
import { useMessages } from '../../data/counterQueries';
import { LongList } from '../../ui/LongList';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Empty, Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { dueWords } from '../../words/due';
import { words } from '../../words/words';
import { atBike } from '../routes';

/** What was written to customers, the newest first. */
export function Outbox() {
  const messages = useMessages();
  if (messages.error && !messages.data)
    return <Failed error={messages.error} onRetry={() => void messages.refetch()} />;
  return (
    <Page over={words.places.ledger} title={dueWords.outbox} fixed>
      <Section>
        <Words ink="soft">{dueWords.outboxSays}</Words>
      </Section>
      {messages.isPending ? (
        <Loading />
      ) : (
        <LongList
          items={messages.data ?? []}
          keyOf={({ id }) => id}
          onMore={messages.hasNextPage ? () => void messages.fetchNextPage() : undefined}
          empty={<Empty title={dueWords.nothingSent} says="" />}
        >
          {({ bikeId, bikeName, customerName, phone, about, words: said, at, by }) => (
            <Row
              title={`${customerName}, ${phone}`}
              word={{ says: dueWords.about[about], ink: 'soft' }}
              says={[bikeName, words.quoted(said), dueWords.sentBy(by, exactDay(at))].join(' · ')}
              onPress={() => router.navigate(atBike(bikeId))}
              testID="message"
            />
          )}
        </LongList>
      )}
    </Page>
  );
}
