import { Circle, G, Path, Rect } from 'react-native-svg';
import { color } from '../../ui/tokens';
import { Ground, Piece, useStroke } from './pieces';
import type { ViewProps } from './viewProps';

const LUGS = [124, 236] as const;
/** Where the caliper's feet stand, and what lies under them. */
const FEET = 96;

/** The mount from the side: the frame's own shape, adapter and washers, the caliper, and the rotor's edge. */
export function Mount({ state, brake }: ViewProps) {
  const adapter = useStroke('adapter');
  const washers = useStroke('washers');
  const edge = useStroke('edge');
  const off = state.caliper === 'off';
  const rotorThere = state.wheel === 'on' && state.rotor === 'on';
  const high = adapter || brake.mount === 'is';
  const lift = (high ? 22 : 0) + (washers ? 8 : 0);
  return (
    <G>
      <Piece part="mount" at={[LUGS[1] + 8, FEET + 12]}>
        {(ink) => <MountShape mount={brake.mount} ink={ink} />}
      </Piece>
      {high ? (
        <Piece part="adapter" at={[180, FEET - 4]} away={[0, -40]}>
          {(ink) => <Path d={`M104 ${FEET}h152v-22h-152z`} {...ink} strokeLinejoin="round" />}
        </Piece>
      ) : null}
      {washers ? (
        <Piece part="washers" at={[LUGS[0] - 24, FEET - 4]} away={[-46, 0]}>
          {(ink) => (
            <G>
              {LUGS.map((x) => (
                <Rect
                  key={x}
                  x={x - 20}
                  y={FEET - 8 - (high ? 22 : 0)}
                  width={40}
                  height={8}
                  {...ink}
                />
              ))}
            </G>
          )}
        </Piece>
      ) : null}
      <Piece part="caliper" there={!off} at={[180, FEET - lift - 40]} away={[0, -40]}>
        {(ink) => (
          <G y={-lift}>
            <Path
              d={`M104 ${FEET}v-22h26l14 -30h72l14 30h26v22h-40v-8h-72v8z`}
              {...ink}
              strokeLinejoin="round"
            />
            {LUGS.map((x) => (
              <Rect
                key={x}
                x={x - 9}
                y={FEET - 34 - (state.caliper === 'tight' ? 0 : 8)}
                width={18}
                height={12}
                rx={2}
                {...ink}
              />
            ))}
          </G>
        )}
      </Piece>
      <Ground>
        {(ink) => (
          <Path
            d="M30 196Q180 66 330 196"
            {...ink}
            fill="none"
            strokeWidth={4}
            {...(rotorThere
              ? { stroke: color.slate }
              : { stroke: color.hairline, strokeDasharray: '4 4' })}
          />
        )}
      </Ground>
      {edge ? (
        <Piece part="edge" at={[270, 134]} away={[0, 1]}>
          {(ink) => (
            <G>
              <Path d="M148 139h64v30h-64z" {...ink} fillOpacity={0.4} />
              <Path d="M176 130h84M212 139h48" {...ink} strokeDasharray="3 4" />
            </G>
          )}
        </Piece>
      ) : null}
    </G>
  );
}

type Ink = Parameters<Parameters<typeof Ground>[0]['children']>[0];

function MountShape({ mount, ink }: { mount: ViewProps['brake']['mount']; ink: Ink }) {
  if (mount === 'post')
    return (
      <G>
        {LUGS.map((x) => (
          <Path key={x} d={`M${x - 16} ${FEET}h32v70h-32z`} {...ink} />
        ))}
        <Path d={`M${LUGS[0] + 16} 160h80`} {...ink} strokeWidth={ink.strokeWidth + 4} />
      </G>
    );
  if (mount === 'is')
    return (
      <G>
        <Path d={`M104 ${FEET + 4}h152v26q-30 10 -40 40h-72q-10 -30 -40 -40z`} {...ink} />
        {LUGS.map((x) => (
          <Circle key={x} cx={x} cy={FEET + 18} r={9} {...ink} />
        ))}
      </G>
    );
  return (
    <G>
      <Path d={`M60 ${FEET}h240l14 26h-268z`} {...ink} strokeLinejoin="round" />
      {LUGS.map((x) => (
        <Path key={x} d={`M${x - 8} ${FEET + 26}h16v14h-16z`} {...ink} />
      ))}
    </G>
  );
}
