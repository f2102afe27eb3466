import type { DueWords } from '../catalogue/due';

export const due: DueWords = {
  title: 'Due',
  says: 'What each signed visit left to be looked at again: by time, or sooner where its wear reaches the limit before.',
  late: 'Due already',
  week: (monday) => `Week of ${monday}`,
  of: {
    pads: 'pads',
    rotor: 'rotor',
    bleed: 'bleed',
    cable: 'new cable',
    bolts: 'bolts after new work',
  },
  because: {
    time: (days) => `By time: ${days} days after it was last done`,
    winter: () => 'After winter: it is ridden in the wet',
    worn: () => 'It was to be replaced at its last visit, and was left on',
    forecast: () => 'By its wear: the early end of the forecast comes first',
    distance: () => 'By its wear and the distance a week: the early end comes first',
  },
  on: (day) => `due ${day}`,
  calibrate: (instruments) =>
    instruments === 1 ? 'An instrument to calibrate' : `${instruments} instruments to calibrate`,
  calibration: {
    never: (name) => `${name}: never calibrated`,
    date: (name, day) => `${name}: valid through ${day}`,
    clicks: (name) => `${name}: past its clicks`,
  },
  putOff: (words, by, day) => `Put off to ${day}: “${words}” ${by}`,
  later: 'Later',
  why: 'Why it can wait',
  days: (days) => `${days} days`,
  putItOff: 'Put it off',
  leaveIt: 'Leave it',
  remind: 'Remind',
  reminder: (customer, bike, what, end, day) =>
    `${customer}, the ${end} brake of “${bike}” is due by ${day}: ${what}. Ring us for a time.`,
  reminded: (day) => `Reminded ${day}`,
  message: 'The message',
  send: 'Send it',
  outbox: 'Sent',
  outboxSays:
    'What was written to customers. Nothing leaves this machine: a box stands in for the telephone.',
  nothingSent: 'Nothing was sent yet',
  about: { due: 'due', trace: 'from a trace', ready: 'ready' },
  sentBy: (name, day) => `${name}, ${day}`,
  none: 'Nothing is due',
  noneSays: 'Once a visit is signed off, what is to be looked at again stands here.',
  calendar: 'Calendar',
  calendarFile: 'Calendar file',
  feed: 'An address for a calendar',
  feedSays:
    'A calendar that has the address shows what is due, with bikes and customers by name, and asks again by itself. It can be withdrawn.',
  fileSays: (count) => `The file holds the ${count} that are listed, as they stand now.`,
  event: (bike, end, what) => `${bike}: ${what}, ${end}`,
  atBike: 'Due',
  records: 'Records',
};
