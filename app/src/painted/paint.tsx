import { PAINTED_ROWS, type First, type Painted } from '@hold-fast/contract/first';
import { QueryClientProvider } from '@tanstack/react-query';
import { renderToString } from 'react-dom/server';
import { Dimensions, StyleSheet, View } from 'react-native';
import { client } from '../data/client';
import { seedFirst } from '../data/first';
import { Bench } from '../screens/bench/Bench';
import { Beside } from '../screens/Beside';
import { Places } from '../screens/Places';
import { color, size } from '../ui/tokens';

/** A phone, and the narrowest screen that has room for a sheet beside the list, px. */
const WIDTHS = { phone: 390, wide: size.wide } satisfies Record<keyof Painted, number>;

/** The style sheet of everything painted so far. */
export const paintedCss = (): string =>
  (StyleSheet as unknown as { getSheet: () => { textContent: string } }).getSheet().textContent;

/** The Bench as the app will show it, at one of the two widths, as HTML. */
export function paintBench({ session, bench }: Required<First>, width: keyof Painted): string {
  const name = session.person!.name;
  const window = { width: WIDTHS[width], height: 800, scale: 1, fontScale: 1 };
  Dimensions.set({ window, screen: window });
  const wide = width === 'wide';
  try {
    seedFirst({ session, bench: { ...bench, items: bench.items.slice(0, PAINTED_ROWS) } });
    const first = bench.items[0]?.id;
    return renderToString(
      <QueryClientProvider client={client}>
        <View style={styles.app}>
          <Places person={name}>
            <Beside
              open={false}
              list={
                <Bench
                  current={wide ? (first ?? '') : undefined}
                  person={wide ? undefined : name}
                />
              }
              sheet={null}
            />
          </Places>
        </View>
      </QueryClientProvider>,
    );
  } finally {
    // What one person sees is not there for the next.
    client.clear();
  }
}

const styles = StyleSheet.create({ app: { flex: 1, backgroundColor: color.paper } });
