import type { DecisionEntry } from '@hold-fast/core/job/decision';
import type { Touch } from '@hold-fast/core/evidence/touch';
import type { Held, Lack } from '@hold-fast/core/evidence/readings';
import type { SentKind } from '@hold-fast/core/job/kinds';
import type { Rebedding } from '@hold-fast/core/job/fitting';
import type { About } from '../data/about';
import type { Symptom } from '@hold-fast/core/trouble/symptoms';
import type { Role } from '@hold-fast/contract/people';
import type { ContainerRefusal } from '@hold-fast/core/fluid/container';
import type { Family } from '@hold-fast/core/fluid/families';
import type { GaugeKind } from '@hold-fast/core/gauge/gauge';
import type { Scene, Unused } from '@hold-fast/contract/feed';
import type { BrakeState } from '@hold-fast/core/plan/state';
import type { ClearanceCure, Corner } from '@hold-fast/core/clearance/corners';
import type { Forecast } from '@hold-fast/core/forecast/forecast';
import type { Area, Finding } from '@hold-fast/core/inspection/findings';
import type { Subject } from '@hold-fast/core/inspection/inspectEnd';
import type { Work } from '@hold-fast/core/inspection/work';
import type { Compound } from '@hold-fast/core/kit/compound';
import type { FittedAs } from '@hold-fast/core/kit/kit';
import type { LeverPlace, LeverSign } from '@hold-fast/core/lever/lever';
import type { RunoutMeaning } from '@hold-fast/core/runout/meaning';
import type { RunoutBand } from '@hold-fast/core/runout/runout';
import type { InputError } from '@hold-fast/core/inputError';
import type { End, Part } from '@hold-fast/core/ends';
import type { Bar } from '@hold-fast/core/procedure/signOff';
import type { Step } from '@hold-fast/core/procedure/nextStep';
import type { Origin, Tag } from '@hold-fast/core/source';
import type { Check } from '@hold-fast/core/procedure/finalCheck';
import type { FastenerId } from '@hold-fast/core/torque/fasteners';
import type { ProofFlaw } from '@hold-fast/core/torque/proof';
import type { Pass } from '@hold-fast/core/torque/sequence';
import type { ThreadTreatment } from '@hold-fast/core/torque/thread';
import type { ClickSetting } from '@hold-fast/core/torque/wrench';
import type { PadPlace, PadSchool } from '@hold-fast/core/wear/pads';
import type { PadSign } from '@hold-fast/core/wear/padPattern';
import type { Reason, Settle, Word } from '@hold-fast/core/wear/verdict';
import { calendarDay } from './days';

// Everything the app says, in English. A second language is a second file of this shape.

const mm = (value: number, decimals = 2) => value.toFixed(decimals).replace('-', '−');
const nm = (value: number) => value.toFixed(2).replace(/0$/, '');
/** Hundredths of the shop's money, as a price. */
const money = (cents: number) => (cents / 100).toFixed(2);
const percent = (share: number) => `${Math.round(share * 100)} %`;
const list = (items: readonly string[]) =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;

