import { Pressable, StyleSheet, View } from 'react-native';
import { color, font, size, space, type } from './tokens';
import { pressedOnce } from './pressedOnce';
import { Words } from './Words';

/** More characters than this are set smaller: beside another button on a phone they would take three lines. */
const ONE_BREATH = 32;

interface Props {
  says: string;
  onPress: () => void;
  /** `main`: the one action of a screen, done once by a double press. `plain`: another way on. `quiet`: a small thing beside. */
  kind?: 'main' | 'plain' | 'quiet';
  disabled?: boolean;
  busy?: boolean;
  grow?: boolean;
  /** What it is done to, for who cannot see what it stands beside: its name is what it says, and that. */
  of?: string;
  /** Seen in place of what it says. */
  sign?: '‹' | '›';
  testID?: string;
}

export function Button({
  says,
  onPress,
  kind = 'main',
  disabled,
  busy,
  grow,
  of,
  sign,
  testID,
}: Props) {
  const off = disabled || busy;
  return (
    <Pressable
      role="button"
      onPress={kind === 'main' ? pressedOnce(onPress) : onPress}
      disabled={off}
      aria-label={sign ? says : of && `${says}: ${of}`}
      aria-busy={busy}
      testID={testID}
      style={({ pressed }) => [
        styles.button,
        styles[kind],
        grow && styles.grow,
        pressed && styles.pressed,
        off && styles.off,
      ]}
    >
      <Words
        style={[
          styles.text,
          says.length > ONE_BREATH && styles.long,
          kind === 'main' && styles.onMain,
          kind === 'quiet' && styles.quietText,
        ]}
      >
        {busy ? '…' : (sign ?? says)}
      </Words>
    </Pressable>
  );
}

/** Buttons side by side, the main one the widest. */
export function Buttons({ children }: { children: React.ReactNode }) {
  return <View style={styles.row}>{children}</View>;
}

const styles = StyleSheet.create({
  button: {
    minHeight: size.touch,
    paddingHorizontal: space.l,
    paddingVertical: space.xs,
    borderRadius: size.radius,
    alignItems: 'center',
    justifyContent: 'center',
  },
  main: { backgroundColor: color.action },
  plain: { borderWidth: size.line * 2, borderColor: color.hairline, backgroundColor: color.paper },
  quiet: {
    minHeight: size.smallTouch,
    paddingHorizontal: 0,
    paddingVertical: 0,
    alignSelf: 'flex-start',
  },
  grow: { flexGrow: 1, flexShrink: 1, minWidth: 0 },
  pressed: { opacity: 0.8 },
  off: { opacity: 0.45 },
  text: {
    maxWidth: '100%',
    fontFamily: font.head,
    fontSize: type.title,
    fontWeight: '600',
    textAlign: 'center',
    lineHeight: type.title * 1.15,
  },
  long: { fontSize: type.large, lineHeight: type.large * 1.15 },
  onMain: { color: color.onAction },
  quietText: { fontSize: type.large, color: color.brassText },
  row: { flexDirection: 'row', gap: space.s },
});
