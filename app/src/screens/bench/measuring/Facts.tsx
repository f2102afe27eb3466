import type { Measured } from '@hold-fast/core/job/job';
import { Pressable, ScrollView, StyleSheet } from 'react-native';
import { color, font, size, space, type } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { measuringWords } from '../../../words/measuring';
import { words } from '../../../words/words';

export interface Fact {
  says: string;
  /** Something is missing that the verdict needs. */
  open?: boolean;
  onPress: () => void;
}

/** What this sitting rests on, each a touch away from being changed. */
export function Facts({ facts }: { facts: readonly Fact[] }) {
  return (
    <ScrollView
      horizontal
      style={styles.strip}
      contentContainerStyle={styles.facts}
      showsHorizontalScrollIndicator={false}
    >
      {facts.map(({ says, open, onPress }) => (
        <Pressable
          key={says}
          role="button"
          onPress={onPress}
          style={[styles.fact, open && styles.open]}
        >
          <Words style={styles.text}>{says}</Words>
        </Pressable>
      ))}
    </ScrollView>
  );
}

/** The gauge in hand with its doubt, and whether it is on the feed, at the right of the title; a touch changes it. */
export function GaugeAside({
  measured,
  live,
  onPress,
}: {
  measured: Measured;
  live: boolean;
  onPress: () => void;
}) {
  const gauge = live ? measuringWords.facts.feed(measured.gaugeName) : measured.gaugeName;
  const uncertainty = `±${words.format.fixed(measured.gauge.uncertaintyMm, 2)}`;
  return (
    <Pressable
      role="button"
      onPress={onPress}
      style={styles.gauge}
      aria-label={measuringWords.facts.changeTheGauge(`${gauge} ${uncertainty}`)}
    >
      <Words kind="small" numberOfLines={1}>
        {gauge}
      </Words>
      <Words kind="smallReading">{uncertainty}</Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  strip: { flexGrow: 0 },
  facts: { gap: space.s, paddingHorizontal: space.l, paddingVertical: space.xs },
  fact: {
    minHeight: size.smallTouch - space.s,
    paddingHorizontal: space.m,
    justifyContent: 'center',
    borderRadius: size.radius,
    borderWidth: size.line,
    borderColor: color.hairline,
  },
  open: { borderStyle: 'dashed', borderColor: color.fog, borderWidth: size.line * 2 },
  gauge: {
    alignItems: 'flex-end',
    minHeight: size.smallTouch,
    maxWidth: 92,
    justifyContent: 'center',
  },
  text: { fontFamily: font.head, fontSize: type.body, fontWeight: '600' },
});
