import { wearOf, type Report, type ShownRecord, type Wear } from '@hold-fast/contract/report';
import { ENDS, type End } from '@hold-fast/core/ends';
import { standingSteps } from '@hold-fast/core/evidence/stepped';
import { capital } from '../../words/capital';
import { calendarDay } from '../../words/days';
import { dueWords } from '../../words/due';
import { planWords } from '../../words/planWords';
import { reportWords } from '../../words/report';
import { words } from '../../words/words';
import { endSays } from '../bikes/thirdBrake';

/** A part of a report: what it is about, what must not be missed of it, lines, and worn thicknesses to be drawn. */
export interface ReportSection {
  label: string;
  warning: string | null;
  lines: string[];
  wears: { says: string; wear: Wear }[];
}

const named = (names: Readonly<Partial<Record<string, string>>>, code: string) =>
  names[code] ?? code;
/** What is said of an end, or of the whole bike. */
type At = (end: End | null, what: string) => string;
const section = (label: string, lines: string[], more: Partial<ReportSection> = {}) => ({
  label,
  lines,
  warning: null,
  wears: [],
  ...more,
});

/** What a customer is told of a visit, part by part: the page and the paper are both made of it. Empty parts are left out. */
export function sectionsOf({ third, record, amendments, dues }: Report): ReportSection[] {
  const at: At = (end, what) => (end ? `${capital(endSays(third, end))}: ${what}` : what);
  const takenBack = amendments.flatMap(({ takesBack }) => takesBack);
  return [
    asked(record),
    stands(at, record, takenBack),
    measured(at, record),
    did(at, record),
    section(
      reportWords.bolts,
      record.tightened.map(({ end, fastener, setNm }) =>
        at(end, `${named(words.fastener, fastener)}, ${words.format.torque(setNm)}`),
      ),
    ),
    section(
      reportWords.fluid,
      record.filled.map(({ end, fluid, lot }) => at(end, [fluid, lot].filter(Boolean).join(', '))),
    ),
    section(
      reportWords.declined,
      record.decided
        .filter(({ decision, stands: holds }) => decision === 'customer-refused' && holds)
        .map(({ end, subject, words: said }) =>
          reportWords.declinedSays(at(end, named(words.riderSubject, subject)), said),
        ),
    ),
    section(
      reportWords.coming,
      dues.length > 0
        ? dues.map(({ of, end, on }) =>
            reportWords.comes(
              `${capital(dueWords.of[of])}, ${endSays(third, end)}`,
              calendarDay(on),
            ),
          )
        : [reportWords.nothingComing],
    ),
    section(reportWords.mind, [...reportWords.cautions]),
  ].filter(({ lines, warning, wears }) => lines.length > 0 || warning !== null || wears.length > 0);
}

const asked = ({ complaint, symptoms, notRepaired }: ShownRecord) =>
  section(
    reportWords.youAsked,
    [
      complaint,
      capital(words.format.list(symptoms.map((each) => named(words.symptom, each)))),
    ].filter(Boolean),
    { warning: notRepaired && reportWords.left(notRepaired.words) },
  );

/** How each thing stands, end by end, and what nobody looked at: it is neither good nor bad. */
function stands(
  at: At,
  { inspection, notInspected }: ShownRecord,
  takenBack: readonly { end: End; subject: string }[],
) {
  const isTakenBack = (end: End, subject: string) =>
    takenBack.some((each) => each.end === end && each.subject === subject);
  const unseen = ENDS.flatMap((end) => {
    const missed = notInspected.filter((each) => each.end === end);
    const names = missed.map(({ subject }) => named(words.riderSubject, subject));
    return names.length === 0 ? [] : [at(end, reportWords.notLookedAt(words.format.list(names)))];
  });
  return section(
    reportWords.howItStands,
    [
      ...(inspection.length === 0 ? [reportWords.nothingLookedAt] : []),
      ...inspection.map(({ end, subject, word, found }) => {
        const means = isTakenBack(end, subject) ? reportWords.takenBack : reportWords.means[word];
        const seen = words.format.list(found.map((each) => named(words.finding, each)));
        return at(end, `${named(words.riderSubject, subject)}: ${means}${seen && ` (${seen})`}.`);
      }),
      ...unseen,
    ],
    {
      warning:
        takenBack.length > 0 || inspection.some(({ doNotRide }) => doNotRide)
          ? reportWords.doNotRide
          : null,
    },
  );
}

const measured = (at: At, record: ShownRecord) =>
  section(reportWords.measured, [], {
    wears: record.measured
      .filter(({ superseded }) => !superseded)
      .flatMap((sitting) => {
        const wear = wearOf(sitting);
        if (!wear) return [];
        const says = reportWords.wears(
          at(sitting.end, named(words.riderSubject, sitting.part)),
          words.format.mm(wear.leastMm),
          words.format.mm(wear.limitMm),
        );
        return [{ says, wear }];
      }),
  });

function did(at: At, { id, fittings, repaired, stepped }: ShownRecord) {
  const stood = standingSteps({ stepped }).filter(({ outcome }) => outcome === 'done');
  const steps = planWords.step as Partial<Record<string, { does: string }>>;
  const lines = [
    ...fittings
      .filter(({ jobId, condition }) => jobId === id && condition !== 'found')
      .map(({ end, part, description, condition }) =>
        at(
          end,
          [`${named(words.part, part)} ${named(words.fittedAs, condition)}`, description]
            .filter(Boolean)
            .join(', '),
        ),
      ),
    ...repaired.map(({ end, work }) => at(end, named(words.work, work))),
    ...stood.map(({ end, step }) => at(end, words.inSentence(steps[step]?.does ?? step))),
  ];
  return section(reportWords.whatWeDid, lines.length > 0 ? lines : [reportWords.nothingDone]);
}
