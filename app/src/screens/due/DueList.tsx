import type { DueRow } from '@hold-fast/contract/due';
import { RINGS } from '@hold-fast/contract/roles';
import { weekOf } from '@hold-fast/core/due/due';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useDues, useRules } from '../../data/counterQueries';
import { today as todayOfShop } from '../../data/today';
import { useSession } from '../../data/session';
import { useSnooze } from '../../data/writes';
import { Button, Buttons } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { LongList } from '../../ui/LongList';
import { Row } from '../../ui/Row';
import { Empty, Failed, Loading } from '../../ui/Standing';
import { Page, Section } from '../../ui/Page';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { calendarDay, exactDay } from '../../words/days';
import { dueWords } from '../../words/due';
import { words } from '../../words/words';
import { CalibrationsDue } from './CalibrationsDue';
import { saveCalendar } from './saveCalendar';
import { Remind } from './Remind';
import { atBike } from '../routes';

const WEEKS_OFF = [7, 14, 28] as const;
const idOf = ({ bikeId, end, of }: DueRow) => `${bikeId} ${end} ${of}`;

/** What is due, week by week, the late first: whom to ring, why, and what can wait. */
export function DueList() {
  const dues = useDues();
  useRules();
  const today = todayOfShop();
  const items = dues.data ?? [];
  const rings = RINGS.includes(useSession().data?.person?.role ?? 'mechanic');
  const save = () => void saveCalendar(items);
  if (dues.error && !dues.data)
    return <Failed error={dues.error} onRetry={() => void dues.refetch()} />;
  return (
    <Page
      over={words.places.ledger}
      title={dueWords.title}
      fixed
      aside={
        <View style={styles.aside}>
          {rings ? (
            <>
              <Button
                kind="quiet"
                says={dueWords.outbox}
                onPress={() => router.navigate('/ledger/outbox')}
              />
              <Button
                kind="quiet"
                says={dueWords.calendar}
                onPress={() => router.navigate('/ledger/calendar')}
              />
            </>
          ) : (
            <Button
              kind="quiet"
              says={dueWords.calendarFile}
              disabled={items.length === 0}
              onPress={save}
            />
          )}
        </View>
      }
    >
      <CalibrationsDue today={today} />
      {dues.isPending ? (
        <Loading />
      ) : (
        <LongList
          items={items}
          keyOf={idOf}
          onMore={dues.hasNextPage ? () => void dues.fetchNextPage() : undefined}
          empty={<Empty title={dueWords.none} says={dueWords.noneSays} />}
        >
          {(due) => {
            const at = items.indexOf(due);
            const week = weekSays(due, today);
            const isFirst = at === 0 || weekSays(items[at - 1]!, today) !== week;
            return (
              <>
                {isFirst ? (
                  <View style={styles.week}>
                    <Words kind="label" level={2}>
                      {week}
                    </Words>
                  </View>
                ) : null}
                <DueLine due={due} late={due.shownOn < today} />
              </>
            );
          }}
        </LongList>
      )}
    </Page>
  );
}

const weekSays = ({ shownOn }: DueRow, today: string): string =>
  shownOn < weekOf(today) ? dueWords.late : dueWords.week(calendarDay(weekOf(shownOn)));

function DueLine({ due, late }: { due: DueRow; late: boolean }) {
  const [asking, setAsking] = useState<'later' | 'remind' | null>(null);
  const mayRing = due.phone !== null;
  const what = dueWords.of[due.of];
  return (
    <>
      <Row
        title={`${due.bikeName}: ${what}, ${words.end[due.end]}`}
        word={{ says: dueWords.on(calendarDay(due.on)), ink: late ? 'rustText' : 'soft' }}
        says={[
          [due.customerName, due.phone].filter(Boolean).join(' · '),
          dueWords.because[due.because](due.days),
          due.snoozed
            ? dueWords.putOff(due.snoozed.words, due.snoozed.by, calendarDay(due.shownOn))
            : '',
          due.remindedAt ? dueWords.reminded(exactDay(due.remindedAt)) : '',
        ]
          .filter(Boolean)
          .join('. ')}
        onPress={() => router.navigate(atBike(due.bikeId))}
        testID={`due-${due.of}-${due.end}`}
      />
      {asking === 'later' ? (
        <PutOff due={due} onDone={() => setAsking(null)} />
      ) : asking === 'remind' ? (
        <Remind due={due} onDone={() => setAsking(null)} />
      ) : (
        <View style={styles.later}>
          <Button
            kind="quiet"
            says={dueWords.later}
            of={`${due.bikeName}, ${what}`}
            onPress={() => setAsking('later')}
          />
          {mayRing ? (
            <Button
              kind="quiet"
              says={dueWords.remind}
              of={`${due.bikeName}, ${what}`}
              onPress={() => setAsking('remind')}
            />
          ) : null}
        </View>
      )}
    </>
  );
}

function PutOff({ due, onDone }: { due: DueRow; onDone: () => void }) {
  const [days, setDays] = useState<(typeof WEEKS_OFF)[number]>(7);
  const [why, setWhy] = useState('');
  const save = useSnooze();
  const { bikeId, end, of } = due;
  return (
    <Section label={capital(dueWords.of[of])}>
      <Field label={dueWords.why} value={why} onChangeText={setWhy} error={save.error?.message} />
      <Choice
        label={dueWords.later}
        options={WEEKS_OFF.map((value) => ({ value, says: dueWords.days(value) }))}
        chosen={[days]}
        onChoose={setDays}
      />
      <Buttons>
        <Button kind="plain" says={dueWords.leaveIt} onPress={onDone} />
        <Button
          grow
          says={dueWords.putItOff}
          busy={save.isPending}
          disabled={why.trim() === ''}
          onPress={() => save.mutate({ bikeId, end, of, days, words: why }, { onSuccess: onDone })}
        />
      </Buttons>
    </Section>
  );
}

const styles = StyleSheet.create({
  week: { paddingHorizontal: space.l, paddingTop: space.m },
  aside: { flexDirection: 'row', gap: space.l },
  later: {
    flexDirection: 'row',
    justifyContent: 'flex-end',
    gap: space.l,
    paddingHorizontal: space.l,
  },
});
