import type { Measurand } from '@hold-fast/core/measurand/measurand';
import type { VerdictOf } from '@hold-fast/core/measurand/measurands';
import { recommendedBy, type Judged, type Judgement } from '@hold-fast/core/inspection/judge';
import { capital } from '../../../words/capital';
import type { ClearanceVerdict, Gaps } from '@hold-fast/core/clearance/corners';
import type { FaceVerdict } from '@hold-fast/core/face/mountFace';
import { decimalsOf, type Gauge } from '@hold-fast/core/gauge/gauge';
import type { InspectionItem } from '@hold-fast/core/inspection/inspectEnd';
import type { LeverVerdict } from '@hold-fast/core/lever/lever';
import { figure, type Figures } from '@hold-fast/core/rules/figures';
import type { ShopRules } from '@hold-fast/core/rules/shopRules';
import type { RunoutVerdict } from '@hold-fast/core/runout/runout';
import type { PadVerdict, SchoolVerdict } from '@hold-fast/core/wear/pads';
import type { RotorVerdict } from '@hold-fast/core/wear/rotor';
import type { Reason } from '@hold-fast/core/wear/verdict';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { jobWords } from '../../../words/job';

// What each verdict says in one line, and the sums behind it.

/** The word of a judgement, fitted to what was judged. */
export function calledOf(judgement: Judgement | null): string {
  if (!judgement?.ok) return words.word.unproven;
  const { measurand, verdict } = judgement;
  return words.standing({
    word: verdict.word,
    subject: measurand,
    work: recommendedBy(judgement),
  });
}

/** "Thinnest 1.47 at point 3, 4 o’clock. Limit 1.50, stamped." */
export function rotorSays(rotor: RotorVerdict, decimals = 2): string {
  const limit = jobWords.findings.limit(
    words.format.fixed(rotor.limit.limitMm, 2),
    words.origin[rotor.limit.origin],
  );
  if (!rotor.thinnest) return limit;
  const { thicknessMm, point, oClock } = rotor.thinnest;
  const clock = Math.round(oClock * 10) / 10;
  const most = rotor.upperBounds ? jobWords.findings.atMost : '';
  const pulsing = rotor.pulsingExpected
    ? jobWords.findings.variesExpectPulsing(words.format.fixed(rotor.variationMm!, 2))
    : '';
  return jobWords.findings.thinnestAtPointOclock(
    words.format.fixed(thicknessMm, decimals),
    most,
    point,
    clock,
    limit,
    pulsing,
  );
}

/** "Least 3.40 total at inner leading. The friction rule decides." */
export function padsSay(pads: PadVerdict): string {
  const decisive = pads.schools.find(({ school }) => school === pads.decidedBy)!;
  const least = pads.thinnest
    ? jobWords.findings.leastAt(
        words.format.fixed(pads.thinnest.measuredMm, 2),
        words.padPlace[pads.thinnest.place],
      )
    : '';
  return jobWords.findings.decides(least, words.school[decisive.school], schoolSays(decisive));
}

/** What one school sees, against its rule. */
export function schoolSays(verdict: SchoolVerdict): string {
  const { school, leastMm, limitMm, wornShare, ruleShare } = verdict;
  if (school === 'share')
    return wornShare === null || ruleShare === null
      ? jobWords.findings.shareNotKnown
      : jobWords.findings.rule(words.format.percent(wornShare), words.format.percent(ruleShare));
  if (leastMm === null) return jobWords.findings.cannotBeSaid;
  return jobWords.findings.readAndRule(
    words.format.fixed(leastMm, 2),
    limitMm === null ? '–' : words.format.fixed(limitMm, 1),
  );
}

/** "0.24 from low to high: watch it, and true it if it rubs." */
export function runoutSays({ tirMm, band, doubtMm }: RunoutVerdict): string {
  if (tirMm === null || band === null) return jobWords.findings.oneReadingTellsNoWobble;
  return jobWords.findings.fromLowToHigh(
    words.format.fixed(tirMm, 2),
    words.format.fixed(doubtMm, 2),
    words.band[band],
  );
}

/** "Narrowest 0.10 at right, leading end. Margin 0.04." */
export function clearanceSays({ smallest, marginMm }: ClearanceVerdict): string {
  const least = smallest
    ? jobWords.findings.narrowestAt(
        words.format.fixed(smallest.gapMm, 2),
        words.corner[smallest.corner],
      )
    : jobWords.findings.noGapFeltYet;
  return marginMm === null
    ? least
    : jobWords.findings.marginWithTheWobbleTaken(least, words.format.mm(marginMm));
}

