import type { HoseNeed, HoseRun } from '@hold-fast/core/hose/hose';
import { View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { color } from '../ui/tokens';
import { MovedEnd } from './MovedEnd';
import { instrumentWords } from '../words/instruments';
import { words } from '../words/words';

interface Props {
  run: HoseRun;
  need: HoseNeed;
  /** Called with where the guide, or the port with the bar straight, was moved to, whole mm; fixed where it is left out. */
  onMove?: (end: 'guide' | 'port', to: { x: number; y: number }) => void;
  width: number;
}

/** Room round what is drawn, mm of the bike. */
const MARGIN = 40;
/** Headings nearer than this, radians, are one. */
const STRAIGHT = 1e-6;
/** A drawing is no taller than so many times its width. */
const TALLEST = 0.9;

/** Seen from above, the front up: the bar straight and where it draws the hose out furthest, and the way the hose takes there. */
export function HosePlan({ run, need, onMove, width }: Props) {
  const { guide, port } = run;
  const turn = (need.worstDeg * Math.PI) / 180;
  const turned = {
    x: port.x * Math.cos(turn) - port.y * Math.sin(turn),
    y: port.x * Math.sin(turn) + port.y * Math.cos(turn),
  };
  // Forward is up, the rider's left is left.
  const at = ({ x, y }: { x: number; y: number }) => ({ sx: -y, sy: -x });
  const all = [...need.points, guide, port, turned, { x: -port.x, y: -port.y }, { x: 0, y: 0 }].map(
    at,
  );
  const left = Math.min(...all.map(({ sx }) => sx)) - MARGIN;
  const right = Math.max(...all.map(({ sx }) => sx)) + MARGIN;
  const top = Math.min(...all.map(({ sy }) => sy)) - MARGIN;
  const bottom = Math.max(...all.map(({ sy }) => sy)) + MARGIN;
  const [wide, high] = [right - left, bottom - top];
  const scale = Math.max(wide, high / TALLEST);
  const hose = need.points
    .map(at)
    .map(({ sx, sy }, i) => `${i === 0 ? 'M' : 'L'}${sx.toFixed(1)} ${sy.toFixed(1)}`)
    .join('');
  // Where the heading changes, the hose bends as tightly as it may.
  const isBent = (i: number) =>
    i > 0 && Math.abs(need.points[i]!.heading - need.points[i - 1]!.heading) > STRAIGHT;
  const bends = need.points
    .map(at)
    .map(({ sx, sy }, i) => {
      if (isBent(i)) return `L${sx.toFixed(1)} ${sy.toFixed(1)}`;
      return i + 1 < need.points.length && isBent(i + 1)
        ? `M${sx.toFixed(1)} ${sy.toFixed(1)}`
        : '';
    })
    .join('');
  const arm = (to: { x: number; y: number }) => {
    const { sx, sy } = at(to);
    return `M0 0L${sx.toFixed(1)} ${sy.toFixed(1)}`;
  };
  const stroke = scale / 110;
  return (
    <View
      style={{ width, alignSelf: 'center' }}
      role={onMove ? 'group' : 'img'}
      accessibilityLabel={instrumentWords.hosePlan.says(
        words.format.fixed(need.worstDeg, 1),
        words.format.fixed(need.needMm, 0),
      )}
    >
      <Svg
        width={width}
        height={(width * high) / scale}
        viewBox={`${left - (scale - wide) / 2} ${top} ${scale} ${high}`}
      >
        <G fill="none" strokeLinecap="round">
          <Path d={arm(port)} stroke={color.hairline} strokeWidth={stroke * 1.4} />
          <Path d={arm(turned)} stroke={color.slate} strokeWidth={stroke * 2.2} />
          <Path d={hose} stroke={color.brass} strokeWidth={stroke * 1.6} strokeLinejoin="round" />
          <Path
            d={bends}
            stroke={color.rust}
            strokeWidth={stroke * 2.6}
            strokeDasharray={`${stroke * 2} ${stroke * 3}`}
          />
        </G>
        <Circle
          cx={0}
          cy={0}
          r={stroke * 3}
          fill={color.paper}
          stroke={color.ink}
          strokeWidth={stroke}
        />
        {[guide, turned].map((point, i) => {
          const { sx, sy } = at(point);
          return <Circle key={i} cx={sx} cy={sy} r={stroke * 2.2} fill={color.ink} />;
        })}
      </Svg>
      {onMove
        ? (['guide', 'port'] as const).map((end) => {
            const { sx, sy } = at(run[end]);
            return (
              <MovedEnd
                key={end}
                says={instrumentWords.hosePlan.move(
                  instrumentWords.hosePlan.end[end],
                  run[end].x,
                  run[end].y,
                )}
                left={((sx - left + (scale - wide) / 2) / scale) * width}
                top={((sy - top) / scale) * width}
                mmAPixel={scale / width}
                from={run[end]}
                onMove={(to) => onMove(end, to)}
              />
            );
          })
        : null}
    </View>
  );
}