const end: Record<End, string> = { front: 'front', rear: 'rear' };
const part: Record<Part, string> = { rotor: 'rotor', pads: 'pads' };
const word: Record<Word, string> = {
  holds: 'holds',
  watch: 'watch',
  unproven: 'unproven',
  replace: 'replace',
};
/** Several of a standing, counted. */
const counted: Record<Word, string> = {
  holds: 'hold',
  watch: 'to watch',
  unproven: 'not proven',
  replace: 'to put right',
};
const origin: Record<Origin, string> = { stamped: 'stamped', sheet: 'sheet', shop: 'shop' };
const tag: Record<Tag, string> = {
  S: 'published',
  P: 'common practice',
  M: 'from memory',
  D: 'our choice',
};
const finding: Record<Finding, string> = {
  crack: 'crack',
  'deep-scoring': 'deep scoring',
  'overheating-colours': 'overheating colours',
  'loose-rivets': 'loose rivets',
  'bent-beyond-truing': 'bent beyond truing',
  'rotor-deposits': 'deposits on the track',
  'pads-soaked': 'soaked with oil',
  'pads-oil-mist': 'light oil mist',
  'pads-with-metal': 'metal in them, on a rotor for organic pads only',
  'pads-glazed': 'glazed',
  'friction-cracked': 'friction cracked',
  'friction-lifting': 'friction lifting off its plate',
  'spring-missing': 'spreader spring missing',
  'clip-missing': 'retaining clip missing',
  'fins-bent': 'fins bent',
  'caliper-cracked': 'caliper cracked',
  'piston-sticking': 'piston sticks',
  'one-pad-moves': 'only one pad moves',
  'grit-in-caliper': 'grit or hair in the caliper',
  'leak-at-caliper': 'leak at the caliper',
  'leak-at-banjo': 'leak at the banjo',
  'leak-at-hose-nut': 'leak at the hose nut',
  'leak-at-lever': 'leak at the lever',
  'hose-chafed': 'hose chafed',
  'hose-cut': 'hose cut through its cover',
  'hose-kinked': 'hose kinked',
  'hose-too-short': 'hose too short for the bar’s turn',
  'hose-too-long': 'hose too long',
  'cable-frayed': 'cable frayed',
  'cable-kinked': 'cable kinked',
  'cable-rusted': 'cable rusted',
  'housing-split': 'housing split',
  'ferrule-missing': 'ferrule missing',
  'fluid-wrong': 'wrong fluid',
  'fluid-unknown': 'unknown fluid',
  'fluid-spent': 'fluid dark or cloudy',
  'lever-gives': 'gives under a held pull',
  'slow-return': 'lever returns slowly',
  'lever-bent': 'lever bent',
  'lever-loose': 'lever clamp loose',
  'bolt-loose': 'bolt loose',
  'bolt-missing': 'bolt missing',
  'bolt-rounded': 'bolt head rounded',
  'mount-rocks': 'caliper rocks on its mount',
  'mount-out-of-plane': 'mount wrong by make',
  'mount-modified': 'mount was modified',
};
const area: Record<Area, string> = {
  rotor: 'rotor',
  pads: 'pads',
  caliper: 'caliper',
  leaks: 'leaks',
  hose: 'hose',
  cable: 'cable and housing',
  fluid: 'fluid',
  lever: 'lever',
  bolts: 'bolts seen',
  mount: 'mount',
};
const subject: Record<Subject, string> = {
  rotor: 'rotor',
  pads: 'pads',
  runout: 'runout',
  clearance: 'gaps',
  lever: 'lever',
  'mount-face': 'mount face',
  caliper: 'caliper',
  leaks: 'leaks',
  hose: 'hose',
  cable: 'cable and housing',
  fluid: 'fluid',
  bolts: 'bolts seen',
  mount: 'mount',
};
const work: Record<Work, string> = {
  'replace-rotor': 'replace the rotor',
  'refit-rotor': 'take the rotor off, clean under it, refit it in star order',
  'true-rotor': 'true the rotor in small bends',
  'replace-pads': 'replace the pair of pads',
  decontaminate: 'clean and abrade, once; then measure again',
  'clean-and-bed-in': 'clean, abrade and bed in',
  'fit-spring-or-clip': 'fit spring or clip',
  'straighten-fins': 'straighten the fins',
  'reset-pads': 'push the pistons home or take up the pad adjusters',
  'service-pistons': 'clean, lubricate and exercise the pistons',
  'clean-caliper': 'clean the caliper out',
  'replace-caliper': 'new caliper; suspected damage goes to the maker',
  reseal: 'reseal by the sheet',
  'remake-joint': 'remake the joint with a new olive',
  'full-bleed': 'full bleed',
  'lever-top-up': 'lever-only top-up',
  'replace-hose': 'new hose',
  'shorten-hose': 'shorten the hose, or loop and clip it',
  'reroute-hose': 'reroute or sleeve the hose',
  'replace-cable': 'new cable and housing',
  'replace-lever': 'new lever',
  'tighten-bolts': 'tighten by the sheet, with a proven wrench',
  'tighten-lever': 'tighten the lever clamp by the sheet, with a proven wrench',
  'dress-mount': 'dress the mount face',
  'ask-maker': 'measure, picture, and ask the maker',
  'centre-caliper': 'centre the caliper',
  'square-caliper': 'square the caliper, shims or spherical washers',
};
/** What a thing wants, in a word beside its name, by the work that puts it right. */
const remedy: Record<Work, string> = {
  'replace-rotor': 'replace the rotor',
  'refit-rotor': 'clean its seat',
  'true-rotor': 'true the rotor',
  'replace-pads': 'replace the pads',
  decontaminate: 'clean',
  'clean-and-bed-in': 'bed in anew',
  'fit-spring-or-clip': 'refit',
  'straighten-fins': 'straighten',
  'reset-pads': 'reset the pads',
  'service-pistons': 'service the pistons',
  'clean-caliper': 'clean',
  'replace-caliper': 'replace',
  reseal: 'reseal',
  'remake-joint': 'remake the joint',
  'full-bleed': 'bleed',
  'lever-top-up': 'bleed at the lever',
  'replace-hose': 'replace',
  'shorten-hose': 'shorten',
  'reroute-hose': 'reroute',
  'replace-cable': 'replace',
  'replace-lever': 'replace',
  'tighten-bolts': 'tighten',
  'tighten-lever': 'tighten',
  'dress-mount': 'dress',
  'ask-maker': 'ask the maker',
  'centre-caliper': 'centre',
  'square-caliper': 'square',
};
/** Things that wear, with the work that renews them: near their limit they are watched, whatever work stands beside it. */
const WEARS: Partial<Record<Subject, Work>> = { rotor: 'replace-rotor', pads: 'replace-pads' };

/**
 * The word of a standing, fitted to its thing: a rotor is replaced, a lever is bled, gaps are centred, and what has no work of its
 * own is put right. Mark and order are the standing's, whatever the word.
 */
