import { View } from 'react-native';
import Svg, { Path, Rect, Text } from 'react-native-svg';
import { color, font } from '../ui/tokens';
import { instrumentWords } from '../words/instruments';
import { words } from '../words/words';

interface Props {
  angleDegrees: number | null;
  gapMm: number | null;
  width: number;
}

const WIDTH = 360;
const HEIGHT = 130;
/** The tilt is drawn this many times as large as it is. */
const TIMES = 25;
const MOST_DEGREES = 14;

/** The caliper on its mount with one bolt home, the gap under the other lug drawn large. */
export function FaceFigure({ angleDegrees, gapMm, width }: Props) {
  const tilt = Math.min(MOST_DEGREES, (angleDegrees ?? 0) * TIMES);
  return (
    <View
      style={{ width, alignSelf: 'center' }}
      role="img"
      accessibilityLabel={
        angleDegrees === null
          ? instrumentWords.faceFigure.oneBoltSnugTheFeeler
          : instrumentWords.faceFigure.theFaceStandsDegreesOut(
              words.format.fixed(angleDegrees, 2),
              gapMm === null
                ? ''
                : instrumentWords.faceFigure.aGapOfMm(words.format.fixed(gapMm, 2)),
            )
      }
    >
      <Svg width={width} height={(width * HEIGHT) / WIDTH} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <Path d="M30 96h70v26H30zM225 96h70v26h-70z" fill={color.slate} />
        <Path d="M100 112h125" stroke={color.slate} strokeWidth={12} />
        <Rect
          x={42}
          y={58}
          width={246}
          height={38}
          rx={4}
          fill={color.sunk}
          stroke={color.ink}
          strokeWidth={2}
          rotation={-tilt}
          origin="65, 96"
        />
        <Path d="M65 40v62" stroke={color.ink} strokeWidth={8} />
        <Text
          x={326}
          y={104}
          textAnchor="middle"
          fontFamily={font.reading}
          fontSize={22}
          fontWeight="600"
          fill={color.ink}
        >
          {gapMm === null ? '' : words.format.fixed(gapMm, 2)}
        </Text>
        <Text
          x={65}
          y={30}
          textAnchor="middle"
          fontFamily={font.head}
          fontSize={15}
          fontWeight="600"
          fill={color.soft}
        >
          {instrumentWords.faceFigure.snug}
        </Text>
        <Text
          x={180}
          y={20}
          textAnchor="middle"
          fontFamily={font.text}
          fontSize={14}
          fill={color.soft}
        >
          {instrumentWords.faceFigure.drawn(TIMES)}
        </Text>
      </Svg>
    </View>
  );
}
