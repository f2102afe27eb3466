import type { TabletWords } from '../catalogue/tablet';

export const tablet: TabletWords = {
  who: 'Who is here?',
  byPassphrase: 'Sign in by passphrase',
  waits: (name) => `What ${name} was at waits for them. Whoever else comes in begins at the Bench.`,
  pinOf: 'PIN of',
  digits: (count) => (count === 1 ? 'One digit' : `${count} digits`),
  in: 'In',
  somebodyElse: 'Somebody else',
  tablets: 'Tablets of the bench',
  whatItIs:
    'A device that everybody at the bench shares. People come in there by name and PIN, what they enter is theirs, and it locks itself when nobody touched it for five minutes.',
  thisIs: (name) => `This device is the tablet “${name}”.`,
  makeThis: 'Make this device one',
  name: 'What the tablet is called',
  nameHint: 'Such as “Left bench”.',
  madeBy: (at, by) => `since ${at}, made by ${by}`,
  endedBy: (at, by) => `ended ${at} by ${by}`,
  end: 'End it',
};