function standing({
  word: stands,
  subject: about,
  work: does = [],
}: {
  word: Word;
  subject?: Subject;
  work?: readonly Work[];
}): string {
  const [first] = does;
  const renewed = about && WEARS[about];
  if (stands === 'replace') {
    if (first === undefined) return 'put right';
    return first === renewed ? word.replace : remedy[first];
  }
  return stands === 'watch' && !renewed && first ? remedy[first] : word[stands];
}
const corner: Record<Corner, string> = {
  'left-leading': 'left, leading end',
  'left-trailing': 'left, trailing end',
  'right-leading': 'right, leading end',
  'right-trailing': 'right, trailing end',
};
const leverPlace: Record<LeverPlace, string> = {
  reach: 'reach',
  bite: 'bite point',
  firm: 'firm pull',
  sunk: 'held 60 s',
  pumped: 'pumped',
};
const facePlace = { gap: 'feeler gap', spacing: 'bolt spacing', 'pad-offset': 'pad offset' };
const aidPlace = { zero: 'zero', lip: 'lip', radius: 'radius', span: 'feeler distance' };
const band: Record<RunoutBand, string> = {
  good: 'good',
  watch: 'watch it, and true it if it rubs',
  true: 'true it',
  replace: 'replace rather than true',
};
const clock = (oClock: number) => `${Math.round(oClock * 10) / 10} o’clock`;

/** What a wobble’s shape says, and what to do about it. */
function meaning(shape: RunoutMeaning): string {
  switch (shape.code) {
    case 'straight':
      return 'Straight: nothing to explain.';
    case 'lone-peak':
      return `One place is bent, at ${clock(shape.oClock)}, ${mm(Math.abs(shape.heightMm))} mm ${shape.bend === 'away' ? 'toward' : 'from'} the indicator. Bend it ${shape.bend === 'away' ? 'away from' : 'toward'} the indicator, in small bends, clean, with a truing fork.`;
    case 'tilted':
      return `The whole rotor sits tilted, highest at ${clock(shape.highAtOClock)}${shape.tiltDegrees === null ? '' : `, ${mm(shape.tiltDegrees)}°`}. Dirt or a burr under it, uneven bolts, or a bent hub face: clean and refit before bending anything.`;
    case 'saddle':
      return `Warped like a saddle, crests at ${clock(shape.crestsAtOClock[0])} and ${clock(shape.crestsAtOClock[1])}: heat does that. True the crests, or replace it.`;
    case 'mixed':
      return `No single cause. True by the largest crest, at ${clock(shape.crestAtOClock)}.`;
  }
}

function leverSign(sign: LeverSign): string {
  switch (sign.code) {
    case 'sinks':
      return `sinks ${mm(sign.byMm, 1)} mm under a held pull: a leak or a bypassing seal`;
    case 'to-the-bar':
      return 'reaches the bar';
    case 'firms-when-pumped':
      return `gets ${mm(sign.byMm, 1)} mm shorter when pumped: air, or pistons rolled back`;
    case 'soft':
      return `is soft after the bite: at least ${mm(sign.airMl)} mL of air`;
    case 'long-and-firm':
      return 'goes far and is firm at the end: worn pads or pistons rolled back, no work for a bleed';
  }
}

const cure: Record<ClearanceCure, string> = {
  none: 'nothing rubs',
  centre: 'centring the caliper cures it',
  square: 'the caliper must be squared, not only shifted',
  neither: 'no centring can cure it: true or refit the rotor, or reset the pistons',
};

/** Where a part is heading, in one line. */
function forecastSays(made: Forecast, at: (x: number) => string): string {
  if (made.ok)
    return `Reaches its limit ${at(made.at)}, early ${at(made.early)}, late ${at(made.late)}.`;
  switch (made.code) {
    case 'one-reading':
      return 'One reading: a forecast takes two visits.';
    case 'no-run':
      return 'No run between the readings: too early to say.';
    case 'not-wearing':
      return 'No wear to be seen: too early to say.';
    case 'too-early':
      return 'The wear is within the gauges’ doubt: too early to say.';
  }
}
const padPlace: Record<PadPlace, string> = {
  'inner-leading': 'inner leading',
  'inner-trailing': 'inner trailing',
  'outer-leading': 'outer leading',
  'outer-trailing': 'outer trailing',
};
const school: Record<PadSchool, string> = {
  total: 'Total thickness',
  friction: 'Friction left',
  share: 'Share worn',
};

const NAMED_PLACES: Readonly<Record<string, string>> = {
  ...padPlace,
  ...corner,
  ...leverPlace,
  ...facePlace,
  ...aidPlace,
};
const place = (at: string) => (/^\d+$/.test(at) ? `point ${at}` : (NAMED_PLACES[at] ?? at));

