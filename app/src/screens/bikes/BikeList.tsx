import { router } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useBikes } from '../../data/counterQueries';
import { useIsLead } from '../../data/session';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { JobTag } from '../../ui/JobTag';
import { Row } from '../../ui/Row';
import { Empty, Failed, Loading } from '../../ui/Standing';
import { color, size, space } from '../../ui/tokens';
import { LongList } from '../../ui/LongList';
import { ScreenName } from '../../ui/ScreenName';
import { words } from '../../words/words';
import { atBike } from '../routes';

/** Every bike the shop knows, found by a few letters of its customer, name, tag, maker or serial. */
export function BikeList({ current }: { current?: string | undefined }) {
  const [search, setSearch] = useState('');
  const isLead = useIsLead();
  const bikes = useBikes(useDeferredValue(search.trim()));
  return (
    <View style={styles.page} role={current === undefined ? 'main' : 'complementary'}>
      <View style={styles.top}>
        <View style={styles.names}>
          <ScreenName>{words.places.bikes}</ScreenName>
          {isLead ? (
            <Button
              kind="quiet"
              says={words.bikeList.tables}
              onPress={() => router.navigate('/bikes/tables')}
            />
          ) : null}
        </View>
        <Field
          label={words.bikeList.find}
          value={search}
          onChangeText={setSearch}
          placeholder={words.bikeList.findBy}
        />
      </View>
      {bikes.isPending ? (
        <Loading />
      ) : bikes.error ? (
        <Failed error={bikes.error} onRetry={() => void bikes.refetch()} />
      ) : (
        <LongList
          items={bikes.data ?? []}
          keyOf={(bike) => bike.bikeId}
          onMore={bikes.hasNextPage ? () => void bikes.fetchNextPage() : undefined}
          empty={
            <Empty
              title={search ? words.bikeList.noSuchBike : words.bikeList.noBikeYet}
              says={
                search
                  ? words.bikeList.fewerLettersFindMoreA
                  : words.bikeList.bikesStandHereOnceThey
              }
              action={{
                says: words.bikeList.checkInABike,
                onPress: () => router.navigate('/bench/check-in'),
              }}
            />
          }
        >
          {(item) => (
            <Row
              title={item.bikeName}
              says={[item.customerName, item.maker, item.serial].filter(Boolean).join(' · ')}
              aside={item.lastTag ? <JobTag tag={item.lastTag} /> : undefined}
              current={item.bikeId === current}
              onPress={() => router.navigate(atBike(item.bikeId))}
            />
          )}
        </LongList>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, backgroundColor: color.paper },
  names: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
  top: {
    padding: space.l,
    gap: space.m,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
  },
});
