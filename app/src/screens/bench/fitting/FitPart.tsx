import { endSays } from '../../bikes/thirdBrake';
import type { Identified, Job } from '@hold-fast/core/job/job';
import { kitAt } from '@hold-fast/core/inspection/inspectEnd';
import { compoundAdvice, type Compound } from '@hold-fast/core/kit/compound';
import { CONDITIONS_FITTED, isOrganicOnly, type Kit } from '@hold-fast/core/kit/kit';
import type { End, Part } from '@hold-fast/core/ends';
import { isOff } from '@hold-fast/core/job/partOff';
import { askedTwice } from '@hold-fast/core/wear/limitInForce';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useTake } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { FormChoice, FormLine } from '../../../ui/FormLine';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';
import { capital } from '../../../words/capital';
import { BackToJob, WithBrake } from '../JobFrame';
import { jobWords } from '../../../words/job';
import type { UsedPart } from '@hold-fast/core/kit/usedPart';
import { FittedNow } from './FittedNow';
import { OldPart } from './OldPart';
import { UsedShelf } from './UsedShelf';
import { PadFields } from './PadFields';
import { readMm } from './readMm';
import { RotorFields } from './RotorFields';
import { writtenPart, type Condition, type WrittenPart } from './writtenPart';
import { atJob } from '../../routes';

const says = jobWords.fitPart;

/** A part fitted, or written down as found: a new or used one closes the old one’s life and begins its own. */
export function FitPart({ jobId, end, part }: { jobId: string; end: End; part: Part }) {
  const title = jobWords.fitPart.fit(words.part[part]);
  return (
    <WithBrake jobId={jobId} end={end} title={title}>
      {(job, identified) => (
        <Fit job={job} identified={identified} end={end} part={part} title={title} />
      )}
    </WithBrake>
  );
}

/** The newest part of this kind that was taken off the shelf for this end and has not gone in since. */
function offTheShelf(job: Job, end: End, part: Part) {
  const here = (each: { end: End; part: string }) => each.end === end && each.part === part;
  const taken = job.taken.findLast(here);
  const fitted = job.fittings.findLast((each) => here(each) && each.jobId === job.id);
  return taken && taken.at > (fitted?.at ?? '') ? taken : undefined;
}

interface FitProps {
  job: Job;
  identified: Identified;
  end: End;
  part: Part;
  title: string;
}