function reason(why: Reason): string {
  switch (why.code) {
    case 'damaged':
      return `${finding[why.finding as Finding] ?? why.finding}: replace whatever the thickness`;
    case 'worn':
      return why.atLimitIsWorn
        ? `${mm(why.thicknessMm)} at ${place(why.place)} is at or below ${mm(why.limitMm)}`
        : `${mm(why.thicknessMm)} at ${place(why.place)} is below ${mm(why.limitMm)}`;
    case 'too-few-points':
      return `${why.have} of at least ${why.need} points measured`;
    case 'upper-bounds':
      return 'flat jaws may bridge a ridge: the readings are the most it can be';
    case 'doubt-reaches-limit':
      return `${mm(why.thicknessMm)} less its doubt ${mm(why.doubtMm)} is ${mm(why.thicknessMm - why.doubtMm)}, which does not clear ${mm(why.limitMm)}`;
    case 'gauge-out-of-calibration':
      return why.dueOn === null
        ? 'the gauge has no calibration'
        : `the gauge’s calibration ended ${calendarDay(why.dueOn)}`;
    case 'no-zero-check':
      return 'no zero check';
    case 'new-thickness-unknown':
      return 'the thickness when new is not known';
    case 'limit-from-memory':
      return 'the limit is from memory';
    case 'plate-assumed':
      return 'the backing plate’s thickness is only assumed';
    case 'missing-number':
      return `no number for ${place(why.place)}`;
    case 'little-left':
      return `${percent(why.shareLeft)} of the wear left`;
    case 'due-before-service':
      return `it may reach its limit before the next service (${why.unit === 'km' ? `early ${Math.round(why.early).toLocaleString('en')} km, service at ${Math.round(why.nextService).toLocaleString('en')} km` : 'by the dates of its readings'})`;
    case 'runout':
      return `good goes to ${mm(why.goodMm)} with the doubt ${mm(why.doubtMm)} added, watch to ${mm(why.watchMm)}, true to ${mm(why.trueMm)}`;
    case 'runout-unknown':
      return 'the rotor’s runout was not measured';
    case 'runout-unproven':
      return 'the rotor’s runout is not proven';
    case 'zero-late':
      return 'the zero was looked at only after the first reading';
    case 'readings-differ':
      return `the readings at ${place(why.place)} differ by ${mm(why.spreadMm)}, more than twice the doubt ${mm(why.doubtMm)}`;
    case 'points-bunched':
      return `two points lie ${Math.round(why.degrees)}° apart, and at most ${why.mostDegrees}° says what is between them`;
    case 'thicker-than-new':
      return `${mm(why.thicknessMm)} at ${place(why.place)} is thicker than new (${mm(why.newMm)})`;
    case 'thinner-than-plate':
      return `${mm(why.thicknessMm)} at ${place(why.place)} is thinner than the plate alone (${mm(why.plateMm)})`;
    case 'lever-facts-from-memory':
      return 'lever ratio or bore is from memory';
    case 'lever-in-doubt':
      return why.place === 'sunk'
        ? `it sank ${mm(why.byMm, 1)} mm, with the doubt ${mm(why.doubtMm, 1)} maybe more than ${mm(why.mostMm, 1)}`
        : `${mm(why.byMm, 1)} mm of travel, with the doubt ${mm(why.doubtMm, 1)}, may reach the bar at ${mm(why.mostMm, 1)}`;
    case 'air-in-doubt':
      return `with the rule’s doubt there may be ${mm(why.airMl)} mL of air`;
    case 'lever-came-back':
      return `it came back out by ${mm(why.byMm, 1)} mm while it was held: one of the two was misread`;
    case 'rubs':
      return `it rubs: ${mm(why.marginMm)} mm of margin${why.cure ? `; ${cure[why.cure]}` : ''}`;
    case 'margin-in-doubt':
      return `the margin ${mm(why.marginMm)} is within the feelers’ doubt ${mm(why.doubtMm)}`;
    case 'runs-clear':
      return `${mm(why.marginMm)} mm of margin at the narrowest`;
    case 'mount-angle':
      return `${mm(why.angleDegrees)}° out of square, dressed above ${mm(why.mostDegrees, 1)}°`;
    case 'angle-in-doubt':
      return `up to ${mm(why.angleDegrees)}° with the feelers’ doubt, dressed above ${mm(why.mostDegrees, 1)}°`;
    case 'lever':
      return `it ${leverSign(why.sign)}`;
    case 'lever-facts-unknown':
      return 'the sheet does not give lever ratio and bore';
    case 'bite-misread':
      return 'bite misread, or the brake’s own give is too large: no verdict';
    case 'give-assumed':
      return 'the brake’s own give is only assumed: the test may condemn, not pass';
    case 'lever-firm':
      return `bites at ${mm(why.biteMm, 1)} mm, firm at ${mm(why.firmMm, 1)} mm`;
    case 'clears-limit':
      return `${mm(why.thicknessMm)} less its doubt ${mm(why.doubtMm)} clears ${mm(why.limitMm)}`;
  }
}

const settle: Record<Settle, string> = {
  'more-points': 'measuring the points that are missing',
  'point-gauge': 'a point gauge that sits inside the track, or a fingernail that finds no ridge',
  'finer-gauge': 'a finer gauge',
  'calibrated-gauge': 'a gauge in calibration',
  'zero-check': 'a zero check',
  'new-thickness': 'the thickness when new: from the sheet, or measure the lip',
  'stated-limit': 'a limit stamped on the part or on the maker’s sheet',
  'plate-thickness': 'the backing plate’s thickness from the sheet',
  runout: 'measuring the runout',
  'lever-facts': 'lever ratio and bore from the sheet',
  'learned-give': 'the give of a sound brake of this kind, on its sheet',
  'repeat-place': 'reading that place again',
  'points-spread-out': 'points all round the track',
  'right-sheet': 'the sheet of this very brake, or another look at the number',
  replacement: 'simply replacing it',
};

