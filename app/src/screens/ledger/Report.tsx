import { readSealed, type RecordRead } from '@hold-fast/contract/recordRead';
import { ENDS } from '@hold-fast/core/ends';
import { router } from 'expo-router';
import { useMemo, type ReactNode } from 'react';
import { useBike, useRecord } from '../../data/queries';
import { Button, Buttons } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { calendarDay, exactDay } from '../../words/days';
import { dueWords } from '../../words/due';
import { planWords } from '../../words/planWords';
import { reportWords } from '../../words/report';
import { words } from '../../words/words';
import { NoSuchPage } from '../NoSuchPage';

/** What a customer is given of a signed visit, made of its record alone and of what is due: to be read, and to be printed. */
export function Report({ recordId }: { recordId: string }) {
  const query = useRecord(recordId);
  const bike = useBike(query.data?.bikeId ?? '');
  const canonical = query.data?.canonical;
  const held = useMemo(() => (canonical ? readSealed(canonical) : null), [canonical]);
  if (query.error && !query.data)
    return <Failed error={query.error} onRetry={() => void query.refetch()} />;
  if (!query.data) return <Loading />;
  // An amendment is no visit: its report is that of what it amends.
  if (!held || !('record' in held)) return <NoSuchPage back={reportWords.back} to="/ledger" />;
  const { number, seal, sealedBy, sealedAt, beside } = query.data;
  const dues = (bike.data?.dues ?? []).filter(({ jobId }) => jobId === query.data.jobId);
  return (
    <Page
      over={reportWords.title}
      title={query.data.bikeName}
      foot={
        <Buttons>
          <Button
            kind="plain"
            says={reportWords.back}
            onPress={() => router.navigate(`/ledger/${recordId}`)}
          />
          <Button grow says={reportWords.print} onPress={() => window.print()} />
        </Buttons>
      }
    >
      <Section>
        <Words kind="strong">{query.data.customerName}</Words>
        <Words ink="soft">{reportWords.by(sealedBy, exactDay(sealedAt))}</Words>
        {beside.map(({ id, words: said }) => (
          <Note key={id} kind="caution" title={said ?? ''} />
        ))}
      </Section>
      <Asked record={held.record} />
      <Stands record={held.record} takenBack={beside.flatMap(({ takesBack }) => takesBack)} />
      <Did record={held.record} />
      <Lines
        label={reportWords.coming}
        empty={reportWords.nothingComing}
        lines={dues.map(({ of, end, on }) =>
          reportWords.comes(`${capital(dueWords.of[of])}, ${words.end[end]}`, calendarDay(on)),
        )}
      />
      <Lines label={reportWords.mind} lines={reportWords.cautions} />
      <Section>
        <Words kind="small" selectable>
          {reportWords.seal(number, seal)}
        </Words>
      </Section>
    </Page>
  );
}

interface Of {
  record: RecordRead;
}

const named = (names: Readonly<Partial<Record<string, string>>>, code: string) =>
  names[code] ?? code;

function Asked({ record: { complaint, symptoms, notRepaired } }: Of) {
  return (
    <Section label={reportWords.youAsked}>
      {complaint ? <Words>{complaint}</Words> : null}
      {symptoms.length > 0 ? (
        <Words>
          {capital(words.format.list(symptoms.map((each) => named(words.symptom, each))))}
        </Words>
      ) : null}
      {notRepaired ? <Note kind="refusal" title={reportWords.left(notRepaired.words)} /> : null}
    </Section>
  );
}

/** How each thing stands, end by end, and what nobody looked at: it is neither good nor bad. */
function Stands({
  record: { inspection, notInspected },
  takenBack,
}: Of & { takenBack: readonly { end: string; subject: string }[] }) {
  const isTakenBack = (end: string, subject: string) =>
    takenBack.some((each) => each.end === end && each.subject === subject);
  return (
    <Section label={reportWords.howItStands}>
      {inspection.length === 0 ? <Words>{reportWords.nothingLookedAt}</Words> : null}
      {takenBack.length > 0 || inspection.some(({ doNotRide }) => doNotRide) ? (
        <Note kind="refusal" title={reportWords.doNotRide} />
      ) : null}
      {inspection.map(({ end, subject, word, found }) => (
        <Words key={`${end} ${subject}`}>
          {`${capital(words.end[end])}, ${named(words.riderSubject, subject)}: ${isTakenBack(end, subject) ? reportWords.takenBack : reportWords.means[word]}${
            found.length > 0
              ? ` (${words.format.list(found.map((each) => named(words.finding, each)))})`
              : ''
          }.`}
        </Words>
      ))}
      {ENDS.map((end) => {
        const missed = notInspected.filter((each) => each.end === end);
        return missed.length === 0 ? null : (
          <Words key={end} ink="soft">
            {`${capital(words.end[end])}: ${reportWords.notLookedAt(
              words.format.list(missed.map(({ subject }) => named(words.riderSubject, subject))),
            )}`}
          </Words>
        );
      })}
    </Section>
  );
}

function Did({ record }: Of) {
  const { tightened, filled, fittings, repaired, stepped, decided, id } = record;
  const fitted = fittings.filter(({ jobId, condition }) => jobId === id && condition !== 'found');
  const steps = planWords.step as Partial<Record<string, { does: string }>>;
  const at = (end: 'front' | 'rear' | null, what: string) =>
    end ? `${capital(words.end[end])}: ${what}` : what;
  return (
    <>
      <Lines
        label={reportWords.whatWeDid}
        empty={reportWords.nothingDone}
        lines={[
          ...fitted.map(({ end, part, description, condition }) =>
            at(
              end,
              [`${named(words.part, part)} ${named(words.fittedAs, condition)}`, description]
                .filter(Boolean)
                .join(', '),
            ),
          ),
          ...repaired.map(({ end, work }) => at(end, named(words.work, work))),
          ...stepped
            .filter(({ outcome }) => outcome === 'done')
            .map(({ end, step }) => at(end, words.inSentence(steps[step]?.does ?? step))),
        ]}
      />
      <Lines
        label={reportWords.bolts}
        lines={tightened.map(({ end, fastener, setNm }) =>
          at(end, `${named(words.fastener, fastener)}, ${words.format.torque(setNm)}`),
        )}
      />
      <Lines
        label={reportWords.fluid}
        lines={filled.map(({ end, fluid, lot }) =>
          at(end, [fluid, lot].filter(Boolean).join(', ')),
        )}
      />
      <Lines
        label={reportWords.declined}
        lines={decided
          .filter(({ decision, stands }) => decision === 'customer-refused' && stands)
          .map(({ end, subject, words: said }) =>
            reportWords.declinedSays(at(end, named(words.riderSubject, subject)), said),
          )}
      />
    </>
  );
}

/** Lines under one label; nothing at all where there is none and nothing is said of that. */
function Lines({
  label,
  lines,
  empty,
}: {
  label: string;
  lines: readonly string[];
  empty?: string;
}): ReactNode {
  if (lines.length === 0 && !empty) return null;
  return (
    <Section label={label}>
      {lines.length === 0 ? <Words ink="soft">{empty}</Words> : null}
      {lines.map((line, i) => (
        <Words key={i}>{line}</Words>
      ))}
    </Section>
  );
}
