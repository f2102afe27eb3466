import type { Fit, FitAsked } from '@hold-fast/core/mount/fit';
import { View } from 'react-native';
import Svg, { Circle, G, Path, Rect } from 'react-native-svg';
import { color } from '../ui/tokens';
import { instrumentWords } from '../words/instruments';

interface Props {
  asked: FitAsked;
  fit: Extract<Fit, { fits: true }>;
  width: number;
}

const WIDTH = 360;
const HEIGHT = 240;
/** Millimetres of the bike that the drawing's width stands for. */
const SPAN_MM = 130;
const scale = (mm: number) => (mm * WIDTH) / SPAN_MM;
/** The hub lies under the drawing: its rim is what is seen of the rotor. */
const HUB = { x: WIDTH / 2, y: HEIGHT + scale(30) };
const CALIPER = { width: 120, height: 42 };

/** The stack from the side: the rotor's edge as it was and as it is, the mount, what goes between, and the caliper. */
export function MountStack({ asked, fit, width }: Props) {
  const { stack, outwardMm } = fit;
  const edge = (sizeMm: number) => HUB.y - scale(sizeMm / 2);
  const out = scale(outwardMm);
  const mountY = edge(asked.nativeMm) + 26;
  const washers = scale(stack.washersMm.reduce((sum, mm) => sum + mm, 0));
  const lugs = [HUB.x - 46, HUB.x + 46];
  return (
    <View
      style={{ width, alignSelf: 'center' }}
      role="img"
      accessibilityLabel={instrumentWords.mountStack.says(
        asked.rotor.sizeMm,
        stack.adapter !== null,
        stack.washersMm,
      )}
    >
      <Svg width={width} height={(width * HEIGHT) / WIDTH} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <G fill="none">
          <Circle
            cx={HUB.x}
            cy={HUB.y}
            r={scale(asked.nativeMm / 2)}
            stroke={color.hairline}
            strokeWidth={3}
          />
          <Circle
            cx={HUB.x}
            cy={HUB.y}
            r={scale(asked.rotor.sizeMm / 2)}
            stroke={color.ink}
            strokeWidth={4}
          />
        </G>
        {lugs.map((x) => (
          <G key={x}>
            <Rect x={x - 15} y={mountY} width={30} height={60} rx={3} fill={color.slate} />
            {stack.adapter ? (
              <Rect
                x={x - 19}
                y={mountY - out + washers}
                width={38}
                height={Math.max(8, out - washers)}
                rx={3}
                fill={color.brass}
              />
            ) : null}
            {washers > 0 ? (
              <Rect
                x={x - 17}
                y={mountY - out}
                width={34}
                height={Math.max(4, washers)}
                fill={color.paper}
                stroke={color.ink}
                strokeWidth={2}
              />
            ) : null}
            <Path
              d={`M${x} ${mountY - out - CALIPER.height - 6}V${mountY + 34}`}
              stroke={color.ink}
              strokeWidth={5}
            />
          </G>
        ))}
        <Rect
          x={HUB.x - CALIPER.width / 2}
          y={mountY - out - CALIPER.height}
          width={CALIPER.width}
          height={CALIPER.height}
          rx={6}
          fill={color.sunk}
          stroke={color.ink}
          strokeWidth={2}
        />
      </Svg>
    </View>
  );
}
