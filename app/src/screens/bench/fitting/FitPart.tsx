import { endSays } from '../../bikes/thirdBrake';
import type { EntryOf } from '@hold-fast/core/job/kinds';
import type { Identified, Job } from '@hold-fast/core/job/job';
import { kitAt } from '@hold-fast/core/inspection/inspectEnd';
import { compoundAdvice, type Compound } from '@hold-fast/core/kit/compound';
import { CONDITIONS_FITTED, type Kit } from '@hold-fast/core/kit/kit';
import type { End, Part } from '@hold-fast/core/ends';
import { askedTwice } from '@hold-fast/core/wear/limitInForce';
import { router } from 'expo-router';
import { useState } from 'react';
import { useTake } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';
import { capital } from '../../../words/capital';
import { BackToJob, WithBrake } from '../JobFrame';
import { jobWords } from '../../../words/job';
import type { Goes, UsedPart } from '@hold-fast/core/kit/usedPart';
import { OldPart } from './OldPart';
import { UsedShelf } from './UsedShelf';
import { PadFields } from './PadFields';
import { readMm } from './readMm';
import { RotorFields, type WrittenRotor } from './RotorFields';
import { focusFault } from '../../../ui/focusFault';
import { Wrong } from '../../../ui/Wrong';

type Fitted = EntryOf<'fitting'>;

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

