import type { End } from '@hold-fast/core/ends';
import { G, Path, Rect } from 'react-native-svg';
import { color } from '../../ui/tokens';
import { FAINT, Ground, Piece, useStroke } from './pieces';
import type { ViewProps } from './viewProps';

interface JointProps extends ViewProps {
  at: 'lever' | 'caliper';
  end?: End;
}

const Y = 100;

/** A hose joint cut open: hose with its barb, olive, nut and port, apart while it is open. */
export function Joint({ state, brake, at }: JointProps) {
  const seal = at === 'lever' ? state.sealAtLever : state.sealAtCaliper;
  const leaves = useStroke('hose')?.how === 'out';
  const joined = (at === 'lever' ? state.hoseAtLever : state.hoseAtCaliper) === 'joined';
  if (at === 'caliper' && brake.banjo) return <Banjo joined={joined} seal={seal} />;
  const end = joined || leaves ? 292 : 196;
  const nut = joined ? 236 : 96;
  const olive = joined ? 272 : 150;
  const barb = at === 'caliper' || state.barb !== 'spent';
  return (
    <G>
      <Ground>
        {(ink) => (
          <Path
            d={`M256 58h84v84h-84v-26h44v-32h-44z`}
            {...ink}
            fill={color.sunk}
            strokeLinejoin="round"
          />
        )}
      </Ground>
      <Piece part="hose" at={[joined ? 130 : 176, Y]} away={leaves ? [-84, 0] : [-50, 0]}>
        {(ink) => (
          <G>
            <Path d={`M6 ${Y - 13}H${end}V${Y + 13}H6`} {...ink} />
            <Path d={`M6 ${Y - 5}H${end}M6 ${Y + 5}H${end}`} {...ink} strokeWidth={1} />
          </G>
        )}
      </Piece>
      {barb ? (
        <Piece part="barb" at={[end + 6, Y]} away={[56, 0]}>
          {(ink) => (
            <G x={leaves ? -84 : 0}>
              <Path
                d={`M${end - 30} ${Y - 4}l6 -5l4 5l6 -5l4 5l6 -5l4 5h4v8h-4l-4 5l-6 -5l-4 5l-6 -5l-4 5l-6 -5z`}
                {...ink}
                fill={ink.strokeWidth > 2 ? ink.fill : color.hairline}
              />
              <Rect x={end} y={Y - 12} width={6} height={24} {...ink} />
            </G>
          )}
        </Piece>
      ) : null}
      <Piece part="olive" at={[olive + 6, Y + 34]} away={[0, 34]}>
        {(ink) => (
          <G x={leaves ? -84 : 0}>
            {seal === 'spent' && !joined ? (
              <Path
                d={`M${olive} ${Y - 15}l6 3l6 -3v30l-6 -3l-6 3z`}
                {...ink}
                strokeDasharray="3 3"
              />
            ) : (
              <Path
                d={`M${olive} ${Y - 15}q7 -9 14 0v30q-7 9 -14 0z`}
                {...ink}
                fill={ink.strokeWidth > 2 ? ink.fill : color.hairline}
              />
            )}
          </G>
        )}
      </Piece>
      <Piece part="nut" at={[nut + 14, joined ? 44 : 56]} away={[-34, 0]}>
        {(ink) => (
          <G x={leaves ? -84 : 0}>
            <Path
              d={`M${nut} ${Y - 26}h26v8h${joined ? 36 : 22}v8h-${joined ? 62 : 48}zM${nut} ${Y + 26}h26v-8h${joined ? 36 : 22}v-8h-${joined ? 62 : 48}z`}
              {...ink}
              strokeLinejoin="round"
            />
          </G>
        )}
      </Piece>
      <Rect x={40} y={Y - 18} width={34} height={36} rx={6} {...FAINT} />
    </G>
  );
}

/** The other joint a caliper can have: an eye between two seals, under a hollow bolt. */
function Banjo({ joined, seal }: { joined: boolean; seal: ViewProps['state']['sealAtCaliper'] }) {
  const apart = joined ? 0 : 1;
  const sealInk = seal === 'spent' && !joined;
  return (
    <G>
      <Ground>
        {(ink) => <Rect x={130} y={150} width={120} height={44} {...ink} fill={color.sunk} />}
      </Ground>
      <Piece part="seals" at={[250, 120 - 6 * apart]} away={[50, 0]}>
        {(ink) => (
          <G>
            {[143 - 8 * apart, 117 - 30 * apart].map((y) => (
              <Rect
                key={y}
                x={160}
                y={y}
                width={60}
                height={7}
                rx={3}
                {...ink}
                strokeDasharray={sealInk ? '3 3' : ink.strokeDasharray}
              />
            ))}
          </G>
        )}
      </Piece>
      <Piece part="hose" at={[110, 134 - 20 * apart]} away={[-44, 0]}>
        {(ink) => (
          <G y={-20 * apart}>
            <Rect x={158} y={124} width={64} height={19} rx={4} {...ink} />
            <Rect x={10} y={126} width={148} height={15} {...ink} />
          </G>
        )}
      </Piece>
      <Piece part="nut" at={[190, 92 - 46 * apart]}>
        {(ink) => (
          <G y={-46 * apart}>
            <Rect x={168} y={98} width={44} height={18} rx={3} {...ink} />
            <Rect x={180} y={116} width={20} height={50} {...ink} fillOpacity={0.6} />
          </G>
        )}
      </Piece>
      <Piece part="olive" there={false} at={[0, 0]}>
        {() => null}
      </Piece>
    </G>
  );
}
