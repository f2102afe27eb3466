import type { BikesWords } from '../catalogue/bikes';

export const bikes: BikesWords = {
  bikeList: {
    find: 'Suchen',
    findBy: 'Kunde, Rad, Zettel, Hersteller oder Seriennummer',
    noSuchBike: 'Kein solches Rad',
    noBikeYet: 'Noch kein Rad',
    fewerLettersFindMoreA:
      'Weniger Buchstaben finden mehr. Ein neues Rad wird bei der Annahme aufgeschrieben.',
    bikesStandHereOnceThey: 'Räder stehen hier, sobald sie angenommen wurden.',
    checkInABike: 'Ein Rad annehmen',
  },
  bikeSheet: {
    hasAMotor: 'mit Motor',
    kgLaden: (systemMassKg) => `${systemMassKg} kg beladen`,
    riddenInTheWet: 'bei Nässe gefahren',
    kmAWeek: (kmPerWeek) => `${kmPerWeek} km pro Woche`,
    doNotRide: 'Nicht fahren',
    foundAtVisitAndNo: (tag) =>
      `Gefunden bei Besuch ${tag}, und keine Arbeit hat es seither aufgehoben.`,
    whatWasFound: 'Was gefunden wurde',
    phone: (phone) => `Telefon ${phone}`,
    thicknessOverTime: 'Dicke über die Zeit',
    nothingMeasuredYetEveryVisit:
      'Noch nichts gemessen. Jeder Besuch fügt der Linie jedes Teils einen Punkt hinzu.',
    fittedNewestFirst: 'Verbaut, das Neueste zuerst',
    jobs: 'Aufträge',
    sealed: (sealedAt, seal) => `Versiegelt ${sealedAt}, ${seal}…`,
    onTheBenchPromised: (promisedAt) => `Auf der Werkbank, versprochen ${promisedAt}`,
  },
  thicknessChart: {
    mm: (leastMm, point) => `${leastMm} mm ${point}`,
    limitMm: (limit) => `Grenze ${limit} mm.`,
    by: (title, byDistance) => `${title}, nach ${byDistance}`,
    measuredOnceALineTakes: (measuredOn) =>
      `Einmal gemessen, ${measuredOn}. Eine Linie braucht zwei Besuche.`,
    withItsDoubt: 'mit ihrer Unsicherheit',
    lessItsDoubt: 'weniger ihre Unsicherheit',
    earlyEnd: 'frühes Ende',
    lateEnd: 'spätes Ende',
    km: (x) => `${x} km`,
    limit: (limit) => `Grenze ${limit}`,
    itsLimitOfMeasured: (leastMm, leastMm2, limit, measuredOn) =>
      `${leastMm} seiner Grenze: ${leastMm2} von ${limit}, gemessen ${measuredOn}.`,
    past: 'Unter',
    at: 'An',
    sinceTheLastNewPart: (lastLife) => `Seit dem letzten neuen Teil; davor ${lastLife}.`,
    atKm: (x) => `bei ${x} km`,
    mayBeDueNow: (says) => `${says} Kann jetzt fällig sein.`,
    theNextService: (says, early, nextService) =>
      `${says} ${early} dem nächsten Service, ${nextService}.`,
    thatMayBeBefore: 'Das kann vor',
    thatIsAfter: 'Das ist nach',
    mmPer1000Km: (gone) => `, ${gone} mm je 1.000 km`,
    mmGoneSince: (gone, measuredOn, per) => `${gone} mm weniger seit ${measuredOn}${per}.`,
    atOdometerKm: (odometerKm) => `bei ${odometerKm} km`,
    on: (measuredOn) => `am ${measuredOn}`,
  },
};
