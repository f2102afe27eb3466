import type { Wait } from '@hold-fast/core/job/waits';
export interface FrameWords {
  app: string;
  notKept: string;
  sayWhy: string;
  skip: string;
  /** What a key of the hardware keyboard does. */
  keys: {
    title: string;
    none: string;
    digits: string;
    close: string;
    take: string;
    erase: string;
    nextPlace: string;
    placeBefore: string;
    openPlace: string;
    hold: string;
    stepDone: string;
    stepBack: string;
    pulled: string;
    tight: string;
    ridgeFelt: string;
    noRidge: string;
    help: string;
    named: Partial<Record<string, string>>;
  };
  noEnd: {
    aBikeHasAFront: string;
    toTheJob: string;
  };
  pickJob: {
    pickABike: string;
    itsJobOpensHereWhat: string;
  };
  pickBike: {
    pickABike: string;
    itsJobsItsSealsAnd: string;
  };
  pickRecord: {
    pickARecord: string;
    itsTextItsSealAnd: string;
  };
  againstAdvice: {
    riddenAgainstAdvice: string;
    notReplacedAtVisit: (capital: string, tag: string, at: string, said: string) => string;
  };
  caught: {
    thisPageFailed: string;
    whatWasRecordedIsKept: string;
    tryAgain: string;
  };
  noSuchPage: {
    thisAddressLeadsNowhereIt: string;
    toTheBench: string;
    thereIsNoSuchPage: string;
  };
  frame: {
    newerVersion: string;
    lightAuto: string;
    lightDark: string;
    lightDay: string;
    holdFast: string;
    oneEntryKeptOnThis: string;
    entriesKeptOnThisDevice: (count: number) => string;
    itIsSetAsideAnd: string;
    itIsDealtWith: string;
    notSentKeptHereFor: (mine: string) => string;
    signOut: string;
    mannerOf: (person: string) => string;
    oneEntryIs: string;
    entriesAre: (count: number) => string;
    keptHereAndWillBe: (mine: string) => string;
    somebodyElsesKeptHereUntil: (others: string) => string;
  };
  bench: {
    oneBike: string;
    bikes: (bikes: number) => string;
    noBikeIsIn: string;
    bikesThatAreCheckedIn: string;
    theDay: string;
    checkInABike: string;
    doNotRide: string;
    riddenAgainstAdvice: string;
    next: (next: string) => string;
    waitsFor: Record<Wait['for'], string>;
    waits: (what: string, day: string, away: boolean) => string;
    notInspected: string;
    by: (when: string) => string;
  };
  doNotRide: {
    doNotRide: string;
  };
  needsYou: {
    needsYou: string;
    needsYouEntries: (value: number) => string;
    pictureAsItCame: string;
    picture: (area: string, end: string) => string;
    notTaken: (problem: string) => string;
    toTheJob: string;
    sendAgain: string;
    itIsDealtWith: string;
  };
  pinTried: {
    once: string;
    yourPinWasTried: string;
    wronglyWhereIsSignedIn: (tries: string, by: string, at: string) => string;
    times: (tries: number) => string;
    seen: string;
  };
  signIn: {
    yourSessionEnded: string;
    brakeWorkMeasuredAndRecorded: string;
    holdFast: string;
    signInAgainAndCarry: string;
    yourName: string;
    writeYourName: string;
    passphrase: string;
    writeYourPassphrase: string;
    signIn: string;
    holdFastNeverReplacesThe: string;
  };
  formLine: {
    aNumberOrEmptyWhen: string;
  };
  jobTag: {
    tag: (tag: number) => string;
    back: (tag: string, to: string) => string;
  };
  screenName: {
    holdFast: string;
  };
  shown: {
    loading: string;
    thisCouldNotBeShown: string;
    tryAgain: string;
  };
  jobFrame: {
    job: string;
    bench: string;
    brake: (end: string) => string;
    thisJobIsSignedOff: string;
    identifyTheBrake: (end: string) => string;
    theLimitTorquesAndFluid: string;
    backToTheJob: string;
  };
  bikeList: {
    tables: string;
    find: string;
    findBy: string;
    noSuchBike: string;
    noBikeYet: string;
    fewerLettersFindMoreA: string;
    bikesStandHereOnceThey: string;
    checkInABike: string;
  };
  life: {
    organicPadsOnly: string;
    newMm: (newMm: string) => string;
    stampedMm: (limitMm: string) => string;
    cameOffLastTime: (cameOffFor: string) => string;
    to: (at: string, until: string) => string;
    since: (at: string) => string;
  };
  outbox: {
    dealWithIt: string;
    mineFirst: string;
    somebodyElsesFirst: string;
  };
  keypad: {
    erase: string;
    why: string;
    again: string;
    skip: string;
    back: string;
    next: string;
  };
  field: {
    sealed: string;
    none: string;
  };
  noConnection: string;
}
