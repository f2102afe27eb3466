import { endSays } from '../../bikes/thirdBrake';
import { toldOf } from '@hold-fast/core/job/told';
import type { Job } from '@hold-fast/core/job/job';
import type { End } from '@hold-fast/core/ends';
import {
  isRadialWithin,
  MOST_WASHERS,
  washersFor,
  WASHERS_MM,
  type RadialChoice,
} from '@hold-fast/core/mount/radial';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { append, entryOf } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { FormLine } from '../../../ui/FormLine';
import { signedNumberOf } from '../../../ui/numberOf';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { provingWords } from '../../../words/proving';
import { words } from '../../../words/words';
import { WithJob } from '../JobFrame';
import { OnFrom } from './OnFrom';

/** Where the pads sweep the track: e measured, the washers that bring it right, e measured again. */
export function RadialCheck({ jobId, end }: { jobId: string; end: End }) {
  return <WithJob jobId={jobId}>{(job) => <Checking job={job} end={end} />}</WithJob>;
}

function Checking({ job, end }: { job: Job; end: End }) {
  const measured = toldOf(job, 'radial', end);
  const last = measured.at(-1) ?? null;
  return (
    <Page
      tag={job.tag}
      over={provingWords.radial.brake(endSays(job.bike, end))}
      title={provingWords.radial.wherePadsSweep}
      foot={<OnFrom job={job} />}
    >
      {last ? (
        <Section label={provingWords.radial.lastMeasured}>
          <Words kind="giant">{mmSays(last.eMm)}</Words>
          <Words ink="soft">{provingWords.radial.withWashers(washersSay(last.washersMm))}</Words>
          <Note
            kind={isRadialWithin(last.eMm) ? 'plain' : 'refusal'}
            title={
              isRadialWithin(last.eMm)
                ? provingWords.radial.theySweepTheTrack
                : provingWords.radial.theyDoNot
            }
          >
            {choiceSays(washersFor(last.eMm, last.washersMm))}
          </Note>
        </Section>
      ) : null}
      <Measure key={measured.length} job={job} end={end} fittedMm={last?.washersMm ?? []} />
    </Page>
  );
}

const Written = z.object({
  eMm: z.string().transform(signedNumberOf).pipe(z.number(provingWords.radial.writeE)),
});

function Measure({ job, end, fittedMm }: { job: Job; end: End; fittedMm: readonly number[] }) {
  const [washersMm, setWashers] = useState<number[]>([...fittedMm]);
  const { control, handleSubmit } = useForm({
    resolver: zodResolver(Written),
    defaultValues: { eMm: '' },
  });
  const record = handleSubmit(({ eMm }) =>
    append(job.id, entryOf<'radial'>({ kind: 'radial', end, eMm, washersMm: [...washersMm] })),
  );
  return (
    <Section label={provingWords.radial.measure}>
      <Words ink="soft">{provingWords.radial.howEIsMeasured}</Words>
      <FormLine
        control={control}
        name="eMm"
        label={provingWords.radial.eMm}
        inputMode="decimal"
        onSubmitEditing={() => void record()}
        hint={provingWords.radial.negativeWhere}
      />
      <Words kind="label">{provingWords.radial.underEachSide}</Words>
      <Words>{washersSay(washersMm)}</Words>
      <Choice
        label={provingWords.radial.addWasher}
        options={WASHERS_MM.map((mm) => ({ value: mm, says: mmSays(mm) }))}
        chosen={[]}
        onChoose={(mm) =>
          washersMm.length < MOST_WASHERS && setWashers([...washersMm, mm].sort((a, b) => b - a))
        }
      />
      {washersMm.length > 0 ? (
        <Button
          kind="quiet"
          says={provingWords.radial.takeOut}
          onPress={() => setWashers(washersMm.slice(0, -1))}
        />
      ) : null}
      <Button kind="plain" says={provingWords.radial.record} onPress={() => void record()} />
    </Section>
  );
}

const mmSays = (mm: number) => provingWords.radial.mm(words.format.mm(mm));

const washersSay = (washersMm: readonly number[]) =>
  washersMm.length === 0
    ? provingWords.radial.noWashers
    : words.format.list(washersMm.map((mm) => mmSays(mm)));

function choiceSays(choice: RadialChoice): string {
  switch (choice.code) {
    case 'within':
      return provingWords.radial.nothingToDo;
    case 'out-of-stock':
    case 'add':
      return provingWords.radial.add(washersSay(choice.washersMm), mmSays(choice.landsAtMm));
    case 'take-out':
      return provingWords.radial.out(washersSay(choice.washersMm), mmSays(choice.landsAtMm));
    case 'another-adapter':
      return choice.overhangs
        ? provingWords.radial.smallerAdapter
        : provingWords.radial.largerAdapter;
  }
}
