import type { Word } from '@hold-fast/core/wear/verdict';
import Svg, { Circle, Path } from 'react-native-svg';
import { color, size, type ColorName } from './tokens';

const INK: Record<Word, ColorName> = {
  holds: 'kelp',
  watch: 'ochre',
  unproven: 'fog',
  replace: 'rust',
};
/** Ink for the word itself, dark enough to read at arm's length. */
export const WORD_INK: Record<Word, ColorName> = {
  holds: 'kelpText',
  watch: 'ochreText',
  unproven: 'fogText',
  replace: 'rustText',
};

/**
 * The mark of a verdict: the shape says it, the colour only helps. A line made fast round a bollard, a half-filled
 * round, a broken ring, a notched square; a dash where nothing was looked at.
 */
export function VerdictMark({
  word,
  of = size.mark,
  says,
}: {
  word: Word | null;
  of?: number;
  says?: string;
}) {
  return (
    <Svg
      width={of}
      height={of}
      viewBox="0 0 26 26"
      {...(says ? { role: 'img', 'aria-label': says } : { 'aria-hidden': true })}
    >
      {word === null ? (
        <Path d="M5 13h16" stroke={color.hairline} strokeWidth={3} />
      ) : (
        <Shape word={word} ink={color[INK[word]]} />
      )}
    </Svg>
  );
}

function Shape({ word, ink }: { word: Word; ink: string }) {
  switch (word) {
    case 'holds':
      return (
        <>
          <Circle cx={13} cy={13} r={9} fill={ink} />
          <Path d="M0 13h26" stroke={color.paper} strokeWidth={6} />
          <Path d="M0 13h26" stroke={ink} strokeWidth={3} />
        </>
      );
    case 'watch':
      return (
        <>
          <Circle cx={13} cy={13} r={9.5} fill="none" stroke={ink} strokeWidth={3} />
          <Path d="M3.5 13a9.5 9.5 0 0 0 19 0z" fill={ink} />
        </>
      );
    case 'unproven':
      return (
        <Circle
          cx={13}
          cy={13}
          r={9.5}
          fill="none"
          stroke={ink}
          strokeWidth={3}
          strokeDasharray="7 5"
        />
      );
    case 'replace':
      return <Path d="M3 3h6.5v8h7V3H23v20H3z" fill={ink} />;
  }
}
