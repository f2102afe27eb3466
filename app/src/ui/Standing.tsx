import type { ReactNode } from 'react';
import { ActivityIndicator, StyleSheet, View } from 'react-native';
import { Button } from './Button';
import { color, space } from './tokens';
import { Words } from './Words';
import { words } from '../words/words';

/** Something is on its way. */
export function Loading() {
  return (
    <View style={styles.middle} role="status" aria-label={words.shown.loading}>
      <ActivityIndicator color={color.brass} />
    </View>
  );
}

interface EmptyProps {
  title: string;
  says: string;
  action?: { says: string; onPress: () => void };
  children?: ReactNode;
}

/** A place with nothing in it yet: what will be here, and the first thing to do. */
export function Empty({ title, says, action, children }: EmptyProps) {
  return (
    <View style={styles.empty}>
      <Words kind="title">{title}</Words>
      <Words ink="soft">{says}</Words>
      {children}
      {action ? <Button kind="plain" {...action} /> : null}
    </View>
  );
}

/** Something could not be shown: what happened and what to do. */
export function Failed({ error, onRetry }: { error: Error; onRetry?: () => void }) {
  return (
    <View style={styles.empty} role="alert">
      <Words kind="title">{words.shown.thisCouldNotBeShown}</Words>
      <Words ink="soft">{error.message}</Words>
      {onRetry ? <Button kind="plain" says={words.shown.tryAgain} onPress={onRetry} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  middle: {
    flex: 1,
    alignItems: 'center',
    justifyContent: 'center',
    padding: space.xxl,
    backgroundColor: color.paper,
  },
  empty: { padding: space.xl, gap: space.m, maxWidth: 480 },
});
