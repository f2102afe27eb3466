import type { UsualEnd } from '@hold-fast/core/ends';
import { Circle, G, Path } from 'react-native-svg';
import { color } from '../../ui/tokens';
import { Ground, Piece } from './pieces';

const WHEELS = { front: 100, rear: 246 } as const;

/** The whole bike, the brake's end marked by its rotor. */
export function Bike({ axle }: { axle: UsualEnd }) {
  return (
    <G>
      <Ground>{(ink) => <Path d="M20 188h320" {...ink} />}</Ground>
      <Piece part="bike" at={[60, 60]} away={[-30, 0]}>
        {(ink) => (
          <G>
            <Circle cx={WHEELS.front} cy={142} r={44} {...ink} fill="none" />
            <Circle cx={WHEELS.rear} cy={142} r={44} {...ink} fill="none" />
            <Path
              d="M100 142L124 62L212 74L188 142L246 142L212 74M124 78L188 142M120 50L124 62M206 62l14 -4M212 74l-3 -13M120 50l-24 2"
              {...ink}
              fill="none"
              strokeLinejoin="round"
              strokeLinecap="round"
            />
          </G>
        )}
      </Piece>
      <Circle cx={WHEELS[axle]} cy={142} r={13} fill="none" stroke={color.ink} strokeWidth={4} />
      <Piece part="headset" at={[124, 62]} away={[30, 6]}>
        {(ink) => <Path d="M118 54l12 3l-6 22l-12 -3z" {...ink} />}
      </Piece>
    </G>
  );
}
