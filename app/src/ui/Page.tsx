import { useContext, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { PageTop } from './PageTop';
import { ScreenName } from './ScreenName';
import { color, size, space, type } from './tokens';
import { WayBackContext } from './wayBack';
import { Words } from './Words';

interface Props {
  /** Small words above the title. */
  over?: string;
  title: string;
  /** Job number, drawn as its tag. */
  tag?: number;
  /** What stands at the right of the title. */
  aside?: ReactNode;
  /** What stays in reach of the thumb. */
  foot?: ReactNode;
  /** Something below the title that does not scroll, such as progress. */
  under?: ReactNode;
  /** A screen that fits itself to the height instead of scrolling. */
  fixed?: boolean;
  /** A screen with little height: the title keeps to one line. */
  low?: boolean;
  children?: ReactNode;
}

/** The frame of a screen: what it is, the thing itself, and the action at the bottom. */
export function Page({ over, title, tag, aside, foot, under, fixed, low, children }: Props) {
  const back = useContext(WayBackContext);
  return (
    <View style={styles.page} role="main">
      <PageTop
        tag={tag}
        back={back}
        over={over}
        name={
          <ScreenName
            over={over}
            numberOfLines={low ? 1 : 2}
            style={low ? styles.lowTitle : aside ? styles.tight : undefined}
          >
            {title}
          </ScreenName>
        }
        aside={aside}
        low={low}
      />
      {under}
      {fixed ? (
        <View style={styles.fixed}>{children}</View>
      ) : (
        <ScrollView style={styles.scroll} contentContainerStyle={styles.body} tabIndex={0}>
          {children}
        </ScrollView>
      )}
      {foot ? (
        <View style={styles.foot} {...{ dataSet: { foot: '' } }}>
          {foot}
        </View>
      ) : null}
    </View>
  );
}

/** A part of a screen under a small label, set off by a line. */
export function Section({
  label,
  children,
  aside,
}: {
  label?: string;
  children: ReactNode;
  aside?: ReactNode;
}) {
  return (
    <View style={styles.section}>
      {label ? (
        <View style={styles.sectionTop}>
          <Words kind="label" level={2}>
            {label}
          </Words>
          {aside}
        </View>
      ) : null}
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, backgroundColor: color.paper, minWidth: 0 },
  lowTitle: { fontSize: type.title, lineHeight: type.title * 1.15 },
  tight: { fontSize: type.tight, lineHeight: type.tight * 1.15 },
  scroll: { flex: 1 },
  body: { flexGrow: 1 },
  fixed: { flex: 1, minHeight: 0 },
  foot: {
    padding: space.l,
    gap: space.s,
    borderTopWidth: size.line,
    borderColor: color.hairline,
    backgroundColor: color.raised,
  },
  section: {
    paddingHorizontal: space.l,
    paddingVertical: space.m,
    gap: space.s,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
  },
  sectionTop: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
});
