import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/Button';
import { space } from '../../../ui/tokens';
import { inTab } from '../../../remembered';
import { ring } from '../../../ui/ring';
import { useAwake } from '../../../ui/useAwake';
import { useKeys } from '../../../ui/useKeys';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';
import { measuringWords } from '../../../words/measuring';

const TICK_MS = 200;

/** A page loaded anew is back within this; longer away, and nobody knows what became of the pull. */
const RELOAD_MS = 5000;

interface Held {
  heldMs: number;
  /** When the step was last seen open, by the clock on the wall: a page's own begins anew with it. */
  seenAt: number;
}

/** Time as it passes, ms: no clock that is set right in the middle of a pull makes it shorter. */
const passed = () => performance.now();

/** When a pull began whose page was loaded anew; null when its step was left in between. */
function keptHold(key: string): number | null {
  const kept = inTab.getItem(key);
  if (kept === null) return null;
  const { heldMs, seenAt } = JSON.parse(kept) as Held;
  const awayMs = Date.now() - seenAt;
  return awayMs >= 0 && awayMs <= RELOAD_MS ? passed() - heldMs - awayMs : null;
}

/**
 * Counts a pull that is held, and rings when it is over: only while its step is open, and begun anew when it was left. It goes
 * by the time that passes and not by ticks, so that a page that was busy, or was loaded anew, comes back to the right
 * number; where a phone that fell asleep counts nothing, the pull is held longer. It counts only when somebody says that it was held throughout.
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
  const [startedAt, setStartedAt] = useState<number | null>(() => keptHold(key));
  const [now, setNow] = useState(passed);
  useAwake(startedAt !== null);
  useEffect(() => {
    if (startedAt === null) return;
    const keep = () => {
      const at = passed();
      const held: Held = { heldMs: at - startedAt, seenAt: Date.now() };
      inTab.setItem(key, JSON.stringify(held));
      setNow(at);
    };
    keep();
    const timer = setInterval(keep, TICK_MS);
    // Leaving the step ends the pull; a page loaded anew does not come by here.
    return () => {
      clearInterval(timer);
      inTab.removeItem(key);
    };
  }, [startedAt, key]);
  const left =
    startedAt === null ? seconds : Math.max(0, Math.ceil(seconds - (now - startedAt) / 1000));
  const start = () => {
    const at = passed();
    setNow(at);
    setStartedAt(at);
  };
  const over = startedAt !== null && left === 0;
  useEffect(() => {
    if (over) ring();
  }, [over]);
  useKeys({
    Enter: {
      says: words.keys.hold,
      act: startedAt === null ? start : over ? onHeld : () => {},
    },
  });
  return (
    <View style={styles.timer}>
      <Words kind="giant" role="timer" style={styles.centred}>
        {left}
      </Words>
      <Words ink="soft" style={styles.centred}>
        {startedAt === null
          ? measuringWords.holdTimer.pullFirmlyThenStartHold
          : over
            ? measuringWords.holdTimer.readTheLeverNowStill
            : measuringWords.holdTimer.holdThePull}
      </Words>
      {startedAt === null ? (
        <Button says={measuringWords.holdTimer.startHolding} onPress={start} />
      ) : over ? (
        <Button says={measuringWords.holdTimer.itWasHeldThroughout} onPress={onHeld} />
      ) : (
        <Button kind="plain" says={measuringWords.holdTimer.letGoStartAgain} onPress={start} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  timer: { padding: space.l, gap: space.s },
  centred: { textAlign: 'center' },
});
