/** What a visit comes to. */
export interface BillWords {
  title: string;
  back: string;
  print: string;
  csv: string;
  labour: string;
  nothingDone: string;
  line: (what: string, end: string, minutes: number) => string;
  parts: string;
  noParts: string;
  pieces: (pieces: number, what: string) => string;
  noPrice: string;
  fluid: string;
  ml: (name: string, ml: string) => string;
  unagreed: string;
  unagreedSays: (lines: string) => string;
  net: string;
  tax: (percent: string) => string;
  total: string;
  noTotal: string;
  aboveRing: (money: string) => string;
  minutes: (taken: number, quoted: number) => string;
  columns: { what: string; count: string; sum: string };
}
