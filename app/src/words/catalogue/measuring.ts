export interface MeasuringWords {
  chooseGauge: {
    withBackingPlate: string;
    frictionOnly: string;
    travelFromRest: string;
    whatIsLeftToThe: string;
    brake: (end: string, title: string) => string;
    whichGauge: string;
    whatYouMeasure: string;
    noGaugeForThis: string;
    aLeadCanRegisterOne: string;
  };
  facts: {
    changeTheGauge: (gauge: string) => string;
    feed: (gaugeName: string) => string;
  };
  feedNote: {
    sentNotUsed: (serial: string, shown: string, why: string) => string;
    theLineToDroppedWhat: (serial: string) => string;
    theLineToDroppedAnd: (serial: string) => string;
    anotherPageOfThisBrowser: string;
    hasOpenedAStepWith: (by: string) => string;
  };
  feelGaps: {
    thickestFeelerThatSlidesLever: string;
    fromTheLeadingToThe: string;
    feelTheGaps: string;
    wheelAtTheRotorsMid: string;
    wheelAnywhereTheWholeWobble: string;
    measureTheLever: string;
  };
  holdTimer: {
    pullFirmlyThenStartHold: string;
    readTheLeverNowStill: string;
    holdThePull: string;
    startHolding: string;
    itWasHeldThroughout: string;
    letGoStartAgain: string;
  };
  keyedNumber: {
    mm: string;
  };
  measureFace: {
    oneBoltSnugAFeeler: string;
    betweenTheTwoBoltsPost: string;
    fromTheBoltsLineTo: string;
    checkTheMountFace: string;
  };
  measureLever: {
    bladeTipToBarSquare: string;
    whereThePadsTouch: string;
    underAFirmStandardPull: string;
    underTheSamePullAfter: string;
    theSamePullOnceMore: string;
    measureTheLever: string;
  };
  measurePads: {
    measureThePads: string;
    withBackingPlate: string;
    frictionOnly: string;
    zeroNotChecked: string;
    zero: (zero: string) => string;
    padAndPlateTogetherAt: string;
    frictionMaterialAloneAtEach: string;
    recordNewPads: string;
  };
  measureRotor: {
    thinnest: string;
    measureTheRotor: string;
    zeroNotChecked: string;
    zero: (zero: string) => string;
    ridgeFelt: string;
    noRidge: string;
    ridgeNotLooked: string;
    measureTheLip: string;
    lip: (lip: string) => string;
    valveAtTheTopClockwise: string;
    recordANewRotor: string;
    measureThePads: string;
    pointAgain: (place: string) => string;
    correct: (place: string) => string;
    point: (place: string) => string;
  };
  measureRunout: {
    runout: string;
    lowToHigh: string;
    indicatorOnTheTrackValve: string;
    oneReadingStandsOutTwelve: string;
    radiusNotTaken: string;
    radius: (radius: string) => string;
    feelTheGaps: string;
    oclock: (clock: number) => string;
  };
  measuringPage: {
    reckoned: (title: string) => string;
    brake: (end: string) => string;
    twoPeopleCorrectedAreBoth: (place: string, readings: string) => string;
  };
  placeByPlace: {
    whatWasFound: string;
  };
  ridgeCheck: {
    brake: (end: string, title: string) => string;
    ridgeFelt: string;
    noRidge: string;
    ridgeIsFelt: string;
    notLooked: string;
    runAFingernailOutwardOver: string;
    flatJaws: string;
    theyBridgeARidgeAnd: string;
  };
  whyWrong: {
    whyTheOneBeforeWas: string;
    correctIt: string;
  };
  zeroCheck: {
    brake: (end: string, title: string) => string;
    zeroCheck: string;
    closeOnNothingWhatDoes: (gaugeName: string, live: string) => string;
    orPressItsOwnButton: string;
    mm: string;
    notDone: string;
  };
  begin: {
    stillStands: string;
  };
  goOn: {
    job: string;
    measureTheRotor: (other: string) => string;
    identifyTheBrake: (other: string) => string;
    whatWasFound: string;
  };
}
