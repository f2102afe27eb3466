import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { Ground, Piece } from './pieces';
import type { ViewProps } from './viewProps';

const HUB = [96, 122] as const;
const SPOKES = Array.from({ length: 12 }, (_, i) => (i * Math.PI) / 6);

/** Wheel, caliper, hose and lever from the side. */
export function Whole({ state, brake }: ViewProps) {
  const caliperOff = state.caliper === 'off';
  const pull = brake.actuation === 'hydraulic' ? undefined : '9 3';
  const joined = state.hoseAtCaliper === 'joined' && state.cable === 'joined';
  return (
    <G>
      <Piece part="wheel" there={state.wheel === 'on'} at={[HUB[0], 168]} away={[0, 30]}>
        {(ink) => (
          <G>
            <Circle cx={HUB[0]} cy={HUB[1]} r={70} {...ink} fill="none" strokeWidth={7} />
            <Circle cx={HUB[0]} cy={HUB[1]} r={34} {...ink} fill="none" strokeWidth={6} />
            <Circle cx={HUB[0]} cy={HUB[1]} r={7} {...ink} />
          </G>
        )}
      </Piece>
      <Piece part="spokes" there={state.wheel === 'on'} at={[HUB[0] - 46, HUB[1] + 22]}>
        {(ink) => (
          <G>
            {SPOKES.map((a) => (
              <Line
                key={a}
                x1={HUB[0] + 8 * Math.cos(a)}
                y1={HUB[1] + 8 * Math.sin(a)}
                x2={HUB[0] + 66 * Math.cos(a)}
                y2={HUB[1] + 66 * Math.sin(a)}
                {...ink}
                strokeWidth={ink.strokeWidth / 2}
              />
            ))}
          </G>
        )}
      </Piece>
      <Ground>
        {(ink) => <Path d={`M${HUB[0] + 4} ${HUB[1]}L160 26`} {...ink} strokeWidth={9} />}
      </Ground>
      <Piece part="axle" at={HUB} round={30}>
        {(ink) => <Circle cx={HUB[0]} cy={HUB[1]} r={9} {...ink} />}
      </Piece>
      <Piece part="rotor-bolts" there={state.rotor === 'on'} at={[HUB[0] - 30, HUB[1] + 24]}>
        {(ink) => (
          <G>
            {[0, 1, 2, 3, 4, 5].map((i) => (
              <Circle
                key={i}
                cx={HUB[0] + 18 * Math.cos((i * Math.PI) / 3)}
                cy={HUB[1] + 18 * Math.sin((i * Math.PI) / 3)}
                r={3}
                {...ink}
              />
            ))}
          </G>
        )}
      </Piece>
      <Piece part="hose" there={joined} at={[214, 66]} away={[40, -32]}>
        {(ink) => (
          <Path
            d="M140 96C172 70 168 34 252 38"
            {...ink}
            fill="none"
            strokeWidth={ink.strokeWidth + 3}
            strokeDasharray={ink.strokeDasharray ?? pull}
          />
        )}
      </Piece>
      <Piece part="caliper" there={!caliperOff} at={[142, 108]} away={[44, 34]}>
        {(ink) => <Path d="M106 96l24 -18l20 24l-24 18z" {...ink} strokeLinejoin="round" />}
      </Piece>
      <Piece part="caliper-bolts" there={!caliperOff} at={[160, 72]}>
        {(ink) => (
          <G>
            <Circle cx={128} cy={88} r={3.5} {...ink} />
            <Circle cx={140} cy={102} r={3.5} {...ink} />
          </G>
        )}
      </Piece>
      <Ground>{(ink) => <Rect x={254} y={48} width={96} height={14} rx={7} {...ink} />}</Ground>
      <Piece part="lever" there={state.leverClamp !== 'off'} at={[318, 100]} away={[0, 62]}>
        {(ink) => (
          <G>
            <Path d="M246 26h54v16h-54z" {...ink} strokeLinejoin="round" />
            <Path d="M256 44q10 50 78 46" {...ink} fill="none" strokeWidth={5} />
          </G>
        )}
      </Piece>
      <Piece part="clamp" there={state.leverClamp !== 'off'} at={[300, 74]}>
        {(ink) => <Rect x={274} y={40} width={16} height={30} rx={3} {...ink} />}
      </Piece>
      <Piece
        part="joints"
        there={state.hoseAtLever === 'joined' && state.hoseAtCaliper === 'joined'}
        at={[228, 22]}
      >
        {(ink) => (
          <G>
            <Circle cx={246} cy={37} r={5} {...ink} />
            <Circle cx={142} cy={95} r={5} {...ink} />
          </G>
        )}
      </Piece>
    </G>
  );
}
