import type { LookOver, Sitting, Subject } from './inspected';
import { hasEvidence, measurandRule } from '../measurand/measurands';
import { type Measurand, MEASURANDS } from '../measurand/measurand';
import type { SheetFacts, Standard } from './standard';
import { onOneLever } from '../kit/brakes';
import { onceAnEnd } from '../job/onceAnEnd';
import { hasMetal } from '../kit/compound';
import { isOrganicOnly, kitOf, type Fitting, type Kit } from '../kit/kit';
import type { Outlook } from '../forecast/forecast';
import {
  lapsedSince,
  lastAway,
  changesAt,
  type Change,
  areCuredBetween,
  type Lapse,
  type ChangedJob,
} from '../evidence/changes';
import { standingFindings, type SaidWrong, type StandingFinding } from '../evidence/findings';
import { AREA_LAPSES } from '../evidence/lapse';
import { heldSittings, lapsedBy, type Held } from '../evidence/readings';
import { isMendedBetween, standingTest, standTestedSince, type Trial } from '../evidence/trials';
import { compatibility, type AskedFluid } from '../fluid/compatibility';
import { fluidNamed, type Family } from '../fluid/families';
import { micrometres } from '../units/length';
import { limitInForce, shopRotorLimit, type ReadStamp } from '../wear/limitInForce';
import { PARTS, type End, type Part } from '../ends';
import { once } from '../once';
import type { ShopRules } from '../rules/shopRules';
import { ROTOR_DAMAGE, type RotorDamage } from '../wear/rotor';
import { worst, WORDS, type Settle, type Word } from '../wear/verdict';
import { modifiedSince, type ModifiedJob } from '../evidence/modified';
import { isAnotherBrake, metAt } from '../evidence/wet';
import { isSame, WET_PARTS, type Met } from '../fluid/met';
import { USUAL_BRAKE } from '../kit/traits';
import { areasOf, AREAS, cureOf, ruleOf, type Area, type Finding } from './findings';
import { judge, type Judgement, recommendedBy } from './judge';
import { isRidgeFelt } from './session';
import { WORKS, worksOn, type Work } from './work';

/** What a job holds that its inspection rests on. */
export interface InspectedJob extends ChangedJob, ModifiedJob {
  identified: Readonly<
    Record<
      End,
      {
        seq: number;
        sheet: {
          body: SheetFacts & { rotor: { organicOnly: boolean }; fluid: AskedFluid | null };
        };
      } | null
    >
  >;
  /** Every reading of a stamp when a brake was identified. */
  stamped: readonly { seq: number; end: End; stamp: ReadStamp }[];
  measured: readonly Sitting[];
  lookedOver: readonly LookOver[];
  /** Every fitting at this bike's ends, also of earlier visits, in order. */
  fittings: readonly (Fitting & { end: End })[];
  filled: readonly { seq: number; end: End; family: Family; fluid: string }[];
  decided: readonly (SaidWrong & { decision: string })[];
  /** What each end's brake had met when this visit began. */
  metBefore: Readonly<Record<End, Met>>;
  tested: readonly (Trial & { test: string; end: End | null })[];
  /** What the parts fitted now measured at earlier visits. */
  outlooks: Readonly<Record<End, Partial<Record<Part, Outlook>>>>;
  rules: ShopRules;
}

export interface InspectionItem {
  end: End;
  subject: Subject;
  word: Word;
  doNotRide: boolean;
  /** The sitting and the look-over that it rests on; a decision about the item counts for these and no later ones. */
  sittingId: string | null;
  lookOverId: string | null;
  judgement: Judgement | null;
  /** What was found and nothing has answered. */
  found: readonly Finding[];
  /** Of those, what a later look did not find: it was no answer. */
  lesserLooks: readonly Finding[];
  words: string;
  /** Sittings before that condemned, and what the later ones lack to answer them. */
  held: readonly Held[];
  /** What changed since it was proven: it proves nothing any more. */
  lapsed: Lapse | null;
  /** What is loose at the wheel: until it is put right, what was measured at it is not believed. */
  unbelieved: readonly Finding[];
  /** A used part that nobody has measured since it went on. */
  unmeasured: boolean;
  settle: readonly Settle[];
  work: Work[];
}

