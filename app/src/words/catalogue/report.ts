import type { Word } from '@hold-fast/core/wear/verdict';

/** What a customer is given: in plain words, one page. */
export interface ReportWords {
  title: string;
  open: string;
  print: string;
  back: string;
  by: (name: string, day: string) => string;
  youAsked: string;
  howItStands: string;
  /** What each word of a verdict means to whoever rides. */
  means: Record<Word, string>;
  takenBack: string;
  doNotRide: string;
  notLookedAt: (what: string) => string;
  nothingLookedAt: string;
  whatWeDid: string;
  nothingDone: string;
  bolts: string;
  fluid: string;
  declined: string;
  declinedSays: (what: string, words: string) => string;
  left: (words: string) => string;
  coming: string;
  comes: (what: string, day: string) => string;
  nothingComing: string;
  mind: string;
  cautions: readonly string[];
  report: string;
  paper: string;
  paperAgain: string;
  measured: string;
  address: string;
  noAddress: string;
  makeAddress: string;
  copy: string;
  copied: string;
  withdrawNow: string;
  withdraw: string;
  label: string;
  labelNeedsAddress: string;
  wears: (what: string, least: string, limit: string) => string;
  made: (name: string, day: string) => string;
  withdrawn: (name: string, day: string) => string;
  codeOf: (address: string) => string;
  seal: (number: number, seal: string) => string;
}
