/** The day's bench: who works at what, and when. */
export interface DayWords {
  title: string;
  dayBefore: string;
  dayAfter: string;
  today: string;
  closed: string;
  nothing: string;
  unplaced: string;
  nothingUnplaced: string;
  andMore: (count: number) => string;
  fromTo: (from: string, to: string) => string;
  kit: (family: string) => string;
  setsUp: (kits: string) => string;
  latePromise: (promised: string) => string;
  lateClosing: string;
  promised: (when: string) => string;
  noMinutes: string;
  minutes: (minutes: number) => string;
  load: (worked: string, open: string) => string;
  earlier: string;
  later: string;
  withWhom: string;
  nextDay: string;
  takeOff: string;
  openJob: string;
  place: string;
  grip: (bike: string) => string;
  /** How our order compares with the one that stands. */
  suggests: (kits: { before: number; after: number }, saved: number) => string;
  suggestsLess: (late: { before: number; after: number }) => string;
  suggestsOnly: string;
  takeOrder: string;
  stands: (kits: number) => string;
  forTheDay: string;
  nothingWanted: string;
  pieces: (part: string, count: number) => string;
  fluid: (name: string, wanted: number, there: number) => string;
  short: string;
  shortOf: (part: string, wanted: number, there: number) => string;
  /** For whoever moves a row by the keys and cannot see it move. */
  drag: {
    how: string;
    lifted: (what: string) => string;
    over: (what: string) => string;
    dropped: (what: string) => string;
    cancelled: string;
  };
}
