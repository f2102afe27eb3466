import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { color, size, space, type ColorName } from './tokens';
import { Words } from './Words';

interface Props {
  /** `caution`: mind this. `refusal`: it was not done, and why. `plain`: good to know. */
  kind?: 'caution' | 'refusal' | 'plain';
  title?: string;
  children?: ReactNode;
}

const EDGE: Record<NonNullable<Props['kind']>, ColorName> = {
  caution: 'brass',
  refusal: 'rust',
  plain: 'hairline',
};

/** A few words set apart: a caution, a refusal, something to know. */
export function Note({ kind = 'plain', title, children }: Props) {
  return (
    <View
      style={[styles.note, { borderLeftColor: color[EDGE[kind]] }]}
      {...(kind === 'refusal' ? { role: 'alert' } : {})}
    >
      {title ? <Words kind="strong">{title}</Words> : null}
      {typeof children === 'string' ? (
        <Words ink={title ? 'soft' : 'ink'}>{children}</Words>
      ) : (
        children
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  note: {
    borderLeftWidth: size.heavyLine,
    backgroundColor: color.raised,
    paddingHorizontal: space.m,
    paddingVertical: space.s,
    gap: space.xs,
  },
});
