import type { EntryFault } from '@hold-fast/core/job/entry';
import type { InputError } from '@hold-fast/core/inputError';
import type { Problem } from '@hold-fast/contract/problem';
import { words } from './words';

type Facts = Readonly<Record<string, unknown>>;

const NO_SUCH_WORK = ({ procedure }: Facts) => `A brake of this kind has no ${String(procedure)}.`;

/** Why an entry is not taken: by the field and what is wrong with it, or by the latter alone. */
const FAULTS: Readonly<Record<string, string | ((facts: Facts) => string)>> = {
  'gaugeId unknown': 'There is no such gauge.',
  'wrenchId unknown': 'There is no such wrench.',
  'containerId unknown': 'There is no such container.',
  'stockId unknown': 'There is no such part.',
  'sheetRevisionId unknown': 'There is no such spec sheet.',
  'gaugeId retired': 'This gauge is retired.',
  'gaugeId unsuited': 'This kind of gauge is not good enough here.',
  'pointCount wrong-part': 'A rotor has points; the others have named places.',
  'basis wrong-part':
    'Pads are taken total or friction, a lever by travel or from the bar; nothing else is.',
  'measurementId unknown': 'There is no such measurement on this job.',
  'no-such-point': ({ place }) => `There is no place "${String(place)}" on this part.`,
  'replaces unknown': 'There is no such reading at this place to correct.',
  'subject wrong-part': 'A ridge is felt on a rotor, and the mid reading counts for gaps.',
  'no-such-area': 'This brake has no such part.',
  'wrong-area': 'That is not found there.',
  'compound-change': 'The rotor was bedded with another compound: say what is done about it.',
  'not-identified': 'Identify this brake first: pick its spec sheet.',
  'not-on-sheet':
    'Nobody gives a torque for this fastener: read it off the part or the maker’s sheet.',
  'wrenchId retired': 'This wrench is retired.',
  'points-back': 'This crowfoot points back past the grip.',
  'window-too-narrow': 'This wrench cannot prove this bolt.',
  'outside-scale': 'This wrench cannot prove this bolt.',
  'outside-window': ({ loNm, hiNm }) => `Set it between ${String(loNm)} and ${String(hiNm)} N·m.`,
  'tighteningId unknown': 'There is no such torque step on this job.',
  'no-such-bolt': ({ boltCount }) => `There are ${String(boltCount)} bolts.`,
  'no-such-pass': 'A single bolt goes straight from snug to full.',
  'not-measured': 'A click wrench shows no number, and a reading belongs to one bolt.',
  'no-clamp': 'This fastener holds no clamp.',
  'pieces not-enough': ({ count, description }) =>
    `The shelf holds ${String(count)} of ${String(description)}.`,
  'no-fluid-asked': 'The spec sheet of this brake asks for no fluid.',
  'fillId unknown': 'There is no such fluid on this job.',
  'not-poured-back': 'Only clean mineral fluid may go back; the rest is waste.',
  'more-than-taken': ({ left }) => `No more than ${String(left)} mL of it can be left.`,
  'not-asked': 'Nothing that was done here asks for this.',
  'not-by-words': 'Its torque, or the maker’s answer, is the proof: words alone are none.',
  'of failed-check': 'What was not in order is put in order, and not taken back.',
  'of unknown': 'There is nothing of this id to take back.',
  'procedures.front unsuited': NO_SUCH_WORK,
  'procedures.rear unsuited': NO_SUCH_WORK,
  'not-done-yet': 'Only what was chosen and is done can be done once more.',
  'say-why': 'This makes it stand better: write why what was there before was wrong.',
  'found-again': 'What is found again is not taken back.',
  'lead-only': 'A do-not-ride is taken back by a lead, with words.',
  'no-common-window':
    'The print on the part and the sheet have no torque in common: ask the maker.',
  'lead-decides': 'Which of the two counts is a lead’s to say.',
  'no-plan': 'These cannot be done in one visit: they undo each other.',
  'wrong-end': 'Only the lever’s feel is tested end by end.',
  'reason empty': 'Write why it is left out.',
};

/** Why an entry is not taken, in words; null where nobody has any for it. */
export function faultSays({ refusal, field, code, facts = {} }: EntryFault): string | null {
  const named = FAULTS[`${field ?? ''} ${code}`] ?? FAULTS[code];
  if (named !== undefined) return typeof named === 'function' ? named(facts) : named;
  if (refusal === 'reading-refused')
    return words.inputError(code as InputError['code'], facts as Record<string, number>);
  if (refusal === 'container-refused' && code in words.containerRefusal)
    return `Refused: ${words.containerRefusal[code as keyof typeof words.containerRefusal]}.`;
  return refusal === 'fitting-refused' ? 'The rotor is marked for organic pads only.' : null;
}

/** Why the server did not take something, in words. */
export function problemSays({ type, title, detail, fields, facts = {} }: Problem): string {
  const [first] = fields ?? [];
  const code = first?.code ?? facts.code;
  const says =
    typeof code === 'string'
      ? faultSays({
          refusal: type.split(':').at(-1) as EntryFault['refusal'],
          field: first?.path.replace(/^entry\./, '') ?? null,
          code,
          facts,
        })
      : null;
  return says ?? first?.message ?? detail ?? title;
}
