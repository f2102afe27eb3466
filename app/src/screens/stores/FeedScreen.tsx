import { SCENES, type FeedGauge, type FeedReading, type Scene } from '@hold-fast/contract/feed';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFeedState } from '../../data/counterQueries';
import { useGauges } from '../../data/queries';
import { useDriveGauge } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { size, space } from '../../ui/tokens';
import { VerdictMark } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { words } from '../../words/words';
import { storesWords } from '../../words/stores';

/** The gauges on the feed and what they sent; a stand-in can be given a scene to play and its button pressed. */
export function FeedScreen() {
  const feed = useFeedState();
  const gauges = useGauges();
  if (feed.error && !feed.data)
    return <Failed error={feed.error} onRetry={() => void feed.refetch()} />;
  if (!feed.data) return <Loading />;
  const nameOf = (serial: string) =>
    gauges.data?.find(({ feedSerial }) => feedSerial === serial)?.name ?? null;
  return (
    <Page
      over={storesWords.feedScreen.stores}
      title={storesWords.feedScreen.gaugeFeed}
      foot={
        <Button
          kind="plain"
          says={storesWords.feedScreen.backToStores}
          onPress={() => router.navigate('/stores')}
        />
      }
    >
      <Section>
        <Words ink="soft">
          {storesWords.feedScreen.gaugesConnectTo1270(feed.data.port ?? 'none')}
        </Words>
      </Section>
      {feed.data.gauges.length === 0 ? (
        <Section>
          <Note title={storesWords.feedScreen.noGaugeOnTheFeed}>
            {storesWords.feedScreen.itAppearsByItselfOnce}
          </Note>
        </Section>
      ) : null}
      {feed.data.gauges.map((gauge) => (
        <OnFeed key={gauge.serial} gauge={gauge} name={nameOf(gauge.serial)} />
      ))}
      <Words kind="label" level={2} style={styles.label}>
        {storesWords.feedScreen.lastReadings}
      </Words>
      {feed.data.readings.map((reading) => (
        <Row
          key={`${reading.serial} ${reading.seq} ${reading.at}`}
          mark={<VerdictMark word={reading.unused ? 'unproven' : 'holds'} of={size.smallMark} />}
          title={nameOf(reading.serial) ?? reading.serial}
          says={`${readingSays(reading)} · ${exactDay(reading.at)}`}
          aside={<Words kind="reading">{reading.shown}</Words>}
        />
      ))}
    </Page>
  );
}

function readingSays({ unused, wentTo, unit }: FeedReading): string {
  return unused
    ? storesWords.feedScreen.notUsed(unit, words.unused[unused])
    : storesWords.feedScreen.toSStep(unit, wentTo ?? '');
}

function OnFeed({ gauge, name }: { gauge: FeedGauge; name: string | null }) {
  const drive = useDriveGauge();
  const [scene, setScene] = useState<Scene | null>(null);
  const { serial } = gauge;
  return (
    <Section label={`${serial}, ${name ?? storesWords.feedScreen.notInTheRegister}`}>
      <Words>
        {gauge.connected
          ? storesWords.feedScreen.onTheLine
          : storesWords.feedScreen.theLineDroppedItComes}
      </Words>
      {gauge.plays.length > 0 ? (
        <>
          <Words ink="soft">{storesWords.feedScreen.aStandInForA}</Words>
          <Choice<Scene>
            label={storesWords.feedScreen.whatPlays(serial)}
            options={SCENES.filter((each) => gauge.plays.includes(each)).map((value) => ({
              value,
              says: words.scene[value],
            }))}
            chosen={scene ? [scene] : []}
            onChoose={(chosen) => {
              setScene(chosen);
              drive.mutate({ serial, order: { scene: chosen } });
            }}
          />
          <View style={styles.press}>
            <Button
              kind="plain"
              says={storesWords.feedScreen.pressItsButton}
              of={serial}
              disabled={!gauge.connected}
              onPress={() => drive.mutate({ serial, order: { press: true } })}
            />
          </View>
        </>
      ) : null}
      {drive.error ? <Note kind="refusal">{drive.error.message}</Note> : null}
    </Section>
  );
}

const styles = StyleSheet.create({
  label: { padding: space.l, paddingBottom: space.xs },
  press: { alignSelf: 'flex-start' },
});
