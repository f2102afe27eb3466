import type { Job, Measured } from '@hold-fast/contract/jobs';
import { decimalsOf } from '@hold-fast/core/gauge/gauge';
import { plausibleZeroError } from '@hold-fast/core/gauge/zeroCheck';
import { StyleSheet, View } from 'react-native';
import { append, entryOf } from '../../../data/writes';
import { Keypad } from '../../../ui/Keypad';
import { Page } from '../../../ui/Page';
import { space } from '../../../ui/tokens';
import { useKeys } from '../../../ui/useKeys';
import { Words } from '../../../ui/Words';
import { faultWords, useKeyed } from './useKeyed';

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

  const enter = () => {
    const valueMm = keyed.text === '' ? 0 : keyed.read();
    if (valueMm === null) return;
    try {
      plausibleZeroError(valueMm);
    } catch (error) {
      keyed.setFault(faultWords(error));
      return;
    }
    append(
      job.id,
      entryOf<'reading'>({
        kind: 'reading',
        measurementId: measured.id,
        place: 'zero',
        valueMm,
        typed: keyed.text,
        replaces: null,
      }),
    );
    keyed.clear();
    onDone();
  };
  useKeys({ Enter: enter, Backspace: keyed.erase }, keyed.type);
  return (
    <Page fixed tag={job.tag} over={`${measured.end} brake · ${title}`} title="Zero check">
      <View style={styles.middle}>
        <Words style={styles.centred}>
          {`Close ${measured.gaugeName} on nothing. What does it show? Next with nothing keyed means 0.`}
        </Words>
        <Words kind="giant" style={styles.centred}>
          {keyed.growing.keyed}
          <Words kind="giant" ink="hairline">
            {keyed.growing.open}
          </Words>
        </Words>
        <Words ink="soft" style={styles.centred}>
          mm
        </Words>
        {keyed.fault ? (
          <Words ink="rustText" role="alert" style={styles.centred}>
            {keyed.fault}
          </Words>
        ) : null}
      </View>
      <Keypad
        onDigit={keyed.type}
        onErase={keyed.erase}
        extra={{ says: '−', onPress: () => keyed.text === '' && keyed.type('-') }}
        side={[{ says: 'not done', onPress: onDone }]}
        next={{ says: 'next', onPress: enter }}
      />
    </Page>
  );
}

const styles = StyleSheet.create({
  middle: { flex: 1, justifyContent: 'center', gap: space.m, padding: space.xl },
  centred: { textAlign: 'center' },
});
