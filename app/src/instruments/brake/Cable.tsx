import { Circle, G, Path, Rect } from 'react-native-svg';
import { Ground, Piece, PulledLever } from './pieces';
import type { ViewProps } from './viewProps';

/** The cable's end at the caliper: housing, barrel adjuster, inner cable, pinch bolt and arm. */
export function Cable({ state }: ViewProps) {
  const joined = state.cable === 'joined';
  return (
    <G>
      <Ground>
        {(ink) => (
          <G>
            <Circle cx={256} cy={148} r={42} {...ink} />
            <Path
              d={`M244 148l${joined ? 4 : 24} -84h20l${joined ? 2 : 4} 84z`}
              {...ink}
              strokeLinejoin="round"
            />
            <Circle cx={256} cy={148} r={10} {...ink} />
            <Path d="M158 46h14v64h50v12h-64z" {...ink} strokeLinejoin="round" />
          </G>
        )}
      </Ground>
      <Piece part="housing" at={[70, 66]} away={[0, -30]}>
        {(ink) => (
          <G>
            <Path d="M0 58h112v16h-112z" {...ink} />
            <Rect x={104} y={54} width={18} height={24} {...ink} />
          </G>
        )}
      </Piece>
      <Piece part="cable" there={joined} at={[216, 66]} away={[-44, 0]}>
        {(ink) => <Path d="M122 66h192" {...ink} fill="none" strokeWidth={ink.strokeWidth + 1} />}
      </Piece>
      <Piece part="barrel" at={[140, 30]}>
        {(ink) => <Path d="M122 56h36v20h-36zM128 56v20M136 56v20M144 56v20M152 56v20" {...ink} />}
      </Piece>
      <Piece part="pinch-bolt" there={joined} at={[262, 34]}>
        {(ink) => <Circle cx={260} cy={66} r={9} {...ink} />}
      </Piece>
      <PulledLever at={[14, 120]} />
    </G>
  );
}
