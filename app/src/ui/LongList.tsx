import { useRef, type ReactNode } from 'react';
import { ScrollView, View, type NativeScrollEvent } from 'react-native';
import { useNear } from './useNear';

const NEAR_THE_END_PX = 600;
/** Rows that come and go together: as many as a phone shows. */
const TOGETHER = 8;

interface Props<T> {
  items: readonly T[];
  keyOf: (item: T) => string;
  children: (item: T) => ReactNode;
  /** Asks for the next page, when there is one. */
  onMore?: (() => void) | undefined;
  empty: ReactNode;
  foot?: ReactNode;
}

/** A list that comes page by page as it is scrolled; of what was loaded, only what is near the screen is there. */
export function LongList<T>({ items, keyOf, children, onMore, empty, foot }: Props<T>) {
  const scroller = useRef<ScrollView>(null);
  const scrolled = ({ contentOffset, contentSize, layoutMeasurement }: NativeScrollEvent) => {
    if (contentSize.height - contentOffset.y - layoutMeasurement.height < NEAR_THE_END_PX)
      onMore?.();
  };
  return (
    <ScrollView
      ref={scroller}
      tabIndex={0}
      scrollEventThrottle={100}
      onScroll={onMore && (({ nativeEvent }) => scrolled(nativeEvent))}
    >
      {items.length === 0
        ? empty
        : Array.from({ length: Math.ceil(items.length / TOGETHER) }, (_, i) => (
            <Together key={i} first={i === 0} scroller={scroller}>
              {() =>
                items
                  .slice(i * TOGETHER, (i + 1) * TOGETHER)
                  .map((item) => <Keyed key={keyOf(item)}>{children(item)}</Keyed>)
              }
            </Together>
          ))}
      {foot}
    </ScrollView>
  );
}

const Keyed = ({ children }: { children: ReactNode }) => children;

interface TogetherProps {
  /** The first rows are there before anything was measured. */
  first: boolean;
  scroller: React.RefObject<ScrollView | null>;
  children: () => ReactNode;
}

/** Rows that are there while they are near the screen, and keep their place while they are not. */
function Together({ first, scroller, children }: TogetherProps) {
  const { place, near, height } = useNear(scroller, first);
  return (
    <View ref={place} style={near ? undefined : { height }}>
      {near ? children() : null}
    </View>
  );
}
