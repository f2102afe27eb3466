import { crowfootGain, type Crowfoot } from '@hold-fast/core/torque/crowfoot';
import { View } from 'react-native';
import Svg, { Circle, Line, Path, Text } from 'react-native-svg';
import { color, font } from '../ui/tokens';
import { instrumentWords } from '../words/instruments';
import { words } from '../words/words';

const WIDTH = 320;
/** Room above the highest point, and below the handle. */
const MARGIN = 40;
const GRIP = { x: 28, y: 112 };
const HANDLE = 190;

/** A wrench from above with its crowfoot: what L, E and the angle are, drawn to their proportion. */
export function CrowfootFigure({ crowfoot, width }: { crowfoot: Crowfoot; width: number }) {
  const { leverMm, extensionMm, angleDegrees } = crowfoot;
  const drive = { x: GRIP.x + HANDLE, y: GRIP.y };
  const length = Math.min(90, Math.max(24, (extensionMm / leverMm) * HANDLE));
  const angle = (angleDegrees * Math.PI) / 180;
  const nut = { x: drive.x + length * Math.cos(angle), y: drive.y - length * Math.sin(angle) };
  const top = Math.min(drive.y, nut.y) - MARGIN;
  const height = drive.y + MARGIN - top;
  const says = instrumentWords.crowfootFigure.aCrowfootOfMmAt(
    extensionMm,
    angleDegrees,
    leverMm,
    words.format.fixed(crowfootGain(crowfoot), 3),
  );
  return (
    <View style={{ width, alignSelf: 'center' }} role="img" accessibilityLabel={says}>
      <Svg
        width={width}
        height={(width * height) / WIDTH}
        viewBox={`0 ${top} ${WIDTH} ${height}`}
        aria-hidden
      >
        <Line
          x1={GRIP.x}
          y1={GRIP.y}
          x2={drive.x}
          y2={drive.y}
          stroke={color.slate}
          strokeWidth={10}
          strokeLinecap="round"
        />
        <Line
          x1={GRIP.x - 4}
          y1={GRIP.y}
          x2={GRIP.x + 46}
          y2={GRIP.y}
          stroke={color.ink}
          strokeWidth={18}
          strokeLinecap="round"
        />
        <Line
          x1={drive.x}
          y1={drive.y}
          x2={drive.x + 70}
          y2={drive.y}
          stroke={color.hairline}
          strokeWidth={1.5}
          strokeDasharray="3 5"
        />
        <Line
          x1={drive.x}
          y1={drive.y}
          x2={nut.x}
          y2={nut.y}
          stroke={color.brass}
          strokeWidth={9}
          strokeLinecap="round"
        />
        <Circle
          cx={drive.x}
          cy={drive.y}
          r={7}
          fill={color.paper}
          stroke={color.ink}
          strokeWidth={2}
        />
        <Path
          d={hexagon(nut.x, nut.y, 13)}
          fill={color.paper}
          stroke={color.ink}
          strokeWidth={2.5}
        />
        <Label x={(GRIP.x + 30 + drive.x) / 2} y={drive.y + 28}>{`L ${leverMm}`}</Label>
        <Label x={drive.x - 30} y={drive.y - 18}>{`E ${extensionMm}`}</Label>
        <Label x={drive.x + 60} y={drive.y + 28}>{`${angleDegrees}°`}</Label>
      </Svg>
    </View>
  );
}

function Label({ x, y, children }: { x: number; y: number; children: string }) {
  return (
    <Text x={x} y={y} textAnchor="middle" fontFamily={font.reading} fontSize={15} fill={color.ink}>
      {children}
    </Text>
  );
}

function hexagon(x: number, y: number, r: number): string {
  const corners = Array.from({ length: 6 }, (_, i) => {
    const turn = (Math.PI / 3) * i;
    return `${x + r * Math.cos(turn)} ${y + r * Math.sin(turn)}`;
  });
  return `M${corners.join('L')}Z`;
}
