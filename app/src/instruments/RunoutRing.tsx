import { clockPosition } from '@hold-fast/core/wear/rotor';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Text, TSpan } from 'react-native-svg';
import { color, font, size } from '../ui/tokens';
import { instrumentWords } from '../words/instruments';
import { words } from '../words/words';

interface Props {
  /** Reading at each point in turn, mm, positive toward the indicator; null while it is not read. */
  readings: readonly (number | null)[];
  current: number | null;
  onPoint?: (point: number) => void;
  over: string;
  keyed: string;
  open: string;
  wrong?: boolean;
  /** Small, with the number beside it: nothing in the middle, larger names. */
  bare?: boolean;
  width: number;
}

const BOX = 400;
const MIDDLE = BOX / 2;
/** Larger names stand out at both sides. */
const BARE_MARGIN = 14;
const RING = 110;
const LABEL = 174;
const INSIDE = 70;
/** How many times as large as it is the wobble may be drawn: the largest that fits. */
const TIMES = [100, 50, 25, 10, 5] as const;
const USUAL_ROTOR_MM = 160;
const UNITS_PER_MM = (2 * RING) / USUAL_ROTOR_MM;
const MOST_UNITS = 34;

/** The rotor edge on, drawn as a ring that wavers where the rotor does, valve at the top. */
export function RunoutRing(props: Props) {
  const { readings, current, onPoint, over, keyed, open, wrong, bare, width } = props;
  const n = readings.length;
  const read = readings.filter((mm): mm is number => mm !== null);
  const middle = read.length ? (Math.max(...read) + Math.min(...read)) / 2 : 0;
  const furthest = Math.max(0, ...read.map((mm) => Math.abs(mm - middle)));
  const times = TIMES.find((each) => furthest * UNITS_PER_MM * each <= MOST_UNITS) ?? TIMES.at(-1)!;
  const radius = (mm: number) => RING + (mm - middle) * UNITS_PER_MM * times;
  const spots = readings.map((mm, k) => (mm === null ? null : at((360 * k) / n, radius(mm))));
  const complete = spots.every((spot) => spot !== null);
  const drawn = spots.filter((spot) => spot !== null);

  return (
    <View
      style={[styles.ring, { width, height: width }]}
      role="group"
      accessibilityLabel={describe(props)}
    >
      <Svg
        width={width}
        height={width}
        viewBox={bare ? `${-BARE_MARGIN} 0 ${BOX + 2 * BARE_MARGIN} ${BOX}` : `0 0 ${BOX} ${BOX}`}
      >
        <Circle
          cx={MIDDLE}
          cy={MIDDLE}
          r={RING}
          fill="none"
          stroke={color.hairline}
          strokeWidth={2}
          strokeDasharray="3 5"
        />
        <Path d={`M${MIDDLE - 8} 2h16l-8 12z`} fill={color.ink} />
        {drawn.length > 1 ? (
          <Path
            d={`M${drawn.map(({ x, y }) => `${x} ${y}`).join('L')}${complete ? 'Z' : ''}`}
            fill="none"
            stroke={color.slate}
            strokeWidth={5}
            strokeLinejoin="round"
          />
        ) : null}
        {readings.map((mm, k) => {
          const degrees = (360 * k) / n;
          const here = current === k + 1;
          const spot = spots[k] ?? at(degrees, RING);
          const rim = at(degrees, RING + MOST_UNITS);
          return (
            <G key={k} onPress={onPoint ? () => onPoint(k + 1) : undefined}>
              <Line
                x1={at(degrees, RING - MOST_UNITS).x}
                y1={at(degrees, RING - MOST_UNITS).y}
                x2={rim.x}
                y2={rim.y}
                stroke={color[here ? 'brass' : 'hairline']}
                strokeWidth={here ? 4 : 1}
              />
              <Circle
                cx={spot.x}
                cy={spot.y}
                r={here ? 11 : 7}
                fill={mm === null ? color.paper : color.slate}
                stroke={color[here ? 'brass' : 'slate']}
                strokeWidth={here ? 4 : 2}
              />
              <Text
                {...at(degrees, LABEL)}
                dy={6}
                textAnchor="middle"
                fontFamily={mm === null ? font.head : font.reading}
                fontSize={bare ? 24 : 17}
                fontWeight="600"
                fill={color[here ? 'brassText' : mm === null ? 'soft' : 'ink']}
              >
                {mm === null ? k + 1 : signed(mm)}
              </Text>
            </G>
          );
        })}
        <Circle cx={MIDDLE} cy={MIDDLE} r={INSIDE} fill={color.paper} />
        {bare ? null : (
          <>
            <Text
              x={MIDDLE}
              y={MIDDLE - 26}
              textAnchor="middle"
              fontFamily={font.head}
              fontSize={15}
              fontWeight="600"
              letterSpacing={1}
              fill={color.soft}
            >
              {over.toUpperCase()}
            </Text>
            <Text
              x={MIDDLE}
              y={MIDDLE + 14}
              textAnchor="middle"
              fontFamily={font.reading}
              fontSize={40}
              fontWeight="600"
            >
              <TSpan fill={wrong ? color.rust : color.ink}>{words.format.keyed(keyed)}</TSpan>
              <TSpan fill={color.hairline}>{words.format.keyed(open)}</TSpan>
            </Text>
            <Text
              x={MIDDLE}
              y={MIDDLE + 38}
              textAnchor="middle"
              fontFamily={font.text}
              fontSize={14}
              fill={color.soft}
            >
              {instrumentWords.runoutRing.mmDrawn(times)}
            </Text>
          </>
        )}
      </Svg>
    </View>
  );
}

const signed = (mm: number) =>
  `${mm > 0 ? '+' : mm < 0 ? '−' : ''}${words.format.fixed(Math.abs(mm), 2)}`;

function describe({ readings, current }: Props): string {
  const told = readings.map((mm, k) => {
    const clock = Math.round(clockPosition(k + 1, readings.length) * 10) / 10;
    return instrumentWords.runoutRing.oclock(
      clock,
      mm === null ? instrumentWords.runoutRing.notRead : instrumentWords.runoutRing.mm(signed(mm)),
    );
  });
  const next =
    current === null
      ? instrumentWords.runoutRing.theTurnIsComplete
      : instrumentWords.runoutRing.nextReading(current);
  return [
    instrumentWords.runoutRing.wobbleOverOneTurnReadings(readings.length),
    ...told,
    next,
  ].join(' ');
}

function at(degrees: number, radius: number): { x: number; y: number } {
  const turn = (degrees * Math.PI) / 180;
  return { x: MIDDLE + radius * Math.sin(turn), y: MIDDLE - radius * Math.cos(turn) };
}

const styles = StyleSheet.create({ ring: { alignSelf: 'center', maxWidth: size.sheet } });
