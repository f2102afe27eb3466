import { endSays } from '../../bikes/thirdBrake';
import { lineAsKnown } from '@hold-fast/core/job/partTaken';
import { toldOf } from '@hold-fast/core/job/told';
import type { Job } from '@hold-fast/core/job/job';
import { visitOf } from '@hold-fast/core/job/visit';
import type { StockInStore } from '@hold-fast/contract/stores';
import type { End } from '@hold-fast/core/ends';
import { taskAt } from '@hold-fast/core/plan/visit';
import { stepRule } from '@hold-fast/core/procedure/steps';
import { fitsBySheet, NEW_PARTS, type NewPart } from '@hold-fast/core/stock/stock';
import { useState } from 'react';
import { View } from 'react-native';
import { useStock } from '../../../data/queries';
import { useTake } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Halves } from '../../../ui/Halves';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Row } from '../../../ui/Row';
import { Empty, Failed, Loading } from '../../../ui/Standing';
import { Words } from '../../../ui/Words';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { capital } from '../../../words/capital';
import { WithBrake } from '../JobFrame';
import { Recalled } from '../fitting/Recalled';
import { OnFrom } from './OnFrom';
import { WhichBatch } from './WhichBatch';
import { provingWords } from '../../../words/proving';

const says = provingWords.takeParts;
const listed = (batches: readonly string[]) => words.format.list(batches.filter(Boolean));

/**
 * Parts off the shelf for one end, with the batch they are of.
 * @param part the kinds a step asks for, with commas; empty for all that the plan takes
 */
export function TakeParts({ jobId, end, part }: { jobId: string; end: End; part: string }) {
  return (
    <WithBrake jobId={jobId} end={end} title={says.parts}>
      {(job) => (
        <Shelf
          job={job}
          end={end}
          asked={NEW_PARTS.filter((each) => part.split(',').includes(each))}
        />
      )}
    </WithBrake>
  );
}

/** The parts that the work chosen for an end takes. */
function wantedAt(job: Job, end: End): NewPart[] {
  const work = taskAt(visitOf(job))[end]?.work ?? [];
  return [...new Set(work.flatMap((step) => stepRule(step).parts))];
}

function Shelf({ job, end, asked }: { job: Job; end: End; asked: readonly NewPart[] }) {
  const stock = useStock();
  const { take, refused } = useTake<'part-taken'>(job);
  if (stock.error) return <Failed error={stock.error} onRetry={() => void stock.refetch()} />;
  if (!stock.data) return <Loading />;
  const wanted = asked.length > 0 ? asked : wantedAt(job, end);
  const body = job.identified[end]?.sheet.body;
  const fits = (line: StockInStore) => fitsBySheet(line, body ?? null);
  const lines = stock.data
    .filter(({ part }) => wanted.length === 0 || wanted.includes(part))
    .sort((a, b) => Number(fits(b)) - Number(fits(a)));
  const named = new Set(stock.data.filter(fits).map(({ part }) => part));
  const taken = job.taken.filter((each) => each.end === end);
  const brought = toldOf(job, 'part-brought', end);
  return (
    <Page
      tag={job.tag}
      over={says.brake(endSays(job.bike, end))}
      title={says.partsFromTheShelf}
      foot={<OnFrom job={job} />}
    >
      <Halves>
        <>
          {refused ? <Note kind="refusal">{refused}</Note> : null}
          <Section label={says.taken}>
            {taken.length + brought.length === 0 ? (
              <Words ink="soft">{says.nothingYetWhatIsPicked}</Words>
            ) : null}
            {taken.map(({ id, part, description, pieces, batch, batches, by }) => (
              <Words key={id}>
                {says.took(
                  pieces,
                  planWords.part[part],
                  description,
                  batch
                    ? says.batch(batch)
                    : batches.length > 0
                      ? says.mayBeOf(listed(batches))
                      : '',
                  by || provingWords.you,
                )}
              </Words>
            ))}
            {brought.map(({ id, part, pieces, from, by }) => (
              <Words key={id}>
                {says.notOffTheShelf(pieces, planWords.part[part], from, by || provingWords.you)}
              </Words>
            ))}
          </Section>
          {wanted.length > 0 ? (
            <Section>
              <Words>
                {says.takes(
                  asked.length > 0 ? says.theStep : says.thePlan,
                  words.format.list(wanted.map((part) => planWords.part[part])),
                )}
              </Words>
            </Section>
          ) : null}
        </>
        <>
          {lines.map((line) => (
            <Line
              key={line.id}
              job={job}
              line={line}
              fit={fits(line) ? 'named' : named.has(line.part) ? 'another' : 'unknown'}
              onTake={(batch) =>
                take(
                  { kind: 'part-taken', end, stockId: line.id, pieces: 1, batch },
                  lineAsKnown(line),
                )
              }
            />
          ))}
          {lines.length === 0 ? (
            <Empty title={says.nothingOfItOnThe} says={says.storesKeepsWhatCameIn} />
          ) : null}
          <Brought job={job} end={end} wanted={wanted} />
        </>
      </Halves>
    </Page>
  );
}

