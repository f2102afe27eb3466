import type { OpeningWords } from '../catalogue/opening';

export const opening: OpeningWords = {
  over: 'Nobody is here yet',
  title: 'Open your shop',
  begins:
    'It begins with generic sheets for twelve kinds of brake and nothing else. Gauges, wrenches, fluid and makers’ sheets come in by Stores; people by your own page.',
  theShop: 'The shop',
  name: 'What it is called',
  timeZone: 'Time zone, such as Europe/Lisbon',
  you: 'You, its owner',
  owner: 'Your name',
  passphrase: 'Your passphrase',
  passphraseHint: 'Ten letters or more: a few words are best.',
  pin: 'Your PIN',
  pinHint: 'Four to eight digits. It signs what you worked.',
  open: 'Open the shop',
};
