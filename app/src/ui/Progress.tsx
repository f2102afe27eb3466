import { StyleSheet, View } from 'react-native';
import { color, size } from './tokens';

/** How far something has come: a bar that fills, for what takes longer than half a second. */
export function Progress({ label, done, of }: { label: string; done: number; of: number }) {
  return (
    <View
      role="progressbar"
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={of}
      aria-valuenow={done}
      style={styles.bar}
    >
      <View style={[styles.done, { flex: done }]} />
      <View style={{ flex: of - done }} />
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', height: size.heavyLine * 2, backgroundColor: color.sunk },
  done: { backgroundColor: color.brass },
});
