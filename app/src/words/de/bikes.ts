import type { BikesWords } from '../catalogue/bikes';
import { format } from '../format';

export const bikes: BikesWords = {
  bikeSheet: {
    hasAMotor: 'mit Motor',
    kgLaden: (systemMassKg) => `${systemMassKg} kg beladen`,
    riddenInTheWet: 'bei Nässe gefahren',
    kmAWeek: (km) => `${format.distance(km)} pro Woche`,
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
    forecast: 'Vorhersage',
    date: 'Datum',
    distance: 'Strecke',
    mm: (leastMm, point) => `${leastMm} mm ${point}`,
    limitMm: (limit) => `Grenze ${limit} mm.`,
    by: (title, byDistance) => `${title}, nach ${byDistance}`,
    measuredOnceALineTakes: (measuredOn) =>
      `Einmal gemessen, ${measuredOn}. Eine Linie braucht zwei Besuche.`,
    withItsDoubt: 'mit ihrer Unsicherheit',
    lessItsDoubt: 'weniger ihre Unsicherheit',
    earlyEnd: 'frühes Ende',
    lateEnd: 'spätes Ende',
    limit: (limit) => `Grenze ${limit}`,
    itsLimitOfMeasured: (leastMm, leastMm2, limit, measuredOn) =>
      `${leastMm} seiner Grenze: ${leastMm2} von ${limit}, gemessen ${measuredOn}.`,
    past: 'Unter',
    at: 'An',
    sinceTheLastNewPart: (lastLife) => `Seit dem letzten neuen Teil; davor ${lastLife}.`,
    atKm: (km) => `bei ${format.distance(km)}`,
    mayBeDueNow: (says) => `${says} Kann jetzt fällig sein.`,
    theNextService: (says, early, nextService) =>
      `${says} ${early} dem nächsten Service, ${nextService}.`,
    thatMayBeBefore: 'Das kann vor',
    thatIsAfter: 'Das ist nach',
    mmPer1000Km: (gone) => `, ${gone} mm je 1.000 km`,
    mmGoneSince: (gone, measuredOn, per) => `${gone} mm weniger seit ${measuredOn}${per}.`,
    atOdometerKm: (km) => `bei ${format.distance(km)}`,
    on: (measuredOn) => `am ${measuredOn}`,
  },
};
