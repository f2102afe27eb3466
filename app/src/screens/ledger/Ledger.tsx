import { router } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useIsLead } from '../../data/session';
import { useChain, useRecords } from '../../data/counterQueries';
import { Button } from '../../ui/Button';
import { WORDS, type Word } from '@hold-fast/core/wear/verdict';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { JobTag } from '../../ui/JobTag';
import { Note } from '../../ui/Note';
import { Row } from '../../ui/Row';
import { Empty, Failed, Loading } from '../../ui/Standing';
import { color, size, space } from '../../ui/tokens';
import { LongList } from '../../ui/LongList';
import { useWide } from '../../ui/useWide';
import { ScreenName } from '../../ui/ScreenName';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { words } from '../../words/words';
import { traceWords } from '../../words/trace';
import { dueWords } from '../../words/due';
import { ledgerWords } from '../../words/ledger';
import { FromTo, isDay } from '../FromTo';

/** The sealed records, newest first, found by words and days, and whether their chain is whole. */
export function Ledger({ current }: { current?: string | undefined }) {
  const [keyed, setKeyed] = useState({ q: '', from: '', to: '' });
  const [word, setWord] = useState<Word | ''>('');
  const sought = useDeferredValue({
    q: keyed.q.trim(),
    from: isDay(keyed.from) ? keyed.from : '',
    to: isDay(keyed.to) ? keyed.to : '',
    word,
  });
  const [isNarrowed, setNarrowed] = useState(useWide());
  const records = useRecords(sought);
  const isLead = useIsLead();
  const isSought = Object.values(sought).some(Boolean);
  const { find } = ledgerWords;
  return (
    <View style={styles.page} role={current === undefined ? 'main' : 'complementary'}>
      <View style={styles.top}>
        <View style={styles.heading}>
          <ScreenName style={styles.name}>{words.places.ledger}</ScreenName>
          <Button
            kind="quiet"
            says={dueWords.title}
            onPress={() => router.navigate('/ledger/due')}
          />
          {isLead ? (
            <Button
              kind="quiet"
              says={traceWords.title}
              onPress={() => router.navigate('/ledger/trace')}
            />
          ) : null}
        </View>
        <Chain />
        <Field
          label={find.find}
          value={keyed.q}
          inputMode="search"
          onChangeText={(q) => setKeyed({ ...keyed, q })}
        />
        {isNarrowed ? (
          <>
            <FromTo days={keyed} onChange={(days) => setKeyed({ ...keyed, ...days })} />
            <Choice
              label={find.verdict}
              options={WORDS.map((value) => ({ value, says: words.word[value] }))}
              chosen={word ? [word] : []}
              onChoose={(chosen) => setWord(chosen === word ? '' : chosen)}
            />
          </>
        ) : (
          <Button kind="quiet" says={find.narrow} onPress={() => setNarrowed(true)} />
        )}
      </View>
      {records.isPending ? (
        <Loading />
      ) : records.error ? (
        <Failed error={records.error} onRetry={() => void records.refetch()} />
      ) : (
        <LongList
          items={records.data ?? []}
          keyOf={(record) => record.id}
          onMore={records.hasNextPage ? () => void records.fetchNextPage() : undefined}
          empty={
            <Empty
              title={isSought ? find.none : ledgerWords.ledger.nothingIsSealedYet}
              says={isSought ? find.noneSays : ledgerWords.ledger.aJobStandsHereOnce}
            />
          }
        >
          {(item) => (
            <Row
              title={`${item.number} · ${item.bikeName}`}
              {...(item.notRepaired
                ? { word: { says: ledgerWords.ledger.notRepaired, ink: 'rustText' as const } }
                : {})}
              says={`${item.customerName} · ${exactDay(item.sealedAt)}, ${item.sealedBy} · ${item.seal.slice(0, 12)}…`}
              aside={<JobTag tag={item.tag} />}
              current={item.id === current}
              onPress={() => router.navigate(`/ledger/${item.id}`)}
            />
          )}
        </LongList>
      )}
    </View>
  );
}

function Chain() {
  const chain = useChain();
  if (!chain.data) return null;
  return chain.data.whole ? (
    <Words ink="soft">
      {chain.data.checked < chain.data.links
        ? ledgerWords.ledger.checkingTheChainOfSeals(chain.data.checked, chain.data.links)
        : ledgerWords.ledger.theChainOfSealsIs(chain.data.links)}
    </Words>
  ) : (
    <Note kind="refusal" title={ledgerWords.ledger.theChainIsBrokenAt(chain.data.number)}>
      {chain.data.because === 'link-missing'
        ? ledgerWords.ledger.itDoesNotPointAt
        : ledgerWords.ledger.itsTextNoLongerGives}
    </Note>
  );
}

const styles = StyleSheet.create({
  heading: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  name: { flex: 1 },
  page: { flex: 1, backgroundColor: color.paper },
  top: {
    padding: space.l,
    gap: space.s,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
  },
});