/** Where to move the caliper, and what that leaves. */
export function clearanceMore(clearance: Pick<ClearanceVerdict, keyof Gaps>): string[] {
  const { shiftMm, marginAfterShiftMm, skewDegrees, marginAfterSquaringMm, cure } = clearance;
  if (shiftMm === null || marginAfterShiftMm === null || cure === null) return [];
  const way = shiftMm > 0 ? jobWords.findings.toTheRight : jobWords.findings.toTheLeft;
  return [
    ...(shiftMm === 0
      ? [jobWords.findings.theCaliperSitsInThe]
      : [
          jobWords.findings.moveTheCaliperRidersMargin(
            words.format.fixed(Math.abs(shiftMm), 2),
            way,
            words.format.mm(marginAfterShiftMm),
          ),
        ]),
    ...(skewDegrees === null || Math.abs(skewDegrees) < 0.01
      ? []
      : [
          jobWords.findings.skewedLeadingEndToThe(
            words.format.fixed(Math.abs(skewDegrees), 2),
            words.side[skewDegrees > 0 ? 'right' : 'left'],
            words.format.mm(marginAfterSquaringMm!),
          ),
        ]),
    `${capital(words.cure[cure])}.`,
  ];
}

/** "Bites at 20.0, firm at 27.0 of 60.0 mm. It is soft after the bite: …" */
export function leverSays({ travelMm, reachMm, signs }: LeverVerdict): string {
  const { bite, firm } = travelMm;
  const of = reachMm === null ? 'mm' : jobWords.findings.ofMm(words.format.fixed(reachMm, 1));
  const travel = [
    bite === undefined ? null : jobWords.findings.bitesAt(words.format.fixed(bite, 1)),
    firm === undefined ? null : jobWords.findings.firmAt(words.format.fixed(firm, 1)),
  ].filter(Boolean);
  const line = capital(
    travel.length ? `${travel.join(', ')} ${of}` : jobWords.findings.notPulledYet,
  );
  const [first] = signs;
  return `${line}.${first ? jobWords.findings.it(verdictWords.leverSign(first)) : ''}`;
}

/** The sponge test’s sum. */
export function leverMore({ air, giveAssumed }: LeverVerdict, figures: Figures): string[] {
  if (!air || air.airMl === null) return [];
  return [
    jobWords.findings.mlPushedAfterTheBite(
      words.format.fixed(air.pushedMl, 3),
      words.format.fixed(air.extraMl, 3),
      giveAssumed ? jobWords.findings.assumed : '',
      words.format.fixed(air.pressureMpa, 1),
      words.format.fixed(air.airMl, 2),
    ),
    ...(air.readOut
      ? [
          jobWords.findings.airBand[air.readOut](
            words.format.keyed(String(figure(figures, 'air-sound').value)),
            words.format.keyed(String(figure(figures, 'air-top-up').value)),
          ),
        ]
      : []),
  ];
}

export function faceSays({ angleDegrees }: FaceVerdict): string {
  return angleDegrees === null
    ? jobWords.findings.gapAndSpacingGiveThe
    : jobWords.findings.outOfSquare(words.format.fixed(angleDegrees, 2));
}

export function faceMore({ padEdgeMm, word }: FaceVerdict): string[] {
  return [
    ...(padEdgeMm === null
      ? []
      : [jobWords.findings.itMovesThePadsEdge(words.format.fixed(padEdgeMm, 2))]),
    ...(word === 'watch' ? [jobWords.findings.ruleOutTheAdapterWith] : []),
  ];
}

/** What is said of one thing that is measured. */
interface Says<Verdict> {
  /** In one line, with the gauge’s decimals. */
  line: (verdict: Verdict, decimals: number) => string;
  /** The number a list shows beside it; null when there is none. */
  number: (verdict: Verdict, decimals: number) => string | null;
  /** The sums and senses behind it, one a line. */
  sums: (verdict: Verdict, figures: Figures) => string[];
  /** Its lengths in inches; null where none is a thickness or a gap. */
  inches: (verdict: Verdict) => string | null;
}

const fixed = (value: number | null | undefined, decimals: number) =>
  value == null ? null : words.format.mm(value, decimals);
const { inches } = words.format;
const becauseOf = ({ reasons }: { reasons: readonly Reason[] }) =>
  reasons.map((reason) => jobWords.findings.because(verdictWords.reason(reason)));

