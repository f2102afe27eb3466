import type { EntryOf } from '@hold-fast/core/job/kinds';
import type { Identified, Job } from '@hold-fast/core/job/job';
import { InputError } from '@hold-fast/core/inputError';
import { typedReading } from '@hold-fast/core/gauge/typedReading';
import { kitAt } from '@hold-fast/core/inspection/inspectEnd';
import { compoundAdvice, COMPOUNDS, type Compound } from '@hold-fast/core/kit/compound';
import { CONDITIONS_FITTED } from '@hold-fast/core/kit/kit';
import type { End, Part } from '@hold-fast/core/ends';
import { plausibleRotorReading, ROTOR_DAMAGE } from '@hold-fast/core/wear/rotor';
import { askedTwice } from '@hold-fast/core/wear/limitInForce';
import { router } from 'expo-router';
import { useState } from 'react';
import { useTake } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { capital } from '../../words/capital';
import { BackToJob, WithBrake } from './JobFrame';
import { jobWords } from '../../words/job';

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

interface FitProps {
  job: Job;
  identified: Identified;
  end: End;
  part: Part;
  title: string;
}

function Fit({ job, identified, end, part, title }: FitProps) {
  const [condition, setCondition] = useState<Fitted['condition']>('new');
  // What was taken off the shelf for this end is most likely what goes in.
  const taken = job.taken.filter((each) => each.end === end && each.part === part).at(-1);
  const [written, setDescription] = useState<string | null>(null);
  const description = written ?? taken?.description ?? '';
  const [compound, setCompound] = useState<Compound | null>(null);
  const [organicOnly, setOrganicOnly] = useState(identified.sheet.body.rotor.organicOnly);
  const [construction, setConstruction] = useState<Fitted['construction']>(null);
  const [newMm, setNewMm] = useState('');
  const [limitMm, setLimitMm] = useState('');
  const [limitAgainMm, setLimitAgainMm] = useState('');
  const [cameOffFor, setCameOffFor] = useState<Fitted['cameOffFor']>(null);
  const [rebedding, setRebedding] = useState<Fitted['rebedding']>(null);
  const [tried, setTried] = useState(false);
  const { take, refused } = useTake<'fitting'>(job);
  const rotor = part === 'rotor';
  const kit = kitAt(job, end);
  const advice =
    !rotor && compound && condition !== 'found'
      ? compoundAdvice(
          {
            organicOnly: kit.rotor?.organicOnly ?? identified.sheet.body.rotor.organicOnly,
            bedded: kit.bedded,
          },
          compound,
        )
      : null;
  const thickness = readMm(newMm);
  const limit = readMm(limitMm);
  const again = readMm(limitAgainMm);
  const twice =
    rotor &&
    limit.mm !== null &&
    askedTwice({ limitMm: limit.mm, atLimitIsWorn: null }, identified.sheet.body.rotor.limit);
  const ready =
    description.trim() !== '' &&
    !thickness.error &&
    !limit.error &&
    (rotor || compound !== null) &&
    advice?.code !== 'refused' &&
    (advice?.code !== 'change' || rebedding !== null);

  const confirm = () => {
    setTried(true);
    if (!ready) return;
    const taken = take(
      {
        kind: 'fitting',
        end,
        part,
        description: description.trim(),
        condition,
        compound: rotor ? null : compound,
        organicOnly: rotor && organicOnly,
        construction: rotor ? construction : null,
        newMm: thickness.mm,
        stampedLimit: limit.mm === null ? null : { limitMm: limit.mm, atLimitIsWorn: null },
        stampAgainMm: twice ? again.mm : null,
        cameOffFor: condition === 'used' ? cameOffFor : null,
        rebedding: advice?.code === 'change' ? rebedding : null,
      },
      null,
    );
    if (taken)
      router.navigate(
        job.planned.length > 0
          ? (`/bench/${job.id}/step` as '/bench')
          : rotor && condition !== 'found'
            ? `/bench/${job.id}/${end}/bolts`
            : `/bench/${job.id}`,
      );
  };
  return (
    <Page
      tag={job.tag}
      over={jobWords.fitPart.brake(end)}
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
      {refused ? <Note kind="refusal">{refused}</Note> : null}
      <Section label={jobWords.fitPart.whichOne}>
        <Choice
          label={jobWords.fitPart.newUsedOrFound}
          options={CONDITIONS_FITTED.map((value) => ({
            value,
            says: capital(words.fittedAs[value]),
          }))}
          chosen={[condition]}
          onChoose={setCondition}
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
      {rotor ? (
        <>
          <Section label={jobWords.fitPart.theRotorByItself}>
            <Choice<'one-piece' | 'two-piece' | null>
              label={jobWords.fitPart.construction}
              options={[
                { value: null, says: jobWords.fitPart.asTheSheetSays },
                { value: 'one-piece', says: jobWords.fitPart.onePiece },
                { value: 'two-piece', says: jobWords.fitPart.twoPiecesRiveted },
              ]}
              chosen={[construction]}
              onChoose={setConstruction}
            />
            <Field
              label={jobWords.fitPart.limitStampedOnItMm}
              value={limitMm}
              onChangeText={setLimitMm}
              inputMode="decimal"
              placeholder={words.field.none}
              error={limit.error}
              hint={jobWords.fitPart.theOldRotorsStampDoes}
            />
            {twice ? (
              <Field
                label={jobWords.fitPart.theStampOnceMoreMm}
                value={limitAgainMm}
                onChangeText={setLimitAgainMm}
                inputMode="decimal"
                error={again.error}
                hint={jobWords.fitPart.itIsLaxerThanThe}
              />
            ) : null}
            <Field
              label={jobWords.fitPart.thicknessWhenNewMm}
              value={newMm}
              onChangeText={setNewMm}
              inputMode="decimal"
              placeholder={jobWords.fitPart.asSheetHint}
              error={thickness.error}
            />
            <Choice
              label={jobWords.fitPart.markedForOrganicPadsOnly}
              many
              options={[{ value: true, says: jobWords.fitPart.markedForOrganicPadsOnly }]}
              chosen={organicOnly ? [true] : []}
              onChoose={() => setOrganicOnly(!organicOnly)}
            />
          </Section>
          {condition === 'used' ? (
            <Section label={jobWords.fitPart.whyItCameOffLast}>
              <Choice<Fitted['cameOffFor']>
                label={jobWords.fitPart.whyItCameOffLast}
                options={[
                  { value: null, says: jobWords.fitPart.soundOrNobodyWroteIt },
                  { value: 'changed', says: jobWords.fitPart.changedForAnotherSize },
                  { value: 'worn', says: jobWords.fitPart.thoughtWorn },
                  ...ROTOR_DAMAGE.map((value) => ({ value, says: capital(words.finding[value]) })),
                ]}
                chosen={[cameOffFor]}
                onChoose={setCameOffFor}
              />
              {cameOffFor === 'loose-rivets' ? (
                <Note kind="caution" title={jobWords.fitPart.rivetsFirst}>
                  {jobWords.fitPart.itIsNotProvenUntil}
                </Note>
              ) : null}
            </Section>
          ) : null}
        </>
      ) : (
        <Section label={jobWords.fitPart.compoundFromTheLetterOn}>
          <Choice
            label={jobWords.fitPart.compound}
            options={COMPOUNDS.map((value) => ({ value, says: words.compound[value] }))}
            chosen={compound ? [compound] : []}
            onChoose={setCompound}
          />
          {tried && compound === null ? (
            <Words kind="small" ink="rustText" role="alert">
              {jobWords.fitPart.readTheLetterWithoutOne}
            </Words>
          ) : null}
          {advice?.code === 'refused' ? (
            <Note kind="refusal" title={jobWords.fitPart.notOnThisRotor}>
              {jobWords.fitPart.itIsMarkedForOrganic}
            </Note>
          ) : null}
          {advice?.code === 'change' ? (
            <Note kind="caution" title={jobWords.fitPart.anotherCompoundThanTheRotor}>
              <Words>
                {jobWords.fitPart.rotorPadsSomeWantA(
                  advice.from === 'none' ? 'new' : advice.from,
                  advice.to,
                )}
              </Words>
              <Choice<NonNullable<Fitted['rebedding']>>
                label={jobWords.fitPart.whatIsDoneAboutIt}
                options={(['new-rotor', 'strip-and-bed-in', 'ridden-as-is'] as const).map(
                  (value) => ({ value, says: words.rebedding[value] }),
                )}
                chosen={rebedding ? [rebedding] : []}
                onChoose={setRebedding}
              />
              {tried && rebedding === null ? (
                <Words kind="small" ink="rustText" role="alert">
                  {jobWords.fitPart.chooseWhatIsDoneAbout}
                </Words>
              ) : null}
            </Note>
          ) : null}
        </Section>
      )}
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
    </Page>
  );
}

function readMm(text: string): { mm: number | null; error: string | undefined } {
  if (text.trim() === '') return { mm: null, error: undefined };
  try {
    return {
      mm: plausibleRotorReading(typedReading(text, { decimals: 2, fill: 'thickness' })),
      error: undefined,
    };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { mm: null, error: words.inputError(error.code, error.numbers) };
  }
}
