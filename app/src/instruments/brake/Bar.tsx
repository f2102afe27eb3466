import { Circle, G, Path, Rect } from 'react-native-svg';
import { Ground, Piece } from './pieces';
import type { ViewProps } from './viewProps';

/** The whole bar from above, forward up: both levers, and the hose that goes to one. */
export function Bar({ state }: ViewProps) {
  return (
    <G>
      <Ground>
        {(ink) => (
          <G>
            <Rect x={24} y={104} width={312} height={11} rx={5} {...ink} />
            <Rect x={14} y={99} width={82} height={21} rx={8} {...ink} />
            <Rect x={264} y={99} width={82} height={21} rx={8} {...ink} />
            <Rect x={166} y={98} width={28} height={50} rx={4} {...ink} />
          </G>
        )}
      </Ground>
      <Piece part="levers" there={state.leverClamp !== 'off'} at={[66, 82]}>
        {(ink) => (
          <G>
            {[1, -1].map((side) => (
              <G key={side} transform={`translate(180 0) scale(${side} 1)`}>
                <Rect x={-72} y={94} width={14} height={32} rx={3} {...ink} />
                <Rect x={-84} y={72} width={50} height={18} rx={4} {...ink} />
                <Path
                  d="M-76 72q-16 -26 -82 -12"
                  {...ink}
                  fill="none"
                  strokeWidth={5}
                  strokeLinecap="round"
                />
              </G>
            ))}
          </G>
        )}
      </Piece>
      <Piece part="hose" there={state.hoseAtLever === 'joined'} at={[180, 46]} away={[1, 0]}>
        {(ink) => (
          <G>
            <Path
              d={
                ink.strokeWidth > 2
                  ? 'M214 80C180 20 200 150 180 186'
                  : 'M146 80C176 20 176 130 180 186'
              }
              {...ink}
              fill="none"
              strokeWidth={5}
            />
            <Circle cx={ink.strokeWidth > 2 ? 214 : 146} cy={80} r={5} {...ink} />
          </G>
        )}
      </Piece>
    </G>
  );
}
