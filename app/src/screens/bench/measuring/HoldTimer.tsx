import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/Button';
import { space } from '../../../ui/tokens';
import { ring } from '../../../ui/ring';
import { useAwake } from '../../../ui/useAwake';
import { useKeys } from '../../../ui/useKeys';
import { Words } from '../../../ui/Words';

const TICK_MS = 200;

/**
 * Counts a pull that is held, and rings when it is over. It goes by the clock and not by ticks, so that a phone that fell
 * asleep or a page that was loaded anew comes back to the right number; the pull counts only when somebody says that it
 * was held throughout.
 * @param name tells this pull from others
 */
export function HoldTimer({
  name,
  seconds,
  onHeld,
}: {
  name: string;
  seconds: number;
  onHeld: () => void;
}) {
  const key = `hold-fast.held.${name}`;
  const [startedAt, setStartedAt] = useState<number | null>(() => {
    const kept = sessionStorage.getItem(key);
    return kept === null ? null : Number(kept);
  });
  const [now, setNow] = useState(() => Date.now());
  useAwake(startedAt !== null);
  useEffect(() => {
    if (startedAt === null) return;
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [startedAt]);
  const left =
    startedAt === null ? seconds : Math.max(0, Math.ceil(seconds - (now - startedAt) / 1000));
  const start = () => {
    const at = Date.now();
    setNow(at);
    setStartedAt(at);
    sessionStorage.setItem(key, String(at));
  };
  const held = () => {
    sessionStorage.removeItem(key);
    onHeld();
  };
  const over = startedAt !== null && left === 0;
  useEffect(() => {
    if (over) ring();
  }, [over]);
  useKeys({ Enter: startedAt === null ? start : over ? held : () => {} });
  return (
    <View style={styles.timer}>
      <Words kind="giant" role="timer" style={styles.centred}>
        {left}
      </Words>
      <Words ink="soft" style={styles.centred}>
        {startedAt === null
          ? 'Pull firmly, then start. Hold without letting up.'
          : over
            ? 'Read the lever now, still held.'
            : 'Hold the pull.'}
      </Words>
      {startedAt === null ? (
        <Button says="Start holding" onPress={start} />
      ) : over ? (
        <Button says="It was held throughout" onPress={held} />
      ) : (
        <Button kind="plain" says="Let go: start again" onPress={start} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  timer: { padding: space.l, gap: space.s },
  centred: { textAlign: 'center' },
});
