import { Children, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWide } from './useWide';

/** Sections below each other on a phone, two beside each other at the counter. */
export function Columns({ children }: { children: ReactNode }) {
  const wide = useWide();
  if (!wide) return <>{children}</>;
  return (
    <View style={styles.columns}>
      {Children.map(children, (section) => section && <View style={styles.column}>{section}</View>)}
    </View>
  );
}

const styles = StyleSheet.create({
  columns: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-start' },
  column: { width: '50%' },
});
