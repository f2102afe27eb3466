import { Circle, G, Path, Rect } from 'react-native-svg';
import { color } from '../../ui/tokens';
import { Ground, Piece, PulledLever, useStroke } from './pieces';
import type { ViewProps } from './viewProps';

const RUN = 'M92 82C96 128 170 96 214 112S244 128 252 128';
/** The run's length as it is drawn, and how far along it the new fluid's front stands while it moves. */
const LENGTH = 178;
const FRONT = 0.6;

/** Lever, hose and caliper as one run of fluid, with the cup above and the syringe below. */
export function Bleed({ state, brake }: ViewProps) {
  const cup = useStroke('cup');
  const syringe = useStroke('syringe');
  const atCaliper = brake.actuation !== 'hydraulic';
  return (
    <G>
      {atCaliper ? null : (
        <Ground>
          {(ink) => (
            <G>
              <Circle cx={146} cy={74} r={16} {...ink} strokeWidth={5} />
              <Path d="M58 64h66v20h-66z" {...ink} strokeLinejoin="round" />
              <Path d="M66 84l-18 26" {...ink} strokeWidth={6} />
            </G>
          )}
        </Ground>
      )}
      <Piece
        part="fluid"
        at={atCaliper ? [300, 60] : [196, 76]}
        away={atCaliper ? [0, -1] : [-1, -0.2]}
      >
        {(ink) => (atCaliper ? null : <Run state={state} moving={ink.strokeWidth > 2} />)}
      </Piece>
      <Ground>
        {(ink) => (
          <G>
            <Rect x={252} y={100} width={96} height={84} rx={6} {...ink} />
            {state.between === 'nothing' ? null : (
              <Rect x={284} y={94} width={32} height={96} rx={3} {...ink} fill={color.sunk} />
            )}
            <Path d="M284 122h-16M316 122h16M284 162h-16M316 162h16" {...ink} strokeWidth={5} />
          </G>
        )}
      </Ground>
      <Piece part="nipple" there at={[atCaliper ? 236 : 238, 160]} away={[0, -1]}>
        {(ink) => <Path d="M252 152h-16v-6h-10v24h10v-6h16z" {...ink} strokeLinejoin="round" />}
      </Piece>
      {state.port === 'open' || cup ? (
        <Piece part="cup" at={[atCaliper ? 270 : 66, 44]} away={[-50, -14]}>
          {(ink) => (
            <G x={atCaliper ? 209 : 0} y={atCaliper ? 36 : 0}>
              <Path d="M66 20h50l-14 28v16h-22v-16z" {...ink} strokeLinejoin="round" />
              <Path d="M71 30h40l-9 18h-22z" fill={color.fog} fillOpacity={0.6} />
            </G>
          )}
        </Piece>
      ) : null}
      {state.nipple === 'open' || syringe ? (
        <Piece part="syringe" at={[92, 168]} away={[-50, 0]}>
          {(ink) => (
            <G>
              <Path d="M226 158h-16" {...ink} strokeWidth={5} />
              <Rect x={120} y={144} width={90} height={28} rx={4} {...ink} />
              <Rect x={158} y={147} width={50} height={22} fill={color.fog} fillOpacity={0.6} />
              <Path d="M158 145v26M158 158H92M92 146v24" {...ink} strokeWidth={4} />
            </G>
          )}
        </Piece>
      ) : null}
      {atCaliper ? (
        <Ground>
          {(ink) => <Path d="M252 110l-30 -34l-8 8l26 42z" {...ink} strokeLinejoin="round" />}
        </Ground>
      ) : null}
      <PulledLever at={[266, 20]} />
    </G>
  );
}

/** The hose cut open: new fluid behind its front while it moves, air where it may be, nothing where it ran out. */
function Run({ state, moving }: Pick<ViewProps, 'state'> & { moving: boolean }) {
  const up = useStroke('fluid')?.how === 'up';
  const behind = LENGTH * FRONT;
  const airy = state.system === 'opened' || state.drained;
  return (
    <G fill="none">
      <Path d={RUN} stroke={color.soft} strokeWidth={15} />
      <Path d={RUN} stroke={moving ? color.tag : color.raised} strokeWidth={11} />
      {state.drained ? null : (
        <Path
          d={RUN}
          stroke={color.fog}
          strokeOpacity={airy ? 0.5 : 1}
          strokeWidth={11}
          {...(moving
            ? { strokeDasharray: `${behind} 400`, strokeDashoffset: up ? behind - LENGTH : 0 }
            : {})}
        />
      )}
      {airy ? (
        <G fill={color.paper} stroke={color.soft}>
          <Circle cx={118} cy={108} r={4} />
          <Circle cx={176} cy={104} r={3} />
          <Circle cx={226} cy={118} r={4} />
        </G>
      ) : null}
    </G>
  );
}
