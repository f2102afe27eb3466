import type { InstrumentsWords } from '../catalogue/instruments';

export const instruments: InstrumentsWords = {
  boltCircle: {
    alternately: 'abwechselnd',
    ofDoneInThisPass: (boltCount, done, boltCount2) =>
      `${boltCount}. ${done} von ${boltCount2} in diesem Durchgang fertig.`,
    oneFastener: 'Eine Verschraubung',
    bolts: (boltCount, boltCount2) => `${boltCount} Schrauben, ${boltCount2}`,
    inStarOrder: 'über Kreuz',
  },
  crowfootFigure: {
    aCrowfootOfMmAt: (extensionMm, angleDegrees, leverMm, crowfoot) =>
      `Ein Hahnenfußschlüssel von ${extensionMm} mm bei ${angleDegrees} Grad an einem Hebel von ${leverMm} mm: Die Verschraubung bekommt das ${crowfoot}-Fache von dem, was der Schlüssel anzeigt.`,
  },
  faceFigure: {
    oneBoltSnugTheFeeler:
      'Eine Schraube angelegt, die Fühlerlehre unter dem anderen Auge. Noch nicht gemessen.',
    theFaceStandsDegreesOut: (angleDegrees, gapMm) =>
      `Die Fläche steht ${angleDegrees} Grad aus dem Winkel${gapMm}.`,
    aGapOfMm: (gapMm) => `, ein Spalt von ${gapMm} mm`,
    snug: 'ANGELEGT',
    drawn: (value) => `gezeichnet ×${value}`,
  },
  gapFigure: {
    notFelt: 'nicht gefühlt',
    mm: (value) => `${value} mm`,
    narrowest: ', am engsten',
    next: (current) => `Nächster: ${current}.`,
    allFourAreFelt: 'Alle vier sind gefühlt.',
  },
  leverScale: {
    reachNotMeasured: 'Griffweite nicht gemessen.',
    reachMm: (reachMm) => `Griffweite ${reachMm} mm.`,
    atMm: (place, place2) => `${place} bei ${place2} mm.`,
    bar: 'LENKER',
  },
  padBlock: {
    trailing: 'auslaufend',
    leading: 'einlaufend',
    outer: 'AUSSEN',
    innerWheelSide: 'INNEN · RADSEITE',
    notMeasured: 'nicht gemessen',
    mm: (place) => `${place} mm`,
    next: (current) => `Nächster: ${current}.`,
    allFourAreMeasured: 'Alle vier sind gemessen.',
  },
  ridgeFigure: {
    lip: 'Rand',
    flatJawsRestOnThe:
      'Flache Backen liegen auf dem unverschlissenen Rand auf und lassen über der Reibfläche einen Spalt.',
    pointAnvilsSitInsideThe:
      'Spitze Ambosse sitzen innerhalb des unverschlissenen Rands, auf der Reibfläche selbst.',
    wornTrack: 'Reibfläche, verschlissen',
    flatJawsBridgeTheLip: 'flache Backen überbrücken den Rand',
    pointsReachTheTrack: 'Spitzen reichen auf die Reibfläche',
  },
  rotorDial: {
    mm: 'mm',
    notMeasured: 'nicht gemessen',
    mm2: (thicknessMm) => `${thicknessMm} mm`,
    pointOclock: (point, clock, value, word, point2) =>
      `Punkt ${point}, ${clock} Uhr: ${value}${word}${point2}.`,
    pastTheLimit: ', unter der Grenze',
    thinnest: ', am dünnsten',
    limitMm: (limitMm, newMm) => `Grenze ${limitMm} mm${newMm}.`,
    newMm: (newMm) => `, neu ${newMm} mm`,
    allPointsAreMeasured: 'Alle Punkte sind gemessen.',
    nextPoint: (current) => `Nächster: Punkt ${current}.`,
  },
  runoutRing: {
    mmDrawn: (times) => `mm · gezeichnet ×${times}`,
    oclock: (clock, mm) => `${clock} Uhr: ${mm}.`,
    notRead: 'nicht abgelesen',
    mm: (mm) => `${mm} mm`,
    theTurnIsComplete: 'Die Umdrehung ist vollständig.',
    nextReading: (current) => `Nächste: Ablesung ${current}.`,
    wobbleOverOneTurnReadings: (value) => `Schlag über eine Umdrehung, ${value} Ablesungen.`,
  },
  wearRule: {
    limit: (limitMm, origin) => `Grenze ${limitMm}${origin ? `, ${origin}` : ''}`,
    nothingMeasuredYet: (limitWords) => `${limitWords}. Noch nichts gemessen.`,
    mmDoubt: (leastMm, upperBound, doubtMm, limitWords) =>
      `${leastMm} mm${upperBound}, Unsicherheit ${doubtMm}; ${limitWords}.`,
    atMost: ' höchstens',
    new: 'neu',
  },
  crowfootFields: {
    reach: 'Zugang',
    straightOnTheFastener: 'Gerade auf der Verschraubung',
    withACrowfoot: 'Mit Hahnenfuß',
    aNutThatTheWrench:
      'Eine Mutter, die der Schlüssel nicht gerade erreicht, nimmt einen Hahnenfuß.',
    measure: { leverMm: 'L, Griff, mm', extensionMm: 'E, Mutter, mm', angleDegrees: 'Winkel, °' },
    measureIt:
      'L und E messen, und den Winkel: 0 gerade nach vorn. Vorher gibt es keine Einstellung.',
    theNutGetsTimesWhat: (crowfoot) =>
      `Die Mutter bekommt das ${crowfoot}-Fache von dem, was der Schlüssel anzeigt; die Einstellungen unten sind umgerechnet.`,
    implausible: {
      leverMm: (least, most) => `L ist ${least} bis ${most} mm.`,
      extensionMm: (least, most) => `E ist ${least} bis ${most} mm.`,
      angleDegrees: (least, most) => `Der Winkel ist ${least} (gerade nach vorn) bis ${most}.`,
    },
  },
  cableFigure: {
    says: (gapMm, armMm) =>
      `Quer durch den Sattel: ${gapMm === null ? 'der Spalt des festen Belags ist nicht gemessen' : `der feste Belag steht ${gapMm} mm von der Scheibe`}; ${armMm === null ? 'der Weg des Arms ist nicht gemessen' : `das Ende des Arms geht ${armMm} mm weit`}.`,
  },
  hosePlan: {
    move: (end, x, y) =>
      `${end}, ${x} mm vorn, ${y} mm links. Ziehen oder Pfeiltasten; mit Umschalt um 10.`,
    end: { guide: 'Letzte Führung', port: 'Öffnung am Hebel' },
    says: (deg, needMm) =>
      `Von oben: Am weitesten zieht der Lenker den Schlauch bei ${deg} Grad, dort muss er ${needMm} mm lang sein.`,
  },
  mountStack: {
    says: (sizeMm, adapter, washersMm) =>
      `Von der Seite: eine Scheibe von ${sizeMm} mm, der Sattel ${adapter ? 'auf seinem Adapter' : 'gerade auf der Aufnahme'}${washersMm.length > 0 ? `, mit einer Unterlegscheibe von ${washersMm.map((mm) => String(mm).replace('.', ',')).join(' und ')} mm` : ''}.`,
  },
};
