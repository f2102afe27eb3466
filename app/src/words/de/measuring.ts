import { USUAL_GAP_MM } from '@hold-fast/core/clearance/corners';
import { komma } from './komma';
import { SINK_TEST_SECONDS } from '@hold-fast/core/lever/lever';
import type { MeasuringWords } from '../catalogue/measuring';

export const measuring: MeasuringWords = {
  chooseGauge: {
    withBackingPlate: 'Mit Trägerplatte',
    frictionOnly: 'Nur der Reibbelag',
    travelFromRest: 'Weg aus der Ruhelage',
    whatIsLeftToThe: 'Was bis zum Lenker bleibt',
    brake: (end, title) => `Bremse ${end} · ${title}`,
    whichGauge: 'Welches Messzeug?',
    whatYouMeasure: 'Was gemessen wird',
    noGaugeForThis: 'Kein Messzeug dafür',
    aLeadCanRegisterOne:
      'Eine Leitung kann eines im Lager eintragen. Ein Maßband oder ein Lineal ist für Scheiben und Beläge nicht gut genug.',
  },
  facts: {
    changeTheGauge: (gauge) => `${gauge}: anderes Messzeug`,
    feed: (gaugeName) => `Leitung · ${gaugeName}`,
  },
  feedNote: {
    sentNotUsed: (serial, shown, why) => `${serial} sandte ${shown}, nicht verwendet: ${why}.`,
    theLineToDroppedWhat: (serial) =>
      `Die Leitung zu ${serial} ist abgerissen. Was gelesen ist, bleibt; sie kommt von selbst wieder, oder eingeben.`,
    theLineToDroppedAnd: (serial) =>
      `Die Leitung zu ${serial} riss ab und ist wieder da. Was gelesen ist, bleibt und zählt einmal.`,
    anotherPageOfThisBrowser:
      'Eine andere Seite dieses Browsers hat jetzt das Messzeug; es kommt zurück, sobald diese hier berührt wird.',
    hasOpenedAStepWith: (by) =>
      `${by} hat einen Schritt mit diesem Messzeug geöffnet: Seine Werte gehen jetzt dorthin.`,
  },
  feelGaps: {
    thickestFeelerThatSlidesLever: `Dickste Fühlerlehre, die noch gleitet, Hebel los. 12 ist 0,12. Üblich ${komma(USUAL_GAP_MM.least)} bis ${komma(USUAL_GAP_MM.most)}, aus dem Gedächtnis.`,
    fromTheLeadingToThe: 'Von der einlaufenden zur auslaufenden Lehre, für die Schräge in Grad.',
    feelTheGaps: 'Die Spalte fühlen',
    wheelAtTheRotorsMid: 'Rad an der mittleren Stelle des Schlags',
    wheelAnywhereTheWholeWobble: 'Rad irgendwo: Der ganze Schlag zählt',
    measureTheLever: 'Den Hebel messen',
  },
  holdTimer: {
    pullFirmlyThenStartHold: 'Fest ziehen, dann starten. Halten, ohne nachzulassen.',
    readTheLeverNowStill: 'Jetzt den Hebel ablesen, weiter gehalten.',
    holdThePull: 'Den Zug halten.',
    startHolding: 'Halten beginnen',
    itWasHeldThroughout: 'Er wurde durchgehend gehalten',
    letGoStartAgain: 'Losgelassen: neu beginnen',
  },
  keyedNumber: {
    mm: ' mm',
  },
  measureFace: {
    oneBoltSnugAFeeler:
      'Eine Schraube angelegt, Fühlerlehre unter dem anderen Auge. 25 ist 0,25; 0, wenn keine hineingeht.',
    betweenTheTwoBoltsPost: 'Zwischen den beiden Schrauben. Post Mount 74,2, Flat Mount 34.',
    fromTheBoltsLineTo:
      'Von der Schraubenlinie bis zur Belagkante, um zu sagen, wie weit sie sich verschiebt.',
    checkTheMountFace: 'Die Auflagefläche prüfen',
  },
  measureLever: {
    bladeTipToBarSquare: 'Hebelspitze bis Lenker, rechtwinklig, Hebel los.',
    whereThePadsTouch: 'Wo die Beläge anliegen.',
    underAFirmStandardPull: 'Mit einem festen Normzug, etwa 100 N am Hebel.',
    underTheSamePullAfter: `Mit demselben Zug, nachdem er ${SINK_TEST_SECONDS} s gehalten wurde.`,
    theSamePullOnceMore: 'Derselbe Zug noch einmal, nach dem Pumpen.',
    measureTheLever: 'Den Hebel messen',
  },
  measurePads: {
    measureThePads: 'Die Beläge messen',
    withBackingPlate: 'Mit Trägerplatte',
    frictionOnly: 'Nur der Reibbelag',
    zeroNotChecked: 'Null: nicht geprüft',
    zero: (zero) => `Null ${zero}`,
    padAndPlateTogetherAt:
      'Belag und Platte zusammen, an jedem Ende jedes Belags. 34 ist 3,40; Weiter nimmt es.',
    frictionMaterialAloneAtEach:
      'Nur der Reibbelag, an jedem Ende jedes Belags. 16 ist 1,60; Weiter nimmt es.',
    recordNewPads: 'Neue Beläge aufschreiben',
  },
  measureRotor: {
    thinnest: 'am dünnsten',
    measureTheRotor: 'Die Scheibe messen',
    zeroNotChecked: 'Null: nicht geprüft',
    zero: (zero) => `Null ${zero}`,
    ridgeFelt: 'Rand gefühlt',
    noRidge: 'Kein Rand',
    ridgeNotLooked: 'Rand: nicht gefühlt',
    measureTheLip: 'Den Rand messen',
    lip: (lip) => `Rand ${lip}`,
    valveAtTheTopClockwise:
      'Ventil oben, im Uhrzeigersinn. 47 ist 1,47 und wird von selbst genommen; 147 und Weiter ist auch 1,47.',
    recordANewRotor: 'Eine neue Scheibe aufschreiben',
    measureThePads: 'Die Beläge messen',
    pointAgain: (place) => `${place}, noch einmal`,
    correct: (place) => `${place} berichtigen`,
    point: (place) => `${place}`,
  },
  measureRunout: {
    runout: 'Schlag',
    lowToHigh: 'von tief bis hoch',
    indicatorOnTheTrackValve:
      'Messuhr auf der Reibfläche, zuerst am Ventil, dann das Rad vorwärts drehen. 12 ist 0,12; plus ist zur Uhr hin.',
    oneReadingStandsOutTwelve:
      'Eine Ablesung sticht heraus. Zwölf Ablesungen unterscheiden eine einzelne Delle von einer Welle.',
    radiusNotTaken: 'Radius: nicht genommen',
    radius: (radius) => `Radius ${radius}`,
    feelTheGaps: 'Die Spalte fühlen',
    oclock: (clock) => `${clock} Uhr`,
  },
  measuringPage: {
    reckoned: (title) => `Gerechnet: ${title}`,
    brake: (end) => `Bremse ${end}`,
    twoPeopleCorrectedAreBoth: (place, readings) =>
      `Zwei haben ${place} berichtigt: ${readings} bleiben beide stehen. Noch einmal nachsehen, wer recht hat.`,
  },
  placeByPlace: {
    whatWasFound: 'Was gefunden wurde',
  },
  ridgeCheck: {
    brake: (end, title) => `Bremse ${end} · ${title}`,
    ridgeFelt: 'Rand gefühlt?',
    noRidge: 'Kein Rand',
    ridgeIsFelt: 'Rand gefühlt',
    notLooked: 'Nicht gefühlt',
    runAFingernailOutwardOver:
      'Mit dem Fingernagel nach außen über die Reibfläche fahren. Eine verschlissene lässt außen einen unverschlissenen Rand stehen, und der Nagel bleibt daran hängen.',
    flatJaws: 'Flache Backen',
    theyBridgeARidgeAnd:
      'Sie überbrücken einen Rand und messen zu dick. Wenn es keinen gibt, gut; sonst dürfen diese Werte die Scheibe verwerfen und nie bestehen lassen.',
  },
  whyWrong: {
    whyTheOneBeforeWas: 'Warum der vorige Wert falsch war',
    correctIt: 'Berichtigen',
  },
  zeroCheck: {
    brake: (end, title) => `Bremse ${end} · ${title}`,
    zeroCheck: 'Nullprüfung',
    closeOnNothingWhatDoes: (gaugeName, live) =>
      `${gaugeName} leer schließen. Was wird angezeigt? Weiter ohne Eingabe heißt 0.${live}`,
    orPressItsOwnButton: ' Oder seine eigene Taste drücken.',
    mm: ' mm',
    notDone: 'nicht getan',
  },
  begin: {
    stillStands: 'gilt noch',
  },
  goOn: {
    job: 'Auftrag',
    measureTheRotor: (other) => `Die Scheibe ${other} messen`,
    identifyTheBrake: (other) => `Die Bremse ${other} bestimmen`,
    whatWasFound: 'Was gefunden wurde',
  },
};
