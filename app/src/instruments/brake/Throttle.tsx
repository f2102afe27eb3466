import { G, Path, Rect } from 'react-native-svg';
import { Ground, Piece } from './pieces';

/** Lever clamp, hand throttle, its end washer and the grip, drawn apart along the bar. */
export function Throttle() {
  return (
    <G>
      <Ground>
        {(ink) => (
          <G>
            <Rect x={10} y={94} width={340} height={14} {...ink} />
            <Rect x={24} y={76} width={22} height={50} rx={3} {...ink} />
            <Path d="M28 76q4 -44 62 -40" {...ink} fill="none" strokeWidth={5} />
            <Rect x={246} y={80} width={96} height={42} rx={10} {...ink} />
          </G>
        )}
      </Ground>
      <Piece part="throttle" at={[116, 140]} away={[40, 0]}>
        {(ink) => (
          <G>
            <Rect x={74} y={78} width={74} height={46} rx={6} {...ink} />
            <Path d="M90 78v46M106 78v46M122 78v46" {...ink} />
          </G>
        )}
      </Piece>
      <Piece part="end-washer" at={[197, 74]} away={[0, -34]}>
        {(ink) => <Rect x={190} y={76} width={14} height={50} rx={4} {...ink} />}
      </Piece>
    </G>
  );
}
