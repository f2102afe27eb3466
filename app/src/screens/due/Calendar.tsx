import { router } from 'expo-router';
import { useCalendarFeeds, useDues } from '../../data/counterQueries';
import { useMakeFeed, useWithdrawFeed } from '../../data/writes';
import { Button, Buttons } from '../../ui/Button';
import { Page, Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { dueWords } from '../../words/due';
import { Addresses } from '../Addresses';
import { calendarWords } from './calendarWords';
import { saveCalendar } from './saveCalendar';

/** What is due in a calendar: as a file of what is listed, or by an address that a calendar asks again and again. */
export function Calendar() {
  const dues = useDues();
  const feeds = useCalendarFeeds();
  const make = useMakeFeed();
  const withdraw = useWithdrawFeed();
  if (feeds.error && !feeds.data)
    return <Failed error={feeds.error} onRetry={() => void feeds.refetch()} />;
  if (!feeds.data || !dues.data) return <Loading />;
  const items = dues.data;
  return (
    <Page
      over={dueWords.title}
      title={dueWords.calendar}
      foot={
        <Buttons>
          <Button
            kind="plain"
            says={dueWords.title}
            onPress={() => router.navigate('/ledger/due')}
          />
          <Button
            grow
            says={dueWords.calendarFile}
            disabled={items.length === 0}
            onPress={() => void saveCalendar(items)}
          />
        </Buttons>
      }
    >
      <Section label={dueWords.feed}>
        <Addresses
          addresses={feeds.data}
          whole={({ token }) => `${globalThis.location.origin}/api/calendars/${token}.ics`}
          none={dueWords.feedSays}
          making={make.isPending}
          error={make.error ?? withdraw.error}
          onMake={() => make.mutate(calendarWords())}
          onWithdraw={(id) => withdraw.mutate(id)}
        />
      </Section>
      <Section>
        <Words ink="soft">{dueWords.fileSays(items.length)}</Words>
      </Section>
    </Page>
  );
}
