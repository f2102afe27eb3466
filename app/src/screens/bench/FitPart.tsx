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

type Fitted = EntryOf<'fitting'>;

/** A part fitted, or written down as found: a new or used one closes the old one’s life and begins its own. */
export function FitPart({ jobId, end, part }: { jobId: string; end: End; part: Part }) {
  const title = `Fit ${words.part[part]}`;
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
      over={`${end} brake`}
      title={title}
      foot={
        <>
          <Button
            says={
              condition === 'found'
                ? 'Write it down'
                : `The ${words.part[part]} ${rotor ? 'is' : 'are'} in`
            }
            onPress={confirm}
          />
          <BackToJob jobId={job.id} />
        </>
      }
    >
      {refused ? <Note kind="refusal">{refused}</Note> : null}
      <Section label="Which one">
        <Choice
          label="New, used or found"
          options={CONDITIONS_FITTED.map((value) => ({
            value,
            says: capital(words.fittedAs[value]),
          }))}
          chosen={[condition]}
          onChoose={setCondition}
        />
        <Field
          label="What it is"
          value={description}
          onChangeText={setDescription}
          onSubmitEditing={confirm}
          placeholder={rotor ? 'maker, size' : 'maker, shape'}
          error={tried && !description.trim() ? 'Write what it is.' : undefined}
        />
      </Section>
      {rotor ? (
        <>
          <Section label="The rotor by itself">
            <Choice<'one-piece' | 'two-piece' | null>
              label="Construction"
              options={[
                { value: null, says: 'As the sheet says' },
                { value: 'one-piece', says: 'One piece' },
                { value: 'two-piece', says: 'Two pieces, riveted' },
              ]}
              chosen={[construction]}
              onChoose={setConstruction}
            />
            <Field
              label="Limit stamped on it, mm"
              value={limitMm}
              onChangeText={setLimitMm}
              inputMode="decimal"
              placeholder="none"
              error={limit.error}
              hint="The old rotor’s stamp does not count for this one. Without a stamp the sheet’s limit counts only for a rotor of the sheet’s construction."
            />
            {twice ? (
              <Field
                label="The stamp once more, mm"
                value={limitAgainMm}
                onChangeText={setLimitAgainMm}
                inputMode="decimal"
                error={again.error}
                hint="It is laxer than the sheet, or far from it. Look again and key it once more: until then the stricter counts."
              />
            ) : null}
            <Field
              label="Thickness when new, mm"
              value={newMm}
              onChangeText={setNewMm}
              inputMode="decimal"
              placeholder="as the sheet says"
              error={thickness.error}
            />
            <Choice
              label="Marked for organic pads only"
              many
              options={[{ value: true, says: 'Marked for organic pads only' }]}
              chosen={organicOnly ? [true] : []}
              onChoose={() => setOrganicOnly(!organicOnly)}
            />
          </Section>
          {condition === 'used' ? (
            <Section label="Why it came off last time">
              <Choice<Fitted['cameOffFor']>
                label="Why it came off last time"
                options={[
                  { value: null, says: 'Sound, or nobody wrote it down' },
                  { value: 'changed', says: 'Changed for another size' },
                  { value: 'worn', says: 'Thought worn' },
                  ...ROTOR_DAMAGE.map((value) => ({ value, says: capital(words.finding[value]) })),
                ]}
                chosen={[cameOffFor]}
                onChoose={setCameOffFor}
              />
              {cameOffFor === 'loose-rivets' ? (
                <Note kind="caution" title="Rivets first">
                  It is not proven until the rotor was looked over again: grip it and rock it.
                </Note>
              ) : null}
            </Section>
          ) : null}
        </>
      ) : (
        <Section label="Compound, from the letter on the back">
          <Choice
            label="Compound"
            options={COMPOUNDS.map((value) => ({ value, says: words.compound[value] }))}
            chosen={compound ? [compound] : []}
            onChoose={setCompound}
          />
          {tried && compound === null ? (
            <Words kind="small" ink="rustText" role="alert">
              Read the letter; without one it is unknown.
            </Words>
          ) : null}
          {advice?.code === 'refused' ? (
            <Note kind="refusal" title="Not on this rotor">
              It is marked for organic pads only.
            </Note>
          ) : null}
          {advice?.code === 'change' ? (
            <Note kind="caution" title="Another compound than the rotor was bedded with">
              <Words>
                {`Rotor: ${advice.from === 'none' ? 'new' : advice.from}. Pads: ${advice.to}. Some want a new rotor, others strip the track and bed in again.`}
              </Words>
              <Choice<NonNullable<Fitted['rebedding']>>
                label="What is done about it"
                options={(['new-rotor', 'strip-and-bed-in', 'ridden-as-is'] as const).map(
                  (value) => ({ value, says: words.rebedding[value] }),
                )}
                chosen={rebedding ? [rebedding] : []}
                onChoose={setRebedding}
              />
              {tried && rebedding === null ? (
                <Words kind="small" ink="rustText" role="alert">
                  Choose what is done about it.
                </Words>
              ) : null}
            </Note>
          ) : null}
        </Section>
      )}
      <Section>
        {condition === 'found' ? (
          <Words ink="soft">
            Found on the bike: written down, its readings go on as they were.
          </Words>
        ) : (
          <Words ink="soft">
            The old one’s readings and verdict stay in the record. This one is not inspected until
            it is measured.
          </Words>
        )}
        {rotor ? (
          <Note kind="caution" title="Arrow forward, printing outward">
            Fingers only on the spider: oil from skin on the track makes it squeal. New pads at the
            same time are recommended, not compulsory.
          </Note>
        ) : (
          <Note kind="caution" title="Pistons home first">
            Clean round the pistons before they go home. A pair is replaced together.
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
