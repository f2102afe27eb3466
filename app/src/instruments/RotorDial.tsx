import { clockPosition } from '@hold-fast/core/wear/rotor';
import type { Word } from '@hold-fast/core/wear/verdict';
import { useId } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Defs, G, Path, Pattern, Rect, Text, TSpan } from 'react-native-svg';
import { color, font, size, type, type ColorName } from '../ui/tokens';
import { instrumentWords } from '../words/instruments';
import { words } from '../words/words';

export interface DialPoint {
  point: number;
  /** Mean thickness, mm; null while it is not measured. */
  thicknessMm: number | null;
  /** What this point alone says. */
  word: Word | null;
}

interface Props {
  points: readonly DialPoint[];
  limitMm: number;
  newMm: number | null;
  decimals: number;
  /** The point to measure now; null when all are done. */
  current: number | null;
  thinnest: number | null;
  onPoint?: (point: number) => void;
  /** What stands in the middle. */
  over: string;
  keyed: string;
  open: string;
  wrong?: boolean;
  /** Small, with the number beside it: nothing in the middle, larger names. */
  bare?: boolean;
  width: number;
}

const BOX = 360;
const MIDDLE = BOX / 2;
const INNER = 74;
const OUTER = 120;
const RIM = 126;
const LABEL = 156;
/** Room at either side for the larger names of a small dial. */
const ASIDE = 24;
const GAP_DEGREES = 5;
/** Wearable thickness drawn when the thickness when new is not known, mm. */
const ASSUMED_WEAR_MM = 0.3;

const INK: Record<Word, ColorName> = {
  holds: 'slate',
  watch: 'ochre',
  unproven: 'fog',
  replace: 'rust',
};

/**
 * The rotor face on, valve at the top. The ring is the wearable thickness: its inner edge the limit, its outer edge new;
 * each point fills its sector as far as it still reaches. A point past the limit bites inward and is hatched.
 */
export function RotorDial(props: Props) {
  const {
    points,
    limitMm,
    newMm,
    decimals,
    current,
    thinnest,
    onPoint,
    over,
    keyed,
    open,
    wrong,
    bare,
    width,
  } = props;
  const hatch = useId();
  const wearMm = (newMm ?? limitMm + ASSUMED_WEAR_MM) - limitMm;
  const half = 180 / points.length - GAP_DEGREES / 2;

  return (
    <View
      style={[styles.dial, { width, height: width }]}
      accessibilityLabel={describe(props)}
      role="group"
    >
      <Svg
        width={width}
        height={width}
        viewBox={bare ? `${-ASIDE} 0 ${BOX + 2 * ASIDE} ${BOX}` : `0 0 ${BOX} ${BOX}`}
      >
        <Defs>
          <Pattern
            id={hatch}
            width={7}
            height={7}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <Rect width={7} height={7} fill={color.sunk} />
            <Path d="M0 0V7" stroke={color.rust} strokeWidth={3} />
          </Pattern>
        </Defs>
        <Circle
          cx={MIDDLE}
          cy={MIDDLE}
          r={RIM}
          fill="none"
          stroke={color.hairline}
          strokeWidth={1.5}
        />
        <Path d={`M${MIDDLE - 8} ${MIDDLE - RIM - 2}h16l-8 12z`} fill={color.ink} />
        {points.map(({ point, thicknessMm, word }) => {
          const middle = (360 * (point - 1)) / points.length;
          const share =
            thicknessMm === null ? 0 : Math.max(0, Math.min(1, (thicknessMm - limitMm) / wearMm));
          const past = thicknessMm !== null && word === 'replace';
          const here = point === current;
          const grow = here ? 6 : 0;
          return (
            <G key={point} onPress={onPoint ? () => onPoint(point) : undefined}>
              <Path
                d={sector(middle, half + (here ? 1.5 : 0), INNER - (here ? 4 : 0), OUTER + grow)}
                fill={past ? `url(#${hatch})` : color.sunk}
                stroke={here ? color.brass : 'none'}
                strokeWidth={here ? 4 : 0}
              />
              {share > 0 && word && (
                <Path
                  d={sector(middle, half, INNER, INNER + (OUTER - INNER) * share)}
                  fill={color[INK[word]]}
                />
              )}
              {past && <Path d={sector(middle, half, INNER - 9, INNER)} fill={color.rust} />}
              <Text
                {...at(middle, LABEL)}
                dy={7}
                textAnchor="middle"
                fontFamily={thicknessMm === null ? font.head : font.reading}
                fontSize={bare ? 28 : 20}
                fontWeight="600"
                fill={color[labelInk(here, past, point === thinnest)]}
              >
                {thicknessMm === null ? point : words.format.fixed(thicknessMm, decimals)}
              </Text>
              {point === thinnest && thicknessMm !== null && (
                <Path
                  d={underline(middle, bare ? 32 : 24)}
                  stroke={color[labelInk(false, past, true)]}
                  strokeWidth={3}
                />
              )}
            </G>
          );
        })}
        <Circle
          cx={MIDDLE}
          cy={MIDDLE}
          r={INNER}
          fill="none"
          stroke={color.ink}
          strokeWidth={2.5}
        />
        {bare ? null : (
          <>
            <Text
              x={MIDDLE}
              y={MIDDLE - 30}
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
              y={MIDDLE + 16}
              textAnchor="middle"
              fontFamily={font.reading}
              fontSize={50}
              fontWeight="600"
            >
              <TSpan fill={wrong ? color.rust : color.ink}>{words.format.keyed(keyed)}</TSpan>
              <TSpan fill={color.hairline}>{words.format.keyed(open)}</TSpan>
            </Text>
            <Text
              x={MIDDLE}
              y={MIDDLE + 42}
              textAnchor="middle"
              fontFamily={font.text}
              fontSize={type.large}
              fill={color.soft}
            >
              {instrumentWords.rotorDial.mm}
            </Text>
          </>
        )}
      </Svg>
    </View>
  );
}