function inputError(
  code: InputError['code'],
  numbers: Readonly<Record<string, number>> = {},
): string {
  const n = (name: string, decimals = 2) => mm(numbers[name] ?? 0, decimals);
  switch (code) {
    case 'empty':
      return 'Key the reading first.';
    case 'not-a-number':
      return 'Digits only, with a point or a comma if you like.';
    case 'not-positive':
      return 'This must be above zero.';
    case 'negative':
      return 'A thickness cannot be negative.';
    case 'too-many-digits':
      return `A digit too many: this gauge shows ${numbers.decimals ?? 2} decimals. Erase what belongs to the next reading.`;
    case 'too-few-digits':
      return 'The digits behind an implied 1 are not all there. Key both, or the whole number.';
    case 'implausible':
      return `No part here is that thick. It must be ${n('leastMm', 1)} to ${n('mostMm', 1)} mm.`;
    case 'zero-error-too-large':
      return `That is no zero error (${n('mostMm')} at most). Close the gauge, clean its anvils and read it again.`;
    case 'thicker-than-new':
      return `${n('thicknessMm')} is thicker than new (${n('newMm')}). Wrong sheet, or a ridge under the jaws?`;
    case 'thinner-than-plate':
      return `${n('thicknessMm')} is thinner than the plate alone (${n('plateMm')}). Friction only, or the wrong sheet?`;
    case 'new-not-above-limit':
      return `The sheet is wrong: new (${n('newMm')}) is not above the limit (${n('limitMm')}).`;
    case 'window-upside-down':
      return 'The lower torque must be below the higher one.';
    case 'too-few-points':
      return `${numbers.have ?? 0} of ${numbers.need ?? 0} readings.`;
    case 'firm-before-bite':
      return `The firm pull (${n('firmMm', 1)}) must go further than the bite (${n('biteMm', 1)}).`;
    case 'beyond-reach':
      return `${n('readMm', 1)} mm from the bar is more than the reach (${n('reachMm', 1)}).`;
    case 'points-back':
      return 'The crowfoot points back past the grip: no setting does that.';
    case 'not-slower':
      return 'A pull must end slower than it began.';
    case 'no-such-point':
      return 'There is no such point on this rotor.';
    case 'not-a-date':
      return 'This is not a date.';
  }
}

const flaw: Record<ProofFlaw, string> = {
  'passes-open': 'not every bolt is through every pass',
  'wrench-out-of-calibration': 'the wrench is out of calibration',
  'setting-outside-window': 'the setting is outside what proves the window',
  'over-torqued': 'a bolt went past its window: take it out and look at it',
  'gaps-open': 'the clamp’s gaps were not measured',
  'gaps-unequal': 'the clamp’s gaps are unequal',
  'torque-from-memory': 'the torque is from memory: find the maker’s value',
  'passes-out-of-order': 'a pass was done before the one it follows',
  'other-treatment': 'something else is on the thread than is asked for',
  'below-scale': 'a reading in the lowest fifth of the wrench’s scale',
};

const fastener: Record<FastenerId, string> = {
  'rotor-bolts': 'rotor bolts',
  'rotor-lockring': 'rotor lockring',
  'caliper-post': 'caliper bolts',
  'caliper-flat': 'caliper bolts, flat mount',
  'adapter-is': 'adapter bolts',
  'lever-clamp': 'lever clamp',
  'hose-nut-lever': 'hose nut at the lever',
  'hose-nut-caliper': 'hose nut at the caliper',
  'banjo-bolt': 'banjo bolt',
  'stem-clamp': 'stem clamp',
  'pinch-bolt': 'cable pinch bolt',
  'bleed-port': 'bleed port screw',
  'bleed-nipple': 'bleed nipple',
  'pad-pin': 'pad pin',
  'hose-guide': 'hose guide',
  'capped-port': 'capped lever port',
};
const check: Record<Check, string> = {
  'caliper-bolts': 'Caliper bolts tight',
  'rotor-bolts': 'Rotor bolts tight',
  'rotor-lockring': 'Rotor lockring tight',
  'lever-clamp': 'Lever clamp tight, gaps equal',
  'adapter-bolts': 'Adapter bolts tight, mark up',
  'pinch-bolt': 'Cable pinch bolt tight',
  'bar-and-stem': 'Bar straight, bearing play right on the ground, stem tight',
  'safety-clip': 'Safety clip or pin in the flat-mount bolts',
  'pad-pin-clip': 'Pad pin in, its clip on the end',
  'pad-spring': 'Pad spring seated',
  'port-screw-o-ring': 'Lever port shut, O-ring on its screw',
  'nipple-shut-cap': 'Nipple shut, cap on',
  'lever-hood': 'Lever hood back, dry under it',
  'hose-joint-dry': 'Hose joint dry',
  'hose-guides': 'Hose guides and cover on, no chafe',
  'bar-turns-free': 'Bar turns fully both ways, hose free',
  'cable-end-cap': 'Cable end capped',
  'throttle-springs-back': 'Throttle springs shut by itself',
  'no-drag': 'Wheel turns without drag',
};

/** A job’s number, as its tag shows it. */
const tagNumber = (number: number) => String(number).padStart(4, '0');

const plural = (about: Subject) => ['pads', 'clearance', 'leaks', 'bolts'].includes(about);

/** What of a brake is not as it must be. */
const brakeState: Record<keyof BrakeState, string> = {
  wheel: 'the wheel stands otherwise',
  rotor: 'the rotor stands otherwise',
  caliper: 'the caliper is not as tight, or as loose, as this wants',
  pads: 'the pads are in, or out, where they should not be',
  between: 'what is between the pads is not what this wants',
  pistons: 'the pistons stand otherwise',
  pistonsClean: 'the pistons were not swabbed',
  hoseAtCaliper: 'the hose at the caliper is open, or joined',
  hoseAtLever: 'the hose at the lever is open, or joined',
  olive: 'the olive is spent, or not yet',
  barb: 'the barb is spent, or not yet',
  leverClamp: 'the lever clamp is not as this wants it',
  port: 'the lever’s port is open, or shut',
  nipple: 'the nipple is open, or shut',
  system: 'the system was opened and is not bled',
  cable: 'the cable is open, or joined',
  tape: 'the bar tape is peeled, or still on',
  aligned: 'the caliper is not centred',
  torqued: 'the caliper is not tightened',
  rotorTorqued: 'the rotor is not tightened',
  boltsChecked: 'the bolts were not checked',
  held: 'the lever was not held hard for 60 s',
  standTested: 'it was not tested on the stand',
  ridden: 'it was not ridden with care',
  bedded: 'it is not bedded in',
};

