export interface TabletWords {
  who: string;
  byPassphrase: string;
  waits: (name: string) => string;
  pinOf: string;
  digits: (count: number) => string;
  in: string;
  somebodyElse: string;
  tablets: string;
  whatItIs: string;
  thisIs: (name: string) => string;
  makeThis: string;
  name: string;
  nameHint: string;
  madeBy: (at: string, by: string) => string;
  endedBy: (at: string, by: string) => string;
  end: string;
}
