import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { color, size } from '../ui/tokens';
import { useWide } from '../ui/useWide';

/**
 * A list and the sheet opened from it: beside each other where there is room, one at a time on a phone. The sheet is there,
 * unseen, also while the list is shown: the router knows only of places that are, and Back would leave the app.
 */
export function Beside({
  list,
  sheet,
  open,
}: {
  list: ReactNode;
  sheet: ReactNode;
  open: boolean;
}) {
  const wide = useWide();
  if (!wide)
    return (
      <View style={styles.one}>
        {open ? null : list}
        <View style={open ? styles.one : styles.unseen}>{sheet}</View>
      </View>
    );
  return (
    <View style={styles.both}>
      <View style={styles.list} {...{ dataSet: { screen: '' } }}>
        {list}
      </View>
      <View style={styles.sheet}>{sheet}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  one: { flex: 1, minHeight: 0 },
  unseen: { display: 'none' },
  both: { flex: 1, flexDirection: 'row', minHeight: 0 },
  list: { width: size.list, borderRightWidth: size.line, borderColor: color.hairline },
  sheet: { flex: 1, minWidth: 0 },
});
