import type { Ref } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { color, font, size, space, type } from './tokens';
import { Words } from './Words';

interface Option<T> {
  value: T;
  says: string;
}

interface Props<T> {
  label: string;
  options: readonly Option<T>[];
  /** The chosen values; a single choice holds one or none. */
  chosen: readonly T[];
  onChoose: (value: T) => void;
  /** Several may be chosen at once. */
  many?: boolean;
  /** The first answer, for the focus. */
  ref?: Ref<View>;
}

/** Answers to choose from, each big enough for a knuckle. */
export function Choice<T extends string | number | boolean | null>({
  label,
  options,
  chosen,
  onChoose,
  many,
  ref,
}: Props<T>) {
  return (
    <View style={styles.group} role={many ? 'group' : 'radiogroup'} aria-label={label}>
      {options.map(({ value, says }, i) => {
        const on = chosen.includes(value);
        return (
          <Pressable
            key={String(value)}
            ref={i === 0 ? ref : undefined}
            role={many ? 'checkbox' : 'radio'}
            aria-checked={on}
            onPress={() => onChoose(value)}
            style={({ pressed }) => [styles.option, on && styles.on, pressed && styles.pressed]}
          >
            <Words style={[styles.text, on && styles.onText]}>{says}</Words>
          </Pressable>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  option: {
    minHeight: size.smallTouch,
    maxWidth: '100%',
    paddingVertical: space.xs,
    paddingHorizontal: space.m,
    justifyContent: 'center',
    borderRadius: size.radius,
    borderWidth: size.line,
    borderColor: color.hairline,
    backgroundColor: color.raised,
  },
  on: { backgroundColor: color.slate, borderColor: color.slate },
  pressed: { opacity: 0.8 },
  text: { fontFamily: font.head, fontWeight: '600', fontSize: type.large },
  onText: { color: color.onSlate },
});
