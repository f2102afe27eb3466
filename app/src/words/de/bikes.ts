import type { BikesWords } from '../catalogue/bikes';
import { format } from '../format';

export const bikes: BikesWords = {
  reckoned: {
    label: 'Bei seinen Besuchen gerechnet',
    at: (end, says, tag) => `${end}: ${says} (Besuch ${tag}).`,
    fit: (sizeMm, largestMm) =>
      `Scheibe von ${sizeMm} mm geprüft, ${largestMm === null ? 'größte erlaubte nicht bekannt' : `größte erlaubte ${largestMm} mm`}`,
    hose: (presentMm, then) =>
      `Schlauch von ${presentMm} mm, ${then === 'cut' ? 'an der Marke geschnitten' : 'lang gelassen'}`,
    levers: (biased, why) =>
      biased === ''
        ? 'beide Hebel gemessen'
        : `Hebel verschieden in ${biased}, wie der Fahrer wollte: ${why}`,
    cable: (gapMm, armMm) =>
      `${gapMm === null ? 'fester Belag nicht gemessen' : `fester Belag ${gapMm} mm entfernt`}, ${armMm === null ? 'Arm nicht gemessen' : `Arm geht ${armMm} mm`}`,
    stops: (before, after) => `${before} Bremswege vor der Arbeit, ${after} danach`,
  },
  bikeSheet: {
    hasAMotor: 'mit Motor',
    kgLaden: (systemMassKg) => `${systemMassKg} kg beladen`,
    riddenInTheWet: 'bei Nässe gefahren',
    kmAWeek: (km) => `${format.distance(km)} pro Woche`,
    correct: 'Dieses Rad berichtigen',
    corrected: 'Berichtigt',
    changed: (what, was, became) => `${what} von ${was} zu ${became}`,
    notSaid: 'nichts',
    somebodyElse: 'jemand anders',
    kg: (kg) => `${kg}\u00a0kg`,
    correctedBy: (what, by, at, words) =>
      `${what}: von ${by}, ${at}${words ? `, „${words}“` : ''}.`,
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
    nothingSaid: '—',
    closedNotRepaired: (at) => `Geschlossen ${at}, nicht repariert`,
    sealed: (sealedAt, seal) => `Versiegelt ${sealedAt}, ${seal}…`,
    onTheBenchPromised: (promisedAt) => `Auf der Werkbank, versprochen ${promisedAt}`,
    notDisc: (end, brake) => `${end}: ${brake}, bleibt unberührt`,
    forkOf: (material) => `Gabel ${material}`,
    frameOf: (material) => `Rahmen ${material}`,
    alsoBraked: (which) => `dazu: ${which}`,
    thirdPlace: {
      'right-front': 'rechts vorn, neben der linken',
      'right-rear': 'rechts hinten, neben der linken',
      'second-rear': 'am Hinterrad, neben seiner ersten',
    },
    sharedLever: {
      none: 'nein, jede ihren eigenen',
      'front-rear': 'vorn und hinten',
      'front-third': 'vorn und an dritter Stelle',
      'rear-third': 'hinten und an dritter Stelle',
    },
    thirdAt: (place) => `dritte Bremse: ${place}`,
    oneLeverFor: (which) => `ein Hebel für ${which}`,
    comeback: 'kam zurück',
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
    mmPer: (gone, distance) => `, ${gone} mm je ${distance}`,
    mmGoneSince: (gone, measuredOn, per) => `${gone} mm weniger seit ${measuredOn}${per}.`,
    atOdometerKm: (km) => `bei ${format.distance(km)}`,
    on: (measuredOn) => `am ${measuredOn}`,
  },
  brought: {
    title: 'Anderswo gemessen, oder früher',
    provesNothing:
      'Das kam aus einer Tabelle. Hier beweist es nichts, und nichts wird daraus vorausgesagt.',
    readBy: (gauge, by) => `${gauge ? `Mit ${gauge}; aufgenommen` : 'Aufgenommen'} von ${by}.`,
  },
  correct: {
    correctThisBike: 'Dieses Rad berichtigen',
    why: 'Warum',
    whyHint:
      'Gefragt, wo dann weniger vom Rad verlangt wird (kein Motor, keine Scheibe, ein anderer Hebel, kein Carbon): Das sagt eine Leitung.',
    save: 'Sichern',
    backToTheBike: 'Zurück zum Rad',
    field: {
      customerId: 'Besitzer',
      name: 'Name',
      maker: 'Hersteller',
      serial: 'Nummer',
      motor: 'Motor',
      systemMassKg: 'Masse',
      terrain: 'Gelände',
      wet: 'Wetter',
      kmPerWeek: 'Strecke in der Woche',
      forkMaterial: 'Gabel',
      frameMaterial: 'Rahmen',
      frontBrake: 'Bremse vorn',
      rearBrake: 'Bremse hinten',
      thirdBrake: 'dritte Bremse',
      thirdPlace: 'Platz der dritten Bremse',
      sharedLever: 'ein Hebel für zwei',
      furtherBrakes: 'weitere Bremsen',
    },
    itIsSomebodyElses: 'Es gehört jetzt jemand anderem',
    whoseNow: 'Wem? Über ein Rad von ihnen suchen',
    goesTo: (name) => `Ab jetzt: ${name}`,
    everythingOfThem: 'Alles, was von ihnen geschrieben steht, als Datei',
    correctCustomer: 'Diese Kundschaft berichtigen',
    name: 'Name',
    phone: 'Telefon',
    phoneHint: 'Leer für keines.',
  },
  erase: {
    open: 'Sie wollen vergessen werden',
    title: (customer) => `Alles, was sagt, wer ${customer} ist, verschwindet endgültig`,
    goes: 'Name, Telefonnummer, wie ihre Räder heißen, was sie bei der Annahme sagten, Nachrichten an sie, Fälliges und die Adressen ihrer Berichte.',
    stays:
      'Was gefunden, gemessen und getan wurde, bleibt beim Rad, unter Hersteller und Seriennummer, und jedes Siegel hält. Ein Fahrverbot bleibt. Auch was bei der Arbeit geschrieben wurde, bleibt, darunter was sie mit eigenen Worten ablehnten: vorher lesen.',
    copies: 'Kopien der Daten von früher enthalten noch alles.',
    because: 'Wer darum bat, und wie',
    becauseHint: 'Das bleibt, mit Ihrem Namen und dem Tag: niemanden darin nennen.',
    erase: 'Endgültig löschen',
  },
};
