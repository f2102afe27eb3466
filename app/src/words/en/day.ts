import type { DayWords } from '../catalogue/day';

const times = (count: number) => (count === 1 ? 'once' : `${count} times`);

export const day: DayWords = {
  title: 'The day’s bench',
  dayBefore: 'The day before',
  dayAfter: 'The day after',
  today: 'Today',
  closed: 'The shop is closed on this day.',
  nothing: 'Nothing placed.',
  unplaced: 'Without a place',
  nothingUnplaced: 'Every open job has its place.',
  andMore: (count) => `And ${count} more, promised later.`,
  fromTo: (from, to) => `${from} to ${to}`,
  kit: (family) => `${family} kit`,
  setsUp: (kits) => `Set up first: ${kits}`,
  latePromise: (promised) => `Late: promised for ${promised}`,
  lateClosing: 'Not done before the shop closes',
  promised: (when) => `promised ${when}`,
  noMinutes: 'minutes not said',
  minutes: (minutes) => `${minutes} min`,
  load: (worked, open) => `${worked} of ${open}`,
  earlier: 'Earlier',
  later: 'Later',
  withWhom: 'With whom',
  nextDay: 'On the day after',
  takeOff: 'Off the day',
  openJob: 'Open the job',
  place: 'Place it with',
  grip: (bike) => `Move ${bike}`,
  suggests: ({ before, after }, saved) =>
    `Another order sets up kits ${times(after)} where this one does ${times(before)}: ${saved} min saved.`,
  suggestsLess: ({ before, after }) =>
    after === 0
      ? `Nobody waits in it; in this one they wait ${before} min past what was promised.`
      : `They wait ${after} min past what was promised; in this one ${before} min.`,
  suggestsOnly: 'Another order goes by what was promised.',
  takeOrder: 'Take that order',
  stands: (kits) =>
    kits === 0 ? 'As we would order it.' : `As we would order it: kits set up ${times(kits)}.`,
  forTheDay: 'The day takes',
  nothingWanted: 'Nothing planned takes parts or fluid.',
  pieces: (part, count) => `${count} × ${part}`,
  fluid: (name, wanted, there) => `${name}: about ${wanted} mL, ${there} mL on the shelf`,
  short: 'Short for the day',
  shortOf: (part, wanted, there) => `${part}: ${wanted} wanted, ${there} there`,
  drag: {
    how: 'Space lifts it, the arrows move it, space again sets it down, Escape leaves it where it was.',
    lifted: (what) => `${what} is lifted.`,
    over: (what) => `It is over ${what}.`,
    dropped: (what) => `Set down at ${what}.`,
    cancelled: 'Left where it was.',
  },
};