function Fit({ job, identified, end, part, title }: FitProps) {
  const rotor = part === 'rotor';
  // What was taken off the shelf for this end is most likely what goes in, and new. Of anything else that is asked.
  const taken = offTheShelf(job, end, part);
  const [used, setUsed] = useState<UsedPart | null>(null);
  const advised = (compound: Compound | null, condition: Condition | null) =>
    !rotor && compound && condition !== 'found'
      ? adviceOn(kitAt(job, end), identified, compound)
      : null;
  const isReadTwice = (stamp: string) => {
    const limitMm = readMm(stamp).mm;
    const bySheet = identified.sheet.body.rotor.limit;
    return rotor && limitMm !== null && askedTwice({ limitMm, atLimitIsWorn: null }, bySheet);
  };
  const { control, handleSubmit, resetField, setValue } = useForm<WrittenPart>({
    mode: 'onChange',
    resolver: zodResolver(writtenPart(part, advised, isReadTwice)),
    defaultValues: {
      ...NOTHING_WRITTEN,
      ...(taken && { condition: 'new', description: taken.description }),
      // A sheet says for organic pads only, or nothing of this rotor: its mark is looked for.
      ...(identified.sheet.body.rotor.organicOnly && { organicOnly: true }),
      goes: job.oldPartsBack ? 'customer' : 'scrap',
    },
  });
  const [condition, compound, limitMm] = useWatch({
    control,
    name: ['condition', 'compound', 'limitMm'],
  });
  const { take, refused } = useTake<'fitting'>(job);
  const { take: takeOff, refused: notOff } = useTake<'part-off'>(job);
  const replaces = condition !== 'found' && !isOff(job, end, part);
  const choose = (chosen: UsedPart | null) => {
    setUsed(chosen);
    setValue('description', chosen?.description ?? taken?.description ?? '');
    setValue('compound', rotor ? null : (chosen?.compound ?? null));
    setValue('construction', chosen?.construction ?? null);
    setValue('newMm', chosen?.newMm?.toString() ?? '');
    setValue('limitMm', chosen?.stampedLimit?.limitMm.toString() ?? '');
    if (chosen) setValue('organicOnly', chosen.organicOnly);
    else resetField('organicOnly');
  };
  const twice = isReadTwice(limitMm);
  const advice = advised(compound, condition);

  const confirm = handleSubmit((written) => {
    if (advice?.code === 'refused') return;
    if (replaces && !takeOff({ kind: 'part-off', end, part, goes: written.goes }, null)) return;
    const wentIn = take(
      {
        kind: 'fitting',
        end,
        part,
        ...fittedAs(written, rotor),
        stampAgainMm: twice ? readMm(written.limitAgainMm).mm : null,
        rebedding: advice?.code === 'change' ? written.rebedding : null,
        usedPartId: used?.id ?? null,
      },
      used && { used },
    );
    if (wentIn)
      router.navigate(
        job.planned.length > 0
          ? atJob(job.id, 'step')
          : rotor && condition !== 'found'
            ? atJob(job.id, `${end}/bolts`)
            : atJob(job.id),
      );
  });
  return (
    <Page
      tag={job.tag}
      over={says.brake(endSays(job.bike, end))}
      title={title}
      foot={
        <>
          <Button
            says={condition === 'found' ? says.writeItDown : says.theIn(part)}
            onPress={() => void confirm()}
          />
          <BackToJob jobId={job.id} />
        </>
      }
    >
      {(refused ?? notOff) ? <Note kind="refusal">{refused ?? notOff}</Note> : null}
      <FittedNow job={job} end={end} part={part} />
      <Section label={says.whichOne}>
        <FormChoice
          control={control}
          name="condition"
          label={says.newUsedOrFound}
          options={CONDITIONS_FITTED.map((value) => ({
            value,
            says: capital(words.fittedAs[value]),
          }))}
          onChosen={(chosen) => {
            if (used && chosen !== 'used') choose(null);
          }}
        />
        <FormLine
          control={control}
          name="description"
          label={says.whatItIs}
          onSubmitEditing={() => void confirm()}
          placeholder={rotor ? says.makerSize : says.makerShape}
        />
      </Section>
      {condition === 'used' ? (
        <UsedShelf job={job} part={part} chosen={used} onChoose={choose} />
      ) : null}
      {rotor ? (
        <RotorFields control={control} condition={condition} twice={twice} />
      ) : (
        <PadFields control={control} advice={advice} />
      )}
      {replaces ? <OldPart job={job} end={end} part={part} control={control} /> : null}
      <Mind condition={condition} rotor={rotor} />
    </Page>
  );
}

/** Nothing is chosen until somebody says: a used part is measured before it passes. */
const NOTHING_WRITTEN = {
  description: '',
  compound: null,
  rebedding: null,
  construction: null,
  newMm: '',
  limitMm: '',
  limitAgainMm: '',
  cameOffFor: null,
} as const;

/** The part by itself, as it goes into the record. */
function fittedAs(written: WrittenPart, rotor: boolean) {
  const limitMm = readMm(written.limitMm).mm;
  return {
    description: written.description,
    condition: written.condition,
    compound: written.compound,
    organicOnly: rotor && written.organicOnly === true,
    construction: rotor ? written.construction : null,
    newMm: readMm(written.newMm).mm,
    stampedLimit: limitMm === null ? null : { limitMm, atLimitIsWorn: null },
    cameOffFor: written.condition === 'used' ? written.cameOffFor : null,
  };
}

/** What a compound comes to on the rotor it would bed in. */
function adviceOn(kit: Kit, { sheet }: Identified, compound: Compound) {
  const organicOnly = isOrganicOnly(kit, sheet.body.rotor.organicOnly);
  return compoundAdvice({ organicOnly, bedded: kit.bedded }, compound);
}

/** What goes with a part that comes on. */
function Mind({ condition, rotor }: { condition: Condition | undefined; rotor: boolean }) {
  return (
    <Section>
      {condition === 'found' ? (
        <Words ink="soft">{jobWords.fitPart.foundOnTheBikeWritten}</Words>
      ) : (
        <Words ink="soft">{jobWords.fitPart.theOldOnesReadingsAnd}</Words>
      )}
      {rotor ? (
        <Note kind="caution" title={jobWords.fitPart.arrowForwardPrintingOutward}>
          {jobWords.fitPart.fingersOnlyOnTheSpider}
        </Note>
      ) : (
        <Note kind="caution" title={jobWords.fitPart.pistonsHomeFirst}>
          {jobWords.fitPart.cleanRoundThePistonsBefore}
        </Note>
      )}
    </Section>
  );
}
