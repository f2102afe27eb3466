import type { ReckonedOf } from '@hold-fast/core/procedure/reckons';
import type { Unswept } from '@hold-fast/core/mount/radial';
import type { LeverSign } from '@hold-fast/core/lever/sign';
import type { Subject } from '@hold-fast/core/inspection/inspected';
import type { Held, Lack } from '@hold-fast/core/evidence/readings';
import type { Forecast } from '@hold-fast/core/forecast/forecast';
import type { Finding } from '@hold-fast/core/inspection/findings';
import type { Work } from '@hold-fast/core/inspection/work';
import type { RunoutMeaning } from '@hold-fast/core/runout/meaning';
import type { InputError } from '@hold-fast/core/inputError';
import type { End } from '@hold-fast/core/ends';
import type { Bar } from '@hold-fast/core/procedure/signOff';
import type { ClickSetting } from '@hold-fast/core/torque/wrench';
import type { PadSign } from '@hold-fast/core/wear/padPattern';
import type { Reason, Word } from '@hold-fast/core/wear/verdict';
import { capital } from '../capital';
import { calendarDay } from '../days';
import type { VerdictWords } from '../catalogue/verdicts';
import { format } from '../format';
import { placeIn } from '../placeIn';
import { sentences } from './sentences';
import { things } from './things';

const { mm, nm, percent, list } = format;
const { end, subject, finding, work, brakeState, fastener, check, flaw, cure, riderSubject } =
  things;
const clock = (oClock: number) => `${format.tenths(oClock)} o’clock`;
const place = placeIn(things, sentences);

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
      return `only ${percent(why.shareLeft)} of what may wear is left`;
    case 'due-before-service':
      return `it may reach its limit before the next service (${why.unit === 'km' ? `early ${format.distance(why.early)}, service at ${format.distance(why.nextService)}` : 'by the dates of its readings'})`;
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
      return `${numbers.have ?? 0} of ${numbers.need ?? 0} needed.`;
    case 'too-many-points':
      return `Too many points: ${numbers.most ?? 0} at most.`;
    case 'not-farther':
      return `The point at ${numbers.atM ?? 0} m is no farther than the one before it.`;
    case 'too-steep':
      return `${numbers.gradePercent ?? 0} % at ${numbers.atM ?? 0} m: steeper than any road. Look at the heights there.`;
    case 'too-large':
      return 'The file is too large to be a track.';
    case 'not-a-track':
      return 'This is no track: a GPX file with points is wanted.';
    case 'no-heights':
      return 'The track has no heights. A device that keeps them, or points keyed by hand, will do.';
    case 'track-gap':
      return `The track has a gap of ${numbers.gapM ?? 0} m after ${numbers.atM ?? 0} m. Cut it there and read one part.`;
    case 'firm-before-bite':
      return `The firm pull (${n('firmMm', 1)}) must go further than the bite (${n('biteMm', 1)}).`;
    case 'beyond-reach':
      return `${n('readMm', 1)} mm from the bar is more than the reach (${n('reachMm', 1)}).`;
    case 'points-back':
      return 'The crowfoot points back past the grip: no setting does that.';
    case 'sizes-reversed':
      return 'The largest size lies under the smallest.';
    case 'same-spot':
      return 'Guide and lever port cannot be on one spot.';
    case 'beyond-a-turn':
      return 'Beyond a turn: the bar turns 180° either way at most, a direction 360°.';
    case 'too-shallow':
      return 'The hole is too shallow for the thread this bolt needs.';
    case 'out-of-range':
      return `It must be ${n('least', 0)} to ${n('most', 0)}.`;
    case 'bite-past-bar':
      return `A bite at ${n('biteMm', 1)} mm is past the bar: the reach is ${n('reachMm', 1)} mm.`;
    case 'not-slower':
      return 'A pull must end slower than it began.';
    case 'no-such-point':
      return 'There is no such point on this rotor.';
    case 'not-a-date':
      return 'This is not a date.';
  }
}

