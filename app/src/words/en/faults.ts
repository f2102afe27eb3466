import { YEARS } from '@hold-fast/contract/fields';
import type { Facts, FaultWords } from '../catalogue/faults';

const MET_OTHER =
  'The brake still holds another family of fluid: reseal it in the same plan, or pick the sheet that fits.';
const NO_SUCH_WORK = ({ procedure }: Facts) => `A brake of this kind has no ${String(procedure)}.`;

export const faults: FaultWords = {
  fault: {
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
    'procedures.front other-family-inside': MET_OTHER,
    'procedures.rear other-family-inside': MET_OTHER,
    'motor lead-only':
      'Less would be asked of this bike (no motor, no disc, no carbon): that is a lead’s to say.',
    'customerId unknown': 'There is no such customer.',
    'serial-taken': 'Another bike has this serial: find it, or look at the number again.',
    'meets-nobody': 'It would meet no bike: give a maker, a sheet or a lot.',
    'maker-of-serials': 'Whose serials? Give the maker.',
    'range-reversed': 'The last serial comes before the first.',
    'not-this-bikes': 'That is no earlier visit of this bike.',
    'no-disc': 'The bike is written down with no disc at this end: its brake is left alone.',
    'notice-rewritten': 'The notice was rewritten meanwhile: read it again.',
    'second-pair': 'The second look is somebody else’s than an apprentice’s.',
    'words lead-only': 'It says not to ride: a lead says what was done.',
    'withdrawnBecause say-why': 'Write why it counts no more.',
    outside: ({ least, most }) => `It has to lie between ${String(least)} and ${String(most)}.`,
    'material-unknown':
      'What is its mount of? Write it down at the bike first: carbon gets no file.',
    'carbon-unanswered':
      'Carbon gets no file before the maker’s written word: ask the maker as a deviation, and attach the answer.',
    'photoId unknown': 'There is no such picture of this end.',
    'no-plan': 'These cannot be done in one visit: they undo each other.',
    'wrong-end': 'Only the lever’s feel is tested end by end.',
    'reason empty': 'Write why it is left out.',
    'customer unknown': 'There is no such customer.',
    'bike unknown': 'This customer has no such bike.',
    'name taken': 'Another one has this name.',
    'feedSerial taken': 'Another one has this name on the feed.',
    taken: 'Another one has this title.',
    'not-a-picture': 'This is no whole picture.',
    'wrong-pin': 'That is not the PIN of this person.',
    'new-not-above-limit': 'New must be thicker than the limit.',
    'thinner-than-plate': 'The pad when new must be thicker than its plate.',
    'window-upside-down': 'The lower torque must not be above the higher one.',
    'not-slower': 'It must slow down.',
    'not-offered': 'This is not offered here.',
    'doubt-under-step': 'Its step alone leaves more open: at least the step divided by 1.73.',
    'points-on-vernier': 'A vernier has long jaws, and no points.',
    'wrong-fluid-kept': 'A container with the wrong fluid in it is written off.',
    'no-pieces': 'More or fewer than none.',
    twice: 'Each once.',
    'bands-overlap': 'Each band must end above the one before.',
    'no-time-zone': 'No time zone of that name.',
    'no-currency': 'Three letters of a currency, such as EUR.',
    'year-out-of-range': `A year from ${YEARS.from} to ${YEARS.to}.`,
    unwritable: 'It holds a character that cannot be written.',
    'too-fine': 'At least 0.001 mm, or nothing.',
    'pictures-of-job':
      'The pictures of this job come to too much. Nothing was saved; the ones there stay.',
    'disk-full':
      'The disk of the shop’s machine is full. Nothing was saved and nothing is lost; free some room there, and it goes on.',
    'not-json': 'What was sent is not JSON.',
    unreadable: 'The request could not be read.',
    'rows-refused': 'Some rows are refused, so nothing was taken in.',
    'unknown-key': 'There is no such field here.',
    invalid_type: 'This is missing, or of the wrong kind.',
    invalid_value: 'This is not one of the choices.',
    invalid_format: 'This is not written as it must be.',
    invalid_union: 'This is not written as it must be.',
    not_multiple_of: 'This has more decimals than are kept.',
    too_small: ({ minimum, origin }) =>
      origin === 'string' || origin === 'array'
        ? Number(minimum) === 1
          ? 'This must not be empty.'
          : `At least ${String(minimum)}.`
        : `It must be ${String(minimum)} at least.`,
    too_big: ({ maximum, origin }) =>
      origin === 'string'
        ? `At most ${String(maximum)} letters.`
        : `It must be ${String(maximum)} at most.`,
  },
  problem: {
    'invalid-input': 'Something in this cannot be right.',
    'not-signed-in': 'You are not signed in. Sign in and send it again; nothing was saved.',
    'wrong-sign-in': 'That name and passphrase do not go together.',
    'wrong-pin': 'That is not the PIN of this person.',
    'too-many-tries': ({ seconds }) =>
      seconds === undefined
        ? 'Too many wrong tries. Wait a quarter of an hour.'
        : `Too many wrong tries. Wait ${String(seconds)} s, then try again.`,
    'not-allowed': 'Your role may not do this.',
    'other-person': 'Somebody else is signed in here. This waits for whose it is.',
    'cross-site': 'This came from another site and was not done.',
    'not-found': 'There is no such thing here.',
    'id-reused': 'This id was used for something else. Nothing was saved.',
    'version-conflict':
      'Somebody else changed this in the meantime. Both versions are kept: choose one.',
    'job-sealed': 'This job is signed off and sealed. Nothing in it changes any more.',
    'reading-refused': 'This reading cannot be right.',
    'container-refused': 'This container may not be used for this brake.',
    'wrench-refused': 'This wrench cannot do this bolt.',
    'stock-refused': 'The shelf does not hold that.',
    'fitting-refused': 'This part may not be fitted like that.',
    'step-refused': 'This step cannot be done, or left out, like that.',
    'step-overtaken': 'Somebody else has gone on with this plan. Look where it stands now.',
    'nothing-to-decide': 'There is no such verdict to decide on.',
    'sign-off-refused': 'This job may not be signed off yet.',
    'too-large': 'This is too large to take.',
    unavailable: 'The database cannot be reached. Nothing was saved; try again shortly.',
    fault: 'Something went wrong on our side. Nothing was saved.',
  },
  containerRefused: (why) => `Refused: ${why}.`,
  organicOnly: 'The rotor is marked for organic pads only.',
  noConnection: 'No connection to the shop’s server. Nothing is lost: try again.',
};
