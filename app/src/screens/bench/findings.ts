import { capital } from '../../words/capital';
import type { ClearanceVerdict } from '@hold-fast/core/clearance/corners';
import type { FaceVerdict } from '@hold-fast/core/face/mountFace';
import { decimalsOf, type Gauge } from '@hold-fast/core/gauge/gauge';
import type { InspectionItem } from '@hold-fast/core/inspection/inspectEnd';
import type { Judgement } from '@hold-fast/core/inspection/judge';
import { recommendedBy } from '@hold-fast/core/inspection/recommended';
import { inchesFromMm } from '@hold-fast/core/units/length';
import type { LeverVerdict } from '@hold-fast/core/lever/lever';
import type { RunoutVerdict } from '@hold-fast/core/runout/runout';
import { PAD_RULES, type PadVerdict, type SchoolVerdict } from '@hold-fast/core/wear/pads';
import type { RotorVerdict } from '@hold-fast/core/wear/rotor';
import type { Reason } from '@hold-fast/core/wear/verdict';
import { words } from '../../words/words';

// What each verdict says in one line, and the sums behind it.

/** The word of a judgement, fitted to what was judged. */
export function calledOf(judgement: Judgement | null): string {
  if (!judgement?.ok) return words.word.unproven;
  const { part, word } = judgement;
  return words.standing({ word, subject: part, work: recommendedBy(judgement) });
}

/** "Thinnest 1.47 at point 3, 4 o’clock. Limit 1.50, stamped." */
export function rotorSays(rotor: RotorVerdict, decimals = 2): string {
  const limit = `Limit ${rotor.limit.limitMm.toFixed(2)}, ${words.origin[rotor.limit.origin]}.`;
  if (!rotor.thinnest) return limit;
  const { thicknessMm, point, oClock } = rotor.thinnest;
  const clock = Math.round(oClock * 10) / 10;
  const most = rotor.upperBounds ? ' at most' : '';
  const pulsing = rotor.pulsingExpected
    ? ` Varies ${rotor.variationMm!.toFixed(2)}: expect pulsing.`
    : '';
  return `Thinnest ${thicknessMm.toFixed(decimals)}${most} at point ${point}, ${clock} o’clock. ${limit}${pulsing}`;
}

/** "Least 3.40 total at inner leading. The friction rule decides." */
export function padsSay(pads: PadVerdict): string {
  const decisive = pads.schools.find(({ school }) => school === pads.decidedBy)!;
  const least = pads.thinnest
    ? `Least ${pads.thinnest.measuredMm.toFixed(2)} at ${words.padPlace[pads.thinnest.place]}. `
    : '';
  return `${least}${words.school[decisive.school]} decides: ${schoolSays(decisive)}.`;
}

/** What one school sees, against its rule. */
export function schoolSays(verdict: SchoolVerdict): string {
  const { school, leastMm, limitMm, wornShare } = verdict;
  if (school === 'share')
    return wornShare === null
      ? 'share not known'
      : `${words.format.percent(wornShare)}, rule ${words.format.percent(PAD_RULES.share.wornShare)}`;
  if (leastMm === null) return 'cannot be said';
  return `${leastMm.toFixed(2)}, rule ${limitMm?.toFixed(1) ?? '–'}`;
}

/** "0.24 from low to high: watch it, and true it if it rubs." */
export function runoutSays({ tirMm, band, doubtMm }: RunoutVerdict): string {
  if (tirMm === null || band === null) return 'One reading tells no wobble.';
  return `${tirMm.toFixed(2)} from low to high, ±${doubtMm.toFixed(2)}: ${words.band[band]}.`;
}

/** "Narrowest 0.10 at right, leading end. Margin 0.04." */
export function clearanceSays({ smallest, marginMm }: ClearanceVerdict): string {
  const least = smallest
    ? `Narrowest ${smallest.gapMm.toFixed(2)} at ${words.corner[smallest.corner]}.`
    : 'No gap felt yet.';
  return marginMm === null
    ? least
    : `${least} Margin ${words.format.mm(marginMm)} with the wobble taken off.`;
}

