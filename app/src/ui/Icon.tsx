import Svg, { Circle, Path, Rect } from 'react-native-svg';
import { ICONS, type Drawing } from './icons';
import { color, type ColorName } from './tokens';

export function Icon({
  name,
  ink = 'ink',
  of = 22,
}: {
  name: keyof typeof ICONS;
  ink?: ColorName;
  of?: number;
}) {
  const { paths, circles = [], rects = [] }: Drawing = ICONS[name];
  return (
    <Svg
      width={of}
      height={of}
      viewBox="0 0 24 24"
      fill="none"
      stroke={color[ink]}
      strokeWidth={1.75}
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden
    >
      {paths.map((d) => (
        <Path key={d} d={d} />
      ))}
      {circles.map(([cx, cy, r]) => (
        <Circle key={`${cx} ${cy}`} cx={cx} cy={cy} r={r} />
      ))}
      {rects.map(([width, height, x, y, rx]) => (
        <Rect key={`${x} ${y}`} width={width} height={height} x={x} y={y} rx={rx} />
      ))}
    </Svg>
  );
}
