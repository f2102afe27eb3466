import type { FigurePart, Motion, Stroke } from '@hold-fast/core/figure/views';
import { createContext, use, type ReactNode } from 'react';
import { Circle, G, Line, Path } from 'react-native-svg';
import { color } from '../../ui/tokens';

/** How a part is drawn: what moves heavy and in brass, what stays faint, what is not there as its outline. */
interface Ink {
  stroke: string;
  strokeWidth: number;
  fill: string;
  strokeDasharray?: string;
}
export const FAINT: Ink = { stroke: color.soft, strokeWidth: 1.5, fill: color.raised };
const HEAVY: Ink = { stroke: color.brass, strokeWidth: 3, fill: color.tag };
const GONE: Ink = {
  stroke: color.hairline,
  strokeWidth: 1.5,
  fill: 'none',
  strokeDasharray: '4 4',
};

/** What a step works at, for the pieces of its drawing. */
export const Strokes = createContext<readonly Stroke[]>([]);
const useStrokes = (part: FigurePart) => use(Strokes).filter(({ on }) => on === part);
export const useStroke = (part: FigurePart): Stroke | undefined => useStrokes(part)[0];

type Point = readonly [x: number, y: number];

interface PieceProps {
  part: FigurePart;
  /** Whether it is there after the step. */
  there?: boolean;
  /** Where the hand is laid on it. */
  at: Point;
  /** The way and the distance it goes when it comes away. */
  away?: Point;
  /** How wide the arrow goes round what is turned. */
  round?: number;
  children: (ink: Ink) => ReactNode;
}

/**
 * One part of the brake. What the step takes away is drawn beside its place, which stays as an outline; what it puts in is
 * drawn in its place, with the way it comes.
 */
export function Piece({ part, there = true, at, away = [0, -34], round, children }: PieceProps) {
  const strokes = useStrokes(part);
  if (strokes.length === 0)
    return <G testID={`figure-${part}`}>{children(there ? FAINT : GONE)}</G>;
  const [dx, dy] = away;
  const leaves = strokes.some(({ how }) => how === 'out' || how === 'off');
  return (
    <G testID={`figure-${part}-inked`}>
      {leaves ? children(GONE) : null}
      {leaves ? (
        <G x={dx} y={dy}>
          {children(HEAVY)}
        </G>
      ) : (
        children(HEAVY)
      )}
      {strokes.map(({ how }, i) => (
        <Sign key={how} how={how} at={[at[0], at[1] + i * 18]} away={away} round={round} />
      ))}
    </G>
  );
}

/** What is always there and never worked at in this view. */
export function Ground({ children }: { children: (ink: Ink) => ReactNode }) {
  return <G>{children(FAINT)}</G>;
}

const INK = { stroke: color.brass, strokeWidth: 3, fill: 'none' } as const;

/** A straight arrow. */
function Arrow({ from, to }: { from: Point; to: Point }) {
  const [x1, y1] = from;
  const [x2, y2] = to;
  const angle = (Math.atan2(y2 - y1, x2 - x1) * 180) / Math.PI;
  return (
    <G>
      <Line x1={x1} y1={y1} x2={x2} y2={y2} {...INK} />
      <Path
        d="M2 0l-12 -7v14z"
        fill={color.brass}
        transform={`translate(${x2} ${y2}) rotate(${angle})`}
      />
    </G>
  );
}

/** An arrow round a point: with the clock to tighten, against it to loosen. */
function Round({ at: [x, y], back, r = 17 }: { at: Point; back?: boolean; r?: number }) {
  return (
    <G transform={`translate(${x} ${y})${back ? ' scale(-1 1)' : ''}`}>
      <Path d={`M${-r} 0A${r} ${r} 0 1 1 ${r * 0.5} ${r * 0.86}`} {...INK} />
      <Path
        d="M2 0l-12 -7v14z"
        fill={color.brass}
        transform={`translate(${r * 0.5} ${r * 0.86}) rotate(160)`}
      />
    </G>
  );
}

interface SignProps extends Pick<PieceProps, 'at' | 'round'> {
  how: Motion;
  away: Point;
}

/** The sign of a motion, where the hand is laid on. */
function Sign({ how, at, away, round }: SignProps) {
  const [x, y] = at;
  const [dx, dy] = away;
  const length = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [dx / length, dy / length];
  const along = (by: number): Point => [x + ux * by, y + uy * by];
  switch (how) {
    case 'out':
    case 'off':
      return <Arrow from={along(6)} to={along(Math.max(26, length))} />;
    case 'in':
    case 'on':
    case 'press':
      return <Arrow from={along(Math.max(34, length))} to={along(4)} />;
    case 'push-home':
      return <Arrow from={at} to={along(20)} />;
    case 'push-out':
    case 'pull':
      return <Arrow from={along(22)} to={at} />;
    case 'loosen':
      return <Round at={at} r={round} back />;
    case 'tighten':
    case 'turn':
      return <Round at={at} r={round} />;
    case 'to-and-fro':
    case 'bend':
    case 'centre':
    case 'open-and-shut':
      return (
        <G>
          <Arrow from={at} to={along(22)} />
          <Arrow from={at} to={along(-22)} />
        </G>
      );
    case 'wipe':
    case 'file':
      return (
        <Path
          d={`M${x - 21} ${y + 7}l14 -14l0 14l14 -14l0 14l14 -14`}
          strokeLinejoin="round"
          {...INK}
        />
      );
    case 'measure':
      return (
        <G transform={`translate(${x} ${y}) rotate(${(Math.atan2(dy, dx) * 180) / Math.PI})`}>
          <Path d="M-10 -12v24M10 -12v24" {...INK} />
          <Arrow from={[-30, 0]} to={[-12, 0]} />
          <Arrow from={[30, 0]} to={[12, 0]} />
        </G>
      );
    case 'look':
      return (
        <G>
          <Circle cx={x} cy={y} r={13} {...INK} />
          <Path d={`M${x + 9} ${y + 9}l11 11`} {...INK} strokeWidth={5} />
        </G>
      );
    case 'cut':
      return <Path d={`M${x} ${y - 34}v68`} {...INK} strokeDasharray="7 5" />;
    case 'tilt':
      return (
        <G>
          <Path d={`M${x - 34} ${y + 20}A46 46 0 0 1 ${x + 34} ${y + 20}`} {...INK} />
          <Path
            d="M2 0l-12 -7v14z"
            fill={color.brass}
            transform={`translate(${x + 34} ${y + 20}) rotate(60)`}
          />
          <Path
            d="M2 0l-12 -7v14z"
            fill={color.brass}
            transform={`translate(${x - 34} ${y + 20}) rotate(120)`}
          />
        </G>
      );
    case 'route':
    case 'over':
    case 'ride':
      return <Arrow from={along(-26)} to={along(26)} />;
    case 'up':
      return <Arrow from={along(-30)} to={along(30)} />;
    case 'down':
      return <Arrow from={along(30)} to={along(-30)} />;
  }
}

/** A lever that is pulled, where the drawing looks at something else. */
export function PulledLever({ at: [x, y] }: { at: Point }) {
  if (!useStroke('lever')) return null;
  return (
    <G testID="figure-lever-inked" transform={`translate(${x} ${y})`}>
      <Path d="M0 0h56" stroke={color.soft} strokeWidth={9} strokeLinecap="round" />
      <Path d="M4 26q30 -2 50 14" stroke={color.brass} strokeWidth={5} fill="none" />
      <Arrow from={[40, 54]} to={[40, 14]} />
    </G>
  );
}
