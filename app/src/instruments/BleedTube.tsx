import { CLEAN_CYCLES, type Bubbles } from '@hold-fast/core/fluid/bleedRun';
import { View } from 'react-native';
import Svg, { Circle, G, Path, Rect, Text } from 'react-native-svg';
import { color, font } from '../ui/tokens';
import { figureWords } from '../words/figure';
import { words } from '../words/words';

interface Props {
  /** What hose, lever and caliper hold, mL. */
  heldMl: number;
  /** What went through so far, mL; 0 while nobody wrote it down. */
  movedMl: number;
  cycles: readonly { bubbles: Bubbles }[];
  /** Clean cycles that are still wanted before it may stop. */
  cleanToGo: number;
  width: number;
}

const WIDTH = 360;
const HEIGHT = 118;
const TUBE = { x: 16, y: 28, width: 328, height: 26 } as const;
/** Marks that fit in one row, those still to come among them; earlier ones have scrolled out. */
const MARKS = 9;
const DOTS: Record<Bubbles, readonly (readonly [number, number])[]> = {
  none: [],
  few: [
    [-3, 2],
    [4, -3],
  ],
  many: [
    [-5, 3],
    [4, -4],
    [0, 6],
    [-3, -5],
    [6, 3],
  ],
};

/** A bleed as it runs: the new fluid's front along the hose, a mark a cycle by its bubbles, and the clean ones still to come. */
export function BleedTube({ heldMl, movedMl, cycles, cleanToGo, width }: Props) {
  const share = heldMl > 0 ? movedMl / heldMl : 0;
  const front = TUBE.width * Math.min(1, share);
  const open = Math.min(CLEAN_CYCLES, cleanToGo);
  const seen = cycles.slice(-(MARKS - open));
  const at = (i: number) => TUBE.x + 16 + i * 38;
  return (
    <View
      style={{ width, alignSelf: 'center' }}
      role="img"
      accessibilityLabel={figureWords.bleedTube.says(
        words.format.fixed(movedMl, 0),
        words.format.fixed(heldMl, 0),
        cycles.length,
        cycles.filter(({ bubbles }) => bubbles === 'none').length,
        cleanToGo,
      )}
    >
      <Svg width={width} height={(width * HEIGHT) / WIDTH} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <Rect {...TUBE} rx={4} fill={color.tag} stroke={color.soft} strokeWidth={2} />
        <Rect x={TUBE.x} y={TUBE.y + 2} width={front} height={TUBE.height - 4} fill={color.fog} />
        {share > 0 && share < 1 ? (
          <Path
            d={`M${TUBE.x + front} ${TUBE.y - 6}v${TUBE.height + 12}`}
            stroke={color.brass}
            strokeWidth={4}
          />
        ) : null}
        <Text
          x={WIDTH - TUBE.x}
          y={17}
          textAnchor="end"
          fontFamily={font.reading}
          fontSize={15}
          fontWeight="600"
          fill={color.ink}
        >
          {figureWords.bleedTube.times(words.format.fixed(share, 1))}
        </Text>
        {seen.map(({ bubbles }, i) => (
          <G key={i}>
            <Circle
              cx={at(i)}
              cy={94}
              r={14}
              fill={bubbles === 'none' ? color.fog : color.raised}
              stroke={color.ink}
              strokeWidth={2}
            />
            {DOTS[bubbles].map(([dx, dy]) => (
              <Circle key={`${dx} ${dy}`} cx={at(i) + dx} cy={94 + dy} r={2.5} fill={color.ink} />
            ))}
          </G>
        ))}
        {Array.from({ length: open }, (_, i) => (
          <Circle
            key={i}
            cx={at(seen.length + i)}
            cy={94}
            r={14}
            fill="none"
            stroke={color.brass}
            strokeWidth={3}
            strokeDasharray="4 4"
          />
        ))}
      </Svg>
    </View>
  );
}
