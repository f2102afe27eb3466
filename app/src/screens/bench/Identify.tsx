import type { Job } from '@hold-fast/core/job/job';
import type { SheetRevision } from '@hold-fast/core/sheet/sheet';
import { InputError } from '@hold-fast/core/inputError';
import type { End } from '@hold-fast/core/ends';
import { typedReading } from '@hold-fast/core/gauge/typedReading';
import { readStamp as stampOf } from '@hold-fast/core/inspection/inspectEnd';
import { rotorLimit } from '@hold-fast/core/inspection/judge';
import { askedTwice } from '@hold-fast/core/wear/limitInForce';
import { plausibleRotorReading } from '@hold-fast/core/wear/rotor';
import { router } from 'expo-router';
import { useState } from 'react';
import { useSheets } from '../../data/queries';
import { useTake } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Empty, Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { BackToJob, WithJob } from './JobFrame';
import { SheetFacts } from './SheetFacts';

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
      <Page tag={job.tag} title="Identify the brake" foot={<BackToJob jobId={job.id} />}>
        <Note kind="caution">
          This job is signed off and sealed. Nothing in it changes any more.
        </Note>
      </Page>
    );
  if (picked) return <Confirm job={job} end={end} sheet={picked} onOther={() => setPicked(null)} />;

  const found = sheets.data.filter(({ body }) =>
    body.title.toLowerCase().includes(search.trim().toLowerCase()),
  );
  return (
    <Page
      tag={job.tag}
      over={`${end} brake`}
      title="Which brake?"
      foot={<BackToJob jobId={job.id} />}
    >
      <Section>
        <Field
          label="Find a spec sheet"
          value={search}
          onChangeText={setSearch}
          placeholder="maker, model or kind"
        />
      </Section>
      {found.map((sheet) => (
        <Row
          key={sheet.id}
          title={sheet.body.title}
          says={`${sheet.body.source} · ${words.actuation[sheet.body.brake.actuation]}, ${words.mount[sheet.body.brake.mount]}`}
          onPress={() => setPicked(sheet)}
        />
      ))}
      {found.length === 0 ? (
        <Empty
          title="No sheet of that name"
          says="Pick a generic one and enter the limit stamped on the rotor."
        />
      ) : null}
    </Page>
  );
}

function Confirm({
  job,
  end,
  sheet,
  onOther,
}: {
  job: Job;
  end: End;
  sheet: SheetRevision;
  onOther: () => void;
}) {
  const before = job.identified[end];
  const [stamp, setStamp] = useState(
    before?.stampedLimit ? String(before.stampedLimit.limitMm) : '',
  );
  const [atLimitIsWorn, setAtLimitIsWorn] = useState<boolean | null>(
    before?.stampedLimit?.atLimitIsWorn ?? null,
  );
  const { take, refused } = useTake<'identification'>(job);
  const stamped = readStamp(stamp);
  const stampedLimit =
    stamped.limitMm === null ? null : { limitMm: stamped.limitMm, atLimitIsWorn };
  const [again, setAgain] = useState('');
  const twice = stampedLimit !== null && askedTwice(stampedLimit, sheet.body.rotor.limit);
  const stampAgainMm = twice ? readStamp(again).limitMm : null;
  const stamps = stampedLimit ? [stampOf(stampedLimit, stampAgainMm)] : [];
  const limit = rotorLimit({ sheet: sheet.body, stamps });

  const confirm = () => {
    const sheetRevisionId = sheet.id;
    const fresh = { end, sheetRevisionId, stampedLimit, stampAgainMm };
    if (!take({ kind: 'identification', ...fresh }, { sheet })) return;
    // In the middle of a plan it is a new brake that was fitted: on with the step.
    router.navigate(
      (job.stepped.length > 0
        ? `/bench/${job.id}/step`
        : `/bench/${job.id}/${end}/rotor`) as '/bench',
    );
  };
  return (
    <Page
      tag={job.tag}
      over={`${end} brake`}
      title={sheet.body.title}
      foot={
        <>
          <Button says="This is the brake" onPress={confirm} disabled={stamped.fault !== null} />
          <Button kind="plain" says="Another sheet" onPress={onOther} />
        </>
      }
    >
      {refused ? <Note kind="refusal">{refused}</Note> : null}
      <Section>
        <Field
          label="Limit stamped on the rotor, mm"
          value={stamp}
          onChangeText={setStamp}
          inputMode="decimal"
          placeholder="none"
          error={stamped.fault ?? undefined}
          hint="Look on the spider: “MIN. TH”. Leave it empty when none is stamped."
        />
        {stampedLimit ? (
          <Choice
            label="How it is worded"
            options={[
              { value: true, says: 'replace at it or less' },
              { value: false, says: 'replace below it' },
              { value: null, says: 'does not say' },
            ]}
            chosen={[atLimitIsWorn]}
            onChoose={setAtLimitIsWorn}
          />
        ) : null}
        {twice ? (
          <Field
            label="The stamp once more, mm"
            value={again}
            onChangeText={setAgain}
            inputMode="decimal"
            error={readStamp(again).fault ?? undefined}
            hint="It is laxer than the sheet, or far from it. Look again and key it once more: until then the stricter counts."
          />
        ) : null}
      </Section>
      <Section label="In force">
        <Words kind="strong">{`Rotor limit ${limit.limitMm.toFixed(2)} mm, ${words.origin[limit.origin]}${limit.tag ? ` (${words.tag[limit.tag]})` : ''}`}</Words>
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
    return { limitMm: null, fault: words.inputError(error.code, error.numbers) };
  }
}
