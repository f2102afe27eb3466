import type { FrameWords } from '../catalogue/frame';

export const frame: FrameWords = {
  app: 'Hold Fast',
  notKept:
    'Not taken: this device has no room to keep it, or may not. Free some room, or allow this page to keep things, then take it again.',
  sayWhy:
    'This betters the word. Write why the reading before it was wrong, or take it once more beside it.',
  skip: 'Skip to the page',
  keys: {
    title: 'Keys of this screen',
    none: 'This screen has no keys of its own.',
    digits: '0 to 9, point, comma: type the number',
    close: 'Close',
    take: 'take the number',
    erase: 'erase, or back to the last number',
    nextPlace: 'the next place',
    placeBefore: 'the place before',
    openPlace: 'the first place that is open',
    hold: 'begin the hold, or go on after it',
    stepDone: 'the step is done',
    stepBack: 'take the last step back',
    pulled: 'the pull was made',
    tight: 'this bolt is there',
    ridgeFelt: 'a ridge is felt',
    noRidge: 'no ridge',
    help: 'show these keys',
    named: {
      ' ': 'Space',
      ArrowRight: '→',
      ArrowLeft: '←',
      Escape: 'Esc',
      Backspace: '⌫',
    },
  },
  noEnd: {
    aBikeHasAFront: 'A bike has a front and a rear brake; this address names neither.',
    toTheJob: 'To the job',
  },
  pickJob: {
    pickABike: 'Pick a bike',
    itsJobOpensHereWhat: 'Its job opens here: what was asked, what was found, and what comes next.',
  },
  pickBike: {
    pickABike: 'Pick a bike',
    itsJobsItsSealsAnd: 'Its jobs, its seals and the wear of its parts open here.',
  },
  pickRecord: {
    pickARecord: 'Pick a record',
    itsTextItsSealAnd: 'Its text, its seal and the seal before it open here.',
  },
  againstAdvice: {
    riddenAgainstAdvice: 'Ridden against advice',
    notReplacedAtVisit: (capital, tag, at, said) =>
      `${capital}: not replaced at visit ${tag}, ${at}. “${said}”`,
  },
  caught: {
    thisPageFailed: 'This page failed',
    whatWasRecordedIsKept:
      'What was recorded is kept. Try again; if it fails again, go back to the Bench and tell whoever looks after the shop’s server.',
    tryAgain: 'Try again',
  },
  noSuchPage: {
    thisAddressLeadsNowhereIt:
      'This address leads nowhere: it was mistyped, or what it named is gone. Nothing that was recorded is touched.',
    toTheBench: 'To the Bench',
    thereIsNoSuchPage: 'There is no such page',
  },
  frame: {
    newerVersion:
      'A newer version is here: it comes in when you are back at the Bench and everything is sent.',
    lightAuto: 'Light: auto',
    lightDark: 'Light: dark',
    lightDay: 'Light: day',
    holdFast: 'HOLD\nFAST',
    oneEntryKeptOnThis: 'One entry kept on this device cannot be read',
    entriesKeptOnThisDevice: (count) => `${count} entries kept on this device cannot be read`,
    itIsSetAsideAnd:
      'It is set aside and was not sent; everything else goes on. Look through what was measured last on this device, and take again what is missing.',
    itIsDealtWith: 'It is dealt with',
    notSentKeptHereFor: (mine) => `${mine} not sent: kept here for you. Sign out all the same`,
    signOut: 'Sign out',
    mannerOf: (person) => `${person}: language and units`,
    oneEntryIs: '1 entry is',
    entriesAre: (count) => `${count} entries are`,
    keptHereAndWillBe: (mine) => `${mine} kept here and will be sent when the server answers.`,
    somebodyElsesKeptHereUntil: (others) =>
      `${others} somebody else’s, kept here until they sign in on this device.`,
  },
  bench: {
    oneBike: '1 bike',
    bikes: (bikes) => `${bikes} bikes`,
    noBikeIsIn: 'No bike is in',
    bikesThatAreCheckedIn: 'Bikes that are checked in stand here, the one promised first on top.',
    theDay: 'Day',
    checkInABike: 'Check in a bike',
    doNotRide: 'Do not ride',
    riddenAgainstAdvice: 'Ridden against advice',
    waitsFor: { part: 'a part', customer: 'the customer', maker: 'the maker' },
    waits: (what, day, away) => `${away ? 'away, ' : ''}waits for ${what}, ask again ${day}`,
    next: (next) => `next: ${next}`,
    notInspected: 'not inspected',
    by: (when) => `by ${when}`,
  },
  doNotRide: {
    doNotRide: 'Do not ride',
  },
  needsYou: {
    needsYou: 'Needs you',
    needsYouEntries: (value) => `Needs you: ${value} entries`,
    pictureAsItCame: 'Picture of the bike as it came in',
    picture: (area, end) => `Picture: ${area}, ${end}`,
    notTaken: (problem) => `Not taken: ${problem}`,
    toTheJob: 'To the job',
    sendAgain: 'Send again',
    itIsDealtWith: 'It is dealt with',
  },
  pinTried: {
    once: 'once',
    yourPinWasTried: 'Your PIN was tried',
    wronglyWhereIsSignedIn: (tries, by, at) =>
      `Wrongly, ${tries}, where ${by} is signed in; last ${at}.`,
    times: (tries) => `${tries} times`,
    seen: 'Seen',
  },
  signIn: {
    yourSessionEnded: 'Your session ended',
    brakeWorkMeasuredAndRecorded: 'Brake work, measured and recorded',
    holdFast: 'Hold Fast',
    signInAgainAndCarry: 'Sign in again and carry on: nothing you keyed is lost.',
    yourName: 'Your name',
    writeYourName: 'Write your name.',
    passphrase: 'Passphrase',
    writeYourPassphrase: 'Write your passphrase.',
    signIn: 'Sign in',
    holdFastNeverReplacesThe:
      'Hold Fast never replaces the maker’s sheet, local rules or a qualified person. When it cannot prove a part good, it says so.',
  },
  formLine: {
    aNumberOrEmptyWhen: 'A number, or empty when it is not known.',
  },
  jobTag: {
    tag: (tag) => `Tag ${tag}`,
    back: (tag, to) => `Back: ${tag}, ${to}`,
  },
  screenName: {
    holdFast: 'Hold Fast',
  },
  shown: {
    loading: 'Loading',
    thisCouldNotBeShown: 'This could not be shown',
    tryAgain: 'Try again',
  },
  jobFrame: {
    job: 'Job',
    bench: 'Bench',
    brake: (end) => `${end} brake`,
    thisJobIsSignedOff: 'This job is signed off and sealed. Nothing in it changes any more.',
    identifyTheBrake: (end) => `Identify the ${end} brake`,
    theLimitTorquesAndFluid:
      'The limit, torques and fluid come from the brake’s spec sheet. Pick it first.',
    backToTheJob: 'Back to the job',
  },
  bikeList: {
    tables: 'Tables',
    find: 'Find',
    findBy: 'customer, bike, tag, maker or serial',
    noSuchBike: 'No such bike',
    noBikeYet: 'No bike yet',
    fewerLettersFindMoreA: 'Fewer letters find more. A new bike is written down at check-in.',
    bikesStandHereOnceThey: 'Bikes stand here once they were checked in.',
    checkInABike: 'Check in a bike',
  },
  life: {
    organicPadsOnly: 'organic pads only',
    newMm: (newMm) => `new ${newMm} mm`,
    stampedMm: (limitMm) => `stamped ${limitMm} mm`,
    cameOffLastTime: (cameOffFor) => `came off last time: ${cameOffFor}`,
    to: (at, until) => `${at} to ${until}`,
    since: (at) => `since ${at}`,
  },
  outbox: {
    dealWithIt: 'An entry of this job was not taken. Deal with it first.',
    mineFirst:
      'This device still holds entries of this job. They go first: try again when the server answers.',
    somebodyElsesFirst:
      'This device still holds entries of this job that somebody else made. They go first: whoever made them signs in here.',
  },
  keypad: {
    erase: 'erase',
    why: 'why',
    again: 'again',
    skip: 'skip',
    back: 'back',
    next: 'next',
  },
  field: {
    sealed: 'sealed',
    none: 'none',
  },
  noConnection: 'No connection to the shop’s server. Nothing is lost: try again.',
};
