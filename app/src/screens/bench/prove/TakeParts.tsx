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
import { OnFrom } from './OnFrom';
import { provingWords } from '../../../words/proving';

/**
 * Parts off the shelf for one end, with the batch they are of.
 * @param part the kinds a step asks for, with commas; empty for all that the plan takes
 */
export function TakeParts({ jobId, end, part }: { jobId: string; end: End; part: string }) {
  return (
    <WithBrake jobId={jobId} end={end} title={provingWords.takeParts.parts}>
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
  const takeOne = (line: StockInStore) =>
    take(
      { kind: 'part-taken', end, stockId: line.id, pieces: 1, batch: line.lastBatch },
      lineAsKnown(line),
    );
  return (
    <Page
      tag={job.tag}
      over={provingWords.takeParts.brake(endSays(job.bike, end))}
      title={provingWords.takeParts.partsFromTheShelf}
      foot={<OnFrom job={job} />}
    >
      <Halves>
        <>
          {refused ? <Note kind="refusal">{refused}</Note> : null}
          <Section label={provingWords.takeParts.taken}>
            {taken.length + brought.length === 0 ? (
              <Words ink="soft">{provingWords.takeParts.nothingYetWhatIsPicked}</Words>
            ) : null}
            {taken.map(({ id, part, description, pieces, batch, by }) => (
              <Words
                key={id}
              >{`${pieces} × ${planWords.part[part]}: ${description}${batch ? provingWords.takeParts.batch(batch) : ''}, ${by || 'you'}.`}</Words>
            ))}
            {brought.map(({ id, part, pieces, from, by }) => (
              <Words key={id}>
                {provingWords.takeParts.notOffTheShelf(
                  pieces,
                  planWords.part[part],
                  from,
                  by || 'you',
                )}
              </Words>
            ))}
          </Section>
          {wanted.length > 0 ? (
            <Section>
              <Words>
                {provingWords.takeParts.takes(
                  asked.length > 0
                    ? provingWords.takeParts.theStep
                    : provingWords.takeParts.thePlan,
                  words.format.list(wanted.map((part) => planWords.part[part])),
                )}
              </Words>
            </Section>
          ) : null}
        </>
        <>
          {lines.map((line) => (
            <Row
              key={line.id}
              title={line.description}
              says={`${capital(planWords.part[line.part])} · ${line.fits || provingWords.takeParts.fitsAll}${fits(line) ? provingWords.takeParts.fitsThisBrakeByIts : named.has(line.part) ? provingWords.takeParts.notTheOneThisBrakes : ''}${line.lastBatch ? provingWords.takeParts.lastBatch(line.lastBatch) : ''}${line.count <= line.reorderAt ? provingWords.takeParts.orderMore : ''}`}
              aside={<Words kind="smallReading">{`${line.count}`}</Words>}
              disabled={line.count <= 0}
              onPress={() => takeOne(line)}
            />
          ))}
          {lines.length === 0 ? (
            <Empty
              title={provingWords.takeParts.nothingOfItOnThe}
              says={provingWords.takeParts.storesKeepsWhatCameIn}
            />
          ) : null}
          <Brought job={job} end={end} wanted={wanted} />
        </>
      </Halves>
    </Page>
  );
}

/** A new part that is not from the shelf: in the hose’s bag, or the customer’s own. */
function Brought({ job, end, wanted }: { job: Job; end: End; wanted: readonly NewPart[] }) {
  const [part, setPart] = useState<NewPart | null>(null);
  const [from, setFrom] = useState('');
  const [fits, setFits] = useState('');
  const [checked, setChecked] = useState('');
  const { take, refused } = useTake<'part-brought'>(job);
  const record = () => {
    if (!part) return;
    const told = { from: from.trim(), fits: fits.trim(), checked: checked.trim() };
    if (!take({ kind: 'part-brought', end, part, pieces: 1, ...told }, null)) return;
    setPart(null);
    for (const empty of [setFrom, setFits, setChecked]) empty('');
  };
  return (
    <Section label={provingWords.takeParts.notOffThisShelf}>
      <Choice
        label={provingWords.takeParts.newPartFromElsewhere}
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
            label={provingWords.takeParts.whereItCameFrom}
            value={from}
            maxLength={120}
            onChangeText={setFrom}
            hint={provingWords.takeParts.inTheNewHosesBag}
          />
          <Field
            label={provingWords.takeParts.whatItFits}
            value={fits}
            maxLength={60}
            onChangeText={setFits}
          />
          <Field
            label={provingWords.takeParts.howSeenToFit}
            value={checked}
            maxLength={160}
            onChangeText={setChecked}
            hint={provingWords.takeParts.heldAgainstTheOld}
            error={refused ?? undefined}
          />
          <Button
            kind="plain"
            says={provingWords.takeParts.writeItDown}
            disabled={!from.trim()}
            onPress={record}
          />
        </>
      ) : null}
    </Section>
  );
}
