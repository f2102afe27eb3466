import { BARREL_TURNS_OUT, FIXED_GAP_MM } from '@hold-fast/core/cable/cable';
import { WET_PERCENT } from '@hold-fast/core/fluid/boiling';
import { BARB_SEAT_MM, SLACK_MM } from '@hold-fast/core/hose/hose';
import { MOST_APART } from '@hold-fast/core/lever/pair';
import { MOST_WASHERS, RADIAL_TARGET_MM } from '@hold-fast/core/mount/radial';
import { SINGLE_VALUE_SPREAD } from '@hold-fast/core/torque/window';
import { LEAST_SHARE_OF_SCALE, PLAUSIBLE_TOLERANCE } from '@hold-fast/core/torque/wrench';
import { komma } from './komma';
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
    whatIsAsked: 'Was ist gefragt?',
    atBrake: (end) => `Bremse ${end}`,
    writeDown: (end) => `Aufschreiben: ${end}`,
    writtenDown: 'Aufgeschrieben. Weiter',
    back: 'Zurück',
    sumProvesNothing:
      'Für diese Bremse gerechnet. Eine Rechnung beweist nichts: öffnen und ansehen.',
    findBike: 'Das Rad finden',
    send: 'An einen Auftrag schicken',
    sendTo: 'Für welche Bremse?',
    sent: (tag, end) => `An ${tag} geschickt, ${end}. Seine Seite zeigt es.`,
    noBike: 'Kein Rad ist da.',
    find: 'Nach Namen suchen',
    noneByThatName: 'Kein Rechner mit diesem Namen.',
    all: 'Alle',
    of: {
      trouble: {
        title: 'Was dahinter steckt',
        says: 'Von der Klage zur Ursache, und die nächste Prüfung',
      },
      pads: { title: 'Beläge', says: 'Was jede Schule zu einem Paar sagt' },
      runout: {
        title: 'Seitenschlag',
        says: 'Eine Umdrehung der Uhr: wie viel, schief oder verbogen',
      },
      wear: {
        title: 'Verschleiß zum Grenzmaß',
        says: 'Eine Dicke, ihre Unsicherheit, was übrig ist',
      },
      life: {
        title: 'Wie lange sie hält',
        says: 'Zwei oder drei Messungen: Strecke bis zum Grenzmaß',
      },
      air: { title: 'Luft im Hebel', says: 'Was er nach dem Druckpunkt schiebt: wie viel Luft' },
      wrench: {
        title: 'Schlüssel einstellen',
        says: 'Worauf der Klick gehört, auch mit Hahnenfuß',
      },
      thread: { title: 'Schraube und Gewinde', says: 'Wie lang die Schraube, wie viel Gewinde' },
      fit: {
        title: 'Passt die Scheibe?',
        says: 'Gabel oder Rahmen, Sattel, Nabe: der Aufbau, oder nein',
      },
      washers: {
        title: 'Unterlegscheiben nach e',
        says: 'Was unter den Sattel kommt, damit die Bahn bestrichen wird',
      },
      face: { title: 'Anlagefläche', says: 'Vom Spalt zum Winkel, und was er am Belag tut' },
      align: {
        title: 'Ausrichten',
        says: 'Spalte, Schlag, Kolben, Beläge: ein Weg, und was zu verschieben ist',
      },
      cable: { title: 'Seilzugbremse', says: 'Zugweg von Hebel und Sattel, fester Belag, Arm' },
      hose: {
        title: 'Schlauchlänge',
        says: 'Wie lang, damit der Lenker dreht: schneiden oder zu kurz',
      },
      levers: { title: 'Beide Hebel', says: 'Links gegen rechts, und was zuerst angeglichen wird' },
      heat: { title: 'Hitze am Berg', says: 'Wie heiß, welche Scheibe, was am meisten hilft' },
      stops: {
        title: 'Bremswege',
        says: 'Vorher und nachher, gleich gerechnet: gibt es einen Unterschied?',
      },
      share: {
        title: 'Vorn und hinten',
        says: 'Was das Vorderrad trägt, und wo das Hinterrad abhebt',
      },
      fluid: { title: 'Flüssigkeit', says: 'Wie viel für eine Spülung; Siedepunkt nach Wasser' },
    },
    theBoltAsksFor: 'Die Schraube verlangt',
    fromNM: 'Von, N·m',
    toNM: 'Bis, N·m',
    emptyOneNamedValueSpread: `Das zweite leer: ein genannter Wert, Spanne ±${100 * SINGLE_VALUE_SPREAD} % nach unserer Wahl.`,
    theWrench: 'Der Schlüssel',
    greatestNM: 'Größter Wert, N·m',
    aNumberAboveZero: 'Eine Zahl über null.',
    tolerance: 'Toleranz, ± %',
    assumed: (assumed) => `${assumed}, angenommen`,
    aPercentageFrom01: `Ein Prozentwert von ${komma(100 * PLAUSIBLE_TOLERANCE.least)} bis ${100 * PLAUSIBLE_TOLERANCE.most}.`,
    marksEveryNM: 'Striche alle, N·m',
    setItTo: 'Einstellen auf',
    fillInTheBoltAnd: 'Schraube und Schlüssel ausfüllen.',
    anyMarkFromToKeeps: (loNm, hiNm) =>
      `Jeder Strich von ${loNm} bis ${hiNm} hält die ganze Toleranz des Schlüssels im Fenster.`,
    thisWrenchCannotProveThis: 'Dieser Schlüssel kann diese Schraube nicht beweisen',
    becauseUseAFinerOne: (answer) => `Weil ${answer}. Einen feineren nehmen.`,
    setBetweenLo1Tolerance: `Zwischen unten ÷ (1 − Toleranz) und oben ÷ (1 + Toleranz), nach innen auf einen Strich gerundet, ab ${100 * LEAST_SHARE_OF_SCALE} % der Skala. Das Datenblatt des Herstellers geht vor.`,
    numbersAboveZero: 'Zahlen über null.',
  },
  hose: {
    theLastGuide: 'Die letzte feste Führung, von oben',
    theLeversPort: 'Der Anschluss am Hebel, Lenker gerade',
    theHose: 'Der Schlauch',
    itHasToBe: 'Er muss lang sein',
    everyFieldANumber: 'In jedes Feld gehört eine Zahl.',
    howItIsReckoned: `Der kürzeste Weg von der Führung zum Anschluss, der sich nirgends enger biegt (Dubins 1957), bei jedem Viertelgrad des Lenkers, um die Höhe verlängert; ${BARB_SEAT_MM} mm Sitz der Tülle aus dem Gedächtnis, ${SLACK_MM} mm Spiel nach unserer Wahl. Richtungen drehen von geradeaus nach links. Messen, und anhalten, bevor geschnitten wird.`,
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
    tight: 'Ringe zieht man oder bewegt sie mit Pfeiltasten. Gestrichelt: so eng, wie er darf.',
    whatIsDone: 'Was geschieht',
    then: { cut: 'An der Marke abschneiden', keep: 'Lang gelassen: gelegt und geclipst' },
    tooShort: (missing) => `Um ${missing} mm zu kurz: nicht schneiden`,
    cut: (mm) => `${mm} mm abschneiden, an der Markierung`,
    orKeepIt: (renewals) =>
      `Oder lang lassen, in einer Schlaufe geklippt: Sein Ende lässt sich ${renewals}-mal erneuern, je etwa 15 mm, aus dem Gedächtnis.`,
  },
  fit: {
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
    boltsLonger: (mm) =>
      `Schrauben ${mm} mm länger, oder prüfen, ob sie noch tief genug greifen: so viel Gewinde nehmen die Scheiben.`,
    torque: (bolts, nm, from) => `${bolts}: ${nm} N·m, ${from}.`,
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
  washers: {
    eMm: 'e, mm',
    fittedMm: 'Scheiben jetzt darunter, mm',
    eSays:
      'Wie weit die Oberkante des Belags innerhalb des Scheibenrands liegt. Darüber hinaus: mit Minus.',
    stockMm: 'Scheiben in der Schublade, mm',
    stockSays: 'Vorhandene Dicken, Leerzeichen dazwischen.',
    fittedSays: 'Unter einer Seite, mit Leerzeichen dazwischen. Die andere Seite hat dieselben.',
    numbers: 'e ist eine Zahl; Unterlegscheiben sind Zahlen mit Leerzeichen dazwischen.',
    choice: (choice, mm) => {
      switch (choice.code) {
        case 'within':
          return 'So lassen: Die Bahn wird bestrichen';
        case 'add':
          return `${choice.washersMm.map(mm).join(' und ')} mm unter jede Seite: landet bei ${mm(choice.landsAtMm)}`;
        case 'out-of-stock':
          return `${choice.washersMm.map(mm).join(' und ')} mm auf jeder Seite brächten sie auf ${mm(choice.landsAtMm)} und sind nicht in der Schublade`;
        case 'take-out':
          return `${choice.washersMm.map(mm).join(' und ')} mm auf jeder Seite heraus: landet bei ${mm(choice.landsAtMm)}`;
        case 'another-adapter':
          return choice.overhangs
            ? 'Er steht über, und keine Scheibe darunter holt ihn herein: ein kleinerer Adapter'
            : 'Keine Unterlegscheiben bringen ihn hin: ein anderer Adapter';
      }
    },
    howItIsChosen: `Ziel ${komma(RADIAL_TARGET_MM.least)} bis ${komma(RADIAL_TARGET_MM.most)} mm, am besten ${komma(RADIAL_TARGET_MM.aim)}: der Satz, der am nächsten landet, dann die wenigsten, dann die dicksten, höchstens ${MOST_WASHERS} je Seite. Danach e noch einmal messen: Die Rechnung beweist nichts.`,
  },
  wear: {
    readMm: 'Dünnste Stelle, mm',
    doubtMm: 'Unsicherheit des Messmittels, ± mm',
    limitMm: 'Grenzmaß, mm',
    newMm: 'Im Neuzustand, mm',
    numbers: 'Dicke, Unsicherheit und Grenzmaß sind Zahlen; neu darf fehlen.',
    says: {
      holds: 'Diese Messung liegt über dem Grenzmaß',
      watch: 'Sie liegt über dem Grenzmaß, und wenig ist übrig',
      unproven: 'Ihre Unsicherheit reicht ans Grenzmaß: nicht bewiesen',
      replace: 'Am Grenzmaß oder darunter: ersetzen',
    },
    least: (mm, inches) =>
      `Sie misst mindestens ${mm} mm, die Unsicherheit abgezogen; ${inches} in, wie gelesen.`,
    left: (share) => `${share} des Verschleißes sind übrig.`,
    howItIsJudged:
      'Ersetzen am oder unter dem Grenzmaß, wie gelesen; bewiesen nur, wo die Messung abzüglich der ganzen Unsicherheit noch darüber liegt (ISO 14253-1). Eine Scheibe wird an der dünnsten von mehreren Stellen beurteilt, Beläge an vieren: das tut eine Messung im Auftrag, diese Rechnung nicht.',
  },
  life: {
    readings: 'Die Messungen, die älteste zuerst',
    numbers:
      'Jede Messung ist eine Strecke und eine Dicke; Unsicherheit und Grenzmaß sind größer als null.',
    of: {
      km1: 'Erste: km',
      mm1: 'mm',
      km2: 'Zweite: km',
      mm2: 'mm',
      km3: 'Dritte: km',
      mm3: 'mm',
    },
    left: (early, late) => `Noch ${early} bis ${late}`,
    wear: (mm) => `Sie verliert ${mm} mm auf 1000 km.`,
    not: {
      'one-reading': 'Eine Messung sagt nichts darüber, wie schnell sie verschleißt.',
      'no-run': 'Beide Messungen sind von derselben Strecke.',
      'not-wearing': 'Sie wurde nicht dünner: kein Datum.',
      'too-early': 'Zu früh: die Unsicherheit ist so groß wie der Verschleiß.',
    },
    howItIsReckoned:
      'Eine Gerade durch die Messungen, jede nach ihrer Unsicherheit, und eine Spanne von 80 %, wo sie das Grenzmaß trifft (Fieller 1954). Andere Beläge, Berge und Nässe machen eine andere Gerade daraus.',
  },
  air: {
    biteMm: 'Druckpunkt bei, mm',
    firmMm: 'Fest bei, mm',
    leverRatio: 'Hebelübersetzung',
    boreMm: 'Bohrung, mm',
    ownGiveMl: 'Eigenes Nachgeben, mL',
    numbers: 'Jedes Feld ist eine Zahl.',
    readOut: {
      sound: 'Kaum Luft',
      'top-up': 'Etwas Luft: am Hebel nachfüllen',
      'full-bleed': 'Luft: entlüften',
    },
    nothingToSay:
      'Er schiebt weniger, als eine gesunde Bremse nachgibt: Druckpunkt oder Nachgeben falsch gelesen',
    ml: (ml) => `${ml} mL`,
    pushed: (pistonMm, ml) => `Der Kolben geht nach dem Druckpunkt ${pistonMm} mm: ${ml} mL.`,
    howItIsReckoned:
      'Was nach dem Druckpunkt geschoben wird, abzüglich des eigenen Nachgebens, nach Boyle bei 100 N Zug: mindestens so viel Luft bei Raumdruck. Stufen nach unserer Wahl. Im Auftrag prüfen, nach dem Pumpen, Laufrad drin: das beweist, dies nicht.',
  },
  pads: {
    schools: 'Was jede Schule sagt',
    school: (school, says, decides) => `${school}: ${says}.${decides ? ' Sie entscheidet.' : ''}`,
    read: 'Wie abgelesen, mit Träger',
    of: { newMm: 'Neu im Ganzen, mm', plateMm: 'Träger allein, mm' },
    numbers: 'Vier Werte, das Paar im Neuzustand und sein Träger, alles in Millimetern.',
    howItIsJudged:
      'Nach den Schulen und Grenzen der Werkstatt, mit der Unsicherheit eines digitalen Messschiebers. Eine Rechnung allein beurteilt keine Beläge: Miss sie am Auftrag, mit benanntem Messmittel und geprüfter Null.',
  },
  runout: {
    readings: 'Rund um die Scheibe, mm',
    readingsHint: (fewest, most) =>
      `${fewest} bis ${most} Werte einer Umdrehung, durch Leerzeichen getrennt; ein Minus, wo sie wegschwingt.`,
    numbers: (fewest, most) =>
      `${fewest} bis ${most} Werte in Millimetern, durch Leerzeichen getrennt.`,
    howItIsJudged: (proven) =>
      `Nach den Bändern der Werkstatt, mit der Unsicherheit einer Messuhr. Eine Rechnung allein beurteilt keine Scheibe; am Auftrag tut es eine Umdrehung mit ${proven} Punkten oder mehr.`,
  },
  heat: {
    hill: 'Der Berg',
    road: 'Was davon bekannt ist',
    roads: { even: 'Steigung und Länge', points: 'Punkte entlang' },
    points: 'Weg und Höhe, m, ein Paar je Zeile',
    pointsHint: 'Von oben nach unten: 0 320, dann 1500 180, dann 4000 0.',
    readTrack: 'Spur lesen (GPX)',
    reading: 'Die Spur wird gelesen.',
    trackRead: (name, length, drop) => `${name}: ${length} m Weg, ${drop} m hinunter.`,
    reckoning: 'Es wird gerechnet',
    stop: 'Anhalten',
    stopped: 'Angehalten. Für diese Zahlen ist nichts gerechnet.',
    brokenOff: 'Das Rechnen brach ab.',
    nothingLost: 'Alles Eingegebene ist noch da. Rechne noch einmal.',
    again: 'Noch einmal rechnen',
    length: (length, drop) => `${length} m Weg, ${drop} m hinunter.`,
    set: 'Was am Rad ist',
    pads: 'Beläge',
    braked: 'Wie gebremst wird',
    brakes: { dragged: 'Schleifend', pulsed: 'In Stößen' },
    of: {
      massKg: 'Fahrer, Rad, Last, kg',
      gradePercent: 'Gefälle, %',
      lengthM: 'Auf der Straße, m',
      speedKmh: 'Tempo, km/h',
      airC: 'Luft, °C',
      sharePercent: 'Vorn gebremst, %',
      front: 'Scheibe vorn, mm',
      rear: 'Scheibe hinten, mm',
      largestFront: 'Größte vorn, mm',
      largestRear: 'Größte hinten, mm',
      thickMm: 'Dick, mm',
      boilsC: 'Flüssigkeit siedet bei, °C',
      freshC: 'Neu siedet sie bei, °C',
      waterPercent: 'Wasser nach Tester, %',
      ageMonths: 'Alter, Monate',
    },
    fluid: 'Flüssigkeit',
    byItsBoilingPoint: 'Nach Siedepunkt',
    boilsBy: (temperature) =>
      `Sie siedet bei etwa ${temperature}. Ohne Tester gilt nur Flüssigkeit von 0 Monaten als trocken.`,
    changeItNow: `Über ${komma(WET_PERCENT)} %: keine Zahl, sofort wechseln.`,
    numbers: 'Jedes Feld ist eine Zahl; die Siedepunkte dürfen fehlen.',
    peaks: 'Eine Schätzung: am heißesten',
    drawn: (end, temperature) => `Die Scheibe ${end} kommt auf etwa ${temperature}.`,
    end: (end, temperature) => `${end}, Scheibe etwa ${temperature}`,
    besides: (pads, fluid) => `Sattel ${pads}, Flüssigkeit ${fluid}.`,
    pastFade: 'Diese Beläge lassen da nach.',
    boils: 'Die Flüssigkeit siedet: der Hebel geht bis zum Lenker.',
    sizes: 'Jede Größe neben den anderen',
    sizeAt: (end, sizeMm) => `${end}, ${sizeMm} mm`,
    fades: 'lässt nach',
    holds: 'darunter',
    helpsMost: 'Was helfen würde, das Meiste zuerst',
    change: (change) => {
      switch (change.code) {
        case 'larger':
          return `Eine Scheibe von ${change.sizeMm} mm ${change.end === 'front' ? 'vorn' : 'hinten'}`;
        case 'metallic':
          return 'Metallische Beläge, wo die Scheibe sie verträgt';
        case 'fresh-fluid':
          return 'Frische Flüssigkeit';
        case 'pulsed':
          return 'Stoßweise bremsen';
        case 'share':
          return 'Beide Enden gleich bremsen';
      }
    },
    gains: (change, degrees) => `${change}: ${degrees} °C mehr Luft.`,
    nothingHelps: 'Nichts davon gibt mehr Luft. Langsamer fahren, unterwegs anhalten.',
    howItIsReckoned:
      'Um Aufbauten zu vergleichen, nie ein Versprechen. Die Bremsleistung ist die des Gefälles, abzüglich Rollen und Luft; alles geht in die Scheibe, von dort in die Luft, als Strahlung und durch die Beläge in die Flüssigkeit. Kühlung nach veröffentlichten Formeln für eine drehende Scheibe und eine Platte im Wind; Nachlassen aus dem Gedächtnis, organisch bei 250 und metallisch bei 400 °C; halbmetallisch dazwischen und wie Wärme weitergeht, sind unsere Wahl.',
  },
  stops: {
    says: 'Was die Bremswege sagen',
    shown: {
      shorter: 'Sie hält jetzt kürzer, um',
      longer: 'Sie hält jetzt länger, um',
      none: 'Kein Unterschied gezeigt; die mittleren unterscheiden sich um',
    },
    metres: (m) => `${m} m`,
    between: (from, to) =>
      `Zwischen ${from} und ${to} m, 95 % durch Neuziehen; minus heißt kürzer.`,
    medians: (before, after, was, is) =>
      `Mittlere Fahrt ${before} m vorher, ${after} m nachher: ${was} und ${is} m/s².`,
    threeEach: (fewest, asked) =>
      `Mindestens ${fewest} Fahrten vorher und ${fewest} nachher, besser ${asked}: dann lassen sie sich vergleichen.`,
    when: { before: 'Vor der Arbeit', after: 'Nach der Arbeit' },
    of: {
      before: {
        fromKmh: 'Vorher: aus, km/h',
        distanceM: 'Vorher: Meter',
        seconds: 'Vorher: oder Sekunden',
      },
      after: {
        fromKmh: 'Nachher: aus, km/h',
        distanceM: 'Nachher: Meter',
        seconds: 'Nachher: oder Sekunden',
      },
    },
    clock: { before: 'Bremsung stoppen, vorher', after: 'Bremsung stoppen, nachher' },
    standing: (seconds) => `Es steht: ${seconds} s`,
    motor: 'Der Motor',
    bothCut: 'Bei jedem Hebel wurde gesehen, dass er abschaltet.',
    add: { before: 'Fahrt dazu, vorher', after: 'Fahrt dazu, nachher' },
    lockedRun: { before: 'Das Rad blockierte, vorher', after: 'Das Rad blockierte, nachher' },
    run: (fromKmh, distanceM, locked) =>
      `${fromKmh} km/h, ${distanceM} m${locked ? ': das Rad blockierte, zählt nicht' : ''}`,
    takeOut: 'Herausnehmen',
    brakes: 'Gebremst mit',
    with: { one: 'Einer Bremse', both: 'Beiden Bremsen' },
    howItIsDone:
      'Zuerst der Standtest, Ausrüstung geprüft, ein sicherer Ort. Gleicher Fahrer, gleiche Reifen, gleicher Boden. Alle Fahrten werden auf das Tempo der ersten gerechnet: der Weg wächst mit dessen Quadrat. Ein blockiertes Rad hat den Reifen gemessen.',
  },
  share: {
    wheelbaseM: 'Radstand, m',
    aheadM: 'Gewicht vor der hinteren Aufstandsfläche, m',
    highM: 'Gewicht über dem Boden, m',
    slopeDegrees: 'Bergab, °',
    decelerationG: 'Bremsung, in g',
    numbers: 'Jedes Feld ist eine Zahl.',
    onTheFront: 'der Last auf dem Vorderrad, während so gebremst wird.',
    lifts: (g) => `Das Hinterrad hebt bei ${g} g ab.`,
    howItIsReckoned:
      'Nach dem Gleichgewicht um die Aufstandsflächen. Der Anteil der Last ist der Anteil der Bremsung nur, wo beide Reifen gleich greifen. Etwa 70 % vorn sind üblich.',
  },
  cable: {
    leverPull: 'Zugweg des Hebels',
    caliperPull: 'Zugweg, den der Sattel will',
    fixedGapMm: 'Fester Belag bis Scheibe, mm',
    armMm: 'Weg des Arms, mm',
    numbers: 'Spalt und Weg sind Zahlen; leer heißt nicht bekannt.',
    pulls: { unknown: 'Nicht angesehen', long: 'Lang', short: 'Kurz' },
    pull: {
      match: 'Hebel und Sattel passen zusammen',
      mismatch: 'Abgelehnt: Hebel und Sattel wollen verschiedene Zugwege',
      unknown: 'Ob Hebel und Sattel zusammenpassen, ist nicht bekannt',
    },
    gap: {
      usual: 'Der feste Belag steht im üblichen Spalt.',
      narrow: `Enger als die üblichen ${komma(FIXED_GAP_MM.least)} mm, aus dem Gedächtnis: Rad drehen und hinhören.`,
      wide: `Weiter als die üblichen ${komma(FIXED_GAP_MM.most)} mm, aus dem Gedächtnis: so weit biegt jeder Zug die Scheibe.`,
      rubs: 'Der feste Belag liegt an: kein Spalt.',
      unknown: 'Den Spalt des festen Belags hat niemand gemessen.',
    },
    howItIsDone: `Zuerst der feste Belag, ${komma(FIXED_GAP_MM.least)} bis ${komma(FIXED_GAP_MM.most)} mm aus dem Gedächtnis, dann die Lose des Zugs. Stellschrauben beginnen ${BARREL_TURNS_OUT.least} oder ${BARREL_TURNS_OUT.most} Umdrehungen weit draußen. Verschleiß wird an den Belägen nachgestellt, nie durch Vorziehen des Arms: er verliert Hebelkraft, also seinen Weg aufschreiben und beim nächsten Besuch vergleichen.`,
  },
  align: {
    gaps: 'Die vier Spalte, Hebel losgelassen',
    wheel: 'Die Scheibe',
    known: 'Was gesehen wurde',
    numbers: 'Spalte, Schlag und Winkel sind Zahlen; leer heißt nicht bekannt.',
    tirMm: 'Schlag, mm',
    spanMm: 'Ein- bis Auslauf, mm',
    atMidReading: 'Rad steht, wo die Scheibe in der Mitte läuft',
    pistonsEven: 'Kolben bewegen sich gleich',
    padsTapered: 'Beläge keilförmig verschlissen',
    ballWashers: 'Scheiben mit Kugelsitz',
    faceDegrees: 'Auflage schief, °',
    knowing: { yes: 'Ja', no: 'Nein', unknown: 'Nicht angesehen' },
    thisWay: 'So ausrichten',
    rubs: (margin) => `Sie schleift: Spielraum ${margin} mm`,
    clear: (margin) => `Sie läuft frei, um ${margin} mm`,
    afterwards:
      'Die Spalte nach der letzten Drehung noch einmal fühlen: die Rechnung beweist nichts. Schleift sie bei ausgerichtetem Sattel: Sand oder Haar, Schmutz hinter einem Belag, lose Stifte, ein ungleicher Kolben, Schlag, eine schiefe Auflage.',
  },
  face: {
    gapMm: 'Spalt mit der Fühlerlehre, mm',
    spacingMm: 'Zwischen den Schrauben, mm',
    padOffsetMm: 'Schrauben bis Belagrand, mm',
    numbers: 'Spalt und Abstand sind Zahlen, der Abstand über null.',
    standsOut: 'Die Fläche steht schief um',
    degrees: '°',
    over: (most) => `Über ${most}° aus dem Winkel`,
    way: {
      dress:
        'Abrichten: Grat und Lack herunter, leichte Striche, bis gerade Metall zu sehen ist. Blankes Metall versiegeln.',
      deviation:
        'Ab Werk falsch: ohne Planwerkzeug kommt kein Grundmaterial herunter. Fotografieren, messen, Hersteller und Kunden sagen, aufschreiben, wer entschied.',
    },
    stop: {
      'material-unknown': 'Halt: woraus ist sie? Carbon bekommt keine Feile.',
      carbon: 'Halt: Carbon nur auf schriftliches Wort des Herstellers, beigelegt.',
      'cause-unknown':
        'Halt: erst sehen, was sie anhebt. Den Adapter mit einem anderen seiner Größe ausschließen.',
    },
    material: 'Gabel oder Rahmen aus',
    notKnown: 'Nicht bekannt',
    cause: 'Was sie anhebt',
    causes: {
      unknown: 'Niemand sah nach',
      'burr-or-paint': 'Grat oder Lack',
      'parent-metal': 'Das Metall selbst',
    },
    inside: (most) =>
      `Nicht über ${most}°. Ob sie hält, sagt eine Messung im Auftrag mit ihrer Lehre.`,
    padEdge: (mm) => `Der Belagrand rückt um ${mm} mm.`,
    howItIsDone:
      'Eine Schraube angelegt, die Fühlerlehre unter der anderen Lasche. Zuerst den Adapter ausschließen. Nur Grat und Lack, nie Grundmaterial; Carbon nur auf das schriftliche Wort des Herstellers.',
  },
  levers: {
    side: { left: 'Links', right: 'Rechts' },
    standing: {
      'not-measured': 'nicht auf beiden Seiten gemessen',
      equal: 'gleich',
      apart: 'ungleich',
      'asked-for': 'ungleich, wie gewünscht',
    },
    field: (side, measure) =>
      `${side === 'left' ? 'Links' : 'Rechts'}: ${{ clamp: 'Schelle bis Griffende, mm', reach: 'Griffweite, mm', bite: 'Druckpunkt, mm', angle: 'Winkel, °' }[measure]}`,
    why: 'Warum der Fahrer es so will',
    askedFor: 'Einen Unterschied gewünscht bei',
    apart: (side, by, measure) =>
      `${side === 'left' ? 'links' : 'rechts'} ${by} ${measure === 'angle' ? '° steiler' : 'mm mehr'}`,
    short: { clamp: 'Schelle', reach: 'Griffweite', bite: 'Druckpunkt', angle: 'Winkel' },
    even: (measures) => `In dieser Folge angleichen: ${measures}`,
    nothingToEven: 'Nichts anzugleichen',
    onlyMeasured: 'Nicht alles ist auf beiden Seiten gemessen: Das übrige ist nicht bekannt',
    numbers: 'Jedes Feld ist eine Zahl, oder leer.',
    hand: (name, reach, bite, angle) =>
      `${name}, vom Lenkerende: Griffweite ${reach} mm, Druckpunkt bei ${bite} mm, ${angle} Grad unter der Waagerechten.`,
    howTheySit: `Zuerst die Griffe ganz auf. Gleich bis ${MOST_APART.bite} mm und ${MOST_APART.angle}°, unsere Wahl, außer es war gewünscht: aufschreiben, was und warum. Der Druckpunkt verschiebt den Hebel, darum kommt die Griffweite zuletzt. Hinten greift es oft später: Der Schlauch ist länger. Ein Finger erreicht das Hebelende; voll gezogen bleibt er von Griff und Knöcheln frei.`,
    drawn: (side, says) => `${side}: ${says}.`,
    of: (measure, says) => `${measure}: ${says}`,
  },
};
