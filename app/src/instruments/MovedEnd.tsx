import { useRef } from 'react';
import { StyleSheet, View, type GestureResponderEvent } from 'react-native';
import { color, size } from '../ui/tokens';

interface Place {
  x: number;
  y: number;
}

interface Props {
  says: string;
  /** Where it stands in the drawing, px. */
  left: number;
  top: number;
  mmAPixel: number;
  /** Where it is on the bike: mm, x forward (up), y to the left. */
  from: Place;
  onMove: (to: Place) => void;
}

const REACH = size.smallTouch;
/** What one press of an arrow key moves it by, mm; ten times that with Shift. */
const STEP_MM = 1;
const ARROWS: Readonly<Partial<Record<string, readonly [forward: number, left: number]>>> = {
  ArrowUp: [1, 0],
  ArrowDown: [-1, 0],
  ArrowLeft: [0, 1],
  ArrowRight: [0, -1],
};

/** An end of a hose that is moved with a finger, or with the arrow keys while it has the focus. */
export function MovedEnd({ says, left, top, mmAPixel, from, onMove }: Props) {
  // The drawing's scale follows what is moved: a drag is reckoned by the one it began with.
  const began = useRef({ mmAPixel, from, pageX: 0, pageY: 0 });
  const grant = ({ nativeEvent: { pageX, pageY } }: GestureResponderEvent) => {
    began.current = { mmAPixel, from, pageX, pageY };
  };
  const move = ({ nativeEvent: { pageX, pageY } }: GestureResponderEvent) => {
    const { mmAPixel: scale, from: place, ...at } = began.current;
    onMove({
      x: Math.round(place.x - (pageY - at.pageY) * scale),
      y: Math.round(place.y - (pageX - at.pageX) * scale),
    });
  };
  const byKey = {
    onKeyDown: (event: { key: string; shiftKey: boolean; preventDefault: () => void }) => {
      const arrow = ARROWS[event.key];
      if (!arrow) return;
      event.preventDefault();
      const step = STEP_MM * (event.shiftKey ? 10 : 1);
      onMove({ x: from.x + arrow[0] * step, y: from.y + arrow[1] * step });
    },
  } as object;
  return (
    <View
      onStartShouldSetResponder={() => true}
      onResponderTerminationRequest={() => false}
      onResponderGrant={grant}
      onResponderMove={move}
      {...byKey}
      tabIndex={0}
      role="button"
      accessibilityLabel={says}
      style={[styles.end, { left: left - REACH / 2, top: top - REACH / 2 }]}
    />
  );
}

const styles = StyleSheet.create({
  end: {
    position: 'absolute',
    width: REACH,
    height: REACH,
    borderRadius: REACH / 2,
    borderWidth: size.heavyLine / 2,
    borderColor: color.brass,
  },
});
