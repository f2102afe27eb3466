export interface ProvingWords {
  /** Who holds the phone, after “by”. */
  you: string;
  bedIn: {
    massAssumed: string;
    brake: (end: string, beddingIn: string) => string;
    bedIn: string;
    ofPullsTouchForEach: (wanted: number) => string;
    ofPullsNotYet: (wanted: number) => string;
    ofLookAtTheRing: (wanted: number) => string;
    likelyRotorAt: (end: string) => string;
    goneOn: string;
    didTheBiteRise: string;
    itRose: string;
    itDidNot: string;
    lookForOil: string;
    feltAgain: string;
    aPull: string;
    kj: (nextJ: string) => string;
    letItCool: string;
    noNeed: string;
    rideOnWithoutBrakingNever: string;
    theRingItLeaves: string;
    witnessRing: string;
    backToTheRadialCheck: string;
    thePadsSweepOverThe: string;
    morePullsIfAFull: string;
    howHard: string;
    takeTheLastBack: string;
    from: (unit: string) => string;
    to: (unit: string) => string;
    fromTo: (least: number, most: number, unit: string) => string;
    anEstimateKgOnA: (
      massKg: number,
      systemMassKg: string,
      rotorMm: number,
      rotorMm2: string,
    ) => string;
    assumed: string;
  };
  bleedRun: {
    bleed: string;
    brakeCycle: (end: string, value: number) => string;
    doNotRideUntilIt: string;
    recordWhatYouFindUnder: string;
    testTheLeverForAir: string;
    testTheLever: string;
    putItIntoThePlan: string;
    thisCycleBubbles: string;
    bubbles: string;
    colour: string;
    movedMl: string;
    aNumberSuchAs9: string;
    method: string;
    byAnotherMethod: (does: string) => string;
    theRunSoFar: string;
    takeTheLastBack: string;
    ml: (ml: number) => string;
    fluid: string;
    hoseLengthMm: string;
    aLengthInMillimetres: string;
    hoseMlSystemAFlush: (
      hoseMl: string,
      systemMl: string,
      flushMl: number,
      flushMl2: number,
      capacityMl: number,
      assumed: string,
    ) => string;
    boreOrKitAreAssumed: string;
    mlLot: (ml: number, fluid: string, lot: string, backMl: string) => string;
    back: (backMl: number) => string;
    nothingBookedOffYet: string;
    theFluidInItIs: string;
    bookFluidOffOrBack: string;
  };
  finalCheck: {
    brakeOf: (end: string, value: number, value2: number) => string;
    checkByName: string;
    nothingWasOpenedOrLoosened: string;
    theMotor: string;
    hasNone: string;
    whyNone: string;
    writeItDown: string;
  };
  onFrom: {
    job: string;
    onWithThePlan: string;
    backToTheJob: string;
  };
  takeParts: {
    parts: string;
    brake: (end: string) => string;
    partsFromTheShelf: string;
    taken: string;
    nothingYetWhatIsPicked: string;
    batch: (batch: string) => string;
    notOffTheShelf: (pieces: number, part: string, from: string, by: string) => string;
    takes: (value: string, wanted: string) => string;
    theStep: string;
    thePlan: string;
    fitsAll: string;
    fit: Record<'named' | 'another' | 'unknown', string>;
    took: (pieces: number, part: string, description: string, batch: string, by: string) => string;
    /** Of what names no batch itself. */
    mayBeOf: (batches: string) => string;
    batches: (batches: string) => string;
    whichBatch: string;
    nonePrinted: string;
    anotherBatch: string;
    takeIt: string;
    itsBatch: string;
    soThatANotice: string;
    orderMore: string;
    nothingOfItOnThe: string;
    storesKeepsWhatCameIn: string;
    notOffThisShelf: string;
    newPartFromElsewhere: string;
    whereItCameFrom: string;
    inTheNewHosesBag: string;
    writeItDown: string;
    whatItFits: string;
    howSeenToFit: string;
    heldAgainstTheOld: string;
  };
  tellDeviation: {
    brake: (end: string) => string;
    notAsTheMakerMeant: string;
    measured: (measured: string) => string;
    decidedByRiskReadOut: (
      says: string,
      who: string,
      decidedBy: string,
      by: string,
      at: string,
    ) => string;
    pictures: string;
    anotherOne: string;
    whatItIs: string;
    whatIsSeen: string;
    writeWhatIsSeenIt: string;
    measuredLabel: string;
    whereAndHowFarWith: string;
    whatBecomesOfIt: string;
    chooseWhatBecomesOfIt: string;
    readThisOut: string;
    whoDecides: string;
    name: string;
    sayWhoDecides: string;
    writeWhoDecided: string;
    theRiskWasReadOut: string;
    readTheRiskOutFirst: string;
    recordTheDecision: string;
    aModifiedStructuralPartIs: string;
    makerAnswered: string;
    theAnswer: string;
    itAllows: string;
    itDoesNot: string;
    attachTheLetter: string;
    noPicture: string;
    picture: (n: number) => string;
    recordTheAnswer: string;
    sayWhetherItAllows: string;
    writeTheAnswer: string;
    carbonNeedsIt: string;
    answered: (allows: string, words: string, by: string) => string;
  };
  radial: {
    brake: (says: string) => string;
    wherePadsSweep: string;
    mm: (value: string) => string;
    lastMeasured: string;
    withWashers: (says: string) => string;
    theySweepTheTrack: string;
    theyDoNot: string;
    measure: string;
    howEIsMeasured: string;
    eMm: string;
    writeE: string;
    negativeWhere: string;
    underEachSide: string;
    addWasher: string;
    takeOut: string;
    record: string;
    noWashers: string;
    nothingToDo: string;
    add: (washers: string, lands: string) => string;
    out: (washers: string, lands: string) => string;
    smallerAdapter: string;
    largerAdapter: string;
  };
}
