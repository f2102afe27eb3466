import type { AirReadOut } from '@hold-fast/core/air/spongeTest';
import type { FaceCause, FaceWay } from '@hold-fast/core/face/faceWay';
import type { Change } from '@hold-fast/core/heat/descent';
import type { Forecast } from '@hold-fast/core/forecast/forecast';
import type { Word } from '@hold-fast/core/wear/verdict';
import type { StopsCompared } from '@hold-fast/core/stop/stops';
import type { CablePull, CableStands } from '@hold-fast/core/cable/cable';
import type { PairMeasure, PairStanding, Side } from '@hold-fast/core/lever/pair';
import type { RadialChoice } from '@hold-fast/core/mount/radial';
import type { FitFlag, FitRefusal, Stack } from '@hold-fast/core/mount/fit';

/** The calculators, in the order the list shows them. */
export const CALCULATORS = [
  'trouble',
  'wear',
  'pads',
  'runout',
  'life',
  'air',
  'wrench',
  'thread',
  'fit',
  'washers',
  'face',
  'align',
  'cable',
  'hose',
  'levers',
  'fluid',
  'heat',
  'stops',
  'share',
] as const;
export type Calculator = (typeof CALCULATORS)[number];

export interface ReckonerWords {
  fluidReckoner: {
    fluidForAFlush: string;
    boreMm: string;
    hoseMm: string;
    caliperAndLeverMl: string;
    hoseMlSystemMlA: (
      hoseMl: string,
      systemMl: string,
      flushMl: number,
      flushMl2: number,
      capacityMl: number,
    ) => string;
    numbersAboveZero: string;
    boilingPointByWater: string;
    fluid: string;
    water: string;
    aPercentageByTheTester: string;
    aboveNoNumberChangeIt: (value: number) => string;
    aboutCAnEstimateDry: (boils: string, dry: string, wet: string, value: number) => string;
  };
  reckoner: {
    reckoner: string;
    whatIsAsked: string;
    find: string;
    atBrake: (end: string) => string;
    writeDown: (end: string) => string;
    writtenDown: string;
    back: string;
    findBike: string;
    sumProvesNothing: string;
    send: string;
    sendTo: string;
    sent: (tag: number, end: string) => string;
    noBike: string;
    noneByThatName: string;
    all: string;
    of: Record<Calculator, { title: string; says: string }>;
    theBoltAsksFor: string;
    fromNM: string;
    toNM: string;
    emptyOneNamedValueSpread: string;
    theWrench: string;
    greatestNM: string;
    aNumberAboveZero: string;
    tolerance: string;
    assumed: (assumed: number) => string;
    aPercentageFrom01: string;
    marksEveryNM: string;
    setItTo: string;
    fillInTheBoltAnd: string;
    anyMarkFromToKeeps: (loNm: string, hiNm: string) => string;
    thisWrenchCannotProveThis: string;
    becauseUseAFinerOne: (answer: string) => string;
    setBetweenLo1Tolerance: string;
    numbersAboveZero: string;
  };
  hose: {
    theLastGuide: string;
    theLeversPort: string;
    theHose: string;
    itHasToBe: string;
    everyFieldANumber: string;
    howItIsReckoned: string;
    of: Record<
      | 'guideX'
      | 'guideY'
      | 'guideToward'
      | 'portX'
      | 'portY'
      | 'portToward'
      | 'height'
      | 'bend'
      | 'swing'
      | 'growth'
      | 'present',
      string
    >;
    mm: string;
    degrees: (value: number) => string;
    worstAt: (deg: string, straightMm: string) => string;
    tooShort: (missing: string) => string;
    tight: string;
    whatIsDone: string;
    then: Record<'cut' | 'keep', string>;
    cut: (mm: string) => string;
    orKeepIt: (renewals: number) => string;
  };
  fit: {
    forkOrFrame: string;
    whichEnd: string;
    mount: string;
    hub: string;
    theRotor: string;
    heldBy: string;
    made: string;
    onePiece: string;
    twoPieces: string;
    pistons: string;
    itFits: string;
    itDoesNot: string;
    sizesAreNumbers: string;
    afterwards: string;
    of: Record<'native' | 'smallest' | 'largest' | 'rotor', string>;
    hold: Record<'six-bolt' | 'lockring', string>;
    flag: Record<FitFlag, string>;
    stack: (stack: Stack) => string;
    because: (why: FitRefusal) => string;
    boltsLonger: (mm: string) => string;
    torque: (bolts: string, nm: string, from: string) => string;
    outward: (mm: string, gain: string) => string;
  };
  thread: {
    aBoltInItsThread: string;
    bolt: string;
    threadedIn: string;
    passesThrough: string;
    holeIsDeep: string;
    numbersOfMm: string;
    atLeast: (mm: string) => string;
    between: (least: string, most: string) => string;
    needs: (mm: string, tap: string) => string;
  };
  washers: {
    eMm: string;
    fittedMm: string;
    eSays: string;
    fittedSays: string;
    stockMm: string;
    stockSays: string;
    numbers: string;
    choice: (choice: RadialChoice, mm: (value: number) => string) => string;
    howItIsChosen: string;
  };
  wear: {
    readMm: string;
    doubtMm: string;
    limitMm: string;
    newMm: string;
    numbers: string;
    says: Record<Word, string>;
    least: (mm: string, inches: string) => string;
    left: (share: string) => string;
    howItIsJudged: string;
  };
  life: {
    readings: string;
    numbers: string;
    of: Record<'km1' | 'mm1' | 'km2' | 'mm2' | 'km3' | 'mm3', string>;
    left: (early: string, late: string) => string;
    wear: (mm: string) => string;
    not: Record<Extract<Forecast, { ok: false }>['code'], string>;
    howItIsReckoned: string;
  };
  air: {
    biteMm: string;
    firmMm: string;
    leverRatio: string;
    boreMm: string;
    ownGiveMl: string;
    numbers: string;
    readOut: Record<AirReadOut, string>;
    nothingToSay: string;
    ml: (ml: string) => string;
    pushed: (pistonMm: string, ml: string) => string;
    howItIsReckoned: string;
  };
  pads: {
    schools: string;
    school: (school: string, says: string, decides: boolean) => string;
    read: string;
    of: Record<'newMm' | 'plateMm', string>;
    numbers: string;
    howItIsJudged: string;
  };
  runout: {
    readings: string;
    readingsHint: (fewest: number, most: number) => string;
    numbers: (fewest: number, most: number) => string;
    howItIsJudged: (proven: number) => string;
  };
  heat: {
    hill: string;
    road: string;
    roads: Record<'even' | 'points', string>;
    points: string;
    pointsHint: string;
    readTrack: string;
    reading: string;
    trackRead: (name: string, lengthM: string, dropM: string) => string;
    reckoning: string;
    stop: string;
    stopped: string;
    brokenOff: string;
    nothingLost: string;
    again: string;
    length: (lengthM: string, dropM: string) => string;
    set: string;
    pads: string;
    braked: string;
    brakes: Record<'dragged' | 'pulsed', string>;
    of: Record<
      | 'massKg'
      | 'gradePercent'
      | 'lengthM'
      | 'speedKmh'
      | 'airC'
      | 'sharePercent'
      | 'front'
      | 'rear'
      | 'largestFront'
      | 'largestRear'
      | 'thickMm'
      | 'boilsC'
      | 'freshC'
      | 'waterPercent'
      | 'ageMonths',
      string
    >;
    fluid: string;
    byItsBoilingPoint: string;
    boilsBy: (temperature: string) => string;
    changeItNow: string;
    numbers: string;
    peaks: string;
    drawn: (end: string, temperature: string) => string;
    end: (end: string, temperature: string) => string;
    besides: (pads: string, fluid: string) => string;
    pastFade: string;
    boils: string;
    sizes: string;
    sizeAt: (end: string, sizeMm: number) => string;
    fades: string;
    holds: string;
    helpsMost: string;
    change: (change: Change) => string;
    gains: (change: string, degrees: string) => string;
    nothingHelps: string;
    howItIsReckoned: string;
  };
  stops: {
    says: string;
    shown: Record<StopsCompared['shown'], string>;
    metres: (m: string) => string;
    between: (from: string, to: string) => string;
    medians: (before: string, after: string, was: string, is: string) => string;
    threeEach: (fewest: number, asked: number) => string;
    when: Record<'before' | 'after', string>;
    of: Record<'before' | 'after', Record<'fromKmh' | 'distanceM' | 'seconds', string>>;
    clock: Record<'before' | 'after', string>;
    standing: (seconds: string) => string;
    motor: string;
    bothCut: string;
    add: Record<'before' | 'after', string>;
    lockedRun: Record<'before' | 'after', string>;
    run: (fromKmh: string, distanceM: string, locked: boolean) => string;
    takeOut: string;
    brakes: string;
    with: Record<'one' | 'both', string>;
    howItIsDone: string;
  };
  share: {
    wheelbaseM: string;
    aheadM: string;
    highM: string;
    slopeDegrees: string;
    decelerationG: string;
    numbers: string;
    onTheFront: string;
    lifts: (g: string) => string;
    howItIsReckoned: string;
  };
  cable: {
    leverPull: string;
    caliperPull: string;
    fixedGapMm: string;
    armMm: string;
    numbers: string;
    pulls: Record<CablePull | 'unknown', string>;
    pull: Record<CableStands['pull'], string>;
    gap: Record<CableStands['gap'], string>;
    howItIsDone: string;
  };
  align: {
    gaps: string;
    wheel: string;
    known: string;
    numbers: string;
    tirMm: string;
    spanMm: string;
    atMidReading: string;
    pistonsEven: string;
    padsTapered: string;
    ballWashers: string;
    faceDegrees: string;
    knowing: Record<'yes' | 'no' | 'unknown', string>;
    thisWay: string;
    rubs: (margin: string) => string;
    clear: (margin: string) => string;
    afterwards: string;
  };
  face: {
    gapMm: string;
    spacingMm: string;
    padOffsetMm: string;
    numbers: string;
    standsOut: string;
    degrees: string;
    over: (most: string) => string;
    way: Record<'dress' | 'deviation', string>;
    stop: Record<Extract<FaceWay, { code: 'stop' }>['because'], string>;
    material: string;
    notKnown: string;
    cause: string;
    causes: Record<FaceCause, string>;
    inside: (most: string) => string;
    padEdge: (mm: string) => string;
    howItIsDone: string;
  };
  levers: {
    side: Record<Side, string>;
    standing: Record<PairStanding, string>;
    field: (side: Side, measure: PairMeasure) => string;
    askedFor: string;
    why: string;
    apart: (side: Side, by: string, measure: PairMeasure) => string;
    short: Record<PairMeasure, string>;
    even: (measures: string) => string;
    nothingToEven: string;
    onlyMeasured: string;
    numbers: string;
    hand: (name: string, reach: string, bite: string, angle: string) => string;
    howTheySit: string;
    drawn: (side: string, says: string) => string;
    of: (measure: string, says: string) => string;
  };
}
