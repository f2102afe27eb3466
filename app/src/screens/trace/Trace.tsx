import { TRACED, type Traced } from '@hold-fast/contract/traced';
import { formatISO } from 'date-fns/formatISO';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { useTrace } from '../../data/counterQueries';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { JobTag } from '../../ui/JobTag';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { ledgerWords } from '../../words/ledger';
import { traceWords } from '../../words/trace';
import { words } from '../../words/words';
import { FromTo } from '../FromTo';
import { saveFile } from '../saveFile';
import { whatOf } from './whatOf';
import { WriteAll } from './WriteAll';
import { atJob } from '../routes';

/** Whom a lot, a container, a wrench, a gauge, a batch or a mechanic reached: bikes and customers, to ring them all. */
export function Trace() {
  const address = useLocalSearchParams<{
    by?: string;
    name?: string;
    from?: string;
    to?: string;
  }>();
  const [keyed, setKeyed] = useState({
    by: TRACED.find((each) => each === address.by) ?? ('lot' as Traced),
    name: address.name ?? '',
    from: address.from ?? '',
    to: address.to ?? '',
  });
  const [asked, setAsked] = useState(address.name ? keyed : null);
  const trace = useTrace(asked);
  const rows = trace.data ?? [];
  // On a phone what it reached stands below the field: whoever asked is shown it.
  const reached = useRef<View>(null);
  useEffect(() => {
    if (trace.isSuccess)
      (reached.current as unknown as HTMLElement | null)?.scrollIntoView({ block: 'start' });
  }, [asked, trace.isSuccess]);
  const find = () => {
    setAsked(keyed);
    router.setParams(keyed);
  };
  const { columns } = traceWords;
  const save = async () => {
    const { csvOf } = await import('../csv');
    saveFile(
      'trace.csv',
      'text/csv',
      csvOf(
        [columns.tag, columns.day, columns.customer, columns.phone, columns.bike, columns.what],
        rows.map((row) => [
          String(row.tag),
          formatISO(row.at, { representation: 'date' }),
          row.customerName,
          row.phone ?? '',
          row.bikeName,
          whatOf(row),
        ]),
      ),
    );
  };
  return (
    <Page
      over={words.places.ledger}
      title={traceWords.title}
      aside={
        rows.length > 0 ? (
          <Button kind="quiet" says={traceWords.csv} onPress={() => void save()} />
        ) : undefined
      }
      foot={<Button says={traceWords.find} disabled={keyed.name.trim() === ''} onPress={find} />}
    >
      <Section>
        <Words ink="soft">{traceWords.says}</Words>
        <Words kind="label">{traceWords.by}</Words>
        <Choice
          label={traceWords.by}
          options={TRACED.map((value) => ({ value, says: traceWords.of[value] }))}
          chosen={[keyed.by]}
          onChoose={(by) => setKeyed({ ...keyed, by })}
        />
        <Field
          label={traceWords.name[keyed.by]}
          value={keyed.name}
          onChangeText={(name) => setKeyed({ ...keyed, name })}
        />
        <FromTo days={keyed} onChange={(days) => setKeyed({ ...keyed, ...days })} />
        {trace.error ? <Note kind="refusal" title={trace.error.message} /> : null}
      </Section>
      {asked && trace.isFetching && rows.length === 0 ? <Loading /> : null}
      {asked && trace.isSuccess ? (
        <View ref={reached}>
          <Section
            label={
              rows.length > 0 ? traceWords.reached(rows.length, trace.hasNextPage) : traceWords.none
            }
          >
            {rows.length === 0 ? <Words ink="soft">{traceWords.noneSays}</Words> : null}
          </Section>
        </View>
      ) : null}
      {asked && rows.length > 0 && !trace.hasNextPage ? (
        <WriteAll
          key={JSON.stringify(asked)}
          rows={rows}
          what={`${traceWords.of[asked.by]} ${asked.name}`}
        />
      ) : null}
      {rows.map((row) => (
        <Row
          key={row.jobId}
          title={row.bikeName}
          says={[row.customerName, row.phone, exactDay(row.at), whatOf(row)]
            .filter(Boolean)
            .join(' · ')}
          aside={<JobTag tag={row.tag} />}
          onPress={() => router.navigate(atJob(row.jobId))}
          testID="traced"
        />
      ))}
      {trace.hasNextPage ? (
        <Button kind="plain" says={ledgerWords.more} onPress={() => void trace.fetchNextPage()} />
      ) : null}
    </Page>
  );
}