/** Where to move the caliper, and what that leaves. */
export function clearanceMore(clearance: ClearanceVerdict): string[] {
  const { shiftMm, marginAfterShiftMm, skewDegrees, marginAfterSquaringMm, cure } = clearance;
  if (shiftMm === null || marginAfterShiftMm === null || cure === null) return [];
  const way = shiftMm > 0 ? 'to the right' : 'to the left';
  return [
    ...(shiftMm === 0
      ? ['The caliper sits in the middle.']
      : [
          `Move the caliper ${Math.abs(shiftMm).toFixed(2)} ${way} (rider’s): margin then ${words.format.mm(marginAfterShiftMm)}.`,
        ]),
    ...(skewDegrees === null || Math.abs(skewDegrees) < 0.01
      ? []
      : [
          `Skewed ${Math.abs(skewDegrees).toFixed(2)}°: leading end to the ${skewDegrees > 0 ? 'right' : 'left'}; squared as well ${words.format.mm(marginAfterSquaringMm!)}.`,
        ]),
    `${words.cure[cure][0]!.toUpperCase()}${words.cure[cure].slice(1)}.`,
  ];
}

/** "Bites at 20.0, firm at 27.0 of 60.0 mm. It is soft after the bite: …" */
export function leverSays({ travelMm, reachMm, signs }: LeverVerdict): string {
  const { bite, firm } = travelMm;
  const of = reachMm === null ? 'mm' : `of ${reachMm.toFixed(1)} mm`;
  const travel = [
    bite === undefined ? null : `bites at ${bite.toFixed(1)}`,
    firm === undefined ? null : `firm at ${firm.toFixed(1)}`,
  ].filter(Boolean);
  const line = capital(travel.length ? `${travel.join(', ')} ${of}` : 'not pulled yet');
  const [first] = signs;
  return `${line}.${first ? ` It ${words.leverSign(first)}.` : ''}`;
}

/** The sponge test’s sum. */
export function leverMore({ air, giveAssumed }: LeverVerdict): string[] {
  if (!air || air.airMl === null) return [];
  return [
    `${air.pushedMl.toFixed(3)} mL pushed after the bite, ${air.extraMl.toFixed(3)} more than the brake’s own give${giveAssumed ? ' (assumed)' : ''}; at ${air.pressureMpa.toFixed(1)} MPa that is at least ${air.airMl.toFixed(2)} mL of air.`,
    air.readOut === 'sound'
      ? 'Under 0.05 mL: sound.'
      : air.readOut === 'top-up'
        ? '0.05 to 0.2 mL: a lever-only top-up.'
        : 'Above 0.2 mL: a full bleed.',
  ];
}

export function faceSays({ angleDegrees }: FaceVerdict): string {
  return angleDegrees === null
    ? 'Gap and spacing give the angle.'
    : `${angleDegrees.toFixed(2)}° out of square.`;
}

export function faceMore({ padEdgeMm, word }: FaceVerdict): string[] {
  return [
    ...(padEdgeMm === null ? [] : [`It moves the pad’s edge by ${padEdgeMm.toFixed(2)} mm.`]),
    ...(word === 'watch'
      ? [
          'Rule out the adapter with another of its size. Burr and paint come off with a fine flat file or 80-grit on a square block; parent metal only with the facing tool; carbon only on the maker’s written word.',
        ]
      : []),
  ];
}

/** A judgement in one line. */
export function judgementSays(judgement: Judgement, gauge: Pick<Gauge, 'resolutionMm'>): string {
  if (!judgement.ok) return words.inputError(judgement.code, judgement.numbers);
  switch (judgement.part) {
    case 'rotor':
      return rotorSays(judgement.rotor, decimalsOf(gauge));
    case 'pads':
      return [padsSay(judgement.pads), ...judgement.pads.pattern.signs.map(words.padSign)].join(
        ' ',
      );
    case 'runout':
      return runoutSays(judgement.runout);
    case 'clearance':
      return clearanceSays(judgement.clearance);
    case 'lever':
      return leverSays(judgement.lever);
    case 'mount-face':
      return faceSays(judgement.face);
  }
}

/** The number a list shows beside a judgement; null when there is none. */
export function judgementNumber(
  judgement: Judgement,
  gauge: Pick<Gauge, 'resolutionMm'>,
): string | null {
  if (!judgement.ok) return null;
  const fixed = (value: number | null | undefined, decimals: number) =>
    value == null ? null : words.format.mm(value, decimals);
  switch (judgement.part) {
    case 'rotor':
      return fixed(judgement.rotor.thinnest?.thicknessMm, decimalsOf(gauge));
    case 'pads':
      return fixed(judgement.pads.thinnest?.measuredMm, decimalsOf(gauge));
    case 'runout':
      return fixed(judgement.runout.tirMm, 2);
    case 'clearance':
      return fixed(judgement.clearance.marginMm ?? judgement.clearance.smallest?.gapMm, 2);
    case 'lever':
      return fixed(judgement.lever.travelMm.firm ?? judgement.lever.travelMm.bite, 1);
    case 'mount-face':
      return judgement.face.angleDegrees === null
        ? null
        : `${judgement.face.angleDegrees.toFixed(2)}°`;
  }
}

