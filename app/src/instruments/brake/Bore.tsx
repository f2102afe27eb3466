import { Circle, G, Path, Rect } from 'react-native-svg';
import { color } from '../../ui/tokens';
import { Ground, Piece } from './pieces';

/** A bore taken apart: what seals in it, its piston, and what drives that. */
export function Bore({ of }: { of: 'caliper' | 'lever' }) {
  const caliper = of === 'caliper';
  return (
    <G>
      <Ground>
        {(ink) => (
          <G>
            <Path
              d={
                caliper ? 'M20 30h100v26h-60v88h60v26h-100z' : 'M14 70h150v14h-136v36h136v14h-150z'
              }
              {...ink}
              fill={color.sunk}
              strokeLinejoin="round"
            />
            {caliper ? (
              <G>
                <Path d="M88 56h14v10h-14zM88 134h14v10h-14z" {...ink} />
                <Rect x={236} y={60} width={84} height={80} rx={4} {...ink} />
              </G>
            ) : (
              <G>
                <Path d="M180 102l8 -12l8 24l8 -24l8 24l8 -12" {...ink} fill="none" />
                <Rect x={246} y={90} width={70} height={24} rx={3} {...ink} />
                <Path d="M316 102h30" {...ink} strokeWidth={5} />
              </G>
            )}
          </G>
        )}
      </Ground>
      <Piece part="seals" at={[caliper ? 178 : 262, caliper ? 54 : 82]} away={[0, -40]}>
        {(ink) =>
          caliper ? (
            <G>
              <Circle cx={178} cy={100} r={43} {...ink} fill="none" strokeWidth={7} />
            </G>
          ) : (
            <G>
              <Rect x={256} y={86} width={9} height={32} rx={4} {...ink} />
              <Rect x={292} y={86} width={9} height={32} rx={4} {...ink} />
            </G>
          )
        }
      </Piece>
    </G>
  );
}
