import { kitOf, type Fitting, type Kit } from '../kit/kit';
import type { Outlook } from '../forecast/forecast';
import type { End, Part } from '../ends';
import type { ShopRules } from '../rules/shopRules';
import { ROTOR_DAMAGE, type RotorDamage } from '../wear/rotor';
import { worst, WORDS, type Settle, type Word } from '../wear/verdict';
import { areasOf, AREAS, ruleOf, type Area, type Finding } from './findings';
import { judge, type Judgement, type SheetFacts, type Standard } from './judge';
import { MEASURANDS, VOIDED_BY, type Measurand } from './measurand';
import { recommendedBy } from './recommended';
import { hasEvidence, type MeasuringSession } from './session';
import { WORKS, type Work } from './work';

/** A sitting as recorded on a job. */
export interface Sitting extends MeasuringSession {
  id: string;
  /** Its place in the order in which the shop took all entries. */
  seq: number;
  end: End;
  part: Measurand;
}

/** One area looked over: what was found, or nothing. The last look at an area counts. */
export interface LookOver {
  id: string;
  seq: number;
  end: End;
  area: Area;
  found: readonly Finding[];
  words: string;
}

/** What a job holds that its inspection rests on. */
export interface InspectedJob {
  id: string;
  identified: Readonly<
    Record<End, { sheet: { body: SheetFacts }; stampedLimit: Standard['stampedLimit'] } | null>
  >;
  measured: readonly Sitting[];
  lookedOver: readonly LookOver[];
  /** Every fitting at this bike's ends, also of earlier visits, in order. */
  fittings: readonly (Fitting & { end: End })[];
  /** What the parts fitted now measured at earlier visits. */
  outlooks: Readonly<Record<End, Partial<Record<Part, Outlook>>>>;
  rules: ShopRules;
}

/** What an end's items are about. A rotor or pads looked over count with what was measured of them. */
export type Subject = Measurand | Exclude<Area, 'rotor' | 'pads' | 'lever'>;

export interface InspectionItem {
  end: End;
  subject: Subject;
  word: Word;
  doNotRide: boolean;
  /** The sitting and the look-over that it rests on; a decision about the item counts for these and no later ones. */
  sittingId: string | null;
  lookOverId: string | null;
  judgement: Judgement | null;
  found: readonly Finding[];
  words: string;
  settle: Settle[];
  work: Work[];
}

export interface Inspection {
  /** Do-not-ride first, then the worst word, then in the order the trade looks. */
  items: InspectionItem[];
  /** What nobody looked at: neither a verdict nor a bar [D]. */
  notInspected: Subject[];
}

/** A later sitting at the same thing, once it has something to judge, or a new part fitted since, takes a sitting's place. */
export function isSuperseded(
  sitting: Pick<Sitting, 'seq' | 'end' | 'part'>,
  { measured, fittings, id }: Pick<InspectedJob, 'measured' | 'fittings' | 'id'>,
): boolean {
  return (
    measured.some(
      (other) =>
        other.end === sitting.end &&
        other.part === sitting.part &&
        other.seq > sitting.seq &&
        hasEvidence(other),
    ) ||
    fittings.some(
      (fitting) =>
        fitting.jobId === id &&
        fitting.condition !== 'found' &&
        fitting.end === sitting.end &&
        fitting.seq > sitting.seq &&
        VOIDED_BY[fitting.part].includes(sitting.part),
    )
  );
}

/** The sitting that stands for a thing at an end: the last in which anything was found, if anybody measured it. */
export function standingSitting(job: InspectedJob, end: End, measurand: Measurand): Sitting | null {
  return (
    job.measured
      .filter(
        (sitting) =>
          sitting.end === end &&
          sitting.part === measurand &&
          hasEvidence(sitting) &&
          !isSuperseded(sitting, job),
      )
      .at(-1) ?? null
  );
}

/** The look-over that stands for an area, unless a new part has come in its place. */
export function standingLookOver(job: InspectedJob, end: End, area: Area): LookOver | null {
  const last = job.lookedOver.filter((look) => look.end === end && look.area === area).at(-1);
  if (!last) return null;
  const renewed = job.fittings.some(
    ({ part, end: at, seq, jobId, condition }) =>
      part === area && at === end && seq > last.seq && jobId === job.id && condition !== 'found',
  );
  return renewed ? null : last;
}

/** What is fitted at one end of the job's bike. */
export function kitAt(job: InspectedJob, end: End): Kit {
  return kitOf(
    job.fittings.filter((fitting) => fitting.end === end),
    job.id,
  );
}