const SAYS: { readonly [M in Measurand]: Says<VerdictOf[M]> } = {
  rotor: {
    line: rotorSays,
    number: ({ thinnest }, decimals) => fixed(thinnest?.thicknessMm, decimals),
    sums: becauseOf,
    inches: ({ thinnest, limit }) =>
      thinnest &&
      jobWords.findings.thinnestLimit(inches(thinnest.thicknessMm), inches(limit.limitMm)),
  },
  pads: {
    line: (pads) => [padsSay(pads), ...pads.pattern.signs.map(verdictWords.padSign)].join(' '),
    number: ({ thinnest }, decimals) => fixed(thinnest?.measuredMm, decimals),
    sums: ({ schools, pattern }) => [
      ...schools.map(
        (verdict) =>
          `${words.school[verdict.school]}: ${schoolSays(verdict)}, ${words.word[verdict.word]}.`,
      ),
      ...pattern.signs.map(verdictWords.padSign),
    ],
    inches: ({ thinnest }) => thinnest && jobWords.findings.least(inches(thinnest.measuredMm)),
  },
  runout: {
    line: runoutSays,
    number: ({ tirMm }) => fixed(tirMm, 2),
    sums: (runout) => [
      ...becauseOf(runout),
      ...(runout.meaning ? [verdictWords.meaning(runout.meaning)] : []),
    ],
    inches: ({ tirMm }) => (tirMm === null ? null : jobWords.findings.tirInches(inches(tirMm))),
  },
  clearance: {
    line: clearanceSays,
    number: ({ marginMm, smallest }) => fixed(marginMm ?? smallest?.gapMm, 2),
    sums: (clearance) => [...becauseOf(clearance), ...clearanceMore(clearance)],
    inches: ({ marginMm }) =>
      marginMm === null ? null : jobWords.findings.margin(inches(marginMm)),
  },
  lever: {
    line: leverSays,
    number: ({ travelMm }) => fixed(travelMm.firm ?? travelMm.bite, 1),
    sums: (lever, figures) => [...becauseOf(lever), ...leverMore(lever, figures)],
    inches: () => null,
  },
  'mount-face': {
    line: faceSays,
    number: ({ angleDegrees }) =>
      angleDegrees === null ? null : `${words.format.fixed(angleDegrees, 2)}°`,
    sums: (face) => [...becauseOf(face), ...faceMore(face)],
    inches: () => null,
  },
};

const saysOf = ({ measurand }: Judged) => SAYS[measurand] as Says<Judged['verdict']>;

/** A judgement in one line. */
export function judgementSays(judgement: Judgement, gauge: Pick<Gauge, 'resolutionMm'>): string {
  return judgement.ok
    ? saysOf(judgement).line(judgement.verdict, decimalsOf(gauge))
    : verdictWords.inputError(judgement.code, judgement.numbers);
}

/** The number a list shows beside a judgement; null when there is none. */
export function judgementNumber(
  judgement: Judgement,
  gauge: Pick<Gauge, 'resolutionMm'>,
): string | null {
  return judgement.ok ? saysOf(judgement).number(judgement.verdict, decimalsOf(gauge)) : null;
}

/** Every reason behind a judgement, the deciding school's for pads. */
export const reasonsOf = (judgement: Judgement): readonly Reason[] =>
  judgement.ok ? judgement.verdict.reasons : [];

/** The sums and senses behind a judgement, one a line. */
export const sumsOf = (judgement: Judgement, { figures }: Pick<ShopRules, 'figures'>): string[] =>
  judgement.ok ? saysOf(judgement).sums(judgement.verdict, figures) : [];

/** The lengths of a judgement in inches, for whoever has them shown beside millimetres; null when there are none. */
export const inInches = (judgement: Judgement): string | null =>
  judgement.ok ? saysOf(judgement).inches(judgement.verdict) : null;

/** What changed a thing since it was proven. */
export function lapsedSays({
  touch,
  by,
  takenBack,
}: NonNullable<InspectionItem['lapsed']>): string {
  const { cameOff, changedSinceItWasProven, saidAndTakenBack } = jobWords.findings;
  if (by.code === 'taken-off') return cameOff[by.part];
  return (takenBack ? saidAndTakenBack : changedSinceItWasProven)(words.touched[touch]);
}

/** What was found at an item, in one line: what was seen, then what was measured. */
export function itemSays(item: InspectionItem, gauge: Pick<Gauge, 'resolutionMm'> | null): string {
  const seen = item.found.map((each) => words.finding[each]);
  const measured = item.judgement && gauge ? judgementSays(item.judgement, gauge) : null;
  const looked =
    seen.length > 0
      ? `${capital(words.format.list(seen))}.`
      : measured === null && !item.unmeasured && item.held.length === 0
        ? jobWords.findings.lookedOverNothingFound
        : null;
  const lesser =
    item.lesserLooks.length > 0
      ? jobWords.findings.aLaterLookDidNot(
          words.format.list(item.lesserLooks.map((each) => words.finding[each])),
        )
      : null;
  const lapsed = item.lapsed ? lapsedSays(item.lapsed) : null;
  const unmeasured = item.unmeasured ? jobWords.findings.aUsedPartNotMeasured : null;
  const unbelieved =
    item.unbelieved.length > 0
      ? jobWords.findings.notBelieved(
          words.format.list(item.unbelieved.map((each) => words.finding[each])),
        )
      : null;
  const said = item.words ? words.quoted(item.words) : null;
  return [
    looked,
    measured,
    ...item.held.map(verdictWords.held),
    lesser,
    lapsed,
    unbelieved,
    unmeasured,
    said,
  ]
    .filter(Boolean)
    .join(' ');
}
