import { billOf, type Bill } from '@hold-fast/core/bill/bill';
import type { Job } from '@hold-fast/core/job/job';
import { useMemo, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRulesHistory } from '../../../data/counterQueries';
import { useStock } from '../../../data/queries';
import { Button, Buttons } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Failed, Loading } from '../../../ui/Standing';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { billWords } from '../../../words/bill';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { saveFile } from '../../saveFile';
import { BackToJob, WithJob } from '../JobFrame';

/** What a visit comes to, for the till: work as it was agreed, parts as they left the shelf, the tax. */
export function BillSheet({ jobId }: { jobId: string }) {
  return <WithJob jobId={jobId}>{(job) => <Reckoned job={job} />}</WithJob>;
}

function Reckoned({ job }: { job: Job }) {
  const stock = useStock();
  const rules = useRulesHistory();
  const prices = useMemo(
    () => new Map((stock.data ?? []).map(({ id, priceCents }) => [id, priceCents])),
    [stock.data],
  );
  const error = stock.error ?? rules.error;
  if (error && !(stock.data && rules.data))
    return <Failed error={error} onRetry={() => void stock.refetch()} />;
  if (!stock.data || !rules.data) return <Loading />;
  return <Shown job={job} bill={billOf(job, prices, rules.data)} />;
}

interface Line {
  what: string;
  sum: string;
}
const money = (cents: number | null) =>
  cents === null ? billWords.noPrice : words.format.money(cents);

function Shown({ job, bill }: { job: Job; bill: Bill }) {
  const labour = bill.labour.map(({ end, procedure, minutes, cents }) => ({
    what: billWords.line(planWords.procedure[procedure], words.end[end], minutes),
    sum: money(cents),
  }));
  const parts = bill.parts.map(({ description, pieces, cents }) => ({
    what: billWords.pieces(pieces, description),
    sum: money(cents),
  }));
  const save = async () => saveFile(`bill-${job.tag}.csv`, 'text/csv', await tillTable(bill));
  return (
    <Page
      tag={job.tag}
      over={job.customer.name}
      title={billWords.title}
      aside={
        <Button
          kind="quiet"
          says={billWords.csv}
          disabled={bill.totalCents === null}
          onPress={() => void save()}
        />
      }
      foot={
        <Buttons>
          <BackToJob jobId={job.id} />
          <Button grow says={billWords.print} onPress={() => window.print()} />
        </Buttons>
      }
    >
      <Section label={billWords.labour}>
        <Lines lines={labour} none={billWords.nothingDone} />
      </Section>
      <Section label={billWords.parts}>
        <Lines lines={parts} none={billWords.noParts} />
      </Section>
      {bill.fluids.length > 0 ? (
        <Section label={billWords.fluid}>
          {bill.fluids.map(({ name, ml }) => (
            <Words key={name}>{billWords.ml(name, words.format.fixed(ml, 1))}</Words>
          ))}
        </Section>
      ) : null}
      {bill.unagreed.length > 0 ? (
        <Section>
          <Note kind="caution" title={billWords.unagreed}>
            {billWords.unagreedSays(
              words.format.list(
                bill.unagreed.map(
                  ({ end, procedure }) => `${planWords.procedure[procedure]}, ${words.end[end]}`,
                ),
              ),
            )}
          </Note>
        </Section>
      ) : null}
      <Sum job={job} bill={bill} />
    </Page>
  );
}

function Sum({ job, bill }: { job: Job; bill: Bill }) {
  const { netCents, taxCents, taxPercent, totalCents, aboveRing, minutesTaken, minutesQuoted } =
    bill;
  return (
    <Section>
      {taxPercent > 0 ? (
        <>
          <Sided what={billWords.net} sum={money(netCents)} />
          <Sided what={billWords.tax(words.format.count(taxPercent))} sum={money(taxCents)} />
        </>
      ) : null}
      {totalCents === null ? (
        <Note kind="caution" title={billWords.noTotal} />
      ) : (
        <View style={styles.side}>
          <Words kind="title">{billWords.total}</Words>
          <Words kind="title" testID="to-pay">
            {money(totalCents)}
          </Words>
        </View>
      )}
      {aboveRing ? (
        <Note kind="caution" title={billWords.aboveRing(words.format.money(job.ringAboveCents!))} />
      ) : null}
      <Words kind="small">{billWords.minutes(minutesTaken, minutesQuoted)}</Words>
    </Section>
  );
}

const Lines = ({ lines, none }: { lines: readonly Line[]; none: string }): ReactNode =>
  lines.length === 0 ? (
    <Words ink="soft">{none}</Words>
  ) : (
    lines.map((line, i) => <Sided key={i} {...line} />)
  );

function Sided({ what, sum }: Line) {
  return (
    <View style={styles.side}>
      <Words style={styles.what}>{what}</Words>
      <Words>{sum}</Words>
    </View>
  );
}

/** The lines as a till takes them in: sums in whole units of the shop’s money, with a point, that add up to what is to pay. */
async function tillTable({ labour, parts, taxOnTopCents, taxPercent }: Bill): Promise<string> {
  const { csvOf } = await import('../../csv');
  const { what, count, sum } = billWords.columns;
  const units = (cents: number | null) => ((cents ?? 0) / 100).toFixed(2);
  return csvOf(
    [what, count, sum],
    [
      ...labour.map(({ end, procedure, cents }) => [
        `${planWords.procedure[procedure]}, ${words.end[end]}`,
        '1',
        units(cents),
      ]),
      ...parts.map(({ description, pieces, cents }) => [description, String(pieces), units(cents)]),
      ...(taxOnTopCents > 0
        ? [[billWords.tax(words.format.count(taxPercent)), '1', units(taxOnTopCents)]]
        : []),
    ],
  );
}

const styles = StyleSheet.create({
  side: { flexDirection: 'row', justifyContent: 'space-between', gap: space.l },
  what: { flex: 1, minWidth: 0 },
});
