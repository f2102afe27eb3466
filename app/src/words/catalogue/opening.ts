export interface OpeningWords {
  over: string;
  title: string;
  begins: string;
  theShop: string;
  name: string;
  timeZone: string;
  you: string;
  owner: string;
  passphrase: string;
  passphraseHint: string;
  pin: string;
  pinHint: string;
  open: string;
}
