import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import { color, size, space } from './tokens';
import type { WayBack } from './wayBack';
import { words } from '../words/words';
import { Words } from './Words';

const WIDTH = 72;
const HEIGHT = 38;
const NOSE = 10;

/** The tag that hangs on the bike: a job's number, as people call it. With a way back it leads there, and says where. */
export function JobTag({ tag, back }: { tag: number; back?: WayBack | null }) {
  const hanging = (
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
      <Words kind="smallReading" aria-label={words.jobTag.tag(tag)}>
        {words.tagNumber(tag)}
      </Words>
    </View>
  );
  if (!back) return hanging;
  return (
    <Pressable
      role="button"
      aria-label={words.jobTag.back(words.tagNumber(tag), back.says)}
      onPress={back.go}
      style={({ pressed }) => [styles.way, pressed && styles.pressed]}
    >
      {hanging}
      <Words style={styles.says} ink="brassText">{`‹ ${back.says}`}</Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  way: { minWidth: size.touch, minHeight: size.smallTouch, alignItems: 'flex-start' },
  pressed: { opacity: 0.7 },
  tag: { width: WIDTH, height: HEIGHT, paddingLeft: NOSE + space.m, justifyContent: 'center' },
  says: { paddingLeft: NOSE, lineHeight: 18, fontWeight: '600' },
});