interface Inspection {
  /** Do-not-ride first, then the worst word, then in the order the trade looks. */
  items: InspectionItem[];
  /** What nobody looked at: neither a verdict nor a bar [D]. */
  notInspected: Subject[];
}

/** A later sitting at the same thing, once it has something to judge, or another part fitted since, takes a sitting's place. */
export function isSuperseded(
  sitting: Pick<Sitting, 'seq' | 'end' | 'part'>,
  job: Pick<InspectedJob, 'measured' | 'fittings' | 'id'>,
): boolean {
  const { end, part, seq } = sitting;
  return (
    seq <= individualSince(job, end, part) ||
    job.measured.some(
      (other) => other.end === end && other.part === part && other.seq > seq && hasEvidence(other),
    )
  );
}

/** The sitting that stands for a thing at an end: the last in which anything was found, if anybody measured it. */
export function standingSitting(
  job: Pick<InspectedJob, 'measured' | 'fittings' | 'id'>,
  end: End,
  measurand: Measurand,
): Sitting | null {
  return sittingsAt(job, end, measurand).at(-1) ?? null;
}

/** Everything measured of a thing as it is on now, in order. */
function sittingsAt(
  job: Pick<InspectedJob, 'measured' | 'fittings' | 'id'>,
  end: End,
  part: Measurand,
): Sitting[] {
  const since = individualSince(job, end, part);
  return job.measured.filter(
    (sitting) =>
      sitting.end === end && sitting.part === part && sitting.seq > since && hasEvidence(sitting),
  );
}

const isPart = (part: string): part is Part => (PARTS as readonly string[]).includes(part);

/** Where the rotor or the pads that are on came on at this visit, in the order of everything written; nought before that. */
function individualSince(
  { fittings, id }: Pick<InspectedJob, 'fittings' | 'id'>,
  end: End,
  part: string,
): number {
  if (!isPart(part)) return 0;
  const last = fittings
    .filter(
      (each) =>
        each.jobId === id && each.end === end && each.part === part && each.condition !== 'found',
    )
    .at(-1);
  return last?.seq ?? 0;
}

/** The last look over an area, unless a new part has come in its place. */
export function standingLookOver(job: InspectedJob, end: End, area: Area): LookOver | null {
  const since = individualSince(job, end, area);
  return (
    job.lookedOver
      .filter((look) => look.end === end && look.area === area && look.seq > since)
      .at(-1) ?? null
  );
}

/** What is fitted at one end of the job's bike. */
export const kitAt = onceAnEnd((job: Pick<InspectedJob, 'fittings' | 'id'>, end: End): Kit => {
  return kitOf(
    job.fittings.filter((fitting) => fitting.end === end),
    job.id,
  );
});

type JobStandard = Standard & { rules: ShopRules };

/** What one end is judged by; null while nobody has identified it. */
export const standardOf = onceAnEnd((job: InspectedJob, end: End): JobStandard | null => {
  const identified = job.identified[end];
  if (!identified) return null;
  const { rotor } = kitAt(job, end);
  const found = findingsAt(job, end, 'rotor').map(({ finding }) => finding);
  const base: JobStandard = {
    sheet: identified.sheet.body,
    stamps: stampsAt(job, end),
    fittedRotor: rotor,
    damage: ROTOR_DAMAGE.filter((damage: RotorDamage) => found.includes(damage)),
    ridgeFelt: isRidgeFeltAt(job, end),
    outlook: job.outlooks[end],
    rules: job.rules,
  };
  const runout = itemOfWobble(job, end, base);
  return sameStandard({ ...base, runout });
});

/** What its numbers alone are judged by, whatever damage was seen. */
const undamagedOf = onceAnEnd((job: InspectedJob, end: End): JobStandard | null => {
  const standard = standardOf(job, end);
  return standard && sameStandard({ ...standard, damage: [] });
});

/** Whether a ridge was felt on the rotor that is on. */
function isRidgeFeltAt(job: InspectedJob, end: End): boolean {
  const since = individualSince(job, end, 'rotor');
  return job.measured.some(
    (sitting) => sitting.end === end && sitting.seq > since && isRidgeFelt(sitting.looks),
  );
}