function labelInk(here: boolean, past: boolean, thinnest: boolean): ColorName {
  if (past) return 'rustText';
  if (here) return 'brassText';
  return thinnest ? 'ink' : 'soft';
}

/** The same in words, for those who listen to the screen. */
function describe({ points, limitMm, newMm, decimals, current, thinnest }: Props): string {
  const measured = points.map(({ point, thicknessMm, word }) => {
    const clock = Math.round(clockPosition(point, points.length) * 10) / 10;
    const value =
      thicknessMm === null
        ? instrumentWords.rotorDial.notMeasured
        : instrumentWords.rotorDial.mm2(words.format.fixed(thicknessMm, decimals));
    return instrumentWords.rotorDial.pointOclock(
      point,
      clock,
      value,
      word === 'replace' ? instrumentWords.rotorDial.pastTheLimit : '',
      point === thinnest ? instrumentWords.rotorDial.thinnest : '',
    );
  });
  const frame = instrumentWords.rotorDial.limitMm(
    words.format.fixed(limitMm, 2),
    newMm === null ? '' : instrumentWords.rotorDial.newMm(words.format.fixed(newMm, 2)),
  );
  return [
    frame,
    ...measured,
    current === null
      ? instrumentWords.rotorDial.allPointsAreMeasured
      : instrumentWords.rotorDial.nextPoint(current),
  ].join(' ');
}

function at(degrees: number, radius: number): { x: number; y: number } {
  const turn = (degrees * Math.PI) / 180;
  return { x: MIDDLE + radius * Math.sin(turn), y: MIDDLE - radius * Math.cos(turn) };
}

function sector(middle: number, half: number, inner: number, outer: number): string {
  const [a, b, c, d] = [
    at(middle - half, outer),
    at(middle + half, outer),
    at(middle + half, inner),
    at(middle - half, inner),
  ];
  return `M${a.x} ${a.y}A${outer} ${outer} 0 0 1 ${b.x} ${b.y}L${c.x} ${c.y}A${inner} ${inner} 0 0 0 ${d.x} ${d.y}Z`;
}

function underline(degrees: number, half: number): string {
  const { x, y } = at(degrees, LABEL);
  return `M${x - half} ${y + 12}h${2 * half}`;
}

const styles = StyleSheet.create({ dial: { alignSelf: 'center', maxWidth: size.sheet } });
