import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { JobTag } from './JobTag';
import { color, size, space } from './tokens';
import type { WayBack } from './wayBack';
import { Words } from './Words';

interface Props {
  /** Job number, drawn as its tag. */
  tag?: number | undefined;
  /** Where the tag leads. */
  back: WayBack | null;
  /** Small words above the name. */
  over?: string | undefined;
  /** The name of the page. */
  name: ReactNode;
  /** What stands at its right. */
  aside?: ReactNode;
  /** A screen with little height. */
  low?: boolean | undefined;
}

/** The head of a page: the job's tag, the name, and what stands at its right. */
export const PageTop = ({ tag, back, over, name, aside, low }: Props) => (
  <View style={[styles.top, low && styles.low]} {...{ dataSet: { top: '' } }}>
    {tag !== undefined && <JobTag tag={tag} back={back} />}
    <View style={styles.names}>
      {over ? (
        <Words kind="label" numberOfLines={1}>
          {over}
        </Words>
      ) : null}
      {name}
    </View>
    {aside ? (
      <View style={styles.aside} {...{ dataSet: { screen: '' } }}>
        {aside}
      </View>
    ) : null}
  </View>
);

const styles = StyleSheet.create({
  top: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    paddingHorizontal: space.l,
    paddingVertical: space.m,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
  },
  low: { paddingVertical: space.xs },
  names: { flex: 1, minWidth: 0 },
  aside: { alignItems: 'flex-end' },
});
