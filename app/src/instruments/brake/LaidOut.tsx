import { Circle, G, Path } from 'react-native-svg';
import { Ground, Piece } from './pieces';

/** The rotor's face and both pads, as they lie on the bench. */
export function LaidOut() {
  return (
    <G>
      <Piece part="track" at={[92, 34]} away={[0, 1]}>
        {(ink) => (
          <G>
            <Circle cx={92} cy={104} r={80} {...ink} />
            <Circle cx={92} cy={104} r={58} {...ink} />
          </G>
        )}
      </Piece>
      <Ground>
        {(ink) => (
          <G>
            <Circle cx={92} cy={104} r={22} {...ink} />
            {[0, 60, 120, 180, 240, 300].map((turn) => (
              <Path key={turn} d="M92 82v-36" {...ink} rotation={turn} origin="92, 104" />
            ))}
          </G>
        )}
      </Ground>
      <Piece part="pads" at={[242, 116]} away={[1, 0]}>
        {(ink) => (
          <G>
            {[214, 286].map((x) => (
              <G key={x}>
                <Path d={`M${x} 70h56l6 40l-12 54h-44l-12 -54z`} {...ink} strokeLinejoin="round" />
                <Path d={`M${x + 6} 84h44l4 26l-10 42h-32l-10 -42z`} {...ink} fillOpacity={0.5} />
              </G>
            ))}
          </G>
        )}
      </Piece>
      <Piece part="fins" there={false} at={[276, 44]} away={[1, 0]}>
        {(ink) =>
          ink.strokeDasharray ? null : (
            <Path
              d="M214 66v-26M224 66v-26M234 66v-26M244 66v-26M254 66l8 -24M264 66v-26M288 66v-26M298 66v-26M308 66v-26M318 66l-7 -25M328 66v-26M338 66v-26"
              {...ink}
            />
          )
        }
      </Piece>
    </G>
  );
}
