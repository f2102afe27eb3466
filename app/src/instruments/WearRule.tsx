import type { Origin } from '@hold-fast/core/source';
import type { Word } from '@hold-fast/core/wear/verdict';
import { useId } from 'react';
import { View } from 'react-native';
import Svg, { Defs, G, Path, Pattern, Rect, Text } from 'react-native-svg';
import { color, font, type ColorName } from '../ui/tokens';
import { words } from '../words/words';
import { instrumentWords } from '../words/instruments';

interface Props {
  newMm: number | null;
  limitMm: number;
  /** Where the limit is from; null where nobody said. */
  origin: Origin | null;
  /** The least thickness, mm, with its doubt; null before the first reading. */
  leastMm: number | null;
  doubtMm: number;
  word: Word | null;
  /** An upper bound: the truth lies anywhere to the worn side of the needle. */
  upperBound?: boolean;
  width: number;
}

const BOX = 360;
const HEIGHT = 78;
const TOP = 30;
const BAND = 28;
const EDGE = 10;
/** How far the rule runs past new and past the limit, as a share of the wear between them. */
const BEYOND = { new: 0.12, limit: 0.4 };
const ASSUMED_WEAR_MM = 0.3;
const INK: Record<Word, ColorName> = {
  holds: 'kelp',
  watch: 'ochre',
  unproven: 'fog',
  replace: 'rust',
};

/**
 * A steel-rule strip from new (left) to past the limit (right): a notch cut at the limit, the reading as a needle, its doubt as
 * a soft band. Of an upper bound the band runs on to the worn end.
 */
export function WearRule({
  newMm,
  limitMm,
  origin,
  leastMm,
  doubtMm,
  word,
  upperBound,
  width,
}: Props) {
  const hatch = useId();
  const top = newMm ?? limitMm + ASSUMED_WEAR_MM;
  const wear = top - limitMm;
  const from = top + wear * BEYOND.new;
  const to = limitMm - wear * BEYOND.limit;
  const x = (mm: number) => EDGE + ((from - clamp(mm, to, from)) / (from - to)) * (BOX - 2 * EDGE);
  const ink = color[word ? INK[word] : 'ink'];
  const limitWords = instrumentWords.wearRule.limit(
    words.format.fixed(limitMm, 2),
    origin && words.origin[origin],
  );
  const says =
    leastMm === null
      ? instrumentWords.wearRule.nothingMeasuredYet(limitWords)
      : instrumentWords.wearRule.mmDoubt(
          words.format.fixed(leastMm, 2),
          upperBound ? instrumentWords.wearRule.atMost : '',
          words.format.fixed(doubtMm, 2),
          limitWords,
        );

  return (
    <View role="img" accessibilityLabel={says} style={{ width, alignSelf: 'center' }}>
      <Svg
        width={width}
        height={(width * HEIGHT) / BOX}
        viewBox={`0 0 ${BOX} ${HEIGHT}`}
        aria-hidden
      >
        <Defs>
          <Pattern
            id={hatch}
            width={8}
            height={8}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <Path d="M0 0V8" stroke={color.rust} strokeWidth={2} opacity={0.7} />
          </Pattern>
        </Defs>
        <Rect x={EDGE} y={TOP} width={BOX - 2 * EDGE} height={BAND} fill={color.sunk} />
        <Rect
          x={x(limitMm)}
          y={TOP}
          width={BOX - EDGE - x(limitMm)}
          height={BAND}
          fill={`url(#${hatch})`}
        />
        {ticks(to, from).map(({ mm, long }) => (
          <Path
            key={mm}
            d={`M${x(mm)} ${TOP + BAND}v${long ? -12 : -6}`}
            stroke={color.ink}
            strokeWidth={long ? 1.5 : 0.8}
          />
        ))}
        {ticks(to, from)
          .filter(({ long }) => long)
          .map(({ mm }) => (
            <Text
              key={mm}
              x={x(mm)}
              y={HEIGHT - 3}
              textAnchor="middle"
              fontFamily={font.reading}
              fontSize={13}
              fill={color.soft}
            >
              {words.format.fixed(mm, 1)}
            </Text>
          ))}
        {newMm !== null && (
          <G>
            <Path
              d={`M${x(newMm)} ${TOP - 4}v${BAND + 4}`}
              stroke={color.ink}
              strokeWidth={1.5}
              strokeDasharray="3 3"
            />
            <Text
              x={x(newMm)}
              y={TOP - 9}
              textAnchor="middle"
              fontFamily={font.text}
              fontSize={14}
              fill={color.soft}
            >
              {instrumentWords.wearRule.new}
            </Text>
          </G>
        )}
        <Text
          x={x(limitMm)}
          y={TOP - 12}
          textAnchor="middle"
          fontFamily={font.head}
          fontSize={16}
          fontWeight="600"
          fill={color.ink}
        >
          {limitWords}
        </Text>
        <Path
          d={`M${x(limitMm) - 6} ${TOP - 6}h12l-5 12v${BAND - 6}h-2v-${BAND - 6}z`}
          fill={color.ink}
        />
        {leastMm !== null && (
          <G>
            <Rect
              x={x(leastMm + doubtMm)}
              y={TOP}
              width={Math.max(
                0,
                (upperBound ? BOX - EDGE : x(leastMm - doubtMm)) - x(leastMm + doubtMm),
              )}
              height={BAND}
              fill={ink}
              opacity={0.28}
            />
            <Rect x={x(leastMm) - 2} y={TOP - 4} width={4} height={BAND + 8} fill={ink} />
          </G>
        )}
      </Svg>
    </View>
  );
}

/** Ticks of 0.02 mm (0.1 on a long rule), a long one every fifth or tenth. */
function ticks(to: number, from: number): { mm: number; long: boolean }[] {
  const stepUm = from - to > 1 ? 100 : 20;
  const longUm = from - to > 1 ? 500 : 100;
  const first = Math.ceil((to * 1000) / stepUm) * stepUm;
  const marks = [];
  for (let um = first; um <= from * 1000 + 1e-6; um += stepUm)
    marks.push({ mm: um / 1000, long: um % longUm === 0 });
  return marks;
}

function clamp(value: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, value));
}
