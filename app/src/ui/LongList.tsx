import type { ReactNode } from 'react';
import { ScrollView, View, type NativeScrollEvent } from 'react-native';

const NEAR_THE_END_PX = 600;
/** Rows that the browser lays out and paints together, or not at all while they are out of sight. */
const TOGETHER = 20;

interface Props<T> {
  items: readonly T[];
  keyOf: (item: T) => string;
  children: (item: T) => ReactNode;
  /** Asks for the next page, when there is one. */
  onMore?: (() => void) | undefined;
  empty: ReactNode;
  foot?: ReactNode;
}

/** A list that comes page by page as it is scrolled; of what was loaded, only what is near the screen is laid out and painted. */
export function LongList<T>({ items, keyOf, children, onMore, empty, foot }: Props<T>) {
  const scrolled = ({ contentOffset, contentSize, layoutMeasurement }: NativeScrollEvent) => {
    if (contentSize.height - contentOffset.y - layoutMeasurement.height < NEAR_THE_END_PX)
      onMore?.();
  };
  return (
    <ScrollView
      tabIndex={0}
      scrollEventThrottle={100}
      onScroll={onMore && (({ nativeEvent }) => scrolled(nativeEvent))}
    >
      {items.length === 0
        ? empty
        : Array.from({ length: Math.ceil(items.length / TOGETHER) }, (_, i) => (
            <View key={i} {...{ dataSet: { rows: '' } }}>
              {items.slice(i * TOGETHER, (i + 1) * TOGETHER).map((item) => (
                <Keyed key={keyOf(item)}>{children(item)}</Keyed>
              ))}
            </View>
          ))}
      {foot}
    </ScrollView>
  );
}

const Keyed = ({ children }: { children: ReactNode }) => children;
