import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { color } from '../../ui/tokens';
import { Ground, Piece, useStroke } from './pieces';
import type { ViewProps } from './viewProps';

const BAR = [222, 104] as const;

/** Along the bar: its clamp with both gaps, the reservoir with its port, the blade before it. */
export function Lever({ state }: ViewProps) {
  const tilts = useStroke('lever')?.how === 'tilt';
  const cup = useStroke('cup');
  const there = state.leverClamp !== 'off';
  const gap = state.leverClamp === 'tight' ? 3 : 9;
  const open = state.port === 'open' || cup !== undefined;
  return (
    <G>
      <Ground>
        {(ink) => (
          <G>
            <Circle cx={BAR[0]} cy={BAR[1]} r={25} {...ink} strokeWidth={6} />
          </G>
        )}
      </Ground>
      <Piece part="clamp-bolts" there={there} at={[300, 104]}>
        {(ink) => (
          <G>
            <Path
              d={`M${BAR[0] + gap} ${BAR[1] - 31}a31 31 0 0 1 0 62`}
              {...ink}
              fill="none"
              strokeWidth={ink.strokeWidth + 5}
            />
            {[BAR[1] - 44, BAR[1] + 44].map((y) => (
              <G key={y}>
                <Line x1={BAR[0] - 14} y1={y} x2={BAR[0] + 26} y2={y} {...ink} />
                <Rect x={BAR[0] + gap + 10} y={y - 8} width={14} height={16} rx={2} {...ink} />
              </G>
            ))}
          </G>
        )}
      </Piece>
      <G transform={tilts ? `translate(0 12) rotate(14 ${BAR[0]} ${BAR[1] - 12})` : ''}>
        <Piece part="lever" there={there} at={[tilts ? 66 : 78, tilts ? 60 : 94]} away={[-46, 0]}>
          {(ink) => (
            <G>
              <Path
                d={`M${BAR[0] - gap} ${BAR[1] - 31}a31 31 0 0 0 0 62`}
                {...ink}
                fill="none"
                strokeWidth={ink.strokeWidth + 5}
              />
              <Path d="M84 76h92v14l12 8v12l-12 8h-92z" {...ink} strokeLinejoin="round" />
            </G>
          )}
        </Piece>
        <Piece part="fluid" at={[184, 52]} away={[0, -1]}>
          {(ink) => (
            <Rect
              x={92}
              y={open && ink.strokeWidth < 3 ? 92 : 86}
              width={76}
              height={open && ink.strokeWidth < 3 ? 18 : 24}
              fill={color.fog}
              fillOpacity={ink.strokeWidth > 2 ? 0.8 : 0.35}
            />
          )}
        </Piece>
        {open ? (
          <Piece part="cup" at={[102, 46]} away={[-56, -14]}>
            {(ink) => (
              <G>
                <Path d="M100 28h52l-14 34v14h-24v-14z" {...ink} strokeLinejoin="round" />
                <Path d="M105 40h42l-9 22h-24z" fill={color.fog} fillOpacity={0.5} />
              </G>
            )}
          </Piece>
        ) : (
          <Rect x={112} y={68} width={28} height={8} rx={2} fill={color.soft} />
        )}
        <Piece part="blade" there={there} at={[74, 140]} away={[-22, 16]}>
          {(ink) => <Path d="M96 118l-30 50l18 12l36 -56z" {...ink} strokeLinejoin="round" />}
        </Piece>
        <Piece part="adjuster" at={[76, 128]}>
          {(ink) => <Circle cx={92} cy={126} r={6} {...ink} />}
        </Piece>
      </G>
      <Piece part="reach" there={false} at={[160, 162]} away={[1, 0]}>
        {(ink) =>
          ink.strokeDasharray ? null : <Path d="M92 162h136" {...ink} strokeDasharray="2 4" />
        }
      </Piece>
    </G>
  );
}
