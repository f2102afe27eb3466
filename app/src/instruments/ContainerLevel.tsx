import { StyleSheet, View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import { color, space } from '../ui/tokens';
import { Words } from '../ui/Words';

interface Props {
  sizeMl: number;
  remainingMl: number;
  /** What is left, in words. */
  says: string;
}

const TOP = 10;
const HEIGHT = 26;

/** How full a container is, with its millilitres beside it: nothing is told by the drawing alone. */
export function ContainerLevel({ sizeMl, remainingMl, says }: Props) {
  const full = sizeMl > 0 ? Math.max(0, Math.min(1, remainingMl / sizeMl)) : 0;
  return (
    <View style={styles.beside}>
      <Svg width={24} height={38} viewBox="0 0 24 38" aria-hidden>
        <Rect
          x={3}
          y={TOP + HEIGHT * (1 - full)}
          width={18}
          height={HEIGHT * full}
          fill={color.fog}
          fillOpacity={0.7}
        />
        <Path
          d={`M9 2h6v6l6 4v24H3V12l6 -4z`}
          fill="none"
          stroke={color.soft}
          strokeWidth={1.5}
          strokeLinejoin="round"
        />
      </Svg>
      <Words kind="smallReading">{says}</Words>
    </View>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', alignItems: 'center', gap: space.s },
});
