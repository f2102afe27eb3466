import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import { color, size, space } from './tokens';
import { Words } from './Words';

const WIDTH = 72;
const HEIGHT = 38;
const NOSE = 10;

/** The tag that hangs on the bike: a job's number, as people call it. */
export function JobTag({ tag }: { tag: number }) {
  return (
    <View style={styles.tag}>
      <Svg width={WIDTH} height={HEIGHT} style={StyleSheet.absoluteFill} aria-hidden>
        <Path
          d={`M${NOSE} 1H${WIDTH - 1}V${HEIGHT - 1}H${NOSE}L1 ${HEIGHT - NOSE}V${NOSE}Z`}
          fill={color.tag}
          stroke={color.brass}
          strokeWidth={size.line * 1.5}
        />
        <Circle
          cx={NOSE + 1}
          cy={HEIGHT / 2}
          r={3.5}
          fill={color.paper}
          stroke={color.brass}
          strokeWidth={1.5}
        />
      </Svg>
      <Words kind="smallReading" aria-label={`Tag ${tag}`}>
        {String(tag).padStart(4, '0')}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  tag: { width: WIDTH, height: HEIGHT, paddingLeft: NOSE + space.m, justifyContent: 'center' },
});
