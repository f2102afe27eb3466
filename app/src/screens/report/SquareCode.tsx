import { create } from 'qrcode';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import { PALETTES, size } from '../../ui/tokens';
import { reportWords } from '../../words/report';

/** The quiet zone round a code, in modules. Source [S]: ISO/IEC 18004. */
const QUIET = 4;

/** A square code of an address, dark on light by day and night: a reader wants it so. */
export function SquareCode({ text }: { text: string }) {
  const { path, side } = useMemo(() => {
    const { modules } = create(text, { errorCorrectionLevel: 'M' });
    const dark = [...modules.data.entries()].filter(([, isDark]) => isDark);
    return {
      side: modules.size + 2 * QUIET,
      path: dark
        .map(
          ([i]) => `M${(i % modules.size) + QUIET} ${Math.floor(i / modules.size) + QUIET}h1v1h-1z`,
        )
        .join(''),
    };
  }, [text]);
  return (
    <View role="img" aria-label={reportWords.codeOf(text)} style={styles.code} testID="square-code">
      <Svg width={size.code} height={size.code} viewBox={`0 0 ${side} ${side}`}>
        <Rect width={side} height={side} fill={PALETTES.day.raised} />
        <Path d={path} fill={PALETTES.day.ink} />
      </Svg>
    </View>
  );
}

const styles = StyleSheet.create({ code: { alignSelf: 'center' } });
