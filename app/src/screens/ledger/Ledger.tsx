import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useChain, useRecords } from '../../data/queries';
import { JobTag } from '../../ui/JobTag';
import { Note } from '../../ui/Note';
import { Row } from '../../ui/Row';
import { Empty, Failed, Loading } from '../../ui/Standing';
import { color, size, space } from '../../ui/tokens';
import { LongList } from '../../ui/LongList';
import { ScreenName } from '../../ui/ScreenName';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { words } from '../../words/words';
import { ledgerWords } from '../../words/ledger';

/** The sealed records, newest first, and whether their chain is whole. */
export function Ledger({ current }: { current?: string | undefined }) {
  const records = useRecords();
  return (
    <View style={styles.page} role={current === undefined ? 'main' : 'complementary'}>
      <View style={styles.top}>
        <ScreenName>{words.places.ledger}</ScreenName>
        <Chain />
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
              title={ledgerWords.ledger.nothingIsSealedYet}
              says={ledgerWords.ledger.aJobStandsHereOnce}
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
  page: { flex: 1, backgroundColor: color.paper },
  top: {
    padding: space.l,
    gap: space.s,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
  },
});