const standardsOf = once((_sheet: SheetFacts) =>
  once((_rules: ShopRules) => new Map<string, JobStandard>()),
);
/** So many standards by one sheet are told apart at a time: a job has one an end, and a few while it is worked on. */
const MOST_STANDARDS = 32;

/** The one standard that says this, so that what was judged by it need not be judged again. */
function sameStandard(standard: JobStandard): JobStandard {
  const { sheet, rules, ...rest } = standard;
  const known = standardsOf(sheet)(rules);
  const key = JSON.stringify(rest);
  const same = known.get(key) ?? standard;
  if (known.size >= MOST_STANDARDS && !known.has(key)) known.clear();
  known.set(key, same);
  return same;
}

type StampedJob = Pick<InspectedJob, 'id' | 'fittings' | 'stamped' | 'rules'>;

/** Every reading of the stamp of the rotor that is on, oldest first: by whichever entry, and whoever read it [D]. */
export function stampsAt(job: StampedJob, end: End): ReadStamp[] {
  const { rotor } = kitAt(job, end);
  const ofRotor = (rotor?.stamps ?? []).map(({ seq, limit, againMm }) => ({
    seq,
    stamp: readStamp(limit, againMm),
  }));
  const since = rotor && rotor.condition !== 'found' ? rotor.seq : -1;
  const read = job.stamped.filter((each) => each.end === end && each.seq > since);
  return [...ofRotor, ...read].sort((a, b) => a.seq - b.seq).map(({ stamp }) => stamp);
}

/** What is known of the stamp of the rotor that is on: as it is in force; null where nobody read one. */
export function stampAt(job: StampedJob, end: End): Fitting['stampedLimit'] {
  const stamps = stampsAt(job, end);
  if (stamps.length === 0) return null;
  const { limitMm, atLimitIsWorn } = limitInForce(stamps, null, shopRotorLimit(job.rules.figures));
  return { limitMm, atLimitIsWorn };
}

/** A stamp as it was read, once or twice. */
export function readStamp(
  stamp: { limitMm: number; atLimitIsWorn: boolean | null },
  againMm: number | null,
): ReadStamp {
  return {
    limit: { ...stamp, origin: 'stamped', tag: null },
    twice: againMm !== null && micrometres(againMm) === micrometres(stamp.limitMm),
  };
}

function itemOfWobble(job: InspectedJob, end: End, base: JobStandard): Standard['runout'] {
  const sitting = standingSitting(job, end, 'runout');
  const judged = sitting && judgementsBy(sameStandard(base))(sitting);
  if (!judged?.ok || judged.measurand !== 'runout') return null;
  const { tirMm, doubtMm, word } = judged.verdict;
  const lapsed = lapsedNow(job, end, sitting!);
  return { tirMm, doubtMm, proven: word !== 'unproven' && lapsed === null };
}

/** How the brake at an end is pulled; one nobody identified counts as the usual one. */
const actuationAt = (job: Pick<InspectedJob, 'identified'>, end: End) =>
  job.identified[end]?.sheet.body.brake.actuation ?? USUAL_BRAKE.actuation;

/** What was said of an area to have been seen wrong. */
const saidWrongAt = ({ decided }: InspectedJob, end: End, area: Area) =>
  decided.filter(
    (said) => said.decision === 'seen-wrong' && said.end === end && said.subject === area,
  );

/** What was found at an end in one area and nothing has answered. */
export function findingsAt(job: InspectedJob, end: End, area: Area): StandingFinding[] {
  const kit = kitAt(job, end);
  const standing = standingFindings({
    end,
    area,
    actuation: actuationAt(job, end),
    looks: job.lookedOver,
    changes: changesAt(job, end),
    individual: isPart(area) && isOnSince(kit[area], job) ? kit[area] : null,
    saidWrong: saidWrongAt(job, end, area),
  });
  if (area === 'fluid') return [...standing, ...wrongFluid(job, end, standing)];
  if (area === 'pads') return [...standing, ...wrongCompound(job, end, standing)];
  if (area === 'mount') return [...standing, ...modified(job, end, standing)];
  return area === 'lever' ? [...standing, ...feltWrong(job, end, standing)] : standing;
}

