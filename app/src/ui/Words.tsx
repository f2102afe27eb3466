import type { ReactNode, Ref } from 'react';
import { StyleSheet, Text, type TextProps, type TextStyle } from 'react-native';
import { color, font, type, type ColorName } from './tokens';

const KINDS = {
  /** The name of a screen. */
  head: {
    fontFamily: font.head,
    fontSize: type.head,
    fontWeight: '600',
    lineHeight: type.head * 1.1,
  },
  title: {
    fontFamily: font.head,
    fontSize: type.title,
    fontWeight: '600',
    lineHeight: type.title * 1.15,
  },
  /** A small label in capitals above something. */
  label: {
    fontFamily: font.head,
    fontSize: type.small,
    fontWeight: '600',
    letterSpacing: 1,
    textTransform: 'uppercase',
    color: color.soft,
  },
  body: { fontFamily: font.text, fontSize: type.body, lineHeight: type.body * 1.3 },
  strong: {
    fontFamily: font.text,
    fontSize: type.body,
    fontWeight: '600',
    lineHeight: type.body * 1.3,
  },
  small: {
    fontFamily: font.text,
    fontSize: type.small,
    lineHeight: type.small * 1.3,
    color: color.soft,
  },
  reading: { fontFamily: font.reading, fontSize: type.reading, fontWeight: '600' },
  smallReading: { fontFamily: font.reading, fontSize: type.body, fontWeight: '600' },
  huge: {
    fontFamily: font.reading,
    fontSize: type.huge,
    fontWeight: '600',
    lineHeight: type.huge * 1.1,
  },
  giant: {
    fontFamily: font.reading,
    fontSize: type.giant,
    fontWeight: '600',
    lineHeight: type.giant * 1.1,
  },
} as const satisfies Record<string, TextStyle>;

export type WordsKind = keyof typeof KINDS;

interface Props extends TextProps {
  kind?: WordsKind;
  ink?: ColorName;
  level?: 1 | 2 | 3;
  ref?: Ref<Text>;
  children: ReactNode;
}

/** All text of the app goes through here, so that a size or a face is chosen by what it is for. */
export function Words({ kind = 'body', ink, level, style, ...rest }: Props) {
  return (
    <Text
      {...rest}
      {...(level ? { role: 'heading', 'aria-level': level } : {})}
      // The name of a screen can be given the focus, and is not come by with Tab.
      {...(level === 1 ? { tabIndex: -1 } : {})}
      style={[styles[kind], ink && { color: color[ink] }, style]}
    />
  );
}

const styles = StyleSheet.create(
  Object.fromEntries(
    Object.entries(KINDS).map(([kind, style]) => [kind, { color: color.ink, ...style }]),
  ) as Record<WordsKind, TextStyle>,
);
