import type { Crowfoot } from '@hold-fast/core/torque/crowfoot';
export interface InstrumentsWords {
  boltCircle: {
    alternately: string;
    ofDoneInThisPass: (boltCount: string, done: number, boltCount2: number) => string;
    oneFastener: string;
    bolts: (boltCount: number, boltCount2: string) => string;
    inStarOrder: string;
  };
  crowfootFigure: {
    aCrowfootOfMmAt: (
      extensionMm: number,
      angleDegrees: number,
      leverMm: number,
      crowfoot: string,
    ) => string;
  };
  faceFigure: {
    oneBoltSnugTheFeeler: string;
    theFaceStandsDegreesOut: (angleDegrees: string, gapMm: string) => string;
    aGapOfMm: (gapMm: string) => string;
    snug: string;
    drawn: (value: number) => string;
  };
  gapFigure: {
    notFelt: string;
    mm: (value: string) => string;
    narrowest: string;
    next: (current: string) => string;
    allFourAreFelt: string;
  };
  leverScale: {
    reachNotMeasured: string;
    reachMm: (reachMm: string) => string;
    atMm: (place: string, place2: string) => string;
    bar: string;
  };
  padBlock: {
    trailing: string;
    leading: string;
    outer: string;
    innerWheelSide: string;
    notMeasured: string;
    mm: (place: string) => string;
    next: (current: string) => string;
    allFourAreMeasured: string;
  };
  ridgeFigure: {
    lip: string;
    flatJawsRestOnThe: string;
    pointAnvilsSitInsideThe: string;
    wornTrack: string;
    flatJawsBridgeTheLip: string;
    pointsReachTheTrack: string;
  };
  rotorDial: {
    mm: string;
    notMeasured: string;
    mm2: (thicknessMm: string) => string;
    pointOclock: (
      point: number,
      clock: number,
      value: string,
      word: string,
      point2: string,
    ) => string;
    pastTheLimit: string;
    thinnest: string;
    limitMm: (limitMm: string, newMm: string) => string;
    newMm: (newMm: string) => string;
    allPointsAreMeasured: string;
    nextPoint: (current: number) => string;
  };
  runoutRing: {
    mmDrawn: (times: number) => string;
    oclock: (clock: number, mm: string) => string;
    notRead: string;
    mm: (mm: string) => string;
    theTurnIsComplete: string;
    nextReading: (current: number) => string;
    wobbleOverOneTurnReadings: (value: number) => string;
  };
  wearRule: {
    limit: (limitMm: string, origin: string | null) => string;
    nothingMeasuredYet: (limitWords: string) => string;
    mmDoubt: (leastMm: string, upperBound: string, doubtMm: string, limitWords: string) => string;
    atMost: string;
    new: string;
  };
  crowfootFields: {
    reach: string;
    straightOnTheFastener: string;
    withACrowfoot: string;
    aNutThatTheWrench: string;
    measure: Record<keyof Crowfoot, string>;
    measureIt: string;
    theNutGetsTimesWhat: (crowfoot: string) => string;
    implausible: Record<keyof Crowfoot, (least: number, most: number) => string>;
  };
  cableFigure: { says: (gapMm: string | null, armMm: string | null) => string };
  hosePlan: {
    move: (end: string, x: number, y: number) => string;
    end: Record<'guide' | 'port', string>;
    says: (deg: string, needMm: string) => string;
  };
  mountStack: { says: (sizeMm: number, adapter: boolean, washersMm: readonly number[]) => string };
}
