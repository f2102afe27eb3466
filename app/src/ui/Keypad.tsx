import { Pressable, StyleSheet, View } from 'react-native';
import { color, font, size, space, type } from './tokens';
import { Words } from './Words';
import { words } from '../words/words';

interface SideKey {
  says: string;
  onPress: () => void;
  on?: boolean;
  disabled?: boolean;
}

interface Props {
  onDigit: (digit: string) => void;
  onErase: () => void;
  /** The key at the lower left: a point for plain numbers, a sign for a zero check. */
  extra?: SideKey;
  /** Keys that act on the place being measured; at most two. */
  side?: readonly SideKey[];
  next: SideKey;
  /** How high the whole of it is; left out, it fills what it stands in. */
  height?: number;
}

/** The keypad answers to the keyboard itself, so no key of it keeps the focus. */
export const KEYPAD_ID = 'keypad';
const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'] as const;

/** Digits for gloved knuckles, what acts on this place beside them, and one tall key that goes on. */
export function Keypad({ onDigit, onErase, extra, side = [], next, height }: Props) {
  return (
    <View style={[styles.pad, height ? { height } : styles.fills]} nativeID={KEYPAD_ID}>
      <View style={styles.digits}>
        {DIGITS.map((digit) => (
          <Key key={digit} says={digit} onPress={() => onDigit(digit)} digit />
        ))}
        {extra ? <Key {...extra} /> : <View style={styles.key} />}
        <Key says="0" onPress={() => onDigit('0')} digit />
        <Key says="⌫" label={words.keypad.erase} onPress={onErase} />
      </View>
      <View style={styles.side}>
        {side.map((key) => (
          <Key key={key.says} {...key} aside />
        ))}
        <Pressable
          role="button"
          onPress={next.onPress}
          disabled={next.disabled}
          style={({ pressed }) => [
            styles.next,
            pressed && styles.pressed,
            next.disabled && styles.off,
          ]}
        >
          <Words style={styles.nextText}>{next.says}</Words>
        </Pressable>
      </View>
    </View>
  );
}

function Key({
  says,
  label,
  onPress,
  digit,
  aside,
  on,
  disabled,
}: SideKey & { label?: string; digit?: boolean; aside?: boolean }) {
  return (
    <Pressable
      role="button"
      aria-label={label ?? says}
      aria-pressed={on}
      onPress={onPress}
      disabled={disabled}
      style={({ pressed }) => [
        styles.key,
        aside && styles.asideKey,
        on && styles.on,
        pressed && styles.pressed,
        disabled && styles.off,
      ]}
    >
      <Words style={[digit ? styles.digit : styles.word, on && styles.onText]}>{says}</Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  pad: {
    flexDirection: 'row',
    borderTopWidth: size.line,
    borderColor: color.hairline,
    flexShrink: 0,
  },
  fills: { flex: 1, maxHeight: size.key * 4 * 1.4, alignSelf: 'stretch' },
  digits: { flex: 3, flexDirection: 'row', flexWrap: 'wrap' },
  key: {
    width: '33.333%',
    height: '25%',
    alignItems: 'center',
    justifyContent: 'center',
    backgroundColor: color.raised,
    borderRightWidth: size.line,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
  },
  side: { flex: 1, borderLeftWidth: size.line, borderColor: color.hairline },
  asideKey: { width: '100%', height: '25%', backgroundColor: color.paper },
  next: {
    flex: 1,
    backgroundColor: color.action,
    alignItems: 'center',
    justifyContent: 'center',
    padding: space.xs,
  },
  nextText: {
    color: color.onAction,
    fontFamily: font.head,
    fontWeight: '600',
    fontSize: type.title,
    textAlign: 'center',
  },
  digit: { fontFamily: font.reading, fontSize: type.head, fontWeight: '500' },
  word: { fontFamily: font.head, fontSize: type.large, fontWeight: '600' },
  on: { backgroundColor: color.slate },
  onText: { color: color.onSlate },
  pressed: { backgroundColor: color.sunk, opacity: 0.8 },
  off: { opacity: 0.4 },
});
