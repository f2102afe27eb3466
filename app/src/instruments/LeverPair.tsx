import { SIDES, type Hand, type PairDifference, type Side } from '@hold-fast/core/lever/pair';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect, Text } from 'react-native-svg';
import { color, font } from '../ui/tokens';
import { capital } from '../words/capital';
import { reckonerWords } from '../words/reckoner';
import { words } from '../words/words';

interface Props {
  hands: Record<Side, Hand>;
  differences: readonly PairDifference[];
  width: number;
}

const WIDTH = 360;
const HEIGHT = 150;
const MIDDLE = WIDTH / 2;
const BAR_Y = 34;
const GRIP = { end: 172, length: 92 };
const BLADE = 62;
/** Where a number nobody took is drawn, thin: it is not a reading. */
const USUAL = { clamp: 95, reach: 70, bite: 25 };
/** Pixels a millimetre: along the bar, and off it. */
const ALONG = 1.15;
const OFF = 1.1;
/** Blades further off than this, mm, are drawn there: below it stand the names. */
const MOST_DRAWN = 76;

/** Both levers from above, mirrored: what is apart is inked. */
export function LeverPair({ hands, differences, width }: Props) {
  const { side: sides, drawn, short } = reckonerWords.levers;
  const said = SIDES.map((side) => {
    const of = differences.filter(({ measure }) => hands[side][measure] !== undefined);
    return drawn(
      sides[side],
      of
        .map(
          ({ measure }) => `${short[measure]} ${words.format.keyed(String(hands[side][measure]))}`,
        )
        .join(', '),
    );
  });
  return (
    <View
      style={{ width, alignSelf: 'center' }}
      role="img"
      accessibilityLabel={capital(said.join(' '))}
    >
      <Svg width={width} height={(width * HEIGHT) / WIDTH} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <Line
          x1={MIDDLE - GRIP.end}
          x2={MIDDLE + GRIP.end}
          y1={BAR_Y}
          y2={BAR_Y}
          stroke={color.ink}
          strokeWidth={6}
        />
        <Line
          x1={MIDDLE}
          x2={MIDDLE}
          y1={BAR_Y - 14}
          y2={HEIGHT - 26}
          stroke={color.hairline}
          strokeWidth={2}
        />
        {SIDES.map((side) => (
          <HalfBar key={side} side={side} hand={hands[side]} differences={differences} />
        ))}
      </Svg>
    </View>
  );
}

/** One side; outward is to the left on the left. */
function HalfBar({
  side,
  hand,
  differences,
}: {
  side: Side;
  hand: Hand;
  differences: readonly PairDifference[];
}) {
  const outward = side === 'left' ? -1 : 1;
  const x = (fromMiddle: number) => MIDDLE + outward * fromMiddle;
  const clampAt = GRIP.end - Math.min(hand.clamp ?? USUAL.clamp, 140) * ALONG;
  const reach = Math.min(hand.reach ?? USUAL.reach, MOST_DRAWN) * OFF;
  const bite = Math.min(hand.bite ?? USUAL.bite, MOST_DRAWN) * OFF;
  const ink = (measure: PairDifference['measure']) => {
    const standing = differences.find((of) => of.measure === measure)?.standing;
    return standing === 'apart' ? color.rust : standing === 'asked-for' ? color.ochre : color.slate;
  };
  const blade = (off: number) =>
    `M${x(clampAt)} ${BAR_Y + 10}Q${x(clampAt + BLADE * 0.4)} ${BAR_Y + off} ${x(clampAt + BLADE)} ${BAR_Y + off}`;
  const gripLeft = Math.min(x(GRIP.end - GRIP.length), x(GRIP.end));
  return (
    <G>
      <Rect
        x={gripLeft}
        y={BAR_Y - 11}
        width={GRIP.length}
        height={22}
        rx={7}
        fill={color.sunk}
        stroke={color.ink}
        strokeWidth={2}
      />
      <Rect x={x(clampAt) - 8} y={BAR_Y - 13} width={16} height={26} rx={3} fill={ink('clamp')} />
      <G fill="none">
        <Path
          d={blade(Math.max(reach - bite, 4))}
          stroke={ink('bite')}
          strokeWidth={3}
          strokeDasharray="5 4"
        />
        <Path d={blade(reach)} stroke={ink('reach')} strokeWidth={6} strokeLinecap="round" />
      </G>
      <Text
        x={x(88)}
        y={HEIGHT - 6}
        textAnchor="middle"
        fontFamily={font.head}
        fontSize={15}
        fill={ink('angle')}
      >
        {hand.angle === undefined
          ? reckonerWords.levers.side[side]
          : `${reckonerWords.levers.side[side]}, ${words.format.keyed(String(hand.angle))}°`}
      </Text>
    </G>
  );
}
