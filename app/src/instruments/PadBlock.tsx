import { PAD_PLACES, type PadPlace } from '@hold-fast/core/wear/pads';
import { View } from 'react-native';
import Svg, { G, Path, Rect, Text, TSpan } from 'react-native-svg';
import { color, font, type ColorName } from '../ui/tokens';
import { words } from '../words/words';
import { instrumentWords } from '../words/instruments';

interface Props {
  /** What was measured at each place, mm. */
  values: Partial<Record<PadPlace, number>>;
  /** The thickness drawn full: new, by the way it is measured. */
  fullMm: number;
  current: PadPlace | null;
  thinnest: PadPlace | null;
  onPlace?: (place: PadPlace) => void;
  /** What is being keyed at the current place. */
  keyed: string;
  open: string;
  wrong?: boolean;
  width: number;
}

const WIDTH = 360;
const HEIGHT = 236;
const ROTOR = 10;
const MIDDLE = WIDTH / 2;
const LEADING_Y = 62;
const TRAILING_Y = 186;
const THICKEST = 74;
const PLATE = 14;
/** A place's box, what of it digits may fill, and how wide a digit of the reading's face is in its size. */
const BOX = 80;
const ROOM = BOX - 6;
const DIGIT_EM = 0.6;
const KEYED_SIZE = 28;

/**
 * Inner and outer pad from above, the rotor between them running forward (up), leading ends at the top. Each pad is drawn as
 * thick as it was measured, so that a skew is seen as one.
 */
export function PadBlock({
  values,
  fullMm,
  current,
  thinnest,
  onPlace,
  keyed,
  open,
  wrong,
  width,
}: Props) {
  const depth = (place: PadPlace) => (THICKEST * Math.min(1.1, values[place] ?? fullMm)) / fullMm;
  const pads = [
    { name: 'inner', side: -1, leading: depth('inner-leading'), trailing: depth('inner-trailing') },
    { name: 'outer', side: 1, leading: depth('outer-leading'), trailing: depth('outer-trailing') },
  ] as const;

  return (
    <View
      style={{ width, alignSelf: 'center' }}
      role="group"
      accessibilityLabel={describe(values, current)}
    >
      <Svg width={width} height={(width * HEIGHT) / WIDTH} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <Rect x={MIDDLE - ROTOR / 2} y={8} width={ROTOR} height={HEIGHT - 16} fill={color.slate} />
        <Path d={`M${MIDDLE - 11} 20L${MIDDLE} 4l11 16z`} fill={color.ink} />
        {pads.map(({ name, side, leading, trailing }) => {
          const face = MIDDLE + side * (ROTOR / 2 + 3);
          const back = (thickness: number) => face + side * thickness;
          return (
            <G key={name}>
              <Path
                d={`M${face} ${LEADING_Y - 26}L${back(leading)} ${LEADING_Y - 26}L${back(trailing)} ${TRAILING_Y + 26}L${face} ${TRAILING_Y + 26}Z`}
                fill={color.sunk}
                stroke={color.ink}
                strokeWidth={1.5}
              />
              <Path
                d={`M${back(leading)} ${LEADING_Y - 30}L${back(leading) + side * PLATE} ${LEADING_Y - 30}L${back(trailing) + side * PLATE} ${TRAILING_Y + 30}L${back(trailing)} ${TRAILING_Y + 30}Z`}
                fill={color.hairline}
                stroke={color.ink}
                strokeWidth={1.5}
              />
              <Text
                x={MIDDLE + side * 178}
                y={18}
                textAnchor={side < 0 ? 'start' : 'end'}
                fontFamily={font.head}
                fontSize={15}
                fontWeight="600"
                letterSpacing={1}
                fill={color.soft}
              >
                {name === 'inner'
                  ? instrumentWords.padBlock.innerWheelSide
                  : instrumentWords.padBlock.outer}
              </Text>
            </G>
          );
        })}
        {PAD_PLACES.map((place) => {
          const side = place.startsWith('inner') ? -1 : 1;
          const y = place.endsWith('leading') ? LEADING_Y : TRAILING_Y;
          const here = place === current;
          const value = values[place];
          const x = MIDDLE + side * 138;
          return (
            <G key={place} onPress={onPlace ? () => onPlace(place) : undefined}>
              <Rect
                x={x - BOX / 2}
                y={y - 30}
                width={BOX}
                height={60}
                rx={4}
                fill={color.raised}
                stroke={here ? color.brass : color.hairline}
                strokeWidth={here ? 4 : 1}
              />
              {here ? (
                <Text
                  x={x}
                  y={y + 6}
                  textAnchor="middle"
                  fontFamily={font.reading}
                  fontSize={Math.min(KEYED_SIZE, ROOM / (DIGIT_EM * `${keyed}${open}`.length))}
                  fontWeight="600"
                >
                  <TSpan fill={wrong ? color.rust : color.ink}>{words.format.keyed(keyed)}</TSpan>
                  <TSpan fill={color.hairline}>{words.format.keyed(open)}</TSpan>
                </Text>
              ) : (
                <Text
                  x={x}
                  y={y + 6}
                  textAnchor="middle"
                  fontFamily={font.reading}
                  fontSize={value === undefined ? 18 : 26}
                  fontWeight="600"
                  fill={color[(place === thinnest ? 'ink' : 'soft') satisfies ColorName]}
                >
                  {value === undefined ? '–' : words.format.fixed(value, 2)}
                </Text>
              )}
              <Text
                x={x}
                y={y + 24}
                textAnchor="middle"
                fontFamily={font.text}
                fontSize={13}
                fill={color.soft}
              >
                {place.endsWith('leading')
                  ? instrumentWords.padBlock.leading
                  : instrumentWords.padBlock.trailing}
              </Text>
              {place === thinnest && value !== undefined && !here && (
                <Path d={`M${x - 34} ${y + 12}h68`} stroke={color.ink} strokeWidth={2} />
              )}
            </G>
          );
        })}
      </Svg>
    </View>
  );
}

function describe(values: Props['values'], current: PadPlace | null): string {
  const told = PAD_PLACES.map(
    (place) =>
      `${words.padPlace[place]}: ${values[place] === undefined ? instrumentWords.padBlock.notMeasured : instrumentWords.padBlock.mm(words.format.fixed(values[place], 2))}`,
  );
  return `${told.join('; ')}. ${current ? instrumentWords.padBlock.next(words.padPlace[current]) : instrumentWords.padBlock.allFourAreMeasured}`;
}