/** What one end is judged by; null while nobody has identified it. */
export function standardOf(job: InspectedJob, end: End): Standard | null {
  const identified = job.identified[end];
  if (!identified) return null;
  const { rotor } = kitAt(job, end);
  const look = standingLookOver(job, end, 'rotor');
  const seen = look?.found ?? [];
  const runout = standingSitting(job, end, 'runout');
  const base: Standard = {
    sheet: identified.sheet.body,
    stampedLimit: identified.stampedLimit,
    fittedRotor: rotor,
    damage: ROTOR_DAMAGE.filter((damage: RotorDamage) => seen.includes(damage)),
    rivetsUnchecked: rotor?.cameOffFor === 'loose-rivets' && look === null,
    outlook: job.outlooks[end],
    rules: job.rules,
  };
  const judged = runout && judge('runout', runout, base);
  return {
    ...base,
    tirMm: judged?.ok && judged.part === 'runout' ? judged.runout.tirMm : null,
  };
}

/** What core makes of a sitting; null while there is nothing to judge, or nothing to judge it by. */
export function judgeSitting(job: InspectedJob, sitting: Sitting): Judgement | null {
  const standard = standardOf(job, sitting.end);
  return standard && hasEvidence(sitting) ? judge(sitting.part, sitting, standard) : null;
}

/** Everything found at one end, ranked by what matters, and what nobody looked at. */
export function inspectEnd(job: InspectedJob, end: End): Inspection {
  const actuation = job.identified[end]?.sheet.body.brake.actuation ?? null;
  const subjects = subjectsOf(actuation);
  const items = subjects.flatMap((subject) => itemOf(job, end, subject) ?? []);
  const rank = ({ doNotRide, word }: InspectionItem) =>
    (doNotRide ? WORDS.length : 0) + WORDS.indexOf(word);
  return {
    items: items.sort((a, b) => rank(b) - rank(a)),
    notInspected: subjects.filter((subject) => !items.some((item) => item.subject === subject)),
  };
}

const BY_AREA: readonly Area[] = ['rotor', 'pads', 'lever'];

function subjectsOf(actuation: SheetFacts['brake']['actuation'] | null): Subject[] {
  const areas = actuation ? areasOf(actuation) : AREAS;
  return [
    ...MEASURANDS,
    ...areas.filter(
      (area): area is Exclude<Area, 'rotor' | 'pads' | 'lever'> => !BY_AREA.includes(area),
    ),
  ];
}

function itemOf(job: InspectedJob, end: End, subject: Subject): InspectionItem | null {
  const isMeasured = (MEASURANDS as readonly string[]).includes(subject);
  const isArea = (AREAS as readonly string[]).includes(subject);
  const sitting = isMeasured ? standingSitting(job, end, subject as Measurand) : null;
  const look = isArea ? standingLookOver(job, end, subject as Area) : null;
  const judgement = sitting && judgeSitting(job, sitting);
  // Looking alone passes no part that has a thickness: with nothing found there is no word about it.
  const seen = look && (look.found.length > 0 || !isMeasured) ? look : null;
  if (!judgement && !seen) return null;

  const found = look?.found ?? [];
  const words: Word[] = [
    ...(judgement ? [judgement.ok ? judgement.word : 'unproven'] : []),
    ...found.map((finding) => ruleOf(finding).word),
  ] as Word[];
  const word = worst(words) ?? 'holds';
  const work = [...found.map((finding) => ruleOf(finding).work), ...recommendedBy(judgement)];
  return {
    end,
    subject,
    word,
    doNotRide:
      found.some((finding) => ruleOf(finding).doNotRide) ||
      (judgement?.ok === true && judgement.part === 'lever' && judgement.lever.doNotRide),
    sittingId: sitting?.id ?? null,
    lookOverId: look?.id ?? null,
    judgement,
    found,
    words: look?.words ?? '',
    settle: word === 'unproven' ? settleOf(judgement) : [],
    work: WORKS.filter((each) => work.includes(each)),
  };
}

function settleOf(judgement: Judgement | null): Settle[] {
  if (!judgement?.ok) return [];
  switch (judgement.part) {
    case 'rotor':
      return judgement.rotor.settle;
    case 'pads':
      return judgement.pads.schools.find(({ school }) => school === judgement.pads.decidedBy)!
        .settle;
    case 'runout':
      return judgement.runout.settle;
    case 'clearance':
      return judgement.clearance.settle;
    case 'lever':
      return judgement.lever.settle;
    case 'mount-face':
      return judgement.face.settle;
  }
}
