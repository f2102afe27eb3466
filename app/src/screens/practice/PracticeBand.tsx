import { StyleSheet, View } from 'react-native';
import Svg, { Defs, Path, Pattern, Rect } from 'react-native-svg';
import { color, size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { practiceWords } from '../../words/practice';

const STRIPE = 12;

/** Across every page of the practice bench: striped like nothing else, so that nobody takes it for a bike in hand. */
export function PracticeBand() {
  return (
    <View style={styles.band} role="note" testID="practice-band">
      <Svg width="100%" height={STRIPE} aria-hidden>
        <Defs>
          <Pattern
            id="practice-stripes"
            width={STRIPE * 2}
            height={STRIPE}
            patternUnits="userSpaceOnUse"
          >
            <Rect width={STRIPE * 2} height={STRIPE} fill={color.tag} />
            <Path
              d={`M0 ${STRIPE}L${STRIPE} 0h${STRIPE}L${STRIPE} ${STRIPE}z`}
              fill={color.brass}
            />
          </Pattern>
        </Defs>
        <Rect width="100%" height={STRIPE} fill="url(#practice-stripes)" />
      </Svg>
      <Words kind="label" style={styles.says}>
        {practiceWords.band}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  band: { backgroundColor: color.tag, borderBottomWidth: size.line, borderColor: color.brass },
  says: { textAlign: 'center', paddingVertical: space.xs, paddingHorizontal: space.l },
});
