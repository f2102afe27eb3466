import { Children, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWide } from './useWide';

/** Sections below each other on a phone; at the counter in two columns, one after the other to each. */
export function Columns({ children }: { children: ReactNode }) {
  const wide = useWide();
  if (!wide) return <>{children}</>;
  const sections = Children.toArray(children);
  return (
    <View style={styles.columns}>
      {[0, 1].map((column) => (
        <View key={column} style={styles.column}>
          {sections.filter((_, i) => i % 2 === column)}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  columns: { flexDirection: 'row', alignItems: 'flex-start' },
  column: { flex: 1, minWidth: 0 },
});
