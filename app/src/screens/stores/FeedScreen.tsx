import { SCENES, type FeedGauge, type FeedReading, type Scene } from '@hold-fast/contract/feed';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFeedState, useGauges } from '../../data/queries';
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
      over="Stores"
      title="Gauge feed"
      foot={
        <Button kind="plain" says="Back to Stores" onPress={() => router.navigate('/stores')} />
      }
    >
      <Section>
        <Words ink="soft">
          {`Gauges connect to 127.0.0.1, port ${feed.data.port ?? 'none'}. A reading goes to the open step that waits for its gauge; any other is shown here and not used.`}
        </Words>
      </Section>
      {feed.data.gauges.length === 0 ? (
        <Section>
          <Note title="No gauge on the feed">
            It appears by itself once it connects. The keypad does the same work meanwhile.
          </Note>
        </Section>
      ) : null}
      {feed.data.gauges.map((gauge) => (
        <OnFeed key={gauge.serial} gauge={gauge} name={nameOf(gauge.serial)} />
      ))}
      <Words kind="label" level={2} style={styles.label}>
        Last readings
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
  return unused ? `${unit}, not used: ${words.unused[unused]}` : `${unit}, to ${wentTo}’s step`;
}

function OnFeed({ gauge, name }: { gauge: FeedGauge; name: string | null }) {
  const drive = useDriveGauge();
  const [scene, setScene] = useState<Scene | null>(null);
  const { serial } = gauge;
  return (
    <Section label={`${serial}, ${name ?? 'not in the register'}`}>
      <Words>
        {gauge.connected ? 'On the line.' : 'The line dropped; it comes back by itself.'}
      </Words>
      {gauge.plays.length > 0 ? (
        <>
          <Words ink="soft">A stand-in for a real gauge. What it is held to:</Words>
          <Choice<Scene>
            label={`What ${serial} plays`}
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
              says="Press its button"
              label={`Press the button of ${serial}`}
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
