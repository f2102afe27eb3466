import type { Symptom } from '@hold-fast/core/trouble/symptoms';
import type { Role } from '@hold-fast/contract/people';
import type { ContainerRefusal } from '@hold-fast/core/fluid/container';
import type { Family } from '@hold-fast/core/fluid/families';
import type { GaugeKind } from '@hold-fast/core/gauge/gauge';
import type { InputError } from '@hold-fast/core/inputError';
import type { Bar, End, Part } from '@hold-fast/core/procedure/signOff';
import type { Step } from '@hold-fast/core/procedure/nextStep';
import type { Origin, Tag } from '@hold-fast/core/source';
import type { ProofFlaw } from '@hold-fast/core/torque/proof';
import type { Pass } from '@hold-fast/core/torque/sequence';
import type { ThreadTreatment } from '@hold-fast/core/torque/thread';
import type { ClickSetting } from '@hold-fast/core/torque/wrench';
import type { PadPlace, PadSchool } from '@hold-fast/core/wear/pads';
import type { PadSign } from '@hold-fast/core/wear/padPattern';
import type { RotorDamage } from '@hold-fast/core/wear/rotor';
import type { Reason, Settle, Word } from '@hold-fast/core/wear/verdict';

// Everything the app says, in English. A second language is a second file of this shape.

const mm = (value: number, decimals = 2) => value.toFixed(decimals);
const nm = (value: number) => value.toFixed(2).replace(/0$/, '');
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
const origin: Record<Origin, string> = { stamped: 'stamped', sheet: 'sheet', shop: 'shop' };
const tag: Record<Tag, string> = {
  S: 'published',
  P: 'common practice',
  M: 'from memory',
  D: 'our choice',
};
const damage: Record<RotorDamage, string> = {
  crack: 'crack',
  'deep-scoring': 'deep scoring',
  'overheating-colours': 'overheating colours',
  'loose-rivets': 'loose rivets',
  'bent-beyond-truing': 'bent beyond truing',
};
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

const place = (at: string) => (/^\d+$/.test(at) ? `point ${at}` : (padPlace[at as PadPlace] ?? at));

function reason(why: Reason): string {
  switch (why.code) {
    case 'damaged':
      return `${damage[why.finding as RotorDamage] ?? why.finding}: replace whatever the thickness`;
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
        : `the gauge’s calibration ended ${why.dueOn}`;
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
      return `This gauge shows ${numbers.decimals ?? 2} decimals. Too many digits.`;
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
  'torque-from-memory': 'the torque is from memory: find the maker’s value',
};

function bar(what: Bar): string {
  switch (what.code) {
    case 'do-not-ride':
      return `Do not ride: ${damage[what.finding as RotorDamage] ?? what.finding}, ${end[what.end]}. Only work lifts it.`;
    case 'lever-failed':
      return `The ${end[what.end]} lever failed its test.`;
    case 'replace-open':
      return `The ${end[what.end]} ${part[what.part]} must be replaced, or the customer’s refusal recorded.`;
    case 'unproven-open':
      return `The ${end[what.end]} ${part[what.part]} ${what.part === 'pads' ? 'are' : 'is'} not proven. A lead may accept it, with a reason.`;
    case 'watch-untold':
      return `Tell the customer that the ${end[what.end]} ${part[what.part]} ${what.part === 'pads' ? 'are' : 'is'} near the limit.`;
    case 'torque-unproven':
      return `The ${end[what.end]} rotor’s torque is not proven: ${list(what.flaws.map((f) => flaw[f]))}.`;
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

export const en = {
  app: 'Hold Fast',
  format: { mm, nm, percent, list },
  end,
  part,
  word,
  origin,
  tag,
  damage,
  padPlace,
  school,
  reason,
  settle,
  inputError,
  flaw,
  bar,
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
    dry: 'Dry',
  } satisfies Record<ThreadTreatment, string>,
  pass: { snug: 'snug', half: 'half', full: 'full', verify: 'check' } satisfies Record<
    Pass,
    string
  >,
  step: {
    identify: 'identify',
    rotor: 'rotor',
    pads: 'pads',
    'rotor-bolts': 'rotor bolts',
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
