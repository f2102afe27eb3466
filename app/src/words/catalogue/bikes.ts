import type { SharedLever, ThirdPlace } from '@hold-fast/core/kit/bike';
export interface BikesWords {
  reckoned: {
    label: string;
    at: (end: string, says: string, tag: number) => string;
    fit: (sizeMm: string, largestMm: string | null) => string;
    hose: (presentMm: string, then: 'cut' | 'keep') => string;
    levers: (biased: string, why: string) => string;
    cable: (gapMm: string | null, armMm: string | null) => string;
    stops: (before: number, after: number) => string;
  };
  bikeSheet: {
    hasAMotor: string;
    kgLaden: (systemMassKg: number) => string;
    riddenInTheWet: string;
    kmAWeek: (km: number) => string;
    correct: string;
    corrected: string;
    correctedBy: (what: string, by: string, at: string, words: string) => string;
    changed: (what: string, was: string, became: string) => string;
    notSaid: string;
    somebodyElse: string;
    kg: (kg: number) => string;
    doNotRide: string;
    foundAtVisitAndNo: (tag: number) => string;
    whatWasFound: string;
    phone: (phone: string) => string;
    thicknessOverTime: string;
    nothingMeasuredYetEveryVisit: string;
    fittedNewestFirst: string;
    jobs: string;
    nothingSaid: string;
    sealed: (sealedAt: string, seal: string) => string;
    closedNotRepaired: (at: string) => string;
    onTheBenchPromised: (promisedAt: string) => string;
    notDisc: (end: string, brake: string) => string;
    forkOf: (material: string) => string;
    frameOf: (material: string) => string;
    alsoBraked: (which: string) => string;
    thirdPlace: Record<ThirdPlace, string>;
    sharedLever: Record<SharedLever, string>;
    thirdAt: (place: string) => string;
    oneLeverFor: (which: string) => string;
    comeback: string;
  };
  thicknessChart: {
    forecast: string;
    date: string;
    distance: string;
    mm: (leastMm: string, point: string) => string;
    limitMm: (limit: string) => string;
    by: (title: string, byDistance: string) => string;
    measuredOnceALineTakes: (measuredOn: string) => string;
    withItsDoubt: string;
    lessItsDoubt: string;
    earlyEnd: string;
    lateEnd: string;
    limit: (limit: string) => string;
    itsLimitOfMeasured: (
      leastMm: string,
      leastMm2: string,
      limit: string,
      measuredOn: string,
    ) => string;
    past: string;
    at: string;
    sinceTheLastNewPart: (lastLife: number) => string;
    atKm: (km: number) => string;
    mayBeDueNow: (says: string) => string;
    theNextService: (says: string, early: string, nextService: string) => string;
    thatMayBeBefore: string;
    thatIsAfter: string;
    mmPer: (gone: string, distance: string) => string;
    mmGoneSince: (gone: string, measuredOn: string, per: string) => string;
    atOdometerKm: (km: number) => string;
    on: (measuredOn: string) => string;
  };
  brought: {
    title: string;
    provesNothing: string;
    readBy: (gauge: string, broughtBy: string) => string;
  };
  correct: {
    correctThisBike: string;
    why: string;
    whyHint: string;
    save: string;
    backToTheBike: string;
    field: Record<
      | 'customerId'
      | 'name'
      | 'maker'
      | 'serial'
      | 'motor'
      | 'systemMassKg'
      | 'terrain'
      | 'wet'
      | 'kmPerWeek'
      | 'forkMaterial'
      | 'frameMaterial'
      | 'frontBrake'
      | 'rearBrake'
      | 'thirdBrake'
      | 'thirdPlace'
      | 'sharedLever'
      | 'furtherBrakes',
      string
    >;
    itIsSomebodyElses: string;
    whoseNow: string;
    goesTo: (name: string) => string;
    everythingOfThem: string;
    correctCustomer: string;
    name: string;
    phone: string;
    phoneHint: string;
  };
  erase: {
    open: string;
    title: (customer: string) => string;
    goes: string;
    stays: string;
    copies: string;
    because: string;
    becauseHint: string;
    erase: string;
  };
}
