import type { Job, Measured } from '@hold-fast/core/job/job';
import { decimalsOf } from '@hold-fast/core/gauge/gauge';
import { ScrollView, StyleSheet, View } from 'react-native';
import { useFeed } from '../../../data/feed';
import { Keypad } from '../../../ui/Keypad';
import { Page } from '../../../ui/Page';
import { space } from '../../../ui/tokens';
import { useKeys } from '../../../ui/useKeys';
import { useRoom } from '../../../ui/useRoom';
import { Words } from '../../../ui/Words';
import { FeedNote } from './FeedNote';
import { KEYPAD_HEIGHT } from './MeasuringPage';
import { takeReading } from './takeReading';
import { useKeyed } from './useKeyed';
import { words } from '../../../words/words';
import { measuringWords } from '../../../words/measuring';

/** What does the gauge show with nothing between its anvils? Subtracted from every reading. */
export function ZeroCheck({
  job,
  measured,
  title,
  onDone,
}: {
  job: Job;
  measured: Measured;
  title: string;
  onDone: () => void;
}) {
  const decimals = decimalsOf(measured.gauge);
  const keyed = useKeyed(`${measured.id}.zero`, { decimals, signed: true });

  const take = (typed: string, via: 'keys' | 'feed') => {
    const valueMm = typed === '' ? 0 : keyed.read(typed);
    if (valueMm === null) return;
    const wrong = takeReading({
      job,
      measured,
      place: 'zero',
      valueMm,
      typed,
      via,
      again: false,
    });
    if (wrong !== null) {
      keyed.setFault(wrong.says);
      return;
    }
    keyed.clear();
    onDone();
  };
  const enter = () => take(keyed.text, 'keys');
  const feed = useFeed(measured.gaugeId, (shown) => {
    keyed.set(shown);
    take(shown, 'feed');
  });
  useKeys(
    {
      Enter: { says: words.keys.take, act: enter },
      Backspace: { says: words.keys.erase, act: keyed.erase },
    },
    keyed.type,
  );
  const { onLayout, arrangement } = useRoom();
  const lying = arrangement === 'lying';
  const height = KEYPAD_HEIGHT[arrangement];
  return (
    <View style={styles.page} onLayout={onLayout}>
      <Page
        fixed
        low={arrangement !== 'tall' && arrangement !== 'wide'}
        tag={job.tag}
        over={measuringWords.zeroCheck.brake(measured.end, title)}
        title={measuringWords.zeroCheck.zeroCheck}
      >
        <View style={[styles.page, lying && styles.beside]}>
          <ScrollView style={styles.page} contentContainerStyle={styles.middle} tabIndex={0}>
            <Words style={styles.centred}>
              {measuringWords.zeroCheck.closeOnNothingWhatDoes(
                measured.gaugeName,
                feed.live ? measuringWords.zeroCheck.orPressItsOwnButton : '',
              )}
            </Words>
            <Words kind="giant" style={styles.centred} testID="keyed">
              {keyed.growing.keyed}
              <Words kind="giant" ink="soft">
                {keyed.growing.open}
              </Words>
              <Words ink="soft">{measuringWords.zeroCheck.mm}</Words>
            </Words>
            {keyed.fault ? (
              <Words ink="rustText" role="alert" style={styles.centred}>
                {keyed.fault}
              </Words>
            ) : null}
            <FeedNote notice={feed.notice} />
          </ScrollView>
          <View style={lying && styles.page}>
            <Keypad
              {...(height ? { height } : {})}
              onDigit={keyed.type}
              onErase={keyed.erase}
              extra={{ says: '−', onPress: () => keyed.text === '' && keyed.type('-') }}
              side={[{ says: measuringWords.zeroCheck.notDone, onPress: onDone }]}
              next={{ says: words.keypad.next, onPress: enter }}
            />
          </View>
        </View>
      </Page>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, minHeight: 0, minWidth: 0 },
  beside: { flexDirection: 'row' },
  middle: { flexGrow: 1, justifyContent: 'center', gap: space.s, padding: space.l },
  centred: { textAlign: 'center' },
});
