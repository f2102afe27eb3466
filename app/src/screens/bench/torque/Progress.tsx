import type { Pass } from '@hold-fast/core/torque/sequence';
import { StyleSheet, View } from 'react-native';
import { color, space } from '../../../ui/tokens';

/** How far the passes are, as a row of bars. */
export function Progress({ passes, done }: { passes: readonly Pass[]; done: number }) {
  return (
    <View style={styles.progress} aria-hidden>
      {passes.map((pass, i) => (
        <View
          key={pass}
          style={[styles.part, i < done && styles.partDone, i === done && styles.partHere]}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  progress: {
    flexDirection: 'row',
    gap: space.xs,
    paddingHorizontal: space.l,
    paddingTop: space.s,
  },
  part: { flex: 1, height: space.xs, backgroundColor: color.sunk },
  partDone: { backgroundColor: color.brass },
  partHere: { backgroundColor: color.ochre },
});
