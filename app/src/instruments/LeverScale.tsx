import type { LeverPlace } from '@hold-fast/core/lever/lever';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect, Text } from 'react-native-svg';
import { color, font, type ColorName } from '../ui/tokens';
import { words } from '../words/words';
import { instrumentWords } from '../words/instruments';

type Travelled = Exclude<LeverPlace, 'reach'>;

interface Props {
  reachMm: number | null;
  /** Travel from rest, mm. */
  travelMm: Partial<Record<Travelled, number>>;
  width: number;
}

const WIDTH = 360;
const LEFT = 84;
const RIGHT = 300;
const ROW = 30;
const TOP = 18;
const USUAL_REACH_MM = 70;
const INK: Record<Travelled, ColorName> = {
  bite: 'kelp',
  firm: 'slate',
  sunk: 'rust',
  pumped: 'ochre',
};
const TRAVELLED = Object.keys(INK) as Travelled[];
const HEIGHT = TOP + TRAVELLED.length * ROW + 10;

/** How far the blade goes in each pull: rest at the left, the bar at the right. */
export function LeverScale({ reachMm, travelMm, width }: Props) {
  const reach = reachMm ?? Math.max(USUAL_REACH_MM, ...Object.values(travelMm));
  const x = (mm: number) => LEFT + (Math.min(mm, reach) / reach) * (RIGHT - LEFT);
  const read = TRAVELLED.filter((place) => travelMm[place] !== undefined);
  return (
    <View
      style={{ width, alignSelf: 'center' }}
      role="img"
      accessibilityLabel={[
        reachMm === null
          ? instrumentWords.leverScale.reachNotMeasured
          : instrumentWords.leverScale.reachMm(words.format.fixed(reachMm, 1)),
        ...read.map((place) =>
          instrumentWords.leverScale.atMm(
            words.leverPlace[place],
            words.format.fixed(travelMm[place]!, 1),
          ),
        ),
      ].join(' ')}
    >
      <Svg width={width} height={(width * HEIGHT) / WIDTH} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <Path d={`M${LEFT} ${TOP - 6}V${HEIGHT - 6}`} stroke={color.ink} strokeWidth={3} />
        <Rect x={RIGHT} y={TOP - 8} width={16} height={HEIGHT - TOP} rx={8} fill={color.slate} />
        <Text
          x={RIGHT + 22}
          y={TOP + 8}
          fontFamily={font.head}
          fontSize={15}
          fontWeight="600"
          fill={color.soft}
        >
          {instrumentWords.leverScale.bar}
        </Text>
        {TRAVELLED.map((place, i) => {
          const y = TOP + i * ROW + 14;
          const mm = travelMm[place];
          return (
            <G key={place}>
              <Text
                x={LEFT - 8}
                y={y + 5}
                textAnchor="end"
                fontFamily={font.head}
                fontSize={16}
                fontWeight="600"
                fill={color[mm === undefined ? 'soft' : 'ink']}
              >
                {words.leverPlace[place]}
              </Text>
              <Line x1={LEFT} y1={y} x2={RIGHT} y2={y} stroke={color.hairline} strokeWidth={2} />
              {mm === undefined ? null : (
                <>
                  <Line
                    x1={LEFT}
                    y1={y}
                    x2={x(mm)}
                    y2={y}
                    stroke={color[INK[place]]}
                    strokeWidth={10}
                  />
                  <Text
                    x={x(mm) + (mm > reach * 0.7 ? -6 : 6)}
                    y={y - 8}
                    textAnchor={mm > reach * 0.7 ? 'end' : 'start'}
                    fontFamily={font.reading}
                    fontSize={14}
                    fontWeight="600"
                    fill={color.ink}
                  >
                    {words.format.fixed(mm, 1)}
                  </Text>
                </>
              )}
            </G>
          );
        })}
      </Svg>
    </View>
  );
}
