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
    forecast: () => 'By its wear: the early end of the forecast comes first',
    distance: () => 'By its wear and the distance a week: the early end comes first',
  },
  on: (day) => `due ${day}`,
  putOff: (words, by, day) => `Put off to ${day}: “${words}” ${by}`,
  later: 'Later',
  laterOf: (bike, what) => `Later: ${bike}, ${what}`,
  why: 'Why it can wait',
  days: (days) => `${days} days`,
  putItOff: 'Put it off',
  leaveIt: 'Leave it',
  none: 'Nothing is due',
  noneSays: 'Once a visit is signed off, what is to be looked at again stands here.',
  calendar: 'Calendar file',
  event: (bike, end, what) => `${bike}: ${what}, ${end}`,
  atBike: 'Due',
  records: 'Records',
};