function bar(what: Bar): string {
  switch (what.code) {
    case 'do-not-ride':
      return `Do not ride: ${end[what.end]} ${subject[what.subject]}${what.found.length > 0 ? `, ${list(what.found.map((f) => finding[f]))}` : ''}. Work and another look lift it, or a lead’s word.`;
    case 'lever-untested':
      return `The ${end[what.end]} brake was opened and its lever has no number since: test it for air.`;
    case 'bubbles-last':
      return `The last cycle at the ${end[what.end]} showed many bubbles: bleed on until they stop.`;
    case 'stand-untested':
      return `Try the ${end[what.end]} brake on the stand: it turns free, and nothing touches.`;
    case 'sheet-revised':
      return `The spec sheet of the ${end[what.end]} brake was revised since: take the new one, or a lead says why not.`;
    case 'refused-before':
      return `An earlier visit’s customer would not have the ${end[what.end]} ${subject[what.subject]} replaced: do the work, or write down that it is refused again.`;
    case 'replace-open':
      return `The ${end[what.end]} ${subject[what.subject]}: the work must be done, or the customer’s refusal recorded.`;
    case 'unproven-open':
      return `The ${end[what.end]} ${subject[what.subject]} ${plural(what.subject) ? 'are' : 'is'} not proven. A lead may accept it, with a reason.`;
    case 'watch-untold':
      return `Tell the customer that the ${end[what.end]} ${subject[what.subject]} ${plural(what.subject) ? 'are' : 'is'} to be watched.`;
    case 'torque-unproven':
      return `The ${end[what.end]} ${fastener[what.fastener]}: torque not proven, ${list(what.flaws.map((f) => flaw[f]))}.`;
    case 'check-open':
      return what.failed
        ? `${end[what.end][0]!.toUpperCase()}${end[what.end].slice(1)}: “${check[what.check]}” failed at the final check.`
        : `${end[what.end][0]!.toUpperCase()}${end[what.end].slice(1)}: tick “${check[what.check]}” at the final check.`;
    case 'still-tagged':
      return `An earlier visit left a do-not-ride on this bike: ${end[what.end]} ${subject[what.subject]}${what.found.length > 0 ? `, ${list(what.found.map((f) => finding[f]))}` : ''}. Look at it again, or do the work.`;
    case 'work-open':
      return `Work at the ${end[what.end]} was begun and is not finished: ${brakeState[what.of]}.`;
    case 'lever-side-unconfirmed':
      return 'Confirm with the rider which lever works the front brake.';
    case 'cut-off-untested':
      return 'Test that each lever cuts the motor.';
    case 'cut-off-failed':
      return 'The motor cut-off failed its test.';
  }
}

const containerRefusal: Record<ContainerRefusal, string> = {
  'wrong-family': 'wrong family: it would ruin the seals',
  'poorer-grade': 'poorer than the sheet asks',
  'other-blend': 'another blend than the sheet names',
  'written-off': 'written off',
  spoiled: 'cloudy, dark or with bits in it',
  expired: 'past its use-by',
  empty: 'empty',
  'not-enough': 'not that much left',
};

function setting(answer: ClickSetting): string {
  switch (answer.code) {
    case 'set':
      return `set ${nm(answer.setNm)} (${nm(answer.loNm)} to ${nm(answer.hiNm)} proves it)`;
    case 'window-too-narrow':
      return 'its tolerance is wider than the window: it cannot prove this bolt';
    case 'outside-scale':
      return `usable from ${nm(answer.leastNm)} to ${nm(answer.mostNm)} N·m only`;
  }
}

function padSign(sign: PadSign): string {
  return sign.code === 'one-side-ahead'
    ? `${sign.thinner === 'inner' ? 'Inner' : 'Outer'} pad ${mm(sign.differenceMm)} thinner: a piston sticks, or the caliper is off centre.`
    : `${sign.pad === 'inner' ? 'Inner' : 'Outer'} pad tapers ${mm(sign.differenceMm)} to the ${sign.thinner} end: the caliper sits skewed, or its mount is not square.`;
}

const RIDER_SUBJECT: Record<Subject, string> = {
  rotor: 'brake disc',
  pads: 'brake pads',
  runout: 'disc, how true it runs',
  clearance: 'room between pads and disc',
  lever: 'brake lever',
  'mount-face': 'seat of the caliper',
  caliper: 'caliper, the part that squeezes',
  leaks: 'oil leaks',
  hose: 'brake hose',
  cable: 'brake cable',
  fluid: 'brake fluid',
  bolts: 'bolts',
  mount: 'caliper mount',
};

