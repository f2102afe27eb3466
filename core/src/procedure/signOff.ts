import type { DecisionKind } from '../evidence/decidable';
import type { ReckonedOf } from './reckons';
import type { Outcome } from '../evidence/outcome';
import { isSameThing, type Subject, type Thing } from '../inspection/inspected';
import type { ProofFlaw } from '../torque/proof';
import type { Finding } from '../inspection/findings';
import type { BrakeState } from '../plan/state';
import type { FastenerId } from '../torque/fasteners';
import type { Word } from '../wear/verdict';
import type { Check } from './checks';
import type { Unswept } from '../mount/radial';
import type { End } from '../ends';

/** Where a job stands when somebody wants to sign it. */
export interface SignOffFacts {
  /** It is written that the bike is out of the shop. */
  away: boolean;
  leverSideConfirmed: boolean;
  /** The bike has a motor, so each lever must have been seen to cut it. */
  motor: boolean;
  /** Of each lever, by the first end it works, whether it was seen to cut the motor. */
  cutOff: readonly { end: End; outcome: Outcome | null }[];
  /** What was inspected. What nobody looked at is not here. */
  inspected: readonly {
    end: End;
    subject: Subject;
    word: Word;
    /** Nothing but work lifts it. */
    doNotRide: boolean;
    found: readonly Finding[];
    /** Whether a lead may accept it as unproven, and the customer refuse to have it replaced. */
    acceptable: boolean;
    refusable: boolean;
    /** A lead accepts "unproven"; the customer refuses to have "replace" replaced. Both with their words. */
    decision: 'accepted-unproven' | 'customer-refused' | null;
  }[];
  /** Safety bolts that were touched. */
  tightenings: readonly { end: End; fastener: FastenerId; flaws: readonly ProofFlaw[] }[];
  /** What has to be ticked by name where work was done, and is open or failed. */
  openChecks: readonly { end: End; check: Check; failed: boolean }[];
  /** A do-not-ride from an earlier visit that no work and no later look has lifted. */
  tagged: readonly { end: End; subject: Subject; found: readonly Finding[] }[];
  /** Ends at which planned work was begun and the brake is not ready yet, with the first thing that is open. */
  openEnds: readonly { end: End; of: keyof BrakeState }[];
  /** Ends at which the system was opened, with no number of the lever since that proves it. */
  leversUntested: readonly End[];
  /** Ends that were bled at this visit, with what of it is not on record. */
  bleedsUnrecorded: readonly { end: End; lacks: BleedLack }[];
  /** Ends that were last seen with many bubbles. */
  bubblesLast: readonly End[];
  /** Ends that were worked on and not tried on the stand since, or failed there. */
  standUntested: readonly End[];
  /** Ends at which the pads do not sweep the track, or nobody knows any more. */
  unswept: readonly { end: End; why: Unswept }[];
  /** Bedded in, and the bite did not rise. */
  unbitten: readonly End[];
  /** What a calculator said no to, and still is so. */
  reckonedAgainst: readonly { end: End; of: ReckonedOf }[];
  /** Ends whose sheet was revised in what it says, with nobody having taken the new one or said why not. */
  sheetsRevised: readonly End[];
  /** What the customer would not have replaced at an earlier visit, and nothing has mended since. */
  refusedBefore: readonly Thing[];
  /** Makers' notices that meet the bike, and nobody has said what was done about them. */
  noticesOpen: readonly { noticeId: string; title: string; doNotRide: boolean }[];
  /** Ends at which an apprentice worked, and nobody else has looked since. */
  unseconded: readonly End[];
  /** What is being watched and the customer was told of; `all` before anybody is asked. */
  toldOf: 'all' | readonly Thing[];
}

/** What of a bleed is not on record: which fluid from which lot, or what was seen of bubbles. */
export type BleedLack = 'fluid' | 'cycles';

