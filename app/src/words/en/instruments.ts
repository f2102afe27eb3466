import type { InstrumentsWords } from '../catalogue/instruments';

export const instruments: InstrumentsWords = {
  boltCircle: {
    alternately: 'alternately',
    ofDoneInThisPass: (boltCount, done, boltCount2) =>
      `${boltCount}. ${done} of ${boltCount2} done in this pass.`,
    oneFastener: 'One fastener',
    bolts: (boltCount, boltCount2) => `${boltCount} bolts, ${boltCount2}`,
    inStarOrder: 'in star order',
  },
  crowfootFigure: {
    aCrowfootOfMmAt: (extensionMm, angleDegrees, leverMm, crowfoot) =>
      `A crowfoot of ${extensionMm} mm at ${angleDegrees} degrees on a lever of ${leverMm} mm: the fastener gets ${crowfoot} times what the wrench shows.`,
  },
  faceFigure: {
    oneBoltSnugTheFeeler: 'One bolt snug, the feeler under the other lug. Not measured yet.',
    theFaceStandsDegreesOut: (angleDegrees, gapMm) =>
      `The face stands ${angleDegrees} degrees out of square${gapMm}.`,
    aGapOfMm: (gapMm) => `, a gap of ${gapMm} mm`,
    snug: 'SNUG',
    drawn: (value) => `drawn ×${value}`,
  },
  gapFigure: {
    notFelt: 'not felt',
    mm: (value) => `${value} mm`,
    narrowest: ', narrowest',
    next: (current) => `Next: ${current}.`,
    allFourAreFelt: 'All four are felt.',
  },
  leverScale: {
    reachNotMeasured: 'Reach not measured.',
    reachMm: (reachMm) => `Reach ${reachMm} mm.`,
    atMm: (place, place2) => `${place} at ${place2} mm.`,
    bar: 'BAR',
  },
  padBlock: {
    trailing: 'trailing',
    leading: 'leading',
    outer: 'OUTER',
    innerWheelSide: 'INNER · WHEEL SIDE',
    notMeasured: 'not measured',
    mm: (place) => `${place} mm`,
    next: (current) => `Next: ${current}.`,
    allFourAreMeasured: 'All four are measured.',
  },
  ridgeFigure: {
    lip: 'lip',
    flatJawsRestOnThe: 'Flat jaws rest on the unworn lip and leave a gap over the worn track.',
    pointAnvilsSitInsideThe: 'Point anvils sit inside the unworn lip, on the worn track itself.',
    wornTrack: 'worn track',
    flatJawsBridgeTheLip: 'flat jaws bridge the lip',
    pointsReachTheTrack: 'points reach the track',
  },
  rotorDial: {
    mm: 'mm',
    notMeasured: 'not measured',
    mm2: (thicknessMm) => `${thicknessMm} mm`,
    pointOclock: (point, clock, value, word, point2) =>
      `Point ${point}, ${clock} o’clock: ${value}${word}${point2}.`,
    pastTheLimit: ', past the limit',
    thinnest: ', thinnest',
    limitMm: (limitMm, newMm) => `Limit ${limitMm} mm${newMm}.`,
    newMm: (newMm) => `, new ${newMm} mm`,
    allPointsAreMeasured: 'All points are measured.',
    nextPoint: (current) => `Next: point ${current}.`,
  },
  runoutRing: {
    mmDrawn: (times) => `mm · drawn ×${times}`,
    oclock: (clock, mm) => `${clock} o’clock: ${mm}.`,
    notRead: 'not read',
    mm: (mm) => `${mm} mm`,
    theTurnIsComplete: 'The turn is complete.',
    nextReading: (current) => `Next: reading ${current}.`,
    wobbleOverOneTurnReadings: (value) => `Wobble over one turn, ${value} readings.`,
  },
  wearRule: {
    limit: (limitMm, origin) => `limit ${limitMm}${origin ? `, ${origin}` : ''}`,
    nothingMeasuredYet: (limitWords) => `${limitWords}. Nothing measured yet.`,
    mmDoubt: (leastMm, upperBound, doubtMm, limitWords) =>
      `${leastMm} mm${upperBound}, doubt ${doubtMm}; ${limitWords}.`,
    atMost: ' at most',
    new: 'new',
  },
  crowfootFields: {
    reach: 'Reach',
    straightOnTheFastener: 'Straight on the fastener',
    withACrowfoot: 'With a crowfoot',
    aNutThatTheWrench: 'A nut that the wrench cannot reach straight takes a crowfoot.',
    measure: { leverMm: 'L, grip, mm', extensionMm: 'E, nut, mm', angleDegrees: 'Angle, °' },
    measureIt: 'Measure L and E, and the angle: 0 straight out. Before that there is no setting.',
    theNutGetsTimesWhat: (crowfoot) =>
      `The nut gets ${crowfoot} times what the wrench shows; the settings below are corrected.`,
    implausible: {
      leverMm: (least, most) => `L is ${least} to ${most} mm.`,
      extensionMm: (least, most) => `E is ${least} to ${most} mm.`,
      angleDegrees: (least, most) => `The angle is ${least} (straight out) to ${most}.`,
    },
  },
  cableFigure: {
    says: (gapMm, armMm) =>
      `Across the caliper: ${gapMm === null ? 'the fixed pad’s gap is not measured' : `the fixed pad stands ${gapMm} mm off the rotor`}; ${armMm === null ? 'the arm’s way is not measured' : `the arm’s end goes ${armMm} mm`}.`,
  },
  hosePlan: {
    move: (end, x, y) =>
      `${end}, ${x} mm forward, ${y} mm to the left. Drag it, or arrow keys; with Shift by 10.`,
    end: { guide: 'Last guide', port: 'Lever’s port' },
    says: (deg, needMm) =>
      `From above: the bar draws the hose out furthest at ${deg} degrees, where it has to be ${needMm} mm long.`,
  },
  mountStack: {
    says: (sizeMm, adapter, washersMm) =>
      `From the side: a rotor of ${sizeMm} mm, the caliper ${adapter ? 'on its adapter' : 'straight on its mount'}${washersMm.length > 0 ? `, with a washer of ${washersMm.join(' and ')} mm` : ''}.`,
  },
};
