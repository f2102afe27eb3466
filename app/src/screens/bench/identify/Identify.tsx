import { endSays } from '../../bikes/thirdBrake';
import { rotorLimit } from '@hold-fast/core/inspection/standard';
import type { Job } from '@hold-fast/core/job/job';
import { likelyFirst, type Likely } from '@hold-fast/core/sheet/likely';
import type { SheetRevision } from '@hold-fast/core/sheet/sheet';
import { InputError } from '@hold-fast/core/inputError';
import type { End } from '@hold-fast/core/ends';
import { typedReading } from '@hold-fast/core/gauge/typedReading';
import {
  kitAt,
  readStamp as stampOf,
  stampAt,
  stampsAt,
} from '@hold-fast/core/inspection/inspectEnd';
import { askedTwice } from '@hold-fast/core/wear/limitInForce';
import { plausibleRotorReading } from '@hold-fast/core/wear/rotor';
import { router } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { useSheets } from '../../../data/queries';
import { useTake } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Row } from '../../../ui/Row';
import { Empty, Failed, Loading } from '../../../ui/Standing';
import { Words } from '../../../ui/Words';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { BackToJob, WithJob } from '../JobFrame';
import { SheetFacts } from './SheetFacts';
import { jobWords } from '../../../words/job';
import { atJob } from '../../routes';

/** Which brake is this? Its spec sheet, and the limit stamped on the rotor if there is one. */
export function Identify({ jobId, end }: { jobId: string; end: End }) {
  return <WithJob jobId={jobId}>{(job) => <PickSheet job={job} end={end} />}</WithJob>;
}

function PickSheet({ job, end }: { job: Job; end: End }) {
  const sheets = useSheets();
  const now = job.identified[end];
  const [search, setSearch] = useState('');
  const [picked, setPicked] = useState<SheetRevision | null>(now?.sheet ?? null);

  if (sheets.error) return <Failed error={sheets.error} onRetry={() => void sheets.refetch()} />;
  if (!sheets.data) return <Loading />;
  if (job.sealed)
    return (
      <Page
        tag={job.tag}
        title={jobWords.identify.identifyTheBrake}
        foot={<BackToJob jobId={job.id} />}
      >
        <Note kind="caution">{jobWords.identify.thisJobIsSignedOff}</Note>
      </Page>
    );
  const before = job.identifiedBefore[end];
  const was = sheets.data.find(({ sheetId }) => sheetId === before?.sheetId);
  if (picked)
    return (
      <Confirm job={job} end={end} sheet={picked} onOther={() => setPicked(null)}>
        {was && was.sheetId !== picked.sheetId ? (
          <Note
            kind="caution"
            title={jobWords.identify.wasAnother(words.tagNumber(before!.tag), was.body.title)}
          >
            {jobWords.identify.isItAnother}
          </Note>
        ) : null}
      </Confirm>
    );

  const asked = search.toLowerCase().split(' ');
  const found = likelyFirst(sheets.data, job, end).filter(({ sheet }) => {
    const written = `${sheet.body.title} ${madeBy(sheet)}`.toLowerCase();
    return asked.every((word) => written.includes(word));
  });
  return (
    <Page
      tag={job.tag}
      over={jobWords.identify.brake(endSays(job.bike, end))}
      title={jobWords.identify.whichBrake}
      foot={<BackToJob jobId={job.id} />}
    >
      <Section>
        <Field
          label={jobWords.identify.findASpecSheet}
          value={search}
          onChangeText={setSearch}
          placeholder={jobWords.identify.makerModelOrKind}
        />
      </Section>
      {found.map(({ sheet, likely }) => (
        <Row
          key={sheet.id}
          title={sheet.body.title}
          {...(likely && { word: { says: whyLikely(job, likely), ink: 'ochreText' } })}
          says={
            likely?.code === 'last-visit'
              ? `${jobWords.identify.seeThatItStillIs} ${madeBy(sheet)}`
              : madeBy(sheet)
          }
          onPress={() => setPicked(sheet)}
        />
      ))}
      {found.length === 0 ? (
        <Empty
          title={jobWords.identify.noSheetOfThatName}
          says={jobWords.identify.pickAGenericOneAnd}
        />
      ) : null}
    </Page>
  );
}

const whyLikely = (job: Job, likely: Likely): string =>
  likely.code === 'last-visit'
    ? jobWords.identify.onTag(words.tagNumber(likely.tag))
    : jobWords.identify.asAtTheOtherEnd(endSays(job.bike, likely.end));