export type Bar =
  | { code: 'away' }
  | { code: 'stay-unsaid'; since: string }
  | { code: 'lever-side-unconfirmed' }
  | { code: 'cut-off-untested'; end: End }
  | { code: 'cut-off-failed'; end: End }
  | { code: 'unswept'; end: End; why: Unswept }
  | { code: 'bite-not-risen'; end: End }
  | { code: 'reckoned-against'; end: End; of: ReckonedOf }
  | { code: 'lever-untested'; end: End }
  | { code: 'bubbles-last'; end: End }
  | { code: 'bleed-unrecorded'; end: End; lacks: BleedLack }
  | { code: 'stand-untested'; end: End }
  | { code: 'sheet-revised'; end: End }
  | { code: 'refused-before'; end: End; subject: Subject }
  | { code: 'replace-open'; end: End; subject: Subject }
  | { code: 'unproven-open'; end: End; subject: Subject }
  | { code: 'watch-untold'; end: End; subject: Subject }
  | { code: 'work-open'; end: End; of: keyof BrakeState }
  | { code: 'torque-unproven'; end: End; fastener: FastenerId; flaws: readonly ProofFlaw[] }
  | { code: 'check-open'; end: End; check: Check; failed: boolean }
  | { code: 'notice-open'; noticeId: string; title: string; doNotRide: boolean }
  | { code: 'unseconded'; end: End }
  | { code: 'still-tagged'; end: End; subject: Subject; found: readonly Finding[] }
  | { code: 'do-not-ride'; end: End; subject: Subject; found: readonly Finding[] };

/** What a bar is about, so that it is known again. */
export const nameOfBar = (bar: Bar): string =>
  [
    bar.code,
    'end' in bar && bar.end,
    'fastener' in bar && bar.fastener,
    'check' in bar && bar.check,
    'subject' in bar && bar.subject,
    'noticeId' in bar && bar.noticeId,
  ].join(' ');

interface BarRule {
  /** What of the brake it hangs on when the bike leaves unrepaired; null of what is asked anew at every visit. */
  hangsOn: 'what-it-is-about' | Subject | null;
  /** What answers it by words and a PIN, where that may be decided about the thing. */
  decisions: readonly DecisionKind[];
}

/** Every bar, with what becomes of it [D]. A notice meets the bike at its next visit by itself. */
const RULES: Readonly<Record<Bar['code'], BarRule>> = {
  away: { hangsOn: null, decisions: [] },
  'stay-unsaid': { hangsOn: null, decisions: [] },
  'lever-side-unconfirmed': { hangsOn: null, decisions: [] },
  'cut-off-untested': { hangsOn: null, decisions: [] },
  'cut-off-failed': { hangsOn: 'lever', decisions: [] },
  unswept: { hangsOn: 'caliper', decisions: [] },
  'bite-not-risen': { hangsOn: 'pads', decisions: [] },
  'reckoned-against': { hangsOn: 'caliper', decisions: [] },
  'lever-untested': { hangsOn: 'lever', decisions: [] },
  'bubbles-last': { hangsOn: 'lever', decisions: [] },
  'bleed-unrecorded': { hangsOn: 'lever', decisions: [] },
  'stand-untested': { hangsOn: 'caliper', decisions: [] },
  'sheet-revised': { hangsOn: null, decisions: ['kept-sheet'] },
  'refused-before': { hangsOn: 'what-it-is-about', decisions: ['customer-refused', 'seen-wrong'] },
  'replace-open': { hangsOn: 'what-it-is-about', decisions: ['customer-refused', 'seen-wrong'] },
  'unproven-open': { hangsOn: 'what-it-is-about', decisions: ['accepted-unproven'] },
  'watch-untold': { hangsOn: null, decisions: [] },
  'work-open': { hangsOn: 'caliper', decisions: [] },
  'torque-unproven': { hangsOn: 'bolts', decisions: [] },
  'check-open': { hangsOn: 'caliper', decisions: [] },
  'notice-open': { hangsOn: null, decisions: [] },
  unseconded: { hangsOn: 'caliper', decisions: [] },
  'still-tagged': { hangsOn: 'what-it-is-about', decisions: ['seen-wrong'] },
  'do-not-ride': { hangsOn: 'what-it-is-about', decisions: ['seen-wrong'] },
};

/** What of the brake a bar hangs on when the bike leaves unrepaired. */
export function hangsOn(bar: Bar): Thing | null {
  const { hangsOn: on } = RULES[bar.code];
  if (on === null || !('end' in bar)) return null;
  if (on !== 'what-it-is-about') return { end: bar.end, subject: on };
  return 'subject' in bar ? { end: bar.end, subject: bar.subject } : null;
}