/** The rider’s version: what it means for them, in one or two plain sentences. */
const rider = {
  subject: (at: End, about: Subject) => `${end[at]} ${RIDER_SUBJECT[about]}`,
  says: (item: {
    word: Word;
    doNotRide: boolean;
    found: readonly Finding[];
    work: readonly Work[];
  }) => {
    const seen =
      item.found.length > 0 ? ` We saw: ${list(item.found.map((f) => finding[f]))}.` : '';
    const doing =
      item.work.length > 0 ? ` What helps: ${list(item.work.map((w) => work[w]))}.` : '';
    if (item.doNotRide) return `This could make the brake fail. Please do not ride.${seen}${doing}`;
    switch (item.word) {
      case 'replace':
        return `At its end: this needs doing now.${seen}${doing}`;
      case 'unproven':
        return `We could not prove this good today, so we do not say that it is.${seen}${doing}`;
      case 'watch':
        return item.work.length > 0
          ? `Not past its limit, and not right either.${seen}${doing}`
          : `Not past its limit, and getting near it. We will look again next time.${seen}`;
      case 'holds':
        return 'Good.';
    }
  },
};

/** "Front rotor, point 3: 1.47 mm" of an entry, for whoever has to deal with it. */
function about({ kind, end: at, part: of, place: where, value }: About): string {
  const thing = [at ? end[at] : null, of ? subject[of] : null].filter(Boolean).join(' ');
  const what = entryKind[kind];
  const name = thing ? `${thing}${where ? `, ${place(where)}` : `: ${what}`}` : what;
  return `${name[0]!.toUpperCase()}${name.slice(1)}${value === null ? '' : `: ${mm(value)} mm`}`;
}
const entryKind: Record<SentKind, string> = {
  identification: 'the brake identified',
  measurement: 'a measurement begun',
  reading: 'a reading',
  look: 'what was looked at beside a measurement',
  'look-over': 'what was looked over',
  fitting: 'a part fitted',
  tightening: 'a tightening begun',
  'pass-mark': 'a bolt tightened',
  'clamp-gaps': 'the gaps of a clamp',
  fill: 'fluid booked off',
  'fluid-back': 'fluid poured back',
  waste: 'fluid drained',
  'part-taken': 'a part off the shelf',
  test: 'a test at hand-over',
  'plan-choice': 'the plan',
  'plan-step': 'a step of the plan',
  'bleed-cycle': 'a cycle of the bleed',
  ticked: 'a check by name',
  deviation: 'a deviation',
  'bedding-pull': 'a pull of bedding in',
  witness: 'the witness ring',
  'customer-answer': 'the customer’s answer',
  'part-brought': 'a part the customer brought',
  'taken-back': 'something taken back',
  repair: 'work done',
};

/** What was touched since something was proven. */
const touched: Record<Touch, string> = {
  rotor: 'another rotor is on',
  pads: 'other pads are in',
  'rotor-face': 'the rotor was abraded',
  'pad-face': 'the pads were abraded',
  'rotor-seat': 'the rotor was off or loose',
  'rotor-true': 'the rotor was trued',
  axle: 'axle or bearing was touched',
  caliper: 'the caliper was loose or moved',
  'caliper-changed': 'another caliper is on',
  mount: 'the mount was dressed',
  pistons: 'the pistons were moved',
  'opened-at-lever': 'the system was opened',
  'opened-at-caliper': 'the system was opened',
  fluid: 'fluid was moved',
  joint: 'a joint was made anew',
  hose: 'the hose was changed',
  'lever-place': 'the lever was moved on its bar',
  'lever-off': 'the lever was off its bar',
  'lever-changed': 'another lever is on',
  throttle: 'the throttle was touched',
  cable: 'the cable was touched',
  'lever-side': 'the lever side was changed',
};

const lack = (what: Lack): string => {
  switch (what.code) {
    case 'places':
      return `not read again at ${list(what.places.map(place))}`;
    case 'incomplete':
      return 'the later one proves nothing by itself';
    case 'doubt-larger':
      return 'the later gauge is the worse one';
    case 'words':
      return 'nobody wrote why the first was wrong';
    case 'lead':
      return 'the two differ by more than both doubts: a lead’s word is wanted';
    case 'work':
      return 'nothing was done that could cure it: a lead’s word is wanted';
  }
};

/** That an earlier sitting condemned it, and what the later ones lack. */
const held = ({ places, lacks }: Held): string => {
  const read = places.map(({ place: at, readMm }) => `${mm(readMm)} at ${place(at)}`);
  const before = read.length > 0 ? `Read before: ${list(read)}.` : 'It failed before.';
  return `${before} That stands: ${list((lacks ?? []).map(lack))}.`;
};

const decided: Record<DecisionEntry['decision'], string> = {
  'accepted-unproven': 'Accepted',
  'customer-refused': 'Customer refuses',
  'seen-wrong': 'Seen wrong',
  'kept-sheet': 'The old sheet is kept',
};

