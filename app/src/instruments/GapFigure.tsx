import { CORNERS, type Corner } from '@hold-fast/core/clearance/corners';
import { View } from 'react-native';
import Svg, { G, Path, Rect, Text } from 'react-native-svg';
import { color, font } from '../ui/tokens';
import { words } from '../words/words';
import { instrumentWords } from '../words/instruments';

interface Props {
  gapsMm: Partial<Record<Corner, number>>;
  smallest: Corner | null;
  current: Corner | null;
  onCorner?: (corner: Corner) => void;
  width: number;
}

const WIDTH = 360;
const HEIGHT = 210;
const MIDDLE = WIDTH / 2;
const ENDS = { leading: 58, trailing: 168 } as const;
/** Gaps are drawn this many units a millimetre, and no wider than the drawing has room for. */
const UNITS_PER_MM = 90;
const WIDEST = 62;
const USUAL_MM = 0.25;

/** Pads and rotor from above, forward up, the four gaps drawn as wide as they were felt: shift and skew can be seen. */
export function GapFigure({ gapsMm, smallest, current, onCorner, width }: Props) {
  const gap = (corner: Corner) => Math.min(WIDEST, (gapsMm[corner] ?? USUAL_MM) * UNITS_PER_MM);
  return (
    <View
      style={{ width, alignSelf: 'center' }}
      role="group"
      accessibilityLabel={describe(gapsMm, smallest, current)}
    >
      <Svg width={width} height={(width * HEIGHT) / WIDTH} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <Rect x={MIDDLE - 4} y={10} width={8} height={HEIGHT - 20} fill={color.slate} />
        <Path d={`M${MIDDLE - 11} 20L${MIDDLE} 4l11 16z`} fill={color.ink} />
        {([-1, 1] as const).map((side) => {
          const name = side < 0 ? 'left' : 'right';
          const lead = MIDDLE + side * (4 + gap(`${name}-leading`));
          const trail = MIDDLE + side * (4 + gap(`${name}-trailing`));
          return (
            <Path
              key={name}
              d={`M${lead} 36L${lead + side * 34} 36L${trail + side * 34} 190L${trail} 190Z`}
              fill={color.sunk}
              stroke={color.ink}
              strokeWidth={1.5}
            />
          );
        })}
        {CORNERS.map((corner) => {
          const side = corner.startsWith('left') ? -1 : 1;
          const y = corner.endsWith('leading') ? ENDS.leading : ENDS.trailing;
          const here = corner === current;
          const value = gapsMm[corner];
          return (
            <G key={corner} onPress={onCorner ? () => onCorner(corner) : undefined}>
              <Rect
                x={MIDDLE + side * 138 - 40}
                y={y - 30}
                width={80}
                height={44}
                rx={4}
                fill={here ? color.raised : 'transparent'}
                stroke={here ? color.brass : 'none'}
                strokeWidth={here ? 3 : 0}
              />
              <Text
                x={MIDDLE + side * 138}
                y={y}
                textAnchor="middle"
                fontFamily={value === undefined ? font.head : font.reading}
                fontSize={24}
                fontWeight="600"
                fill={color[here ? 'brassText' : corner === smallest ? 'ink' : 'soft']}
                textDecoration={corner === smallest ? 'underline' : 'none'}
              >
                {value === undefined ? '·' : words.format.fixed(value, 2)}
              </Text>
            </G>
          );
        })}
        {(['left', 'right'] as const).map((name, i) => (
          <Text
            key={name}
            x={MIDDLE + (i ? 1 : -1) * 138}
            y={118}
            textAnchor="middle"
            fontFamily={font.head}
            fontSize={16}
            fontWeight="600"
            fill={color.soft}
          >
            {words.side[name].toUpperCase()}
          </Text>
        ))}
      </Svg>
    </View>
  );
}

function describe(
  gapsMm: Props['gapsMm'],
  smallest: Corner | null,
  current: Corner | null,
): string {
  const told = CORNERS.map((corner) => {
    const value = gapsMm[corner];
    return `${words.corner[corner]}: ${value === undefined ? instrumentWords.gapFigure.notFelt : instrumentWords.gapFigure.mm(words.format.fixed(value, 2))}${corner === smallest ? instrumentWords.gapFigure.narrowest : ''}.`;
  });
  return [
    ...told,
    current
      ? instrumentWords.gapFigure.next(words.corner[current])
      : instrumentWords.gapFigure.allFourAreFelt,
  ].join(' ');
}
