import type { ReckonerWords } from '../catalogue/reckoner';

export const reckoner: ReckonerWords = {
  fluidReckoner: {
    fluidForAFlush: 'Flüssigkeit für eine Spülung',
    boreMm: 'Innenmaß, mm',
    hoseMm: 'Schlauch, mm',
    caliperAndLeverMl: 'Sattel und Hebel, mL',
    hoseMlSystemMlA: (hoseMl, systemMl, flushMl, flushMl2, capacityMl) =>
      `Schlauch ${hoseMl} mL, System ${systemMl} mL. Eine Spülung ist das Dreifache: ${flushMl} mL, ${flushMl2} Füllungen einer Spritze von ${capacityMl} mL zu zwei Dritteln.`,
    numbersAboveZero: 'Zahlen über null.',
    boilingPointByWater: 'Siedepunkt nach Wassergehalt',
    fluid: 'Flüssigkeit',
    water: 'Wasser, %',
    aPercentageByTheTester: 'Ein Prozentwert nach dem Prüfgerät.',
    aboveNoNumberChangeIt: (value) => `Über ${value} %: keine Zahl. Jetzt wechseln.`,
    aboutCAnEstimateDry: (boils, dry, wet, value) =>
      `Etwa ${boils}, eine Schätzung: ${dry} trocken, ${wet} bei ${value} %, veröffentlichte Mindestwerte.`,
  },
  reckoner: {
    reckoner: 'Rechner',
    wrenchAndFluid: 'Schlüssel und Flüssigkeit',
    theBoltAsksFor: 'Die Schraube verlangt',
    fromNM: 'Von, N·m',
    toNM: 'Bis, N·m',
    emptyOneNamedValueSpread: 'Leer: ein genannter Wert, Spanne ±10 % nach unserer Wahl.',
    theWrench: 'Der Schlüssel',
    greatestNM: 'Größter Wert, N·m',
    aNumberAboveZero: 'Eine Zahl über null.',
    tolerance: 'Toleranz, ± %',
    assumed: (assumed) => `${assumed}, angenommen`,
    aPercentageFrom01: 'Ein Prozentwert von 0,1 bis 20.',
    marksEveryNM: 'Striche alle, N·m',
    setItTo: 'Einstellen auf',
    fillInTheBoltAnd: 'Schraube und Schlüssel ausfüllen.',
    anyMarkFromToKeeps: (loNm, hiNm) =>
      `Jeder Strich von ${loNm} bis ${hiNm} hält die ganze Toleranz des Schlüssels im Fenster.`,
    thisWrenchCannotProveThis: 'Dieser Schlüssel kann diese Schraube nicht beweisen',
    becauseUseAFinerOne: (answer) => `Weil ${answer}. Einen feineren nehmen.`,
    setBetweenLo1Tolerance:
      'Zwischen unten ÷ (1 − Toleranz) und oben ÷ (1 + Toleranz), nach innen auf einen Strich gerundet, ab 20 % der Skala. Das Datenblatt des Herstellers geht vor.',
    numbersAboveZero: 'Zahlen über null.',
  },
  hose: {
    hoseLength: 'Schlauchlänge',
    allOfThem: 'Alle',
    theLastGuide: 'Die letzte feste Führung, von oben',
    theLeversPort: 'Der Anschluss am Hebel, Lenker gerade',
    theHose: 'Der Schlauch',
    itHasToBe: 'Er muss lang sein',
    everyFieldANumber: 'In jedes Feld gehört eine Zahl.',
    howItIsReckoned:
      'Der kürzeste Weg von der Führung zum Anschluss, der sich nirgends enger biegt (Dubins 1957), bei jedem Viertelgrad des Lenkers, um die Höhe verlängert; 10 mm Sitz der Tülle aus dem Gedächtnis, 10 mm Spiel nach unserer Wahl. Richtungen drehen von geradeaus nach links. Messen, und anhalten, bevor geschnitten wird.',
    of: {
      guideX: 'Vor dem Steuerrohr, mm',
      guideY: 'Nach links, mm',
      guideToward: 'Schlauch verlässt sie nach, °',
      portX: 'Davor, mm',
      portY: 'Nach links, mm',
      portToward: 'Schlauch geht hinein nach, °',
      height: 'Höhe dazwischen, mm',
      bend: 'Kleinster Bogen, mm',
      swing: 'Wie weit der Lenker dreht',
      growth: 'Federung zieht, mm',
      present: 'Schlauch jetzt, mm',
    },
    mm: ' mm',
    degrees: (value) => `${value}° zu jeder Seite`,
    worstAt: (deg, straightMm) =>
      `Am weitesten zieht ihn der Lenker bei ${deg}°. Geradeaus ist der Weg ${straightMm} mm, ohne Sitz und Spiel.`,
    tooShort: (missing) => `Um ${missing} mm zu kurz: nicht schneiden`,
    cut: (mm) => `${mm} mm abschneiden, an der Markierung`,
    orKeepIt: (renewals) =>
      `Oder lang lassen, in einer Schlaufe geklippt: Sein Ende lässt sich ${renewals}-mal erneuern, je etwa 15 mm, aus dem Gedächtnis.`,
  },
  fit: {
    doesItFit: 'Passt die Scheibe?',
    forkOrFrame: 'Gabel oder Rahmen',
    whichEnd: 'Welches Ende',
    mount: 'Aufnahme',
    hub: 'Die Nabe nimmt',
    theRotor: 'Die Scheibe',
    heldBy: 'Gehalten von',
    made: 'Gebaut aus',
    onePiece: 'Einem Stück',
    twoPieces: 'Zwei Teilen',
    pistons: 'Kolben des Sattels',
    itFits: 'Sie passt',
    itDoesNot: 'Sie passt nicht',
    sizesAreNumbers: 'Größen sind Zahlen; kleinste und größte dürfen fehlen.',
    afterwards:
      'Dann messen, wie weit die Beläge innerhalb des Rands liegen, und danach die Unterlegscheiben wählen: Die Beläge überstreichen die ganze Bahn, nie über den Rand. Zuerst vorn größer; hinten kann es die Wärme verlangen.',
    of: {
      native: 'Ohne Adapter, mm',
      smallest: 'Kleinste erlaubte, mm',
      largest: 'Größte erlaubte, mm',
      rotor: 'Scheibe, mm',
    },
    hold: { 'six-bolt': 'Sechs Schrauben', lockring: 'Verzahnter Verschlussring' },
    flag: {
      'largest-unknown':
        'Niemand kennt die größte erlaubte: den Hersteller von Gabel oder Rahmen fragen, bevor gefahren wird.',
      'rivet-room':
        'Zweiteilige Scheibe, vier Kolben: das Rad drehen und nach Platz an den Nieten sehen.',
      'up-mark': 'Der Pfeil des Adapters zeigt nach oben: nachsehen.',
      'printed-size': 'Die benutzte Größe steht auf der Platte: nachsehen und aufschreiben.',
    },
    stack: ({ adapter, washersMm }) =>
      [
        adapter === null
          ? 'Sattel gerade auf der Aufnahme'
          : adapter.code === 'step'
            ? `Adapter +${adapter.forMm}`
            : adapter.code === 'plate'
              ? `Platte für ${adapter.forMm}`
              : `IS-Adapter für ${adapter.forMm}${adapter.twinMm === null ? '' : `, derselbe wie ${adapter.twinMm} am anderen Ende (aus dem Gedächtnis)`}`,
        washersMm.length > 0
          ? `eine Unterlegscheibe von ${washersMm.map((mm) => String(mm).replace('.', ',')).join(' und ')} mm unter jeder Seite`
          : null,
      ]
        .filter(Boolean)
        .join(', '),
    because: (why) => {
      switch (why.code) {
        case 'over-largest':
          return `Über ${why.mostMm} mm, dem Größten, was Gabel oder Rahmen erlauben, was auch immer sich anschrauben lässt.`;
        case 'under-smallest':
          return `Unter ${why.leastMm} mm, dem Kleinsten, was Gabel oder Rahmen nehmen.`;
        case 'other-hub':
          return 'Die Nabe hält eine Scheibe anders.';
        case 'other-face':
          return 'Die Fläche des Sattels ist keine für diese Aufnahme.';
        case 'no-stack':
          return 'Kein Adapter mit Unterlegscheiben macht diesen Schritt.';
      }
    },
    outward: (mm, gain) =>
      `Der Sattel rückt ${mm} mm nach außen. Derselbe Zug macht ${gain} mehr Drehmoment an der Nabe.`,
  },
  thread: {
    aBoltInItsThread: 'Eine Schraube in ihrem Gewinde',
    bolt: 'Schraube',
    threadedIn: 'Gewinde in',
    passesThrough: 'Sie geht durch, mm',
    holeIsDeep: 'Das Loch ist tief, mm',
    numbersOfMm: 'Millimeter; die Tiefe leer, wo das Loch durchgeht.',
    atLeast: (mm) => `Mindestens ${mm} mm lang.`,
    between: (least, most) =>
      `Zwischen ${least} und ${most} mm lang: kürzer reißt aus, länger steht auf und klemmt nichts.`,
    needs: (mm, tap) =>
      `${mm} mm Gewinde: ein Durchmesser in Stahl, anderthalb in Aluminium, übliche Praxis. ${tap} räumt Lack, und nicht mehr.`,
  },
};
