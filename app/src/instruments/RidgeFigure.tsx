import { View } from 'react-native';
import Svg, { Path, Rect, Text } from 'react-native-svg';
import { color, font } from '../ui/tokens';
import { instrumentWords } from '../words/instruments';

/** A worn rotor cut through, drawn thick: the lip at its edge, and where the gauge touches. */
export function RidgeFigure({ flat }: { flat: boolean }) {
  const says = flat
    ? instrumentWords.ridgeFigure.flatJawsRestOnThe
    : instrumentWords.ridgeFigure.pointAnvilsSitInsideThe;
  return (
    <View
      role="img"
      accessibilityLabel={says}
      style={{ alignSelf: 'center', width: '100%', maxWidth: 420 }}
    >
      <Svg width="100%" viewBox="0 0 360 210" aria-hidden>
        <Path
          d="M20 76H250Q262 76 264 62H312V148H264Q262 134 250 134H20Z"
          fill={color.sunk}
          stroke={color.ink}
          strokeWidth={2}
        />
        <Path
          d="M20 105H312"
          stroke={color.hairline}
          strokeWidth={1.5}
          strokeDasharray="10 4 2 4"
        />
        {flat ? (
          <>
            <Rect x={170} y={42} width={150} height={20} fill={color.slate} />
            <Rect x={170} y={148} width={150} height={20} fill={color.slate} />
          </>
        ) : (
          <>
            <Path d="M190 28h36v30l-12 18h-12l-12-18z" fill={color.slate} />
            <Path d="M190 182h36v-30l-12-18h-12l-12 18z" fill={color.slate} />
          </>
        )}
        <Text
          x={96}
          y={66}
          textAnchor="middle"
          fontFamily={font.head}
          fontSize={18}
          fontWeight="600"
          fill={color.ink}
        >
          {instrumentWords.ridgeFigure.wornTrack}
        </Text>
        <Text
          x={332}
          y={56}
          textAnchor="end"
          fontFamily={font.head}
          fontSize={18}
          fontWeight="600"
          fill={color.ink}
        >
          {flat ? '' : instrumentWords.ridgeFigure.lip}
        </Text>
        <Text
          x={96}
          y={198}
          textAnchor="middle"
          fontFamily={font.text}
          fontSize={15}
          fill={color.soft}
        >
          {flat
            ? instrumentWords.ridgeFigure.flatJawsBridgeTheLip
            : instrumentWords.ridgeFigure.pointsReachTheTrack}
        </Text>
      </Svg>
    </View>
  );
}