/** What may answer a bar by words and a PIN. */
export const decidedBy = ({ code }: Bar): readonly DecisionKind[] => RULES[code].decisions;

/**
 * What bars a sign-off, the gravest first; none means that it may be signed.
 * No sign-off with an open do-not-ride, an unproven torque on a safety bolt, a failed lever test, an
 * unconfirmed lever side, or an untested motor cut-off. Watch passes with the customer told. Unproven wear passes only
 * when a lead accepts it. Replace leaves only as a recorded refusal. A do-not-ride is never waived.
 */
export function signOffBars(facts: SignOffFacts): Bar[] {
  const bars: Bar[] = facts.inspected
    .filter(({ doNotRide }) => doNotRide)
    .map(({ end, subject, found }) => ({ code: 'do-not-ride', end, subject, found }));
  for (const { end, subject, found } of facts.tagged)
    bars.push({ code: 'still-tagged', end, subject, found });
  if (facts.away) bars.push({ code: 'away' });
  for (const notice of facts.noticesOpen) bars.push({ code: 'notice-open', ...notice });
  for (const {
    end,
    subject,
    word,
    decision,
    doNotRide,
    acceptable,
    refusable,
  } of facts.inspected) {
    // What is not ridden at all is left neither to the customer's refusal nor to a lead's acceptance, and is barred once.
    if (word === 'replace' && !doNotRide && !(refusable && decision === 'customer-refused'))
      bars.push({ code: 'replace-open', end, subject });
    if (word === 'unproven' && !doNotRide && !(acceptable && decision === 'accepted-unproven'))
      bars.push({ code: 'unproven-open', end, subject });
    if (word === 'watch' && !wasTold(facts.toldOf, { end, subject }))
      bars.push({ code: 'watch-untold', end, subject });
  }
  for (const { end, subject } of facts.refusedBefore)
    bars.push({ code: 'refused-before', end, subject });
  for (const end of facts.sheetsRevised) bars.push({ code: 'sheet-revised', end });
  for (const end of facts.leversUntested) bars.push({ code: 'lever-untested', end });
  for (const end of facts.bubblesLast) bars.push({ code: 'bubbles-last', end });
  for (const { end, lacks } of facts.bleedsUnrecorded)
    bars.push({ code: 'bleed-unrecorded', end, lacks });
  for (const end of facts.standUntested) bars.push({ code: 'stand-untested', end });
  for (const { end, why } of facts.unswept) bars.push({ code: 'unswept', end, why });
  for (const end of facts.unbitten) bars.push({ code: 'bite-not-risen', end });
  for (const { end, of } of facts.reckonedAgainst) bars.push({ code: 'reckoned-against', end, of });
  for (const { end, of } of facts.openEnds) bars.push({ code: 'work-open', end, of });
  for (const torque of unprovenTorques(facts.tightenings))
    bars.push({ code: 'torque-unproven', ...torque });
  for (const open of facts.openChecks) bars.push({ code: 'check-open', ...open });
  for (const end of facts.unseconded) bars.push({ code: 'unseconded', end });
  if (!facts.leverSideConfirmed) bars.push({ code: 'lever-side-unconfirmed' });
  for (const { end, outcome } of facts.motor ? facts.cutOff : [])
    if (outcome !== 'passed')
      bars.push({ code: outcome === 'failed' ? 'cut-off-failed' : 'cut-off-untested', end });
  return bars;
}

/** What the customer was told of at one place says nothing of another. */
const wasTold = (toldOf: SignOffFacts['toldOf'], thing: Thing) =>
  toldOf === 'all' || toldOf.some((told) => isSameThing(told, thing));

/** Each fastener once, with all that its tightenings lack: fitted anew after it was set, it would else stand twice. */
function unprovenTorques(tightenings: SignOffFacts['tightenings']): SignOffFacts['tightenings'] {
  const open = tightenings.filter(({ flaws }) => flaws.length > 0);
  const same = (a: (typeof open)[number], b: (typeof open)[number]) =>
    a.end === b.end && a.fastener === b.fastener;
  return open
    .filter((torque, i) => open.findIndex((other) => same(torque, other)) === i)
    .map((torque) => ({
      ...torque,
      flaws: [
        ...new Set(open.filter((other) => same(torque, other)).flatMap(({ flaws }) => flaws)),
      ],
    }));
}