const madeBy = ({ body: { source, brake } }: SheetRevision): string =>
  `${source} · ${words.actuation[brake.actuation]}, ${words.mount[brake.mount]}`;

function Confirm({
  job,
  end,
  sheet,
  onOther,
  children,
}: {
  job: Job;
  end: End;
  sheet: SheetRevision;
  onOther: () => void;
  children: ReactNode;
}) {
  // What was read before stands by itself. Filled in here it would be read a second time by a tap, and so made certain.
  const before = stampAt(job, end);
  const [stamp, setStamp] = useState('');
  const [atLimitIsWorn, setAtLimitIsWorn] = useState<boolean | null>(null);
  const { take, refused } = useTake<'identification'>(job);
  const stamped = readStamp(stamp);
  const stampedLimit =
    stamped.limitMm === null ? null : { limitMm: stamped.limitMm, atLimitIsWorn };
  const [again, setAgain] = useState('');
  const twice = stampedLimit !== null && askedTwice(stampedLimit, sheet.body.rotor.limit);
  const stampAgainMm = twice ? readStamp(again).limitMm : null;
  const limit = rotorLimit({
    sheet: sheet.body,
    stamps: [...stampsAt(job, end), ...(stampedLimit ? [stampOf(stampedLimit, stampAgainMm)] : [])],
    fittedRotor: kitAt(job, end).rotor,
    rules: job.rules,
  });

  const confirm = () => {
    const sheetRevisionId = sheet.id;
    const fresh = { end, sheetRevisionId, stampedLimit, stampAgainMm };
    if (!take({ kind: 'identification', ...fresh }, { sheet })) return;
    // In the middle of a plan it is a new brake that was fitted: on with the step.
    router.navigate(job.stepped.length > 0 ? atJob(job.id, 'step') : atJob(job.id, `${end}/rotor`));
  };
  return (
    <Page
      tag={job.tag}
      over={jobWords.identify.brake(endSays(job.bike, end))}
      title={sheet.body.title}
      foot={
        <>
          <Button
            says={jobWords.identify.thisIsTheBrake}
            onPress={confirm}
            disabled={stamped.fault !== null}
          />
          <Button kind="plain" says={jobWords.identify.anotherSheet} onPress={onOther} />
        </>
      }
    >
      {refused ? <Note kind="refusal">{refused}</Note> : null}
      {children}
      <Section>
        <Field
          label={jobWords.identify.limitStampedOnTheRotor}
          value={stamp}
          onChangeText={setStamp}
          inputMode="decimal"
          placeholder={words.field.none}
          error={stamped.fault ?? undefined}
          hint={
            before
              ? jobWords.identify.readBefore(words.format.fixed(before.limitMm, 2))
              : jobWords.identify.lookOnTheSpiderMin
          }
        />
        {stampedLimit ? (
          <Choice
            label={jobWords.identify.howItIsWorded}
            options={[
              { value: true, says: jobWords.identify.replaceAtItOrLess },
              { value: false, says: jobWords.identify.replaceBelowIt },
              { value: null, says: jobWords.identify.doesNotSay },
            ]}
            chosen={[atLimitIsWorn]}
            onChoose={setAtLimitIsWorn}
          />
        ) : null}
        {twice ? (
          <Field
            label={jobWords.identify.theStampOnceMoreMm}
            value={again}
            onChangeText={setAgain}
            inputMode="decimal"
            error={readStamp(again).fault ?? undefined}
            hint={jobWords.identify.itIsLaxerThanThe}
          />
        ) : null}
      </Section>
      <Section label={jobWords.identify.inForce}>
        <Words kind="strong">
          {jobWords.identify.rotorLimitMm(
            words.format.fixed(limit.limitMm, 2),
            words.origin[limit.origin],
            limit.tag ? ` (${words.tag[limit.tag]})` : '',
          )}
        </Words>
      </Section>
      <SheetFacts sheet={sheet} />
    </Page>
  );
}

function readStamp(text: string): { limitMm: number | null; fault: string | null } {
  if (text.trim() === '') return { limitMm: null, fault: null };
  try {
    return { limitMm: plausibleRotorReading(typedReading(text, { decimals: 2 })), fault: null };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { limitMm: null, fault: verdictWords.inputError(error.code, error.numbers) };
  }
}