export const en = {
  decided,
  sayWhy:
    'This betters the word. Write why the reading before it was wrong, or take it once more beside it.',
  touched,
  held,
  app: 'Hold Fast',
  format: { mm, nm, money, percent, list },
  end,
  part,
  word,
  standing,
  counted,
  origin,
  tag,
  tagNumber,
  finding,
  rider,
  area,
  subject,
  work,
  band,
  meaning,
  cure,
  leverSign,
  forecastSays,
  clock,
  place,
  padPlace,
  corner,
  leverPlace,
  school,
  reason,
  settle,
  inputError,
  about,
  notKept:
    'Not taken: this device has no room to keep it, or may not. Free some room, or allow this page to keep things, then take it again.',
  flaw,
  bar,
  fastener,
  check,
  brakeState,
  containerRefusal,
  setting,
  padSign,
  role: { owner: 'owner', lead: 'lead', mechanic: 'mechanic', counter: 'counter' } satisfies Record<
    Role,
    string
  >,
  places: {
    bench: 'Bench',
    bikes: 'Bikes',
    reckoner: 'Reckoner',
    stores: 'Stores',
    ledger: 'Ledger',
  },
  skip: 'Skip to the page',
  /** What a key of the hardware keyboard does. */
  keys: {
    title: 'Keys of this screen',
    none: 'This screen has no keys of its own.',
    digits: '0 to 9, point, comma: type the number',
    close: 'Close',
    take: 'take the number',
    erase: 'erase, or back to the last number',
    nextPlace: 'the next place',
    placeBefore: 'the place before',
    openPlace: 'the first place that is open',
    hold: 'begin the hold, or go on after it',
    stepDone: 'the step is done',
    stepBack: 'take the last step back',
    pulled: 'the pull was made',
    tight: 'this bolt is there',
    ridgeFelt: 'a ridge is felt',
    noRidge: 'no ridge',
    help: 'show these keys',
    named: {
      ' ': 'Space',
      ArrowRight: '→',
      ArrowLeft: '←',
      Escape: 'Esc',
      Backspace: '⌫',
    } as Partial<Record<string, string>>,
  },
  family: { glycol: 'glycol', silicone: 'silicone', mineral: 'mineral' } satisfies Record<
    Family,
    string
  >,
  gaugeKind: {
    'outside-micrometer': 'outside micrometer',
    'thickness-gauge': 'thickness gauge',
    'digital-caliper': 'digital caliper',
    'vernier-caliper': 'vernier caliper',
    'dial-indicator': 'dial indicator',
    'feeler-gauges': 'feeler gauges',
    rule: 'steel rule',
  } satisfies Record<GaugeKind, string>,
  actuation: {
    hydraulic: 'hydraulic',
    cable: 'cable',
    'cable-pulled-hydraulic': 'cable-pulled hydraulic',
  },
  mount: { post: 'post mount', flat: 'flat mount', is: 'IS mount' },
  thread: {
    'new-coated': 'New bolts, coated',
    'medium-threadlocker': 'Medium threadlocker',
    'anti-seize': 'Anti-seize',
    grease: 'Grease',
    'carbon-paste': 'Carbon paste',
    dry: 'Dry',
  } satisfies Record<ThreadTreatment, string>,
  pass: { snug: 'snug', half: 'half', full: 'full', verify: 'check' } satisfies Record<
    Pass,
    string
  >,
  compound: {
    organic: 'Organic (O)',
    'semi-metallic': 'Semi-metallic',
    metallic: 'Metallic (M, copper-coloured plate)',
    unknown: 'Unmarked, unknown',
  } satisfies Record<Compound, string>,
  fittedAs: { found: 'found on the bike', new: 'new', used: 'used' } satisfies Record<
    FittedAs,
    string
  >,
  rebedding: {
    'new-rotor': 'New rotor with them',
    'strip-and-bed-in': 'Strip the track and bed in again',
    'ridden-as-is': 'Ridden as it is, customer told',
  } satisfies Record<Rebedding, string>,
  scene: {
    steady: 'Sound parts',
    'worn-rotor': 'Worn rotor',
    'wavy-rotor': 'Wavy rotor',
    'shaky-hand': 'Shaky hand',
    inches: 'Set to inches',
    'dropped-line': 'Dropped line',
    'light-hand': 'Light hand, 5.4 N·m',
    'firm-hand': 'Firm hand, 7 N·m',
    'too-much': 'Too much, 9 N·m',
  } satisfies Record<Scene, string>,
  unused: {
    'nobody-waiting': 'no open step waits for this gauge',
    'wrong-unit': 'it is set to another unit',
    'unknown-gauge': 'no such gauge in the register',
    'not-a-number': 'not a number',
    repeated: 'sent twice',
  } satisfies Record<Unused, string>,
  step: {
    plan: 'the plan',
    identify: 'identify',
    rotor: 'rotor',
    pads: 'pads',
    'rotor-bolts': 'bolts',
    'sign-off': 'sign off',
  } satisfies Record<Step, string>,
  symptom: {
    squeal: 'Squeals',
    howl: 'Howls, braking hard',
    scrape: 'Scrapes once a turn',
    'constant-drag': 'Drags',
    weak: 'Weak',
    'fades-hot': 'Fades when hot',
    spongy: 'Spongy',
    'lever-to-bar': 'Lever to the bar',
    'lever-changes': 'Lever changes with pumping',
    'lever-sinks': 'Lever sinks',
    'slow-return': 'Slow return',
    pulsing: 'Pulses',
    knock: 'Knocks or rattles',
    'uneven-pads': 'Pads wear unevenly',
    'oil-seen': 'Oil seen',
    'one-sided': 'One pad moves',
    'wet-noise': 'Only in the wet',
  } satisfies Record<Symptom, string>,
} as const;

export type Catalogue = typeof en;