/** Every reason behind a judgement, the deciding school's for pads. */
export function reasonsOf(judgement: Judgement): readonly Reason[] {
  if (!judgement.ok) return [];
  switch (judgement.part) {
    case 'rotor':
      return judgement.rotor.reasons;
    case 'pads':
      return judgement.pads.schools.find(({ school }) => school === judgement.pads.decidedBy)!
        .reasons;
    case 'runout':
      return judgement.runout.reasons;
    case 'clearance':
      return judgement.clearance.reasons;
    case 'lever':
      return judgement.lever.reasons;
    case 'mount-face':
      return judgement.face.reasons;
  }
}

/** The sums and senses behind a judgement, one a line. */
export function sumsOf(judgement: Judgement): string[] {
  if (!judgement.ok) return [];
  const because = reasonsOf(judgement).map((reason) => `Because ${words.reason(reason)}.`);
  switch (judgement.part) {
    case 'rotor':
      return because;
    case 'pads':
      return [
        ...judgement.pads.schools.map(
          (verdict) =>
            `${words.school[verdict.school]}: ${schoolSays(verdict)}, ${words.word[verdict.word]}.`,
        ),
        ...judgement.pads.pattern.signs.map(words.padSign),
      ];
    case 'runout':
      return [
        ...because,
        ...(judgement.runout.meaning ? [words.meaning(judgement.runout.meaning)] : []),
      ];
    case 'clearance':
      return [...because, ...clearanceMore(judgement.clearance)];
    case 'lever':
      return [...because, ...leverMore(judgement.lever)];
    case 'mount-face':
      return [...because, ...faceMore(judgement.face)];
  }
}

const inches = (mm: number) => `${inchesFromMm(mm).toFixed(4)} in`;

/** The lengths of a judgement in inches, for a shop that shows them beside millimetres; null when there are none. */
export function inInches(judgement: Judgement): string | null {
  if (!judgement.ok) return null;
  switch (judgement.part) {
    case 'rotor': {
      const { thinnest, limit } = judgement.rotor;
      return thinnest
        ? `Thinnest ${inches(thinnest.thicknessMm)}, limit ${inches(limit.limitMm)}.`
        : null;
    }
    case 'pads':
      return judgement.pads.thinnest
        ? `Least ${inches(judgement.pads.thinnest.measuredMm)}.`
        : null;
    case 'runout':
      return judgement.runout.tirMm === null
        ? null
        : `${inches(judgement.runout.tirMm)} from low to high.`;
    case 'clearance':
      return judgement.clearance.marginMm === null
        ? null
        : `Margin ${inches(judgement.clearance.marginMm).replace('-', '−')}.`;
    case 'lever':
    case 'mount-face':
      return null;
  }
}

/** What was found at an item, in one line: what was seen, then what was measured. */
export function itemSays(item: InspectionItem, gauge: Pick<Gauge, 'resolutionMm'> | null): string {
  const seen = item.found.map((each) => words.finding[each]);
  const measured = item.judgement && gauge ? judgementSays(item.judgement, gauge) : null;
  const looked =
    seen.length > 0
      ? `${capital(words.format.list(seen))}.`
      : measured === null && !item.unmeasured && item.held.length === 0
        ? 'Looked over, nothing found.'
        : null;
  const lesser =
    item.lesserLooks.length > 0
      ? `A later look did not find ${words.format.list(item.lesserLooks.map((each) => words.finding[each]))}: that is no answer. Work and another look are, or words why it was seen wrong.`
      : null;
  const lapsed = item.lapsed
    ? `Changed since it was proven: ${words.touched[item.lapsed.touch]}.`
    : null;
  const unmeasured = item.unmeasured ? 'A used part: not measured since it went on.' : null;
  const said = item.words ? `“${item.words}”` : null;
  return [looked, measured, ...item.held.map(words.held), lesser, lapsed, unmeasured, said]
    .filter(Boolean)
    .join(' ');
}
