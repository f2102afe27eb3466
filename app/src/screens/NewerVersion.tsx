import { usePathname } from 'expo-router';
import { useEffect, useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import { usePictures, useWaiting } from '../data/queries';
import { newerVersion } from '../data/offline';
import { color, space } from '../ui/tokens';
import { Words } from '../ui/Words';
import { words } from '../words/words';

/** A newer version of the app comes in at a pause: at the Bench, when nothing waits to be sent. Until then it says that it is there. */
export function NewerVersion() {
  const waits = useSyncExternalStore(
    newerVersion.subscribe,
    newerVersion.waits,
    newerVersion.waits,
  );
  const pathname = usePathname();
  const unsent = useWaiting().length + usePictures().length;
  const pause = pathname === '/bench' && unsent === 0;
  useEffect(() => {
    if (waits && pause) newerVersion.take();
  }, [waits, pause]);
  if (!waits) return null;
  return (
    <View style={styles.line} role="status">
      <Words kind="small" ink="onSlate">
        {words.frame.newerVersion}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { backgroundColor: color.slate, paddingHorizontal: space.l, paddingVertical: space.xs },
});
