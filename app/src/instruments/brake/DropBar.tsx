import { G, Path } from 'react-native-svg';
import { Ground, Piece } from './pieces';
import type { ViewProps } from './viewProps';

/** A drop bar from the side, with its tape and its hooded lever. */
export function DropBar({ state }: ViewProps) {
  return (
    <G>
      <Ground>
        {(ink) => (
          <Path
            d="M300 50H176c-76 0 -76 120 0 120h84"
            {...ink}
            fill="none"
            strokeWidth={11}
            strokeLinecap="round"
          />
        )}
      </Ground>
      <Piece part="tape" there={state.tape === 'on'} at={[206, 110]} away={[44, 26]}>
        {(ink) => (
          <G>
            {[0, 1, 2, 3, 4, 5, 6, 7].map((i) => (
              <Path
                key={i}
                d={`M${284 - i * 15} 40l-9 20`}
                {...ink}
                strokeWidth={ink.strokeWidth + 2}
              />
            ))}
            {[0, 1, 2, 3, 4, 5].map((i) => (
              <Path
                key={i}
                d={`M${250 - i * 14} 160l-9 20`}
                {...ink}
                strokeWidth={ink.strokeWidth + 2}
              />
            ))}
          </G>
        )}
      </Piece>
      <Piece part="lever" there={state.leverClamp !== 'off'} at={[84, 56]} away={[-50, 0]}>
        {(ink) => (
          <G>
            <Path d="M150 40q-34 -34 -62 -12q4 22 34 42z" {...ink} strokeLinejoin="round" />
            <Path
              d="M96 52q-16 60 24 96"
              {...ink}
              fill="none"
              strokeWidth={6}
              strokeLinecap="round"
            />
          </G>
        )}
      </Piece>
    </G>
  );
}