/** Whether the part that is on was written down as off already. */
const isOffSince = (job: Job, end: End, part: Part) =>
  job.takenOff.some(
    (off) => off.end === end && off.part === part && off.seq > (kitAt(job, end)[part]?.seq ?? 0),
  );

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
  // What was taken off the shelf for this end is most likely what goes in, and new. Of anything else that is asked.
  const taken = offTheShelf(job, end, part);
  const [condition, setCondition] = useState<Fitted['condition'] | null>(taken ? 'new' : null);
  const [written, setDescription] = useState<string | null>(null);
  const description = written ?? taken?.description ?? '';
  const [compound, setCompound] = useState<Compound | null>(null);
  const [rotorSelf, setRotorSelf] = useState<WrittenRotor>({
    construction: null,
    newMm: '',
    limitMm: '',
    limitAgainMm: '',
    organicOnly: identified.sheet.body.rotor.organicOnly,
    cameOffFor: null,
  });
  const [rebedding, setRebedding] = useState<Fitted['rebedding']>(null);
  const [tried, setTried] = useState(false);
  const { take, refused } = useTake<'fitting'>(job);
  const { take: takeOff, refused: notOff } = useTake<'part-off'>(job);
  const [used, setUsed] = useState<UsedPart | null>(null);
  const [goes, setGoes] = useState<Goes>(job.oldPartsBack ? 'customer' : 'scrap');
  const replaces = condition !== 'found' && !isOffSince(job, end, part);
  const choose = (chosen: UsedPart | null) => {
    setUsed(chosen);
    setDescription(chosen?.description ?? null);
    setCompound(chosen?.compound ?? null);
    setRotorSelf((self) => ({
      ...self,
      construction: chosen?.construction ?? null,
      newMm: chosen?.newMm?.toString() ?? '',
      limitMm: chosen?.stampedLimit?.limitMm.toString() ?? '',
      organicOnly: chosen?.organicOnly ?? self.organicOnly,
    }));
  };
  const rotor = part === 'rotor';
  const advice =
    !rotor && compound && condition !== 'found'
      ? adviceOn(kitAt(job, end), identified, compound)
      : null;
  const thickness = readMm(rotorSelf.newMm);
  const limit = readMm(rotorSelf.limitMm);
  const again = readMm(rotorSelf.limitAgainMm);
  const twice =
    rotor &&
    limit.mm !== null &&
    askedTwice({ limitMm: limit.mm, atLimitIsWorn: null }, identified.sheet.body.rotor.limit);
  const ready =
    condition !== null &&
    description.trim() !== '' &&
    !thickness.error &&
    !limit.error &&
    (rotor || compound !== null) &&
    advice?.code !== 'refused' &&
    (advice?.code !== 'change' || rebedding !== null);

  const confirm = () => {
    setTried(true);
    focusFault();
    if (!ready) return;
    if (replaces && !takeOff({ kind: 'part-off', end, part, goes }, null)) return;
    const taken = take(
      {
        kind: 'fitting',
        end,
        part,
        description: description.trim(),
        condition,
        compound: rotor ? null : compound,
        organicOnly: rotor && rotorSelf.organicOnly,
        construction: rotor ? rotorSelf.construction : null,
        newMm: thickness.mm,
        stampedLimit: limit.mm === null ? null : { limitMm: limit.mm, atLimitIsWorn: null },
        stampAgainMm: twice ? again.mm : null,
        cameOffFor: condition === 'used' ? rotorSelf.cameOffFor : null,
        rebedding: advice?.code === 'change' ? rebedding : null,
        usedPartId: used?.id ?? null,
      },
      used && { used },
    );
    if (taken)
      router.navigate(
        job.planned.length > 0
          ? `/bench/${job.id}/step`
          : rotor && condition !== 'found'
            ? `/bench/${job.id}/${end}/bolts`
            : `/bench/${job.id}`,
      );
  };
  return (
    <Page
      tag={job.tag}
      over={jobWords.fitPart.brake(endSays(job.bike, end))}
      title={title}
      foot={
        <>
          <Button
            says={
              condition === 'found' ? jobWords.fitPart.writeItDown : jobWords.fitPart.theIn(part)
            }
            onPress={confirm}
          />
          <BackToJob jobId={job.id} />
        </>
      }
    >
      {(refused ?? notOff) ? <Note kind="refusal">{refused ?? notOff}</Note> : null}
      <Section label={jobWords.fitPart.whichOne}>
        <ConditionChoice
          condition={condition}
          tried={tried}
          onChoose={(chosen) => {
            setCondition(chosen);
            if (used && chosen !== 'used') choose(null);
          }}
        />
        <Field
          label={jobWords.fitPart.whatItIs}
          value={description}
          onChangeText={setDescription}
          onSubmitEditing={confirm}
          placeholder={rotor ? jobWords.fitPart.makerSize : jobWords.fitPart.makerShape}
          error={tried && !description.trim() ? jobWords.fitPart.writeWhatItIs : undefined}
        />
      </Section>
      {condition === 'used' ? <UsedShelf part={part} chosen={used} onChoose={choose} /> : null}
      {rotor ? (
        <RotorFields
          written={rotorSelf}
          used={condition === 'used'}
          twice={twice}
          onChange={(change) => setRotorSelf({ ...rotorSelf, ...change })}
        />
      ) : (
        <PadFields
          compound={compound}
          rebedding={rebedding}
          advice={advice}
          tried={tried}
          onCompound={setCompound}
          onRebedding={setRebedding}
        />
      )}
      {replaces ? <OldPart job={job} end={end} part={part} goes={goes} onGoes={setGoes} /> : null}
      <Mind condition={condition} rotor={rotor} />
    </Page>
  );
}

/** New, used or found: a used part is measured before it passes, so that nothing is chosen until somebody says. */
function ConditionChoice({
  condition,
  tried,
  onChoose,
}: {
  condition: Fitted['condition'] | null;
  tried: boolean;
  onChoose: (condition: Fitted['condition']) => void;
}) {
  return (
    <>
      <Choice
        label={jobWords.fitPart.newUsedOrFound}
        options={CONDITIONS_FITTED.map((value) => ({
          value,
          says: capital(words.fittedAs[value]),
        }))}
        chosen={condition === null ? [] : [condition]}
        onChoose={onChoose}
      />
      {tried && condition === null ? <Wrong says={jobWords.fitPart.sayWhetherItIsNew} /> : null}
    </>
  );
}

/** What a compound comes to on the rotor it would bed in. */
function adviceOn({ rotor, bedded }: Kit, { sheet }: Identified, compound: Compound) {
  const organicOnly = rotor?.organicOnly ?? sheet.body.rotor.organicOnly;
  return compoundAdvice({ organicOnly, bedded }, compound);
}

/** What goes with a part that comes on. */
function Mind({ condition, rotor }: { condition: Fitted['condition'] | null; rotor: boolean }) {
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
