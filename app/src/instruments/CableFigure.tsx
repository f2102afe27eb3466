import { FIXED_GAP_MM } from '@hold-fast/core/cable/cable';
import { View } from 'react-native';
import Svg, { Circle, G, Path, Rect, Text } from 'react-native-svg';
import { color, font } from '../ui/tokens';
import { instrumentWords } from '../words/instruments';
import { words } from '../words/words';

interface Props {
  /** Between rotor and fixed pad, mm; null where nobody measured it. */
  gapMm: number | null;
  /** The way of the arm's end, mm; null where nobody measured it. */
  armMm: number | null;
  width: number;
}

const WIDTH = 360;
const HEIGHT = 190;
/** Gaps are drawn this many units a millimetre, and no wider than there is room. */
const UNITS_PER_MM = 120;
const WIDEST = 60;
const ROTOR_X = 232;
const ARM = { x: 70, y: 150, length: 110 } as const;
/** Units a millimetre of the arm's way, and the furthest that is drawn. */
const ARM_UNITS = 2.2;
const FURTHEST = 100;

/** A cable caliper across: the arm and how far it goes, the pad it moves, the rotor, and the gap to the fixed pad. */
export function CableFigure({ gapMm, armMm, width }: Props) {
  const gap = Math.min(WIDEST, (gapMm ?? FIXED_GAP_MM.most) * UNITS_PER_MM);
  const way = Math.min(FURTHEST, (armMm ?? 0) * ARM_UNITS);
  const tip = Math.sqrt(Math.max(0, ARM.length ** 2 - way ** 2));
  const says = instrumentWords.cableFigure;
  return (
    <View
      style={{ width, alignSelf: 'center' }}
      role="img"
      accessibilityLabel={says.says(
        gapMm === null ? null : words.format.fixed(gapMm, 2),
        armMm === null ? null : words.format.fixed(armMm, 0),
      )}
    >
      <Svg width={width} height={(width * HEIGHT) / WIDTH} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <G fill="none" stroke={color.hairline} strokeWidth={10} strokeLinecap="round">
          <Path d={`M${ARM.x} ${ARM.y}v${-ARM.length}`} />
        </G>
        {armMm === null ? null : (
          <G fill="none" strokeLinecap="round">
            <Path
              d={`M${ARM.x} ${ARM.y}L${ARM.x + way} ${ARM.y - tip}`}
              stroke={color.slate}
              strokeWidth={10}
            />
            <Path
              d={`M${ARM.x} ${ARM.y - ARM.length}A${ARM.length} ${ARM.length} 0 0 1 ${ARM.x + way} ${ARM.y - tip}`}
              stroke={color.brass}
              strokeWidth={3}
            />
          </G>
        )}
        <Circle
          cx={ARM.x}
          cy={ARM.y}
          r={9}
          fill={color.raised}
          stroke={color.ink}
          strokeWidth={2}
        />
        <Rect x={ROTOR_X - 4} y={8} width={8} height={HEIGHT - 16} fill={color.slate} />
        <G fill={color.sunk} stroke={color.ink} strokeWidth={1.5}>
          <Rect x={ROTOR_X - 66} y={44} width={30} height={110} />
          <Rect x={ROTOR_X - 76} y={38} width={10} height={122} />
          <Rect x={ROTOR_X + 4 + gap} y={44} width={26} height={110} />
          <Rect x={ROTOR_X + 30 + gap} y={38} width={10} height={122} />
        </G>
        <Text
          x={ROTOR_X + 14}
          y={26}
          fontFamily={font.reading}
          fontSize={22}
          fontWeight="600"
          fill={color.ink}
        >
          {gapMm === null ? '' : words.format.fixed(gapMm, 2)}
        </Text>
        <Text
          x={ARM.x + 6}
          y={26}
          fontFamily={font.reading}
          fontSize={22}
          fontWeight="600"
          fill={color.ink}
        >
          {armMm === null ? '' : words.format.fixed(armMm, 0)}
        </Text>
      </Svg>
    </View>
  );
}
