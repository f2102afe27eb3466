import type { SheetHistoryRow } from '@hold-fast/contract/sheets';
import { fromMemory } from '@hold-fast/core/inspection/standard';
import { BRAKES_TO_LEARN } from '@hold-fast/core/lever/learnedGive';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useLearnedGive, useSheetHistory } from '../../data/counterQueries';
import { Button, Buttons } from '../../ui/Button';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Failed, Loading } from '../../ui/Standing';
import { space } from '../../ui/tokens';
import { useWide } from '../../ui/useWide';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { SheetFacts } from '../bench/identify/SheetFacts';
import { words } from '../../words/words';
import { changedFacts } from '../../words/sheetFacts';
import { storesWords } from '../../words/stores';

/** A spec sheet as it stands, and every revision before it. */
export function SheetPage({ sheetId }: { sheetId: string }) {
  const history = useSheetHistory(sheetId);
  const wide = useWide();
  const [shown, setShown] = useState<string | null>(null);
  if (history.error) return <Failed error={history.error} onRetry={() => void history.refetch()} />;
  if (!history.data) return <Loading />;
  const newest = history.data[0]!;
  const revision = history.data.find(({ id }) => id === shown) ?? newest;
  return (
    <Page
      over={storesWords.sheetPage.storesSpecSheets}
      title={newest.body.title}
      foot={
        <>
          <Buttons>
            <Button
              kind="plain"
              says={storesWords.sheetPage.duplicate}
              onPress={() => router.navigate(`/stores/sheets/new?from=${sheetId}`)}
            />
            <Button
              grow
              says={storesWords.sheetPage.edit}
              onPress={() => router.navigate(`/stores/sheets/${sheetId}/edit`)}
            />
          </Buttons>
          <Button
            kind="plain"
            says={storesWords.sheetPage.backToStores}
            onPress={() => router.navigate('/stores')}
          />
        </>
      }
    >
      <View style={wide && styles.beside}>
        <View style={wide && styles.half}>
          <SheetFacts sheet={revision} whole />
          {newest.body.brake.actuation === 'cable' ? null : <OwnGive sheet={newest} />}
        </View>
        <View style={wide && styles.half}>
          <Words kind="label" level={2} style={styles.label}>
            {storesWords.sheetPage.revisions}
          </Words>
          {history.data.map((row) => (
            <Row
              key={row.id}
              title={storesWords.sheetPage.revision(row.revision)}
              says={`${revisionSays(row)}${changesSince(row, history.data)}`}
              current={row.id === revision.id}
              onPress={() => setShown(row.id)}
            />
          ))}
        </View>
      </View>
    </Page>
  );
}

/** What is learned of a brake's own give, where its sheet does not say it for certain. */
function OwnGive({ sheet }: { sheet: SheetHistoryRow }) {
  const unsure = sheet.body.lever.ownGiveMl === null || fromMemory(sheet.body, 'lever.ownGiveMl');
  const give = useLearnedGive(sheet.sheetId, unsure);
  if (!unsure || !give.data) return null;
  const { brakes, ownGiveMl } = give.data;
  return (
    <Section label={storesWords.sheetPage.ownGive}>
      <Words>
        {ownGiveMl === null
          ? storesWords.sheetPage.giveNotLearned(brakes, BRAKES_TO_LEARN)
          : storesWords.sheetPage.giveLearned(words.format.fixed(ownGiveMl, 3), brakes)}
      </Words>
    </Section>
  );
}

function revisionSays({ at, by, note }: SheetHistoryRow): string {
  return [exactDay(at), by, note && words.quoted(note)].filter(Boolean).join(' · ');
}

/** Which values differ from the revision before, by their names. */
function changesSince(row: SheetHistoryRow, all: readonly SheetHistoryRow[]): string {
  const before = all.find(({ revision }) => revision === row.revision - 1);
  if (!before) return '';
  const changed = changedFacts(before.body, row.body);
  return changed.length > 0
    ? storesWords.sheetPage.changed(changed.join('; '))
    : storesWords.sheetPage.nothingChanged;
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row' },
  half: { flex: 1, minWidth: 0 },
  label: { padding: space.l, paddingBottom: space.xs },
});
