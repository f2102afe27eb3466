import type { Part } from '@hold-fast/core/ends';

export interface JobWords {
  endScreen: {
    nothingOfThisNameIs: string;
    toTheJob: string;
  };
  fitPart: {
    fit: (part: string) => string;
    brake: (end: string) => string;
    writeItDown: string;
    theIn: (part: Part) => string;
    whichOne: string;
    newUsedOrFound: string;
    whatItIs: string;
    makerSize: string;
    makerShape: string;
    writeWhatItIs: string;
    theRotorByItself: string;
    construction: string;
    asTheSheetSays: string;
    onePiece: string;
    twoPiecesRiveted: string;
    limitStampedOnItMm: string;
    theOldRotorsStampDoes: string;
    theStampOnceMoreMm: string;
    itIsLaxerThanThe: string;
    thicknessWhenNewMm: string;
    asSheetHint: string;
    markedForOrganicPadsOnly: string;
    whyItCameOffLast: string;
    soundOrNobodyWroteIt: string;
    changedForAnotherSize: string;
    thoughtWorn: string;
    rivetsFirst: string;
    itIsNotProvenUntil: string;
    compoundFromTheLetterOn: string;
    compound: string;
    readTheLetterWithoutOne: string;
    notOnThisRotor: string;
    itIsMarkedForOrganic: string;
    anotherCompoundThanTheRotor: string;
    rotorPadsSomeWantA: (from: string, to: string) => string;
    whatIsDoneAboutIt: string;
    chooseWhatIsDoneAbout: string;
    foundOnTheBikeWritten: string;
    theOldOnesReadingsAnd: string;
    arrowForwardPrintingOutward: string;
    fingersOnlyOnTheSpider: string;
    pistonsHomeFirst: string;
    cleanRoundThePistonsBefore: string;
  };
  found: {
    whatWasFound: string;
    job: string;
    forWhom: string;
    atTheBench: string;
    forTheRider: string;
    nothingInspectedYet: string;
    everyMeasurementAndEveryLook: string;
    beginAtTheFront: string;
    onWithThePlan: string;
    planTheWork: string;
    signOff: string;
    doNotRide: string;
    workNow: string;
    notProven: string;
    watch: string;
    holds: string;
    toSettleIt: (settle: string) => string;
    mmReadings: (gaugeName: string, uncertaintyMm: string, value: number, by: string) => string;
    recommendedWork: string;
    notInspected: string;
    everythingWasLookedAt: (end: string) => string;
    neitherGoodNorBadThe: string;
    pleaseDoNotRideThis: string;
    whatWasFoundCouldMake: string;
    notLookedAtThisTime: (missed: string) => string;
    everythingOnBothBrakesWas: string;
    theMakersSheetAndLocal: string;
  };
  identify: {
    identifyTheBrake: string;
    thisJobIsSignedOff: string;
    brake: (end: string) => string;
    whichBrake: string;
    findASpecSheet: string;
    makerModelOrKind: string;
    noSheetOfThatName: string;
    pickAGenericOneAnd: string;
    thisIsTheBrake: string;
    anotherSheet: string;
    limitStampedOnTheRotor: string;
    lookOnTheSpiderMin: string;
    howItIsWorded: string;
    replaceAtItOrLess: string;
    replaceBelowIt: string;
    doesNotSay: string;
    theStampOnceMoreMm: string;
    itIsLaxerThanThe: string;
    inForce: string;
    rotorLimitMm: (limitMm: string, origin: string, tag: string) => string;
  };
  jobSheet: {
    unprovenWord: string;
    proven: string;
    begun: string;
    signOff: string;
    bike: string;
    theBikesPage: string;
    carryOn: (nextWords: string) => string;
    sealedAsRecord: (number: number) => string;
    signedOffBySeal: (by: string, at: string, seal: string) => string;
    taggedDoNotRide: string;
    workAndAnotherLookLift: (
      end: string,
      subject: string,
      value: string,
      foundAfter: string,
    ) => string;
    filledAtJobFromA: (tag: number) => string;
    foundAtJob: (tag: number) => string;
    askedFor: string;
    change: string;
    plan: string;
    nothingPlanned: string;
    whatIsToBeDone: string;
    laidDownNothingDoneYet: string;
    stepsDoneOrLeftOut: (value: number) => string;
    whatWasFound: string;
    nothingInspected: string;
    brake: string;
    notIdentified: string;
    rotorLimit: (source: string, limitMm: string, origin: string) => string;
    pickItsSpecSheetIt: string;
    theSheetHasANewer: (revision: number) => string;
    thisJobKeepsRevisionWhich: (revision: number) => string;
    fitted: string;
    torque: string;
    deviation: string;
    decidedBy: (words: string, measured: string, who: string) => string;
    fluid: string;
    noneUsed: string;
    mlLot: (ml: number, fluid: string, label: string, lot: string) => string;
    sheetAsks: (family: string) => string;
    theSheetAsksForNone: string;
    itsSpecSheetSaysWhich: string;
    unproven: (judgement: string) => string;
    notInspected: string;
    areasNotLookedAt: (missed: number) => string;
    everyAreaLookedAt: string;
    lookedOver: string;
    rotor: (description: string, condition: string) => string;
    pads: (value: string, condition: string) => string;
    nothingWrittenDownOfRotor: string;
    notBeddedInYet: string;
    beddedWithPads: (bedded: string) => string;
    rotorAndPads: (told: string, bedded: string) => string;
    beddedWithNobodyKnowsWhat: string;
    notDone: string;
    nMAskedTo: (
      fastener: string,
      setNm: number,
      wrench: string,
      loNm: number,
      hiNm: number,
      treatment: string,
    ) => string;
    passOfIsOpen: (wrench: string, pass: number, value: number) => string;
    torqueUnproven: (wrench: string, flaws: string) => string;
    leverWorksTheFront: (frontLever: string) => string;
    leverSideNotConfirmed: string;
    hasAMotor: string;
    kgLaden: (systemMassKg: number) => string;
    riddenInTheWet: string;
    kmAWeek: (km: number) => string;
    kmRidden: (km: number) => string;
    promised: (promisedAt: string) => string;
  };
  kitSheet: {
    fittedHere: string;
    brake: (end: string) => string;
    fitOrWriteDown: string;
    fitOrWriteDownPart: (part: string) => string;
    nothingWrittenDownYetThe: string;
  };
  lookOver: {
    lookItOver: string;
    brake: (end: string) => string;
    job: string;
    whatWasFound: string;
    anAreaYouDidNot: string;
    nothingFound: string;
    doNotRide: string;
    workAndAnotherLookLift: (grave: string) => string;
    change: (words: string) => string;
    writeWhereAndHow: string;
    writeWhereAndHowAt: (area: string) => string;
    whereAndHow: string;
    keepIt: string;
    itStaysAsItWas: string;
    aLookThatDoesNot: (findings: string) => string;
    whyItWasSeenWrong: string;
    writeItDownItGoes: string;
    takeItBack: string;
  };
  openBars: {
    pin: string;
    toCheckByName: (value: number, end: string) => string;
    notInOrder: (failed: string) => string;
    checkByName: (end: string) => string;
    changedSinceItWasProven: (touch: string) => string;
    aLeadAcceptsIt: string;
    theCustomerRefuses: string;
    itWasSeenWrong: string;
    aLeadKeepsTheOld: string;
    tightenIt: string;
    onWithThePlan: string;
    testTheLeverForAir: string;
    logTheBleed: string;
    takeTheNewSheet: string;
    planTheWork: string;
    recordTheNew: (part: string) => string;
    measureAgain: (subject: string) => string;
    lookItOver: string;
    reason: string;
    acceptItAsUnproven: string;
    theCustomersWords: string;
    recordTheRefusal: string;
    whyItWasWrong: string;
    recordThatItWasSeen: string;
    whyTheOldSheetIs: string;
    keepTheOldSheet: string;
    whichLead: string;
    whoSaysSo: string;
    chooseWhichLead: string;
    chooseWhoSaysSo: string;
    writeItDownItGoes: string;
    pinOf: (who: string) => string;
    aPinHas4To: string;
  };
  pictures: {
    notAPicture: string;
    pictureOf: (i: number, area: string, by: string, at: string) => string;
    pictureOfArea: (area: string) => string;
    addAPicture: string;
    addAPictureOf: (area: string) => string;
  };
  recordFluid: {
    sealed: string;
    recordFluid: string;
    brake: (end: string) => string;
    thisSpecSheetAsksFor: string;
    brakeAsked: (end: string, fluid: string) => string;
    whichContainer: string;
    refused: (code: string, code2: string, writtenOffReason: string) => string;
    ml: (remainingMl: number) => string;
    noContainerInStores: string;
    fluidIsBookedOffThe: string;
    lot: (lot: string, openedOn: string, lastDay: string) => string;
    opened: (openedOn: string) => string;
    useBy: (lastDay: string) => string;
    bookedOffForThisBrake: string;
    nothingYetPickTheContainer: string;
    mlLot: (ml: number, fluid: string, label: string, lot: string, backMl: string) => string;
    mlBack: (backMl: number) => string;
    mlDrainedIntoTheWaste: (wasted: number) => string;
    cleanRestPouredBackMl: string;
    back: string;
    bookItBack: string;
    glycolAndSiliconeAreNever: string;
    drainedMl: string;
    waste: string;
    intoTheWasteCan: string;
    howManyMlANumber: string;
    moreThanNothingHasTo: string;
    refusedMlRemain: (code: string, remainingMl: number) => string;
    brakeFluid: (end: string, fluid: string) => string;
    bookMlOff: (amount: number) => string;
    bookItOff: string;
    anotherContainer: string;
    mlRemain: (container: string, remainingMl: number) => string;
    usedMl: string;
    whatLeftTheContainerAlso: string;
    colourThatCameOut: string;
    aDyeUnlikeTheSheets: string;
    glovesAndGlasses: string;
    drainedFluidIsNeverPoured: string;
  };
  sealed: {
    signedOffAndSealed: string;
    record: (number: number) => string;
    signedByNothingInIt: (by: string, at: string) => string;
    sealSha256: string;
    chainedTo: (prev: string) => string;
    theFirstInThisShops: string;
    theBikesPage: string;
    amendments: string;
    recordBy: (number: number, by: string, at: string) => string;
    seal: (text: string, seal: string) => string;
    theRecordStaysAsIt: string;
    whatHasToBeCorrected: string;
    writeWhatIsToBe: string;
    whatItTakesBackOf: string;
    whatItTakesBack: string;
    nothingAllOfItStands: string;
    theBikeIsNotTo: string;
    itHangsOnTheBike: string;
    sayWhatItTakesBack: string;
    pinOf: (name: string) => string;
    yourPin4To8: string;
    addTheAmendment: string;
  };
  signOff: {
    signOff: string;
    job: string;
    pinOf: (name: string) => string;
    thatIsNotYourPin: string;
    yourPin4To8: string;
    signAndSeal: string;
    whatIsOpenStandsBelow: string;
    handOverTests: string;
    frontLeverFirmHolds60: string;
    rearLeverFirmHolds60: string;
    onTheStandTurnsFree: (end: string) => string;
    eachLeverCutsTheMotor: string;
    nearTheLimit: string;
    theCustomerWasTold: (watched: string) => string;
    stillOpen: string;
    nothingStandsInTheWay: string;
    yourPinSealsTheRecord: string;
    notInspected: string;
    theRecordSaysSoIt: (notInspected: string) => string;
    standTestBeforeAnyRide: string;
    riderConfirmsLeverWorksThe: (frontLever: string) => string;
    whichLeverWorksTheFront: string;
  };
  torque: {
    assumed: string;
    torque: string;
    itNamesTheSpreadIs: (namedNm: string) => string;
    askedToNM: (loNm: number, hiNm: number, whose: string, spread: string) => string;
    brake: (end: string, fastener: string) => string;
    whichWrench: string;
    otherBolt: string;
    whichFastener: string;
    nobodyGivesATorqueFor: string;
    theSheetsIsSetAside: (setAside: string, overSheet: string) => string;
    fromMemoryItMayBe: string;
    goByTheSheetsRow: string;
    readItOffThePart: string;
    onTheThread: string;
    theSheetAsksForIt: string;
    usualHere: string;
    isAskedForAnotherTreatment: (asks: string, load: string) => string;
    aboutInsteadOfKnOf: (loadN: string, askedN: string, shareOfProof: string) => string;
    nearWhatTheBoltCan: string;
    wipeTheThreadCleanOr: string;
    showsEachBoltToProves: (loNm: string, hiNm: string) => string;
    outOfCalibrationTheTightening: string;
    theyHaveNoTorqueIn: string;
    theSheetAsksForFor: (sheet: string, source: string, read: string, isLead: string) => string;
    aLeadMaySayWhy: string;
    aLeadSignedInHere: string;
    whyItCountsAndThe: string;
    goByIt: string;
    fromNM: string;
    nMAboveZero: string;
    toLabel: string;
    whereItStands: string;
    makersSheet: string;
    onThePart: string;
    whichSheetOrWhereOn: string;
    writeWhereItStandsIt: string;
    goByThis: string;
    boltAtIsUnderIts: (position: number, measuredNm: string) => string;
    boltAtWentPastIts: (position: number, measuredNm: string) => string;
    brakePassOf: (end: string, pass: number, value: number) => string;
    done: (name: string) => string;
    pass: (name: string, pass: string) => string;
    doItAgain: string;
    onWithThePlan: string;
    backToTheJob: string;
    job: string;
    tightenAnew: string;
    takeNM: (typed: string) => string;
    keyWhatItShows: string;
    byHandNoWrenchYet: string;
    boltTurnItTo: (position: number) => string;
    checkEveryBoltAt: string;
    turnToAbout: string;
    setTheWrenchTo: string;
    crowfootMmAt: (extensionMm: number, angleDegrees: number) => string;
    whatTheWrenchShowsN: string;
    itIsOnTheFeed: string;
    bringThemHomeTogetherNever: string;
    theClampsGaps: string;
    andMm: (oneMm: string, otherMm: string) => string;
    upperGapMm: string;
    lowerGapMm: string;
    recordTheGaps: string;
    itClicked: string;
    snug: string;
    allFingerTight: string;
    allClicked: string;
    startTheLockringByHand: string;
    startItSquareByHand: string;
    turnItUntilItClicks: string;
    allBoltsFingerTightIn: string;
    quarterTurnsOneAndThe: string;
    everyBoltToHalfIn: string;
    onceMoreRoundInThe: string;
    boltQuarterTurnsOneAnd: (position: number) => string;
    bolt: (position: number, across: string) => string;
    straightAcrossFromTheLast: string;
    provenBoltByBolt: string;
    provenAtNM: (setNm: number) => string;
    everyPassConfirmedWith: (name: string) => string;
    doneAndUnproven: string;
  };
  verdictPanel: {
    because: (reason: string) => string;
    toSettleIt: (settle: string) => string;
  };
  workDone: {
    writeDownTheWork: string;
    whichWork: string;
    whatWasDone: string;
    writeWhatWasDone: string;
    thenLookAtItAgain: string;
    keepIt: string;
  };
  yesNo: {
    yes: string;
    no: string;
    whatWasDoneAboutIt: string;
    nowItIsInOrder: string;
  };
  findings: {
    assumed: string;
    limit: (limitMm: string, origin: string) => string;
    atMost: string;
    variesExpectPulsing: (variationMm: string) => string;
    thinnestAtPointOclock: (
      thicknessMm: string,
      most: string,
      point: number,
      clock: number,
      limit: string,
      pulsing: string,
    ) => string;
    leastAt: (measuredMm: string, place: string) => string;
    decides: (least: string, school: string, decisive: string) => string;
    shareNotKnown: string;
    rule: (wornShare: string, wornShare2: string) => string;
    cannotBeSaid: string;
    readAndRule: (leastMm: string, limitMm: string) => string;
    oneReadingTellsNoWobble: string;
    fromLowToHigh: (tirMm: string, doubtMm: string, band: string) => string;
    narrowestAt: (gapMm: string, corner: string) => string;
    noGapFeltYet: string;
    marginWithTheWobbleTaken: (least: string, marginMm: string) => string;
    toTheRight: string;
    toTheLeft: string;
    theCaliperSitsInThe: string;
    moveTheCaliperRidersMargin: (
      shiftMm: string,
      way: string,
      marginAfterShiftMm: string,
    ) => string;
    skewedLeadingEndToThe: (
      skewDegrees: string,
      skewDegrees2: string,
      marginAfterSquaringMm: string,
    ) => string;
    ofMm: (reachMm: string) => string;
    bitesAt: (bite: string) => string;
    firmAt: (firm: string) => string;
    notPulledYet: string;
    it: (first: string) => string;
    mlPushedAfterTheBite: (
      pushedMl: string,
      extraMl: string,
      giveAssumed: string,
      pressureMpa: string,
      airMl: string,
    ) => string;
    under005MlSound: string;
    pointZeroFiveToPointTwo: string;
    above02MlA: string;
    gapAndSpacingGiveThe: string;
    outOfSquare: (angleDegrees: string) => string;
    itMovesThePadsEdge: (padEdgeMm: string) => string;
    ruleOutTheAdapterWith: string;
    because: (reason: string) => string;
    thinnestLimit: (thicknessMm: string, limitMm: string) => string;
    least: (measuredMm: string) => string;
    tirInches: (tirMm: string) => string;
    margin: (marginMm: string) => string;
    lookedOverNothingFound: string;
    aLaterLookDidNot: (lesserLooks: string) => string;
    changedSinceItWasProven: (touch: string) => string;
    aUsedPartNotMeasured: string;
  };
}
