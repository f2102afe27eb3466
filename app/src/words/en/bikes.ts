import type { BikesWords } from '../catalogue/bikes';
import { format } from '../format';

export const bikes: BikesWords = {
  bikeSheet: {
    hasAMotor: 'has a motor',
    kgLaden: (systemMassKg) => `${systemMassKg} kg laden`,
    riddenInTheWet: 'ridden in the wet',
    kmAWeek: (km) => `${format.distance(km)} a week`,
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
    forecast: 'forecast',
    date: 'date',
    distance: 'distance',
    mm: (leastMm, point) => `${leastMm} mm ${point}`,
    limitMm: (limit) => `Limit ${limit} mm.`,
    by: (title, byDistance) => `${title}, by ${byDistance}`,
    measuredOnceALineTakes: (measuredOn) =>
      `Measured once, ${measuredOn}. A line takes two visits.`,
    withItsDoubt: 'with its doubt',
    lessItsDoubt: 'less its doubt',
    earlyEnd: 'early end',
    lateEnd: 'late end',
    limit: (limit) => `limit ${limit}`,
    itsLimitOfMeasured: (leastMm, leastMm2, limit, measuredOn) =>
      `${leastMm} its limit: ${leastMm2} of ${limit}, measured ${measuredOn}.`,
    past: 'Past',
    at: 'At',
    sinceTheLastNewPart: (lastLife) => `Since the last new part; ${lastLife} before it.`,
    atKm: (km) => `at ${format.distance(km)}`,
    mayBeDueNow: (says) => `${says} May be due now.`,
    theNextService: (says, early, nextService) =>
      `${says} ${early} the next service, ${nextService}.`,
    thatMayBeBefore: 'That may be before',
    thatIsAfter: 'That is after',
    mmPer1000Km: (gone) => `, ${gone} mm per 1,000 km`,
    mmGoneSince: (gone, measuredOn, per) => `${gone} mm gone since ${measuredOn}${per}.`,
    atOdometerKm: (km) => `at ${format.distance(km)}`,
    on: (measuredOn) => `on ${measuredOn}`,
  },
};