/** A mount that was modified, whoever measures it again; a lead may say that it was seen wrong. */
function modified(
  job: InspectedJob,
  end: End,
  standing: readonly StandingFinding[],
): StandingFinding[] {
  const since = modifiedSince(job, end);
  const saidWrong = job.decided.some(
    (said) =>
      said.decision === 'seen-wrong' &&
      said.byLead &&
      said.subject === 'mount' &&
      said.end === end &&
      said.seq > (since ?? 0),
  );
  return since === null || saidWrong || standing.some(({ finding }) => finding === 'mount-modified')
    ? []
    : [{ finding: 'mount-modified', seq: since, lookOverId: null, lesserLook: null }];
}

/** A part that came on at this visit, or brings a past along from an earlier one. */
const isOnSince = (part: Fitting | null, job: Pick<InspectedJob, 'id'>) =>
  part !== null && (part.jobId === job.id ? part.condition !== 'found' : true);

/**
 * Fluid in the brake that the sheet it is now judged by does not take: found by nobody, and wrong all the same [D]. What went in at
 * an earlier visit counts, as long as no seal that met it was renewed.
 */
function wrongFluid(
  job: InspectedJob,
  end: End,
  standing: readonly StandingFinding[],
): StandingFinding[] {
  const identified = job.identified[end];
  const asked = identified?.sheet.body.fluid;
  if (!identified || !asked) return [];
  const before = job.metBefore[end];
  const together = onOneLever(job.bike, end);
  const holdsNow = metAt(before, job, end).hose;
  const inside = [
    ...WET_PARTS.flatMap((part) => before[part]).map((fluid) => ({ seq: 0, fluid })),
    ...job.filled.flatMap(({ seq, end: at, family, fluid }) =>
      together.includes(at) ? [{ seq, fluid: fluidNamed(family, fluid) }] : [],
    ),
  ];
  const found = inside.flatMap(({ seq, fluid }): StandingFinding[] => {
    const answer = compatibility(asked, fluid);
    if (answer.ok) return [];
    // A poorer grade harms nothing: it is gone once a better one went through.
    const flushed = answer.code === 'poorer-grade' && !holdsNow.some((now) => isSame(now, fluid));
    if (flushed) return [];
    const finding = answer.code === 'wrong-family' ? 'fluid-wrong' : 'fluid-unknown';
    const since = Math.max(seq, identified.seq);
    const cured = job.lookedOver.some(
      (look) =>
        look.end === end &&
        look.area === 'fluid' &&
        !look.found.includes(finding) &&
        areCuredBetween(
          changesAt(job, end),
          [since, look.seq],
          cureOf(finding, actuationAt(job, end)),
        ),
    );
    const anotherBrake = seq === 0 && isAnotherBrake(job, end, identified.seq);
    return cured || anotherBrake || standing.some((each) => each.finding === finding)
      ? []
      : [{ finding, seq: since, lookOverId: null, lesserLook: null }];
  });
  return found.slice(0, 1);
}

/**
 * Pads with metal on a rotor for organic ones, whichever of the two came first: other pads or another rotor answer it [M]; or, where the
 * letter was read once more and has no metal, words why it was seen wrong [D].
 */
function wrongCompound(
  job: InspectedJob,
  end: End,
  standing: readonly StandingFinding[],
): StandingFinding[] {
  const kit = kitAt(job, end);
  const { pads } = kit;
  const seq = pads?.withMetal ?? null;
  const sheetSays = job.identified[end]?.sheet.body.rotor.organicOnly ?? false;
  if (!pads || seq === null || !isOrganicOnly(kit, sheetSays)) return [];
  const readAnew =
    !hasMetal(pads.compound) && saidWrongAt(job, end, 'pads').some((said) => said.seq > seq);
  return readAnew || standing.some(({ finding }) => finding === 'pads-with-metal')
    ? []
    : [{ finding: 'pads-with-metal', seq, lookOverId: null, lesserLook: null }];
}

