import {
  isMarked,
  starOrder,
  type NextTurn,
  type Pass,
  type PassMark,
} from '@hold-fast/core/torque/sequence';
import { View } from 'react-native';
import Svg, { Circle, G, Path, Rect, Text } from 'react-native-svg';
import { color, font } from '../ui/tokens';
import { instrumentWords } from '../words/instruments';

interface Props {
  boltCount: number;
  pass: Pass;
  marks: readonly Pick<PassMark, 'pass' | 'bolt'>[];
  next: NextTurn;
  /** The whole pass is confirmed at once, so every open bolt is to be turned. */
  whole: boolean;
  width: number;
}

const BOX = 300;
const MIDDLE = BOX / 2;
const RING = 104;
const BOLT = 30;
/** A pair lies on its mount, and not round a hub. */
const PAIR = { top: 90, height: 120 };

/** The bolts of one fastener, numbered in the order they are tightened, filling as this pass is done. */
export function BoltCircle({ boltCount, pass, marks, next, whole, width }: Props) {
  const order = starOrder(boltCount);
  const at = (bolt: number) => {
    // A pair lies side by side, as it does on a mount.
    const turn = (2 * Math.PI * (bolt - 1)) / boltCount - (boltCount === 2 ? Math.PI / 2 : 0);
    const radius = boltCount === 1 ? 0 : RING;
    return { x: MIDDLE + radius * Math.sin(turn), y: MIDDLE - radius * Math.cos(turn) };
  };
  const path = order.map((bolt, i) => `${i === 0 ? 'M' : 'L'}${at(bolt).x} ${at(bolt).y}`).join('');
  const pair = boltCount === 2;
  const view = pair ? PAIR : { top: 0, height: BOX };
  const done = order.filter((bolt) => isMarked(marks, pass, bolt)).length;
  const says = instrumentWords.boltCircle.ofDoneInThisPass(
    boltCount === 1
      ? instrumentWords.boltCircle.oneFastener
      : instrumentWords.boltCircle.bolts(
          boltCount,
          boltCount === 2
            ? instrumentWords.boltCircle.alternately
            : instrumentWords.boltCircle.inStarOrder,
        ),
    done,
    boltCount,
  );

  return (
    <View style={{ width, alignSelf: 'center' }} role="img" accessibilityLabel={says}>
      <Svg
        width={width}
        height={(width * view.height) / BOX}
        viewBox={`0 ${view.top} ${BOX} ${view.height}`}
        aria-hidden
      >
        {pair ? (
          <Rect
            x={2}
            y={view.top + 2}
            width={BOX - 4}
            height={view.height - 4}
            rx={view.height / 2}
            fill="none"
            stroke={color.hairline}
            strokeWidth={1.5}
          />
        ) : (
          [RING + 38, RING - 44].map((r) => (
            <Circle
              key={r}
              cx={MIDDLE}
              cy={MIDDLE}
              r={r}
              fill="none"
              stroke={color.hairline}
              strokeWidth={1.5}
            />
          ))
        )}
        <Path
          d={path}
          fill="none"
          stroke={color.hairline}
          strokeWidth={1.5}
          strokeDasharray="2 6"
        />
        {order.map((bolt, i) => {
          const marked = isMarked(marks, pass, bolt);
          const here = !next.done && next.pass === pass && !marked && (whole || next.bolt === bolt);
          const { x, y } = at(bolt);
          return (
            <G key={bolt}>
              <Circle
                cx={x}
                cy={y}
                r={here && !whole ? BOLT + 5 : BOLT}
                fill={marked ? color.slate : here ? color.brass : color.paper}
                stroke={marked ? color.slate : here ? color.brass : color.ink}
                strokeWidth={2.5}
              />
              <Text
                x={x}
                y={y + 8}
                textAnchor="middle"
                fontFamily={font.reading}
                fontSize={24}
                fontWeight="600"
                fill={marked ? color.onSlate : here ? color.onBrass : color.ink}
              >
                {i + 1}
              </Text>
              {marked && (
                <Path
                  d={`M${x + 14} ${y - 24}l5 5 9-11`}
                  fill="none"
                  stroke={color.ink}
                  strokeWidth={3}
                />
              )}
            </G>
          );
        })}
      </Svg>
    </View>
  );
}