/** A kind of part on the shelf. Where pieces of several batches may lie there, the packet says which is taken. */
function Line({
  job,
  line,
  fit,
  onTake,
}: {
  job: Job;
  line: StockInStore;
  /** Whether the brake's sheet names it, or another. */
  fit: 'named' | 'another' | 'unknown';
  onTake: (batch: string) => void;
}) {
  const [asked, setAsked] = useState(false);
  const { batches } = lineAsKnown(line);
  const take = (batch: string) => {
    onTake(batch);
    setAsked(false);
  };
  const about = [
    `${capital(planWords.part[line.part])} · ${line.fits || says.fitsAll}`,
    says.fit[fit],
    batches.some(Boolean) ? says.batches(listed(batches)) : '',
    line.count <= line.reorderAt ? says.orderMore : '',
  ];
  return (
    <View>
      <Row
        title={line.description}
        says={about.join('')}
        figure={<Recalled job={job} lots={batches} />}
        aside={<Words kind="smallReading">{`${line.count}`}</Words>}
        disabled={line.count <= 0}
        onPress={() => (batches.length > 1 ? setAsked(!asked) : take(batches[0] ?? ''))}
      />
      {asked ? <WhichBatch batches={batches} onSay={take} /> : null}
    </View>
  );
}

/** A new part that is not from the shelf: in the hose’s bag, or the customer’s own. */
function Brought({ job, end, wanted }: { job: Job; end: End; wanted: readonly NewPart[] }) {
  const [part, setPart] = useState<NewPart | null>(null);
  const [from, setFrom] = useState('');
  const [fits, setFits] = useState('');
  const [checked, setChecked] = useState('');
  const [batch, setBatch] = useState('');
  const { take, refused } = useTake<'part-brought'>(job);
  const record = () => {
    if (!part) return;
    const told = {
      from: from.trim(),
      fits: fits.trim(),
      checked: checked.trim(),
      batch: batch.trim(),
    };
    if (!take({ kind: 'part-brought', end, part, pieces: 1, ...told }, null)) return;
    setPart(null);
    for (const empty of [setFrom, setFits, setChecked, setBatch]) empty('');
  };
  return (
    <Section label={says.notOffThisShelf}>
      <Choice
        label={says.newPartFromElsewhere}
        options={(wanted.length > 0 ? wanted : NEW_PARTS).map((value) => ({
          value,
          says: capital(planWords.part[value]),
        }))}
        chosen={part ? [part] : []}
        onChoose={setPart}
      />
      {part ? (
        <>
          <Field
            label={says.whereItCameFrom}
            value={from}
            maxLength={120}
            onChangeText={setFrom}
            hint={says.inTheNewHosesBag}
          />
          <Field label={says.whatItFits} value={fits} maxLength={60} onChangeText={setFits} />
          <Field
            label={says.itsBatch}
            value={batch}
            maxLength={40}
            onChangeText={setBatch}
            hint={says.soThatANotice}
          />
          <Field
            label={says.howSeenToFit}
            value={checked}
            maxLength={160}
            onChangeText={setChecked}
            hint={says.heldAgainstTheOld}
            error={refused ?? undefined}
          />
          <Button kind="plain" says={says.writeItDown} disabled={!from.trim()} onPress={record} />
        </>
      ) : null}
    </Section>
  );
}
