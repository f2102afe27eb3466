export interface StoresWords {
  sheetFacts: {
    fluid: string;
    finned: string;
    rotorTakes: string;
    rotorLimit: string;
    notKnown: string;
    specSheetRevision: (revision: number) => string;
    brake: string;
    onePiston: string;
    pistons: (pistons: number) => string;
    bleedPort: string;
    rotorNew: string;
    mm: (limitMm: string) => string;
    rotorSize: string;
    organicPadsOnly: string;
    padAndPlateNew: string;
    backingPlateAssumed: string;
    backingPlate: string;
    padShape: string;
    padsComeAs: string;
    leverRatio: string;
    masterBore: string;
    aSoundBrakesOwnGive: string;
    hoseBore: string;
    caliperAndLeverHold: string;
    barbAndOlive: string;
    oneValue10IsOur: string;
    noneAsked: string;
    fluidAlsoNamed: string;
    title: string;
    source: string;
    rotorHeldBy: string;
    heldBy: Record<'six-bolt' | 'lockring', string>;
    rotorMadeIn: string;
    padsJudgedBy: string;
    onThreadOf: (fastener: string, bolts: number) => string;
    wornAtIt: string;
    goodAtIt: string;
    became: (name: string, from: string, to: string) => string;
    /** Of a change that has no name of its own. */
    somethingElse: string;
  };
  feedScreen: {
    stores: string;
    gaugeFeed: string;
    backToStores: string;
    gaugesConnectTo1270: (port: string | number) => string;
    noGaugeOnTheFeed: string;
    itAppearsByItselfOnce: string;
    lastReadings: string;
    notUsed: (unit: string, unused: string) => string;
    toSStep: (unit: string, wentTo: string) => string;
    notInTheRegister: string;
    onTheLine: string;
    theLineDroppedItComes: string;
    aStandInForA: string;
    whatPlays: (serial: string) => string;
    pressItsButton: string;
  };
  sheetPage: {
    none: string;
    storesSpecSheets: string;
    duplicate: string;
    edit: string;
    backToStores: string;
    revisions: string;
    revision: (revision: number) => string;
    changed: (changed: string) => string;
    nothingChanged: string;
    ownGive: string;
    giveNotLearned: (brakes: number, needed: number) => string;
    giveLearned: (ml: string, brakes: number) => string;
  };
  stores: {
    sealed: string;
    assumed: string;
    retired: string;
    whatTheBenchWorksWith: string;
    shopRules: string;
    fluid: string;
    count: string;
    new: string;
    lot: (family: string, lot: string, fault: string) => string;
    ml: (remainingMl: number) => string;
    wasteCan: (family: string) => string;
    lastHandedOver: (handedOverAt: string) => string;
    neverHandedOverForRecycling: string;
    wastedMl: (ml: number) => string;
    handedOver: string;
    gauges: string;
    gaugeFeed: string;
    register: string;
    parts: string;
    fitsAll: string;
    orderMore: string;
    torqueWrenches: string;
    ofClicks: (
      tolerance: string,
      toleranceAssumed: string,
      uses: string,
      value: string,
      retired: string,
    ) => string;
    calibratedTo: (calibrationDueOn: string) => string;
    overdueNothingItSetsIs: string;
    specSheets: string;
    takeIn: string;
    rotorLimit: (source: string, limitMm: string, fluid: string) => string;
    notKnown: string;
    noFluid: string;
    rev: (revision: number) => string;
    writtenOff: (writtenOffReason: string) => string;
    useBy: (lastDay: string) => string;
    opened: (openedOn: string) => string;
    notices: string;
    withdrawn: string;
    ofBatches: (batches: string) => string;
    recalled: (titles: string) => string;
    usedParts: string;
    throwAway: string;
    whyAway: string;
    noUsed: string;
  };
  gauge: {
    pointAnvils: string;
    flatJaws: string;
    doubtAssumed: string;
    doubtByCertificate: string;
    calibratedTo: (calibrationDueOn: string) => string;
    outOfCalibrationMayCondemn: string;
    onTheFeedAs: (feedSerial: string) => string;
  };
}
