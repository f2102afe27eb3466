import type { Hand } from '@hold-fast/core/lever/pair';
import { View } from 'react-native';
import Svg, { Circle, G, Path, Text } from 'react-native-svg';
import { color, font } from '../ui/tokens';
import { reckonerWords } from '../words/reckoner';
import { words } from '../words/words';

interface Props {
  hand: Hand;
  /** Which lever it is. */
  name: string;
  width: number;
}

const WIDTH = 180;
const HEIGHT = 150;
const BAR = { x: 132, y: 52, r: 16 } as const;
/** Units a millimetre between bar and blade. */
const UNITS = 1;
const USUAL = { reach: 70, angle: 30 };
const BLADE = 11;

/** One lever from the bar's end: the hand on the bar, a finger out to the blade, and where the blade bites. */
export function HandFigure({ hand, name, width }: Props) {
  const reach = Math.min(110, (hand.reach ?? USUAL.reach) * UNITS);
  const bite = hand.bite === undefined ? null : Math.min(reach, hand.bite * UNITS);
  // Below level is down; the blade stands off the bar along the forearm's line.
  const angle = ((hand.angle ?? USUAL.angle) * Math.PI) / 180;
  const out = (by: number) => ({
    x: BAR.x - by * Math.cos(angle),
    y: BAR.y + by * Math.sin(angle),
  });
  const [blade, bitten] = [out(reach), bite === null ? null : out(reach - bite)];
  const shown = (value: number | undefined) =>
    value === undefined ? '–' : words.format.keyed(String(value));
  return (
    <View
      style={{ width }}
      role="img"
      accessibilityLabel={reckonerWords.levers.hand(
        name,
        shown(hand.reach),
        shown(hand.bite),
        shown(hand.angle),
      )}
    >
      <Svg width={width} height={(width * HEIGHT) / WIDTH} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <Path
          d={`M${BAR.x + 40} ${BAR.y - 22}Q${BAR.x} ${BAR.y - 44} ${BAR.x - 22} ${BAR.y - 10}`}
          fill="none"
          stroke={color.sunk}
          strokeWidth={20}
          strokeLinecap="round"
        />
        <Path
          d={`M${BAR.x - 18} ${BAR.y - 16}L${blade.x - 6} ${blade.y - 8}`}
          fill="none"
          stroke={color.sunk}
          strokeWidth={13}
          strokeLinecap="round"
        />
        <Circle
          cx={BAR.x}
          cy={BAR.y}
          r={BAR.r}
          fill={color.raised}
          stroke={color.ink}
          strokeWidth={3}
        />
        <G strokeLinecap="round" fill="none">
          <Path
            d={`M${BAR.x} ${BAR.y}L${blade.x} ${blade.y}`}
            stroke={color.hairline}
            strokeDasharray="2 5"
            strokeWidth={2}
          />
          {bitten ? <Circle cx={bitten.x} cy={bitten.y} r={5} fill={color.kelp} /> : null}
          <Path
            d={`M${blade.x + BLADE * Math.sin(angle)} ${blade.y - BLADE * Math.cos(angle) * -1}L${blade.x - BLADE * Math.sin(angle)} ${blade.y - BLADE * Math.cos(angle)}`}
            stroke={color.slate}
            strokeWidth={8}
          />
        </G>
        <Text
          x={WIDTH / 2}
          y={HEIGHT - 8}
          textAnchor="middle"
          fontFamily={font.head}
          fontSize={15}
          fontWeight="600"
          fill={color.soft}
        >
          {name}
        </Text>
      </Svg>
    </View>
  );
}