function bar(what: Bar): string {
  switch (what.code) {
    case 'away':
      return 'It is written that the bike is out of the shop: say when it is back, then prove what was proven anew.';
    case 'stay-unsaid':
      return `Nobody said whether the bike has been here since the work of ${calendarDay(what.since)}.`;
    case 'do-not-ride':
      return `Do not ride: ${end[what.end]} ${subject[what.subject]}${what.found.length > 0 ? `, ${list(what.found.map((f) => finding[f]))}` : ''}. Work and another look lift it, or a lead’s word.`;
    case 'lever-untested':
      return `The ${end[what.end]} brake was opened and its lever has no number since: test it for air.`;
    case 'bubbles-last':
      return `The last cycle at the ${end[what.end]} showed many bubbles: bleed on until they stop.`;
    case 'bleed-unrecorded':
      return what.lacks === 'fluid'
        ? `The ${end[what.end]} brake was bled: book the fluid off its container, so that its lot is known.`
        : `The ${end[what.end]} brake was bled: log what was seen of bubbles, cycle by cycle.`;
    case 'stand-untested':
      return `Try the ${end[what.end]} brake on the stand: it turns free, and nothing touches.`;
    case 'sheet-revised':
      return `The spec sheet of the ${end[what.end]} brake was revised since: take the new one, or a lead says why not.`;
    case 'refused-before':
      return `An earlier visit’s customer would not have the ${end[what.end]} ${subject[what.subject]} replaced: do the work, or write down that it is refused again.`;
    case 'replace-open':
      return `The ${end[what.end]} ${subject[what.subject]}: the work must be done.`;
    case 'unproven-open':
      return `The ${end[what.end]} ${subject[what.subject]} ${plural(what.subject) ? 'are' : 'is'} not proven.`;
    case 'watch-untold':
      return `Tell the customer that the ${end[what.end]} ${subject[what.subject]} ${plural(what.subject) ? 'are' : 'is'} to be watched.`;
    case 'torque-unproven':
      return `The ${end[what.end]} ${fastener[what.fastener]}: torque not proven, ${list(what.flaws.map((f) => flaw[f]))}.`;
    case 'check-open':
      return what.failed
        ? `${capital(end[what.end])}: “${check[what.check]}” failed at the final check.`
        : `${capital(end[what.end])}: tick “${check[what.check]}” at the final check.`;
    case 'still-tagged':
      return `An earlier visit left a do-not-ride on this bike: ${end[what.end]} ${subject[what.subject]}${what.found.length > 0 ? `, ${list(what.found.map((f) => finding[f]))}` : ''}. Look at it again, or do the work.`;
    case 'work-open':
      return `Work at the ${end[what.end]} was begun and is not finished: ${brakeState[what.of]}.`;
    case 'lever-side-unconfirmed':
      return 'Confirm with the rider which lever works the front brake.';
    case 'cut-off-untested':
      return `Test that the lever of the ${end[what.end]} brake cuts the motor.`;
    case 'cut-off-failed':
      return `The lever of the ${end[what.end]} brake did not cut the motor.`;
    case 'notice-open':
      return `A maker’s notice meets this bike: “${what.title}”. Say what was done about it${what.doNotRide ? ': a lead does, it says not to ride' : ''}.`;
    case 'unseconded':
      return `An apprentice worked at the ${end[what.end]} brake: somebody else looks at it, by name.`;
    case 'reckoned-against':
      return `${capital(end[what.end])}: ${against[what.of]}`;
    case 'bite-not-risen':
      return `The bite of the ${end[what.end]} brake did not rise while it was bedded in: look for oil or an old layer, pull on, and feel it again.`;
    case 'unswept':
      return `${capital(end[what.end])}: ${unswept[what.why]}`;
  }
}

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

const plural = (about: Subject) => ['pads', 'clearance', 'leaks', 'bolts'].includes(about);

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

const held = ({ places, lacks }: Held): string => {
  const read = places.map(({ place: at, readMm }) => `${mm(readMm)} at ${place(at)}`);
  const before = read.length > 0 ? `Read before: ${list(read)}.` : 'It failed before.';
  return `${before} That stands: ${list((lacks ?? []).map(lack))}.`;
};

const against: Record<ReckonedOf, string> = {
  fit: 'the rotor that is on does not fit here, or nobody knows the largest allowed.',
  hose: 'the hose is too short: it tears out in a crash.',
  levers: 'the levers do not sit alike.',
  cable: 'lever and caliper want different pulls.',
  stops: 'the stops were not good.',
};

const unswept: Record<Unswept, string> = {
  outside: 'the pads lie outside their place on the track. Washers, and measure e again.',
  'off-the-edge':
    'the witness ring runs off the edge. Measure e anew, then look at the ring again.',
  moved: 'the caliper was moved since e was measured. Measure it again.',
  unmeasured: 'e was measured for a step, and taken back. Measure it.',
};

const benchRule: VerdictWords['benchRule'] = {
  1: 'no lever pull with the pads out unless something holds the pistons, and no hard one with the clamp loose',
  2: 'no pads or rotor within reach of open fluid',
  3: 'the nipple is shut before the lever is released, and before a syringe comes off',
  4: 'block, spacer and tool are out before the wheel turns',
  5: 'everything opened is shut',
  6: 'an opened joint gets new seals, a cut hose a new barb',
  7: 'pistons home before new pads',
  8: 'aligned before final torque and the torque at once, torque before the stand test, the stand test before any ride, bedding-in last',
  9: 'hands and bench clean between fluid and pads',
};

const rider: VerdictWords['rider'] = {
  subject: (at: End, about: Subject) => `${end[at]} ${riderSubject[about]}`,
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

export const verdicts: VerdictWords = {
  torques: (loNm, hiNm) => format.torques(loNm, hiNm, 'to'),
  meaning,
  leverSign,
  forecastSays,
  reason,
  inputError,
  bar,
  benchRule,
  setting,
  padSign,
  held,
  rider,
};
