import { Circle, G, Path } from 'react-native-svg';
import { color } from '../../ui/tokens';
import { Ground, Piece, useStroke } from './pieces';
import type { ViewProps } from './viewProps';

const [X, Y] = [130, 100];
const TURNS = [0, 60, 120, 180, 240, 300];

/** The rotor face on, its bolts or its ring, the hub behind it, and the dial where one is set to it. */
export function Rotor({ state, brake }: ViewProps) {
  const there = state.rotor === 'on';
  const dial = useStroke('dial');
  return (
    <G>
      <Piece part="hub" at={[X, Y]} round={46}>
        {(ink) => (
          <G>
            <Circle cx={X} cy={Y} r={36} {...ink} />
            <Circle cx={X} cy={Y} r={9} {...ink} />
          </G>
        )}
      </Piece>
      <Piece part="hub-face" at={[X, Y]}>
        {(ink) => <Circle cx={X} cy={Y} r={30} {...ink} fillOpacity={0.5} />}
      </Piece>
      <Piece part="rotor" there={there} at={[X + 90, Y + 34]} away={[84, 0]}>
        {(ink) => (
          <G>
            <Circle cx={X} cy={Y} r={88} {...ink} fill="none" />
            <Circle cx={X} cy={Y} r={66} {...ink} fill="none" />
            {TURNS.map((turn) => (
              <Path
                key={turn}
                d={`M${X} ${Y - 28}q14 -16 6 -38`}
                {...ink}
                fill="none"
                strokeWidth={ink.strokeWidth + 3}
                rotation={turn}
                origin={`${X}, ${Y}`}
              />
            ))}
          </G>
        )}
      </Piece>
      <Piece part="track" there={there} at={[X + 54, Y - 54]}>
        {(ink) => (
          <G>
            <Circle
              cx={X}
              cy={Y}
              r={77}
              fill="none"
              stroke={
                ink.strokeDasharray
                  ? 'none'
                  : ink.strokeWidth > 2
                    ? ink.stroke
                    : state.bedded
                      ? color.hairline
                      : 'none'
              }
              strokeWidth={16}
              strokeOpacity={0.6}
            />
          </G>
        )}
      </Piece>
      <Piece part="rotor-bolts" there={there} at={[X, Y]} round={44}>
        {(ink) =>
          brake.hold === 'six-bolt' ? (
            <G>
              {TURNS.map((turn) => (
                <Circle
                  key={turn}
                  cx={X}
                  cy={Y - 22}
                  r={5}
                  {...ink}
                  fill={state.rotorTorqued && !ink.strokeDasharray ? ink.stroke : ink.fill}
                  rotation={turn}
                  origin={`${X}, ${Y}`}
                />
              ))}
            </G>
          ) : (
            <Circle
              cx={X}
              cy={Y}
              r={20}
              {...ink}
              fill="none"
              strokeWidth={ink.strokeWidth + 3}
              strokeDasharray={ink.strokeDasharray ?? '5 3'}
            />
          )
        }
      </Piece>
      {dial ? (
        <Piece part="dial" at={[X + 70, Y - 40]} away={[34, 0]}>
          {(ink) => (
            <G>
              <Circle cx={X + 150} cy={Y - 40} r={28} {...ink} />
              <Path d={`M${X + 150} ${Y - 40}l10 -18M${X + 122} ${Y - 40}h-52`} {...ink} />
            </G>
          )}
        </Piece>
      ) : (
        <Ground>{() => null}</Ground>
      )}
    </G>
  );
}
