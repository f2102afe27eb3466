import type { UsualEnd } from '@hold-fast/core/ends';
import type { EndHeat } from '@hold-fast/core/heat/descent';
import type { Road } from '@hold-fast/core/heat/road';
import { View } from 'react-native';
import Svg, { Line, Path, Text } from 'react-native-svg';
import { color, font, type ColorName } from '../ui/tokens';
import { reckonerWords } from '../words/reckoner';
import { words } from '../words/words';

interface Props {
  heat: Readonly<Record<UsualEnd, EndHeat>>;
  /** Where the pads begin to fade, °C at the rotor. */
  fadesFromC: number;
  road: Road;
  width: number;
}

const WIDTH = 360;
const HEIGHT = 210;
const LEFT = 44;
const RIGHT = 350;
const TOP = 14;
const GROUND = 184;
const INK: Record<UsualEnd, ColorName> = { front: 'rust', rear: 'slate' };
/** Degrees that the height holds at least, so that a cool hill looks cool. */
const LEAST_SPAN_C = 300;

/** Height that the road itself is drawn over, under the lines of heat. */
const HILL = 64;

/** The road from above its lowest point, as a path that closes at the ground. */
function groundOf(road: Road): string {
  const [start, end] = [road[0]!.alongM, road.at(-1)!.alongM];
  const heights = road.map(({ heightM }) => heightM);
  const [low, high] = [Math.min(...heights), Math.max(...heights)];
  const along = road.map(({ alongM, heightM }) => {
    const x = LEFT + ((alongM - start) / (end - start)) * (RIGHT - LEFT);
    const y = GROUND - ((heightM - low) / Math.max(high - low, 1)) * HILL;
    return `L${x.toFixed(1)} ${y.toFixed(1)}`;
  });
  return `M${LEFT} ${GROUND}${along.join('')}L${RIGHT} ${GROUND}Z`;
}

/** The hill, and over it how hot each rotor gets: front and rear, with the line where the pads begin to fade. */
export function HillHeat({ heat, fadesFromC, road, width }: Props) {
  const ends = Object.entries(heat) as [UsualEnd, EndHeat][];
  const hottest = Math.max(LEAST_SPAN_C, fadesFromC, ...ends.map(([, { peak }]) => peak.rotorC));
  const seconds = ends[0]![1].over.at(-1)!.seconds;
  const x = (at: number) => LEFT + (at / seconds) * (RIGHT - LEFT);
  const y = (celsius: number) => GROUND - (Math.max(0, celsius) / hottest) * (GROUND - TOP);
  const ground = groundOf(road);
  return (
    <View
      style={{ width, alignSelf: 'center' }}
      role="img"
      accessibilityLabel={ends
        .map(([end, { peak }]) =>
          reckonerWords.heat.drawn(words.end[end], words.format.temperature(peak.rotorC)),
        )
        .join(' ')}
    >
      <Svg width={width} height={(width * HEIGHT) / WIDTH} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <Path d={ground} fill={color.sunk} />
        <Line
          x1={LEFT}
          x2={RIGHT}
          y1={y(fadesFromC)}
          y2={y(fadesFromC)}
          stroke={color.ink}
          strokeWidth={1.5}
          strokeDasharray="6 4"
        />
        <Text
          x={LEFT - 4}
          y={y(fadesFromC) + 5}
          textAnchor="end"
          fontFamily={font.reading}
          fontSize={13}
          fill={color.soft}
        >
          {words.format.fixed(fadesFromC, 0)}
        </Text>
        {ends.map(([end, { over }]) => (
          <Path
            key={end}
            d={over
              .map(
                ({ seconds: at, rotorC }, i) =>
                  `${i === 0 ? 'M' : 'L'}${x(at).toFixed(1)} ${y(rotorC).toFixed(1)}`,
              )
              .join('')}
            fill="none"
            stroke={color[INK[end]]}
            strokeWidth={end === 'front' ? 3.5 : 2.5}
            {...(end === 'rear' ? { strokeDasharray: '8 3' } : {})}
          />
        ))}
        {ends.map(([end], i) => (
          <Text
            key={end}
            x={LEFT + 6 + i * 90}
            y={HEIGHT - 6}
            fontFamily={font.head}
            fontSize={15}
            fontWeight="600"
            fill={color[INK[end]]}
          >
            {words.end[end]}
          </Text>
        ))}
      </Svg>
    </View>
  );
}