/**
 * A lever that failed its test by hand gives. The same test good after work that can mend it answers it, and so does the
 * number of the whole one after such work [D].
 */
function feltWrong(
  job: InspectedJob,
  end: End,
  standing: readonly StandingFinding[],
): StandingFinding[] {
  const felt = standingTest(job, 'lever-feel', end);
  if (felt?.outcome !== 'failed' || standing.some(({ finding }) => finding === 'lever-gives'))
    return [];
  const sitting = standingSitting(job, end, 'lever');
  const judgement = sitting && judgeSitting(job, sitting);
  const proven =
    sitting !== null &&
    judgement?.ok === true &&
    (judgement.verdict.word === 'holds' || judgement.verdict.word === 'watch') &&
    isMendedBetween(job, [end], 'lever-feel', [felt.seq, sitting.seq]);
  return proven
    ? []
    : [{ finding: 'lever-gives', seq: felt.seq, lookOverId: null, lesserLook: null }];
}

/** What changed since a sitting at an end; a stand test after it answers for wobble and gaps, but not of a bike that was away [D]. */
function lapsedNow(job: InspectedJob, end: End, sitting: Sitting): Lapse | null {
  const change = lapsedBy(sitting, changesAt(job, end));
  if (!change) return null;
  const turnsFree = measurandRule(sitting.part).answeredByStandTest && lastAway(job) < sitting.seq;
  return turnsFree && standTestedSince(job, end, change.seq) ? null : change;
}

/** What core makes of a sitting; null while there is nothing to judge, or nothing to judge it by. */
export function judgeSitting(job: InspectedJob, sitting: Sitting): Judgement | null {
  const standard = standardOf(job, sitting.end);
  return standard && hasEvidence(sitting) ? judgementsBy(standard)(sitting) : null;
}

/** The judgement on a sitting by a standard. */
const judgementsBy = once((standard: Standard) =>
  once((sitting: Sitting) => judge(sitting.part, sitting, standard)),
);

/** How much what was found of a thing matters: the more the graver; least where there is no word about it. */
export const rankOf = (item: Pick<InspectionItem, 'doNotRide' | 'word'> | null): number =>
  item === null ? -1 : (item.doNotRide ? WORDS.length : 0) + WORDS.indexOf(item.word);

/** Everything found at one end, ranked by what matters, and what nobody looked at. */
export const inspectEnd = onceAnEnd((job: InspectedJob, end: End): Inspection => {
  const actuation = job.identified[end]?.sheet.body.brake.actuation ?? null;
  const subjects = subjectsOf(actuation);
  const items = subjects.flatMap((subject) => itemOf(job, end, subject) ?? []);
  return {
    items: items.sort((a, b) => rankOf(b) - rankOf(a)),
    notInspected: subjects.filter((subject) => !items.some((item) => item.subject === subject)),
  };
});

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

/**
 * That a part was written down as off, and of what is on since nothing was written or measured: what its readings proved is in the scrap,
 * or with its customer. Neither a bolt tightened since nor something found on it says how thick that is [D].
 */
function cameOff(job: InspectedJob, end: End, part: Part): Lapse | null {
  const off = job.takenOff.findLast((each) => each.end === end && each.part === part);
  if (!off) return null;
  return knownSince(job, end, part) > off.seq
    ? null
    : { seq: off.seq, touch: part, by: { code: 'taken-off', part } };
}

/** Why nobody knows whether what was proven of a part is of the one that is on; the latest, or null. */
function notKnown(job: InspectedJob, end: End, part: Part): Lapse | null {
  const off = cameOff(job, end, part);
  const said = saidAnother(job, end, part);
  return off && said ? (off.seq > said.seq ? off : said) : (off ?? said);
}

/** Where the part that is on was fitted or measured last. */
const knownSince = (job: InspectedJob, end: End, part: Part): number =>
  Math.max(individualSince(job, end, part), standingSitting(job, end, part)?.seq ?? 0);

