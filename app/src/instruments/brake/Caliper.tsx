import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { color } from '../../ui/tokens';
import { Ground, Piece, PulledLever, useStroke } from './pieces';
import type { ViewProps } from './viewProps';

const MIDDLE = 180;
/** How far a piston stands out of its bore, and how thick a pad is drawn. */
const OUT = 15;
const PAD = 24;

/** Across the caliper from above: two halves, pistons, pads, and the rotor's edge between them. */
export function Caliper({ state, brake }: ViewProps) {
  const centring = useStroke('caliper') !== undefined;
  const off = state.caliper === 'off';
  const rows = brake.pistons > 2 ? [66, 118] : [92];
  const bore = brake.pistons > 2 ? 40 : 56;
  const out = state.pistons === 'advanced' ? OUT : 0;
  const onlyLeft = brake.actuation === 'cable' && brake.sides !== 'two-sided';
  const skew = !state.aligned && !off && !centring ? 'translate(7 0) rotate(2.5 180 92)' : '';
  const rotorThere = state.wheel === 'on' && state.rotor === 'on';
  return (
    <G>
      <Ground>
        {(ink) => (
          <Rect
            x={MIDDLE - 3}
            y={4}
            width={6}
            height={192}
            {...ink}
            fill={rotorThere ? color.slate : 'none'}
            {...(rotorThere ? {} : { stroke: color.hairline, strokeDasharray: '4 4' })}
          />
        )}
      </Ground>
      <G transform={skew}>
        <Piece part="caliper" there={!off} at={[MIDDLE, 176]} away={[26, 0]}>
          {(ink) => (
            <Path
              d="M62 30h62v124h-62zM236 30h62v124h-62zM124 22h112v12h-112zM124 150h112v12h-112z"
              {...ink}
              fillOpacity={0.6}
              strokeLinejoin="round"
            />
          )}
        </Piece>
        <Piece part="caliper-bolts" there={!off} at={[326, 92]}>
          {(ink) => (
            <G>
              {[40, 144].map((y) => (
                <G key={y}>
                  <Rect
                    x={300}
                    y={y - 9}
                    width={state.caliper === 'tight' ? 18 : 28}
                    height={18}
                    rx={3}
                    {...ink}
                  />
                  <Line x1={288} y1={y} x2={300} y2={y} {...ink} />
                </G>
              ))}
            </G>
          )}
        </Piece>
        <Piece part="pistons" at={[onlyLeft ? 104 : 98, rows[0]!]} away={[-1, 0]}>
          {(ink) => (
            <G>
              {rows.map((y) => (
                <G key={y}>
                  <Rect x={90} y={y - bore / 2} width={34 + out} height={bore} rx={3} {...ink} />
                  {onlyLeft ? null : (
                    <Rect
                      x={236 - out}
                      y={y - bore / 2}
                      width={34 + out}
                      height={bore}
                      rx={3}
                      {...ink}
                    />
                  )}
                  {state.pistonsClean ? null : (
                    <Path
                      d={`M${128} ${y - 14}l4 4M${126} ${y + 4}l5 5M${130} ${y + 16}l4 -4`}
                      stroke={color.soft}
                      strokeWidth={out > 0 ? 2 : 0}
                    />
                  )}
                </G>
              ))}
            </G>
          )}
        </Piece>
        {brake.actuation === 'hydraulic' ? null : (
          <Ground>
            {(ink) => <Path d="M62 84l-30 -34l-8 8l26 42z" {...ink} strokeLinejoin="round" />}
          </Ground>
        )}
        <Piece part="pads" there={state.pads === 'in'} at={[MIDDLE, 44]} away={[0, -36]}>
          {(ink) => {
            const left = 126 + out;
            const right = onlyLeft ? 234 : 234 - out;
            return (
              <G>
                <Rect x={left} y={44} width={7} height={96} {...ink} />
                <Rect x={left + 7} y={50} width={PAD - 9} height={84} {...ink} fillOpacity={0.5} />
                <Rect x={right - 7} y={44} width={7} height={96} {...ink} />
                <Rect
                  x={right - PAD + 2}
                  y={50}
                  width={PAD - 9}
                  height={84}
                  {...ink}
                  fillOpacity={0.5}
                />
              </G>
            );
          }}
        </Piece>
        {onlyLeft ? (
          <Piece part="fixed-pad" at={[197, 166]} away={[1, 0]}>
            {(ink) => (
              <G>
                <Circle cx={268} cy={92} r={16} {...ink} />
                <Path d="M234 44h-7v6h-15v84h15v6h7z" {...ink} fillOpacity={0.5} />
              </G>
            )}
          </Piece>
        ) : null}
        <Between state={state} />
        <Piece part="slot" there={false} at={[MIDDLE, 92]}>
          {(ink) =>
            ink.strokeDasharray ? null : (
              <Rect x={134} y={40} width={92} height={104} {...ink} fillOpacity={0.4} />
            )
          }
        </Piece>
      </G>
      <PulledLever at={[14, 132]} />
    </G>
  );
}

/** The block or the spacer between the pistons: drawn only while it is there, or is moved. */
function Between({ state }: Pick<ViewProps, 'state'>) {
  const block = useStroke('block');
  const spacer = useStroke('spacer');
  return (
    <G>
      {block || state.between === 'block' ? (
        <Piece part="block" at={[MIDDLE, 56]} away={[0, -42]}>
          {(ink) => (
            <G>
              <Rect
                x={128}
                y={56}
                width={104}
                height={72}
                rx={4}
                {...ink}
                fill={ink.strokeWidth > 2 ? ink.fill : color.sunk}
              />
              <Path d="M150 92h60" {...ink} />
            </G>
          )}
        </Piece>
      ) : null}
      {spacer || state.between === 'spacer' ? (
        <Piece part="spacer" at={[MIDDLE, 56]} away={[0, -42]}>
          {(ink) => <Path d="M168 50h24v76l-8 20h-8l-8 -20z" {...ink} strokeLinejoin="round" />}
        </Piece>
      ) : null}
    </G>
  );
}
