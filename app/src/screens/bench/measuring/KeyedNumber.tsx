import { StyleSheet, View } from 'react-native';
import { color, space, type } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { measuringWords } from '../../../words/measuring';
import { words } from '../../../words/words';

export interface Keyed {
  /** What is being measured: "point 5", "bite point". */
  over: string;
  /** How it is measured, where that has to be said. */
  asks?: string | undefined;
  keyed: string;
  /** Places still open behind what is keyed. */
  open: string;
  wrong: boolean;
}

/** Signs of a number that fit beside a drawing at full size. */
const FULL_SIZE = 4;

/** The number being keyed, larger than anything else; `beside` a drawing, or in a line by itself. */
export function KeyedNumber({
  over,
  asks,
  keyed,
  open,
  wrong,
  beside,
}: Keyed & { beside?: boolean }) {
  // Every digit shows, also one too many: beside a drawing there is room for a few at full size.
  const shown = `${keyed}${open}`.length;
  const sized = beside && shown > FULL_SIZE && { fontSize: (type.huge * FULL_SIZE) / shown };
  return (
    <View style={[styles.number, beside ? styles.stacked : styles.line]} testID="keyed">
      <View style={beside ? undefined : styles.names}>
        <Words kind="label" numberOfLines={2}>
          {over}
        </Words>
        {asks ? (
          <Words kind="small" numberOfLines={3}>
            {asks}
          </Words>
        ) : null}
      </View>
      <Words kind="huge" ink={wrong ? 'rust' : 'ink'} numberOfLines={1} style={sized}>
        {words.format.keyed(keyed)}
        <Words kind="huge" style={[styles.open, sized]} aria-hidden>
          {words.format.keyed(open)}
        </Words>
        <Words ink="soft">{measuringWords.keyedNumber.mm}</Words>
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  number: { minWidth: 0 },
  stacked: { flex: 1, justifyContent: 'center', paddingRight: space.m },
  line: {
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'space-between',
    gap: space.m,
    paddingHorizontal: space.l,
    paddingVertical: space.xs,
  },
  names: { flex: 1, minWidth: 0 },
  // Not a digit yet: fainter, as far as large type may be read, and not read out.
  open: { color: color.soft, opacity: 0.7 },
});
