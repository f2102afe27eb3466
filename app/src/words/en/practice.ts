import type { PracticeWords } from '../catalogue/practice';

export const practice: PracticeWords = {
  title: 'Practice bench',
  band: 'Practice: made up, and kept in no book',
  says: 'A rider, a complaint and a brake nobody has seen yet. Look, measure, judge, name the cause, plan and sign; then the truth is laid beside it.',
  grade: { 1: 'First grade', 2: 'Second grade', 3: 'Third grade' },
  gradeSays: {
    1: 'One plain cause.',
    2: 'Signs that mislead, or nothing to be done.',
    3: 'Two causes at once, or numbers too near to tell.',
  },
  case: {
    'post-trike': {
      title: 'The post trike',
      says: '“It screams at every letterbox and hardly stops.”',
    },
    'fresh-pads': {
      title: 'Pads of last week',
      says: '“I put new pads in myself. Now it squeals and pulls worse than before.”',
    },
    'pumped-lever': {
      title: 'The pumped lever',
      says: '“It feels like a sponge. After three pulls it is fine.”',
    },
    'long-lever': { title: 'The long lever', says: '“It comes to the bar, but it is firm there.”' },
    'once-a-turn': {
      title: 'Once a turn',
      says: '“Tss, tss, tss, each time the wheel goes round.”',
    },
    'drags-since-pads': {
      title: 'Heavy to push',
      says: '“Since it got pads it is heavy to push, all the time.”',
    },
    'knock-when-rocked': {
      title: 'The knock',
      says: '“With the brake on I rock it, and something knocks.”',
    },
    'heavy-cable': {
      title: 'The harbour bike',
      says: '“Long, heavy, and it does not come back by itself.”',
    },
    'oil-on-the-fork': {
      title: 'A dark streak',
      says: '“There is something wet on the fork. When I hold it at the lights it creeps to the bar.”',
    },
    'one-pad-works': {
      title: 'Half a brake',
      says: '“One pad is nearly gone and the other looks new.”',
    },
    'rubs-after-transport': {
      title: 'Off the ferry',
      says: '“It was packed between two others. Now it rubs.”',
    },
    'faint-knock': {
      title: 'A faint tick',
      says: '“Rocked with the brake on it ticks. Is that bad?”',
    },
    'pulses-at-the-lights': {
      title: 'Pulses at the lights',
      says: '“It comes and goes in the lever when I brake softly.”',
    },
    'after-the-pass': {
      title: 'After the long hill',
      says: '“Down the hill with the brake on all the way. Weak ever since.”',
    },
    'new-rotor-scrapes': {
      title: 'The new rotor',
      says: '“New rotor yesterday. It scrapes once a turn.”',
    },
    'dog-hair': { title: 'The dog trailer', says: '“It scrapes, and it drags a little too.”' },
    'long-and-soft': { title: 'Long and soft', says: '“To the bar, and soft with it.”' },
    'night-shift': {
      title: 'The night nurse',
      says: '“A bit spongy. I need it at nine tonight, so quickly please.”',
    },
    'swollen-seals': {
      title: 'Somebody topped it up',
      says: '“A friend filled it up. Now the lever comes back slowly.”',
    },
    'cleaned-twice': {
      title: 'Cleaned twice',
      says: '“Cleaned twice already. It squeals again after a week.”',
    },
  },
  drawnTitle: (number) => `Drawn brake ${number}`,
  drawnSays: (symptoms) => `The rider complains of: ${symptoms}.`,
  draw: 'Another brake',
  drawOne: 'Draw one',
  seed: 'Its number',
  seedWanted: 'A whole number from 1 to 999,999,999.',
  hardness: 'How hard',
  noSuchCase: 'There is no practice brake of that name.',
  allCases: 'All practice brakes',
  notTried: 'not tried',
  begun: 'begun',
  standing: { 'made-fast': 'made fast', 'half-way': 'half way', adrift: 'adrift' },
  at: { look: 'Look', name: 'Name', plan: 'Plan', end: 'Sign', truth: 'Truth' },
  theySay: 'The rider says',
  brakeKind: { hydraulic: 'Hydraulic disc brake', cable: 'Cable disc brake' },
  lookAt: 'What do you look at?',
  lookHint: 'Each takes its minutes. Go on when you know enough.',
  spent: (minutes, taps) => `${minutes} min at the bench · ${taps} taps`,
  found: 'What it shows',
  notThere: (signs) => `Not there: ${signs}.`,
  numbersSayNeither: 'The numbers say neither yes nor no.',
  readings: {
    rotor: 'Round the rotor, mm',
    pads: 'Both pads, with their plates, mm',
    runout: 'Round the rotor by the dial, mm',
    clearance: 'The four gaps, mm',
    lever: 'At the blade, mm',
    'mount-face': 'Under one lug, other bolt snug, mm',
  },
  limits: {
    rotor: (limit, fresh) => `The sheet’s limit is ${limit}, and at it is worn. New ${fresh}.`,
    pads: (fresh, plate, total, friction) =>
      `New ${fresh} with a plate of ${plate}. Worn below ${total} in all, or ${friction} of friction.`,
    runout: (good, watch, straighten) =>
      `To ${good} good, to ${watch} watch, to ${straighten} true it.`,
    face: (degrees) => `Above ${degrees} degrees it is dressed.`,
  },
  howDoesItStand: 'How does it stand? Judge before the rules do.',
  youSaid: (word) => `You said: ${word}.`,
  rulesSay: 'The rules say',
  nameIt: 'What is behind it?',
  nameHint: 'One cause, or two where one does not explain it all.',
  planIt: 'What is to be done?',
  planHint: 'All that is needed, and nothing besides.',
  nothingToDo: 'Nothing chosen: the brake goes as it is.',
  endIt: 'The work is done as planned. Do you sign?',
  endHint: 'A signature says that this brake may be ridden.',
  sign: 'Sign it off',
  holdBack: 'Hold it back: not to be ridden',
  on: { name: 'On: name the cause', plan: 'On: plan the work', end: 'On: the signature' },
  back: 'Look again',
  truth: 'The truth',
  signedWrong: 'You signed a brake that is not to be ridden.',
  signedWrongSays:
    'What takes it off the road was not in the plan. On a real bike somebody rides it.',
  heldForNothing: 'It was held back, and nothing forbade the ride.',
  heldForNothingSays: 'Safe, but the rider walks home. Say what is still to be proven instead.',
  causes: 'The cause',
  how: { named: 'named', missed: 'missed', wrong: 'it was not this' },
  wasToSee: 'What was to be seen',
  sees: {
    found: 'found',
    misread: 'looked at, and too near to tell',
    'not-looked': 'not looked for',
  },
  judged: 'Judged',
  judgedAs: (rules, said) =>
    said === null
      ? `The rules say ${rules}; you said nothing.`
      : `The rules say ${rules}; you said ${said}.`,
  work: 'The work',
  works: { planned: 'planned', missed: 'left out', beside: 'not needed' },
  noWork: 'Nothing was to be done.',
  time: 'What it took',
  timeSays: (minutes, taps, engineMinutes) =>
    `${minutes} min at the bench and ${taps} taps. By information a minute it takes ${engineMinutes} min.`,
  engineWay: 'By information a minute',
  instead: 'At each of your checks',
  insteadOf: (made, engine) =>
    engine === null
      ? `${made}: by then nothing more was worth its minutes.`
      : engine === made
        ? `${made}: the same.`
        : `${made}: it would have been “${engine}”.`,
  again: 'From the start',
};
