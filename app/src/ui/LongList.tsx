import type { ReactNode } from 'react';
import { ScrollView, type NativeScrollEvent } from 'react-native';

const NEAR_THE_END_PX = 600;

interface Props<T> {
  items: readonly T[];
  keyOf: (item: T) => string;
  children: (item: T) => ReactNode;
  /** Asks for the next page, when there is one. */
  onMore?: (() => void) | undefined;
  empty: ReactNode;
  foot?: ReactNode;
}

/** A list that comes page by page as it is scrolled. Pages are short, so what is loaded is simply drawn. */
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
        : items.map((item) => <Keyed key={keyOf(item)}>{children(item)}</Keyed>)}
      {foot}
    </ScrollView>
  );
}

const Keyed = ({ children }: { children: ReactNode }) => children;