/** That another part was said to be on, and the one that is was not measured since: of which of the two anything was read is not known [D]. */
function saidAnother(job: InspectedJob, end: End, part: Part): Lapse | null {
  const slip = job.neverFitted.findLast((each) => each.end === end && each.part === part);
  return slip && knownSince(job, end, part) < slip.takenBack
    ? { seq: slip.takenBack, touch: part, by: { code: 'fitted', part }, takenBack: true }
    : null;
}

/** What a reading called for on a part that another has taken the place of since: the old one would have needed it. */
const isOfAnother = (changes: readonly Change[], { seq }: Sitting, work: Work): boolean =>
  changes.some(
    (change) => change.seq > seq && change.by.code === 'fitted' && change.cures.includes(work),
  );

/** Measured with the wheel turning: a loose axle, hub or spoke is ruled out first [P]. */
const AT_THE_WHEEL: readonly Measurand[] = ['runout', 'clearance'];

function itemOf(job: InspectedJob, end: End, subject: Subject): InspectionItem | null {
  const part = (MEASURANDS as readonly string[]).includes(subject) ? (subject as Measurand) : null;
  const area = (AREAS as readonly string[]).includes(subject) ? (subject as Area) : null;
  const changes = changesAt(job, end);
  const sitting = part && standingSitting(job, end, part);
  const judgement = sitting && judgeSitting(job, sitting);
  const standard = part && undamagedOf(job, end);
  const saidWrong = job.decided.filter(
    (said) => said.decision === 'seen-wrong' && said.end === end && said.subject === subject,
  );
  const held =
    part && standard
      ? heldSittings({
          part,
          sittings: sittingsAt(job, end, part),
          changes,
          saidWrong,
          judged: judgementsBy(standard),
          standard,
        })
      : [];
  const look = area && standingLookOver(job, end, area);
  const standing = area ? findingsAt(job, end, area) : [];
  const found = standing.map(({ finding }) => finding);
  const kit = kitAt(job, end);
  const fitted = part && isPart(part) ? kit[part] : null;
  const unmeasured =
    fitted !== null && fitted.condition === 'used' && fitted.jobId === job.id && judgement === null;
  const lapsedLook =
    look && area && !part ? lapsedSince(changes, look.seq, AREA_LAPSES[area]) : null;
  const lapsed =
    (part && isPart(part) ? notKnown(job, end, part) : null) ??
    (judgement && sitting ? lapsedNow(job, end, sitting) : null) ??
    lapsedLook;
  const unbelieved =
    judgement && part && AT_THE_WHEEL.includes(part)
      ? findingsAt(job, end, 'wheel').map(({ finding }) => finding)
      : [];
  // Looking alone passes no part that has a thickness: with nothing found there is no word about it.
  const seen = found.length > 0 || (look !== null && part === null);
  if (!judgement && !seen && !unmeasured && !lapsed && held.length === 0) return null;

  const words: Word[] = [
    ...(judgement ? [judgement.ok ? judgement.verdict.word : 'unproven'] : []),
    ...found.map((finding) => ruleOf(finding).word),
    ...(held.length > 0 ? ['replace'] : []),
    ...(lapsed || unmeasured || unbelieved.length > 0 ? ['unproven'] : []),
  ] as Word[];
  const word = worst(words) ?? 'holds';
  const actuation = actuationAt(job, end);
  const work = [
    ...found.flatMap((finding) => cureOf(finding, actuation)),
    ...worksOn(recommendedBy(judgement), actuation).filter(
      (work) => !(sitting && isOfAnother(changes, sitting, work)),
    ),
  ];
  return {
    end,
    subject,
    word,
    doNotRide:
      found.some((finding) => ruleOf(finding).doNotRide) ||
      held.some(({ doNotRide }) => doNotRide) ||
      (judgement?.ok === true && judgement.verdict.doNotRide === true),
    sittingId: sitting?.id ?? null,
    lookOverId: look?.id ?? null,
    judgement,
    found,
    lesserLooks: standing.flatMap(({ finding, lesserLook }) => (lesserLook ? [finding] : [])),
    words: look?.words ?? '',
    held,
    lapsed,
    unbelieved,
    unmeasured,
    settle: word === 'unproven' && judgement?.ok ? judgement.verdict.settle : [],
    work: WORKS.filter((each) => work.includes(each)),
  };
}
