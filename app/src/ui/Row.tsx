import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { pressedOnce } from './pressedOnce';
import { color, size, space, type ColorName } from './tokens';
import { Words } from './Words';

interface Props {
  mark?: ReactNode;
  title: string;
  /** A word after the title, in its own ink: the verdict. */
  word?: { says: string; ink: ColorName };
  says?: string;
  aside?: ReactNode;
  /** A drawing below the words. */
  figure?: ReactNode;
  current?: boolean;
  onPress?: () => void;
  disabled?: boolean;
  testID?: string;
}

/** A line of a list: mark, name, one or two lines of reason, and a number at the right. A double press of it is one. */
export function Row({
  mark,
  title,
  word,
  says,
  aside,
  figure,
  current,
  onPress,
  disabled,
  testID,
}: Props) {
  const content = (
    <>
      {current ? <View style={styles.edge} /> : null}
      {mark ? <View style={styles.mark}>{mark}</View> : null}
      <View style={styles.text}>
        <Words kind="title" ink={disabled ? 'soft' : 'ink'}>
          {title}
          {word ? <Words kind="title" ink={word.ink}>{` ${word.says}`}</Words> : null}
        </Words>
        {says ? <Words ink="soft">{says}</Words> : null}
        {figure}
      </View>
      {aside ? <View style={styles.aside}>{aside}</View> : null}
    </>
  );
  const style = [styles.row, current && styles.current];
  if (!onPress)
    return (
      <View style={style} testID={testID}>
        {content}
      </View>
    );
  return (
    <Pressable
      role="button"
      onPress={pressedOnce(onPress)}
      disabled={disabled}
      testID={testID}
      aria-current={current ? 'true' : undefined}
      style={({ pressed }) => [style, pressed && styles.pressed]}
    >
      {content}
    </Pressable>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    gap: space.m,
    paddingHorizontal: space.l,
    paddingVertical: space.m,
    minHeight: size.touch,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
  },
  current: { backgroundColor: color.raised },
  edge: {
    position: 'absolute',
    left: 0,
    top: 0,
    bottom: 0,
    width: size.heavyLine,
    backgroundColor: color.brass,
  },
  pressed: { backgroundColor: color.sunk },
  mark: { width: size.mark, paddingTop: space.xs },
  text: { flex: 1, minWidth: 0, gap: space.hair },
  aside: { alignItems: 'flex-end', gap: space.xs },
});
