import { USUAL_GAP_MM } from '@hold-fast/core/clearance/corners';
import { SINK_TEST_SECONDS } from '@hold-fast/core/lever/lever';
import type { MeasuringWords } from '../catalogue/measuring';

export const measuring: MeasuringWords = {
  chooseGauge: {
    withBackingPlate: 'With backing plate',
    frictionOnly: 'Friction only',
    travelFromRest: 'Travel from rest',
    whatIsLeftToThe: 'What is left to the bar',
    brake: (end, title) => `${end} brake · ${title}`,
    whichGauge: 'Which gauge?',
    whatYouMeasure: 'What you measure',
    noGaugeForThis: 'No gauge for this',
    aLeadCanRegisterOne:
      'A lead can register one in Stores. A tape or a rule is not good enough for rotors and pads.',
  },
  facts: {
    changeTheGauge: (gauge) => `${gauge}: change the gauge`,
    feed: (gaugeName) => `feed · ${gaugeName}`,
  },
  feedNote: {
    sentNotUsed: (serial, shown, why) => `${serial} sent ${shown}, not used: ${why}.`,
    theLineToDroppedWhat: (serial) =>
      `The line to ${serial} dropped. What was read is kept; it goes on by itself, or key it.`,
    theLineToDroppedAnd: (serial) =>
      `The line to ${serial} dropped and is back. What was read is kept, and counts once.`,
    anotherPageOfThisBrowser:
      'Another page of this browser has the gauges now; they come back when you touch this one.',
    hasOpenedAStepWith: (by) =>
      `${by} has opened a step with this gauge: its readings go there now.`,
  },
  feelGaps: {
    thickestFeelerThatSlidesLever: `Thickest feeler that slides, lever released. 12 is 0.12. Usual ${USUAL_GAP_MM.least} to ${USUAL_GAP_MM.most}, from memory.`,
    fromTheLeadingToThe: 'From the leading to the trailing feeler, for the skew in degrees.',
    feelTheGaps: 'Feel the gaps',
    wheelAtTheRotorsMid: 'Wheel at the rotor’s mid reading',
    wheelAnywhereTheWholeWobble: 'Wheel anywhere: the whole wobble counts',
    measureTheLever: 'Measure the lever',
  },
  holdTimer: {
    pullFirmlyThenStartHold: 'Pull firmly, then start. Hold without letting up.',
    readTheLeverNowStill: 'Read the lever now, still held.',
    holdThePull: 'Hold the pull.',
    startHolding: 'Start holding',
    itWasHeldThroughout: 'It was held throughout',
    letGoStartAgain: 'Let go: start again',
  },
  keyedNumber: {
    mm: ' mm',
  },
  measureFace: {
    oneBoltSnugAFeeler:
      'One bolt snug, a feeler under the other lug. 25 is 0.25; 0 when none goes in.',
    betweenTheTwoBoltsPost: 'Between the two bolts. Post mount 74.2, flat mount 34.',
    fromTheBoltsLineTo: 'From the bolts’ line to the pad’s edge, to say how far it moves it.',
    checkTheMountFace: 'Check the mount face',
  },
  measureLever: {
    bladeTipToBarSquare: 'Blade tip to bar, square, lever released.',
    whereThePadsTouch: 'Where the pads touch.',
    underAFirmStandardPull: 'Under a firm standard pull, about 100 N at the blade.',
    underTheSamePullAfter: `Under the same pull, after it was held for ${SINK_TEST_SECONDS} s.`,
    theSamePullOnceMore: 'The same pull once more, after pumping.',
    measureTheLever: 'Measure the lever',
  },
  measurePads: {
    measureThePads: 'Measure the pads',
    withBackingPlate: 'With backing plate',
    frictionOnly: 'Friction only',
    zeroNotChecked: 'Zero: not checked',
    zero: (zero) => `Zero ${zero}`,
    padAndPlateTogetherAt:
      'Pad and plate together, at each end of each pad. 34 is 3.40; next takes it.',
    frictionMaterialAloneAtEach:
      'Friction material alone, at each end of each pad. 16 is 1.60; next takes it.',
    recordNewPads: 'Record new pads',
  },
  measureRotor: {
    thinnest: 'thinnest',
    measureTheRotor: 'Measure the rotor',
    zeroNotChecked: 'Zero: not checked',
    zero: (zero) => `Zero ${zero}`,
    ridgeFelt: 'Ridge felt',
    noRidge: 'No ridge',
    ridgeNotLooked: 'Ridge: not looked',
    measureTheLip: 'Measure the lip',
    lip: (lip) => `Lip ${lip}`,
    valveAtTheTopClockwise:
      'Valve at the top, clockwise. 47 is 1.47 and takes itself; 147 and next is 1.47 too.',
    recordANewRotor: 'Record a new rotor',
    measureThePads: 'Measure the pads',
    pointAgain: (place) => `point ${place}, again`,
    correct: (place) => `correct ${place}`,
    point: (place) => `point ${place}`,
  },
  measureRunout: {
    runout: 'Runout',
    lowToHigh: 'low to high',
    indicatorOnTheTrackValve:
      'Indicator on the track, valve at it first, then turn the wheel forward. 12 is 0.12; plus is toward the indicator.',
    oneReadingStandsOutTwelve:
      'One reading stands out. Twelve readings tell a lone bend from a wave.',
    radiusNotTaken: 'Radius: not taken',
    radius: (radius) => `Radius ${radius}`,
    feelTheGaps: 'Feel the gaps',
    oclock: (clock) => `${clock} o’clock`,
  },
  measuringPage: {
    reckoned: (title) => `Reckoned: ${title}`,
    brake: (end) => `${end} brake`,
    twoPeopleCorrectedAreBoth: (place, readings) =>
      `Two people corrected ${place}: ${readings} are both kept. Look again who is right.`,
  },
  placeByPlace: {
    whatWasFound: 'What was found',
  },
  ridgeCheck: {
    brake: (end, title) => `${end} brake · ${title}`,
    ridgeFelt: 'Ridge felt?',
    noRidge: 'No ridge',
    ridgeIsFelt: 'Ridge felt',
    notLooked: 'Not looked',
    runAFingernailOutwardOver:
      'Run a fingernail outward over the track. A worn track leaves an unworn lip at its outer edge, and the nail catches on it.',
    flatJaws: 'Flat jaws',
    theyBridgeARidgeAnd:
      'They bridge a ridge and read too thick. Unless there is none, these readings may condemn the rotor and can never pass it.',
  },
  whyWrong: {
    whyTheOneBeforeWas: 'Why the one before was wrong',
    correctIt: 'Correct it',
  },
  zeroCheck: {
    brake: (end, title) => `${end} brake · ${title}`,
    zeroCheck: 'Zero check',
    closeOnNothingWhatDoes: (gaugeName, live) =>
      `Close ${gaugeName} on nothing. What does it show? Next with nothing keyed means 0.${live}`,
    orPressItsOwnButton: ' Or press its own button.',
    mm: ' mm',
    notDone: 'not done',
  },
  begin: {
    stillStands: 'still stands',
  },
  goOn: {
    job: 'Job',
    measureTheRotor: (other) => `Measure the ${other} rotor`,
    identifyTheBrake: (other) => `Identify the ${other} brake`,
    whatWasFound: 'What was found',
  },
};
