import type { BikesWords } from '../catalogue/bikes';

export const bikes: BikesWords = {
  bikeList: {
    find: 'Find',
    findBy: 'customer, bike, tag, maker or serial',
    noSuchBike: 'No such bike',
    noBikeYet: 'No bike yet',
    fewerLettersFindMoreA: 'Fewer letters find more. A new bike is written down at check-in.',
    bikesStandHereOnceThey: 'Bikes stand here once they were checked in.',
    checkInABike: 'Check in a bike',
  },
  bikeSheet: {
    hasAMotor: 'has a motor',
    kgLaden: (systemMassKg) => `${systemMassKg} kg laden`,
    riddenInTheWet: 'ridden in the wet',
    kmAWeek: (kmPerWeek) => `${kmPerWeek} km a week`,
    doNotRide: 'Do not ride',
    foundAtVisitAndNo: (tag) => `Found at visit ${tag}, and no work since has lifted it.`,
    whatWasFound: 'What was found',
    phone: (phone) => `Phone ${phone}`,
    thicknessOverTime: 'Thickness over time',
    nothingMeasuredYetEveryVisit:
      'Nothing measured yet. Every visit adds a point to each part’s line.',
    fittedNewestFirst: 'Fitted, newest first',
    jobs: 'Jobs',
    sealed: (sealedAt, seal) => `Sealed ${sealedAt}, ${seal}…`,
    onTheBenchPromised: (promisedAt) => `On the Bench, promised ${promisedAt}`,
  },
  thicknessChart: {
    mm: (leastMm, point) => `${leastMm} mm ${point}`,
    limitMm: (limit) => `Limit ${limit} mm.`,
    by: (title, byDistance) => `${title}, by ${byDistance}`,
    measuredOnceALineTakes: (measuredOn) =>
      `Measured once, ${measuredOn}. A line takes two visits.`,
    withItsDoubt: 'with its doubt',
    lessItsDoubt: 'less its doubt',
    earlyEnd: 'early end',
    lateEnd: 'late end',
    km: (x) => `${x} km`,
    limit: (limit) => `limit ${limit}`,
    itsLimitOfMeasured: (leastMm, leastMm2, limit, measuredOn) =>
      `${leastMm} its limit: ${leastMm2} of ${limit}, measured ${measuredOn}.`,
    past: 'Past',
    at: 'At',
    sinceTheLastNewPart: (lastLife) => `Since the last new part; ${lastLife} before it.`,
    atKm: (x) => `at ${x} km`,
    mayBeDueNow: (says) => `${says} May be due now.`,
    theNextService: (says, early, nextService) =>
      `${says} ${early} the next service, ${nextService}.`,
    thatMayBeBefore: 'That may be before',
    thatIsAfter: 'That is after',
    mmPer1000Km: (gone) => `, ${gone} mm per 1,000 km`,
    mmGoneSince: (gone, measuredOn, per) => `${gone} mm gone since ${measuredOn}${per}.`,
    atOdometerKm: (odometerKm) => `at ${odometerKm} km`,
    on: (measuredOn) => `on ${measuredOn}`,
  },
};
