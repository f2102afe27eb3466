import { StyleSheet, View } from 'react-native';
import { useTrust } from '../../data/people';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { trustWords as says } from '../../words/trust';
import { SquareCode } from '../report/SquareCode';

/** Where the server gives its root certificate, as phones take it. */
const ROOT = '/hold-fast-root.crt';
const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

/** How a phone comes to trust the shop: at the counter what to photograph and compare, at the phone what to do. */
export function Trust() {
  const trust = useTrust();
  if (trust.isPending) return <Loading />;
  if (trust.error) return <Failed error={trust.error} onRetry={() => void trust.refetch()} />;
  if (!trust.data)
    return (
      <Page over={says.over} title={says.title}>
        <Section>
          <Words>{says.notOnNetwork}</Words>
        </Section>
      </Page>
    );
  const { shop, page, fingerprint } = trust.data;
  const atCounter = LOOPBACK.includes(globalThis.location.hostname);
  const open = () => globalThis.location.assign(shop);
  return (
    <Page
      over={says.over}
      title={says.title}
      foot={atCounter ? undefined : <Button says={says.openShop} onPress={open} />}
    >
      {atCounter ? (
        <Section label={says.photograph}>
          <SquareCode text={page} />
          <Words kind="strong">{page}</Words>
        </Section>
      ) : (
        <>
          <Section label={says.step(1)}>
            <Words>{says.takeRoot}</Words>
            <Button
              kind="plain"
              says={says.getRoot}
              onPress={() => globalThis.location.assign(ROOT)}
            />
          </Section>
          <Section label={says.step(2)}>
            {says.letTrust.map((line) => (
              <Words key={line}>{line}</Words>
            ))}
          </Section>
        </>
      )}
      <Section label={atCounter ? says.fingerprint : says.step(3)}>
        <Words>{says.compare}</Words>
        <View style={styles.pairs}>
          {linesOf(fingerprint).map((line) => (
            <Words key={line} kind="strong">
              {line}
            </Words>
          ))}
        </View>
        {atCounter ? null : <Note kind="caution">{says.otherwise}</Note>}
      </Section>
    </Page>
  );
}

/** A fingerprint in four lines, each of eight pairs: how people compare them. */
const linesOf = (fingerprint: string): string[] => {
  const pairs = fingerprint.split(':');
  return [0, 8, 16, 24].map((from) => pairs.slice(from, from + 8).join(' '));
};

const styles = StyleSheet.create({ pairs: { gap: space.xs } });
