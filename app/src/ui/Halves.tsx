import { Children, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWide } from './useWide';

/** Two parts of a screen: below each other on a phone, beside each other at the counter. */
export function Halves({ children }: { children: [ReactNode, ReactNode] }) {
  const wide = useWide();
  if (!wide) return <>{children}</>;
  return (
    <View style={styles.beside}>
      {Children.map(children, (half) => (
        <View style={styles.half}>{half}</View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', alignItems: 'flex-start' },
  half: { flex: 1, minWidth: 0 },
});
