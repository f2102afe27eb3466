/** A bike’s passport, out and in. */
export interface PassportWords {
  title: string;
  back: string;
  how: string;
  choose: string;
  noPassport: string;
  noSerial: string;
  unaltered: string;
  provesNothing: string;
  take: string;
  taken: (at: string, by: string) => string;
  doNotRide: (thing: string) => string;
  againstAdvice: (thing: string, said: string) => string;
  noVisits: string;
  visit: (day: string, tag: number) => string;
  out: string;
  write: string;
}
