import { BARREL_TURNS_OUT, FIXED_GAP_MM } from '@hold-fast/core/cable/cable';
import { WET_PERCENT } from '@hold-fast/core/fluid/boiling';
import { BARB_SEAT_MM, SLACK_MM } from '@hold-fast/core/hose/hose';
import { MOST_APART } from '@hold-fast/core/lever/pair';
import { MOST_WASHERS, RADIAL_TARGET_MM } from '@hold-fast/core/mount/radial';
import { SINGLE_VALUE_SPREAD } from '@hold-fast/core/torque/window';
import { LEAST_SHARE_OF_SCALE, PLAUSIBLE_TOLERANCE } from '@hold-fast/core/torque/wrench';
import type { ReckonerWords } from '../catalogue/reckoner';

export const reckoner: ReckonerWords = {
  fluidReckoner: {
    fluidForAFlush: 'Fluid for a flush',
    boreMm: 'Bore, mm',
    hoseMm: 'Hose, mm',
    caliperAndLeverMl: 'Caliper and lever, mL',
    hoseMlSystemMlA: (hoseMl, systemMl, flushMl, flushMl2, capacityMl) =>
      `Hose ${hoseMl} mL, system ${systemMl} mL. A flush is three times that: ${flushMl} mL, ${flushMl2} fills of a ${capacityMl} mL syringe to two thirds.`,
    numbersAboveZero: 'Numbers above zero.',
    boilingPointByWater: 'Boiling point by water',
    fluid: 'Fluid',
    water: 'Water, %',
    aPercentageByTheTester: 'A percentage, by the tester.',
    aboveNoNumberChangeIt: (value) => `Above ${value} %: no number. Change it now.`,
    aboutCAnEstimateDry: (boils, dry, wet, value) =>
      `About ${boils}, an estimate: ${dry} dry, ${wet} at ${value} %, published minima.`,
  },
  reckoner: {
    reckoner: 'Reckoner',
    whatIsAsked: 'What is asked?',
    find: 'Find by name',
    atBrake: (end) => `${end} brake`,
    writeDown: (end) => `Write it down: ${end}`,
    writtenDown: 'Written down. Go on',
    back: 'Back',
    sumProvesNothing: 'Reckoned for this brake. A sum proves nothing: open it and look.',
    findBike: 'Find the bike',
    send: 'Send it to a job',
    sendTo: 'Which brake is it for?',
    sent: (tag, end) => `Sent to ${tag}, ${end}. Its page shows it.`,
    noBike: 'No bike is in.',
    noneByThatName: 'No calculator by that name.',
    all: 'All',
    of: {
      trouble: {
        title: 'What is behind it',
        says: 'From a complaint to its cause, and the next check',
      },
      pads: { title: 'Pads', says: 'What each school makes of a pair of pads' },
      runout: { title: 'Runout', says: 'A turn of the dial: how much, and tilted or bent' },
      wear: { title: 'Wear against the limit', says: 'One thickness, its doubt, what is left' },
      life: { title: 'How long it lasts', says: 'Two or three readings: distance to the limit' },
      air: { title: 'Air in the lever', says: 'What it pushes after the bite: how much air' },
      wrench: { title: 'Wrench setting', says: 'Where to set the click, with a crowfoot too' },
      thread: { title: 'Bolt and thread', says: 'How long the bolt, how much thread it needs' },
      fit: { title: 'Does the rotor fit?', says: 'Fork or frame, caliper, hub: the stack, or no' },
      washers: {
        title: 'Washers by e',
        says: 'What goes under the caliper so that the track is swept',
      },
      face: { title: 'Mount face', says: 'Feeler gap to angle, and what it does to the pad' },
      align: { title: 'Centring', says: 'Gaps, runout, pistons, pads: one way, and what to move' },
      cable: { title: 'Cable brake', says: 'Pull of lever and caliper, fixed pad, arm' },
      hose: { title: 'Hose length', says: 'How long for the bar to turn: cut, or too short' },
      levers: { title: 'Both levers', says: 'Left against right, and what to even first' },
      heat: { title: 'Heat on a hill', says: 'How hot, which rotor, what would help most' },
      stops: { title: 'Stops', says: 'Before and after, on equal terms: is there a difference?' },
      share: {
        title: 'Front and rear',
        says: 'What the front wheel carries, and where the rear lifts',
      },
      fluid: { title: 'Fluid', says: 'How much for a flush; boiling point by water' },
    },
    theBoltAsksFor: 'The bolt asks for',
    fromNM: 'From, N·m',
    toNM: 'To, N·m',
    emptyOneNamedValueSpread: `The second empty: one named value, spread ±${100 * SINGLE_VALUE_SPREAD} % by our choice.`,
    theWrench: 'The wrench',
    greatestNM: 'Greatest, N·m',
    aNumberAboveZero: 'A number above zero.',
    tolerance: 'Tolerance, ± %',
    assumed: (assumed) => `${assumed}, assumed`,
    aPercentageFrom01: `A percentage from ${100 * PLAUSIBLE_TOLERANCE.least} to ${100 * PLAUSIBLE_TOLERANCE.most}.`,
    marksEveryNM: 'Marks every, N·m',
    setItTo: 'Set it to',
    fillInTheBoltAnd: 'Fill in the bolt and the wrench.',
    anyMarkFromToKeeps: (loNm, hiNm) =>
      `Any mark from ${loNm} to ${hiNm} keeps the wrench’s whole tolerance inside the window.`,
    thisWrenchCannotProveThis: 'This wrench cannot prove this bolt',
    becauseUseAFinerOne: (answer) => `Because ${answer}. Use a finer one.`,
    setBetweenLo1Tolerance: `Set between lo ÷ (1 − tolerance) and hi ÷ (1 + tolerance), rounded inward to a mark, from ${100 * LEAST_SHARE_OF_SCALE} % of the scale up. The maker’s sheet comes first.`,
    numbersAboveZero: 'Numbers above zero.',
  },
  hose: {
    theLastGuide: 'The last fixed guide, from above',
    theLeversPort: 'The lever’s port, bar straight',
    theHose: 'The hose',
    itHasToBe: 'It has to be',
    everyFieldANumber: 'Every field takes a number.',
    howItIsReckoned: `The shortest way from guide to port that bends nowhere tighter (Dubins 1957), at every quarter degree of the bar, raised by the height; ${BARB_SEAT_MM} mm for the barb’s seat from memory, ${SLACK_MM} mm slack by our choice. Directions turn left from straight ahead. Measure, and fit it before it is cut.`,
    of: {
      guideX: 'Forward of the steerer, mm',
      guideY: 'To the left, mm',
      guideToward: 'Hose leaves toward, °',
      portX: 'Forward, mm',
      portY: 'To the left, mm',
      portToward: 'Hose enters toward, °',
      height: 'Height between, mm',
      bend: 'Least bend, mm',
      swing: 'How far the bar turns',
      growth: 'Suspension draws it, mm',
      present: 'Hose there now, mm',
    },
    mm: ' mm',
    degrees: (value) => `${value}° either way`,
    worstAt: (deg, straightMm) =>
      `The bar draws it out furthest at ${deg}°. Straight ahead the way is ${straightMm} mm, without seat and slack.`,
    tight: 'Rings are dragged, or moved by arrow keys. Dashed: it bends as tightly as it may.',
    whatIsDone: 'What is done',
    then: { cut: 'Cut it at the mark', keep: 'Left long: looped and clipped' },
    tooShort: (missing) => `Too short by ${missing} mm: do not cut`,
    cut: (mm) => `Cut ${mm} mm off, at the mark`,
    orKeepIt: (renewals) =>
      `Or leave it long, looped and clipped: its end can be renewed ${renewals} ${renewals === 1 ? 'time' : 'times'}, about 15 mm each, from memory.`,
  },
  fit: {
    forkOrFrame: 'Fork or frame',
    whichEnd: 'Which end',
    mount: 'Mount',
    hub: 'The hub takes',
    theRotor: 'The rotor',
    heldBy: 'Held by',
    made: 'Made of',
    onePiece: 'One piece',
    twoPieces: 'Two pieces',
    pistons: 'Pistons of the caliper',
    itFits: 'It fits',
    itDoesNot: 'It does not fit',
    sizesAreNumbers: 'Sizes are numbers; the smallest and the largest may be left out.',
    afterwards:
      'Then measure how far the pads lie inside the edge, and choose the washers by it: the pads sweep the whole track, never over the edge. A larger rotor in front first; behind it may be wanted for the heat.',
    of: {
      native: 'With no adapter, mm',
      smallest: 'Smallest allowed, mm',
      largest: 'Largest allowed, mm',
      rotor: 'Rotor, mm',
    },
    hold: { 'six-bolt': 'Six bolts', lockring: 'Splined lockring' },
    flag: {
      'largest-unknown':
        'Nobody knows the largest size allowed: ask the maker of fork or frame before it is ridden.',
      'rivet-room':
        'Two-piece rotor, four pistons: turn the wheel and look for room at the rivets.',
      'up-mark': 'The adapter’s arrow points up: look.',
      'printed-size': 'The size in use is printed on the plate: look, and write it down.',
    },
    stack: ({ adapter, washersMm }) =>
      [
        adapter === null
          ? 'Caliper straight on the mount'
          : adapter.code === 'step'
            ? `Adapter +${adapter.forMm}`
            : adapter.code === 'plate'
              ? `Plate for ${adapter.forMm}`
              : `IS adapter for ${adapter.forMm}${adapter.twinMm === null ? '' : `, the same as ${adapter.twinMm} at the other end (from memory)`}`,
        washersMm.length > 0 ? `a washer of ${washersMm.join(' and ')} mm under each side` : null,
      ]
        .filter(Boolean)
        .join(', '),
    because: (why) => {
      switch (why.code) {
        case 'over-largest':
          return `Over ${why.mostMm} mm, the largest that fork or frame allow, whatever bolts on.`;
        case 'under-smallest':
          return `Under ${why.leastMm} mm, the smallest that fork or frame take.`;
        case 'other-hub':
          return 'The hub holds a rotor another way.';
        case 'other-face':
          return 'The caliper’s face is not one of this mount’s.';
        case 'no-stack':
          return 'No adapter with washers makes this step.';
      }
    },
    boltsLonger: (mm) =>
      `Bolts ${mm} mm longer, or see that they still bite deep enough: the washers take that much of the thread.`,
    torque: (bolts, nm, from) => `${bolts}: ${nm} N·m, ${from}.`,
    outward: (mm, gain) =>
      `The caliper moves ${mm} mm outward. The same pull makes ${gain} more torque at the hub.`,
  },
  thread: {
    aBoltInItsThread: 'A bolt in its thread',
    bolt: 'Bolt',
    threadedIn: 'Threaded in',
    passesThrough: 'It passes through, mm',
    holeIsDeep: 'The hole is deep, mm',
    numbersOfMm: 'Millimetres; the depth empty where the hole goes through.',
    atLeast: (mm) => `At least ${mm} mm long.`,
    between: (least, most) =>
      `From ${least} to ${most} mm long: shorter strips, longer bottoms out and clamps nothing.`,
    needs: (mm, tap) =>
      `${mm} mm of thread: one diameter in steel, one and a half in aluminium, common practice. ${tap} clears paint, and no more.`,
  },
  washers: {
    eMm: 'e, mm',
    fittedMm: 'Washers there now, mm',
    eSays: 'How far the pad’s top lies inside the rotor’s edge. Over the edge: with a minus.',
    stockMm: 'Washers in the drawer, mm',
    stockSays: 'Thicknesses that are there, spaces between.',
    fittedSays: 'Under one side, spaces between. The other side has the same.',
    numbers: 'e is a number; washers are numbers with spaces between.',
    choice: (choice, mm) => {
      switch (choice.code) {
        case 'within':
          return 'Leave it: the track is swept';
        case 'add':
          return `Add ${choice.washersMm.map(mm).join(' and ')} mm under each side: lands at ${mm(choice.landsAtMm)}`;
        case 'out-of-stock':
          return `${choice.washersMm.map(mm).join(' and ')} mm under each side would bring it to ${mm(choice.landsAtMm)}, and are not in the drawer`;
        case 'take-out':
          return `Take ${choice.washersMm.map(mm).join(' and ')} mm out from each side: lands at ${mm(choice.landsAtMm)}`;
        case 'another-adapter':
          return choice.overhangs
            ? 'It overhangs, and no washers there bring it in: a smaller adapter'
            : 'No washers bring it there: another adapter';
      }
    },
    howItIsChosen: `Target ${RADIAL_TARGET_MM.least} to ${RADIAL_TARGET_MM.most} mm, aim ${RADIAL_TARGET_MM.aim}: the set that lands nearest, then the fewest, then the thickest, at most ${MOST_WASHERS} a side. Measure e again afterwards: the sum proves nothing.`,
  },
  wear: {
    readMm: 'Thinnest, mm',
    doubtMm: 'The gauge’s doubt, ± mm',
    limitMm: 'Limit, mm',
    newMm: 'When new, mm',
    numbers: 'Thickness, doubt and limit are numbers; new may be left out.',
    says: {
      holds: 'This reading clears the limit',
      watch: 'It clears the limit, and little is left',
      unproven: 'Its doubt reaches the limit: not proven',
      replace: 'At the limit or past it: replace',
    },
    least: (mm, inches) => `It is ${mm} mm at least, the doubt taken off; ${inches} in as read.`,
    left: (share) => `${share} of the wear is left.`,
    howItIsJudged:
      'Replace at or below the limit as read; proven only where the reading less the whole doubt is still above it (ISO 14253-1). A rotor is judged by its thinnest of several points, and pads by four: a sitting in a job does that, this sum does not.',
  },
  life: {
    readings: 'The readings, the oldest first',
    numbers: 'Each reading is a distance and a thickness; doubt and limit are above zero.',
    of: {
      km1: 'First: km',
      mm1: 'mm',
      km2: 'Second: km',
      mm2: 'mm',
      km3: 'Third: km',
      mm3: 'mm',
    },
    left: (early, late) => `${early} to ${late} more`,
    wear: (mm) => `It loses ${mm} mm in 1,000 km.`,
    not: {
      'one-reading': 'One reading says nothing of how fast it wears.',
      'no-run': 'Both readings are from the same distance.',
      'not-wearing': 'It did not get thinner: no date.',
      'too-early': 'Too early to say: the doubt is as large as the wear.',
    },
    howItIsReckoned:
      'A straight line through the readings, each by its doubt, and an 80 % span where it meets the limit (Fieller 1954). Other pads, hills and wet make it another line.',
  },
  air: {
    biteMm: 'Bites at, mm',
    firmMm: 'Firm at, mm',
    leverRatio: 'Lever ratio',
    boreMm: 'Bore, mm',
    ownGiveMl: 'Own give, mL',
    numbers: 'Every field is a number.',
    readOut: {
      sound: 'Hardly any air',
      'top-up': 'A little air: top up at the lever',
      'full-bleed': 'Air: bleed it',
    },
    nothingToSay: 'It pushes less than a sound brake gives: bite or give were misread',
    ml: (ml) => `${ml} mL`,
    pushed: (pistonMm, ml) => `The piston goes ${pistonMm} mm after the bite: ${ml} mL.`,
    howItIsReckoned:
      'What is pushed after the bite, less the brake’s own give, by Boyle’s law at a pull of 100 N: at least so much air, at the pressure of the room. Bands by our choice. Test in a job after pumping, wheel in: that proves, this does not.',
  },
  pads: {
    schools: 'What each school says',
    school: (school, says, decides) => `${school}: ${says}.${decides ? ' It decides.' : ''}`,
    read: 'As read, plates and all',
    of: { newMm: 'New in all, mm', plateMm: 'Plate alone, mm' },
    numbers: 'Four readings, the pair when new and its plate, all in millimetres.',
    howItIsJudged:
      'By the shop’s schools and limits, with the doubt of a digital caliper. A sum alone judges no pads: measure them at the job, with the gauge named and its zero looked at.',
  },
  runout: {
    readings: 'Round the rotor, mm',
    readingsHint: (fewest, most) =>
      `${fewest} to ${most} readings of one turn, parted by spaces; a minus where it swings away.`,
    numbers: (fewest, most) => `${fewest} to ${most} readings in millimetres, parted by spaces.`,
    howItIsJudged: (proven) =>
      `By the shop’s bands, with the doubt of a dial. A sum alone judges no rotor; at the job a turn of ${proven} points or more does.`,
  },
  heat: {
    hill: 'The hill',
    road: 'What is known of it',
    roads: { even: 'Grade and length', points: 'Points along it' },
    points: 'Distance and height, m, a pair a line',
    pointsHint: 'From the top down: 0 320, then 1500 180, then 4000 0.',
    readTrack: 'Read a track (GPX)',
    reading: 'Reading the track.',
    trackRead: (name, length, drop) => `${name}: ${length} m along the road, ${drop} m down.`,
    reckoning: 'Reckoning',
    stop: 'Stop',
    stopped: 'Stopped. Nothing is reckoned for these numbers.',
    brokenOff: 'The reckoning broke off.',
    nothingLost: 'What you keyed is all here. Reckon it again.',
    again: 'Reckon it again',
    length: (length, drop) => `${length} m along the road, ${drop} m down.`,
    set: 'What is on the bike',
    pads: 'Pads',
    braked: 'How it is braked',
    brakes: { dragged: 'Dragged', pulsed: 'In pulses' },
    of: {
      massKg: 'Rider, bike, load, kg',
      gradePercent: 'Grade, %',
      lengthM: 'Along the road, m',
      speedKmh: 'Speed, km/h',
      airC: 'Air, °C',
      sharePercent: 'Braked in front, %',
      front: 'Front rotor, mm',
      rear: 'Rear rotor, mm',
      largestFront: 'Largest in front, mm',
      largestRear: 'Largest behind, mm',
      thickMm: 'Thick, mm',
      boilsC: 'Fluid boils at, °C',
      freshC: 'New, it boils at, °C',
      waterPercent: 'Water by a tester, %',
      ageMonths: 'Age, months',
    },
    fluid: 'Fluid',
    byItsBoilingPoint: 'By its boiling point',
    boilsBy: (temperature) =>
      `It boils at about ${temperature}. With no tester’s number only fluid of 0 months counts as dry.`,
    changeItNow: `Above ${WET_PERCENT} %: no number, change it now.`,
    numbers: 'Every field is a number; the boiling points may be left out.',
    peaks: 'An estimate: at the hottest',
    drawn: (end, temperature) => `The ${end} rotor gets to about ${temperature}.`,
    end: (end, temperature) => `${end} rotor, about ${temperature}`,
    besides: (pads, fluid) => `Caliper ${pads}, fluid ${fluid}.`,
    pastFade: 'These pads fade there.',
    boils: 'The fluid boils: the lever goes to the bar.',
    sizes: 'Each size beside the others',
    sizeAt: (end, sizeMm) => `${end}, ${sizeMm} mm`,
    fades: 'fades',
    holds: 'below fade',
    helpsMost: 'What would help, the most first',
    change: (change) => {
      switch (change.code) {
        case 'larger':
          return `A rotor of ${change.sizeMm} mm at the ${change.end}`;
        case 'metallic':
          return 'Metallic pads, where the rotor takes them';
        case 'fresh-fluid':
          return 'Fresh fluid';
        case 'pulsed':
          return 'Braking in pulses';
        case 'share':
          return 'Braking both ends alike';
      }
    },
    gains: (change, degrees) => `${change}: ${degrees} °C more room.`,
    nothingHelps: 'None of these gives more room. Ride slower, stop on the way.',
    howItIsReckoned:
      'To hold set-ups against each other, never a promise. Braking power is the slope’s less rolling and air; all of it goes into the rotor, and from there to air, as glow, and through the pads into the fluid. Cooling by published formulas for a turning disc and a plate in the wind; fade from memory, organic at 250 and metallic at 400 °C; semi-metallic between them and how heat passes on are our choice.',
  },
  stops: {
    says: 'What the stops say',
    shown: {
      shorter: 'It stops shorter now, by',
      longer: 'It stops longer now, by',
      none: 'No difference shown; the middle ones differ by',
    },
    metres: (m) => `${m} m`,
    between: (from, to) => `Between ${from} and ${to} m, 95 % by resampling; minus is shorter.`,
    medians: (before, after, was, is) =>
      `Middle run ${before} m before, ${after} m after: ${was} and ${is} m/s².`,
    threeEach: (fewest, asked) =>
      `${fewest} runs before and ${fewest} after at least, better ${asked}: then they can be compared.`,
    when: { before: 'Before the work', after: 'After the work' },
    of: {
      before: {
        fromKmh: 'Before: from, km/h',
        distanceM: 'Before: metres',
        seconds: 'Before: or seconds',
      },
      after: {
        fromKmh: 'After: from, km/h',
        distanceM: 'After: metres',
        seconds: 'After: or seconds',
      },
    },
    clock: { before: 'Time a stop, before', after: 'Time a stop, after' },
    standing: (seconds) => `It stands: ${seconds} s`,
    motor: 'The motor',
    bothCut: 'Each lever was seen to cut it.',
    add: { before: 'Add this run, before', after: 'Add this run, after' },
    lockedRun: { before: 'The wheel locked, before', after: 'The wheel locked, after' },
    run: (fromKmh, distanceM, locked) =>
      `${fromKmh} km/h, ${distanceM} m${locked ? ': the wheel locked, not counted' : ''}`,
    takeOut: 'Take out',
    brakes: 'Braked with',
    with: { one: 'One brake', both: 'Both brakes' },
    howItIsDone:
      'Stand test first, gear checked, a safe place. Same rider, tyres and surface. All runs are reckoned to the speed of the first: distance grows with its square. A locked wheel measured the tyre.',
  },
  share: {
    wheelbaseM: 'Wheelbase, m',
    aheadM: 'Weight ahead of the rear contact, m',
    highM: 'Weight above ground, m',
    slopeDegrees: 'Downhill, °',
    decelerationG: 'Braking, by g',
    numbers: 'Every field is a number.',
    onTheFront: 'of the load on the front wheel while it brakes so.',
    lifts: (g) => `The rear wheel lifts at ${g} g.`,
    howItIsReckoned:
      'By the balance of weights about the wheels’ contacts. The load’s share is the braking’s share only where both tyres grip alike. About 70 % in front is common practice.',
  },
  cable: {
    leverPull: 'Pull of the lever',
    caliperPull: 'Pull the caliper wants',
    fixedGapMm: 'Fixed pad to rotor, mm',
    armMm: 'Way of the arm’s end, mm',
    numbers: 'Gap and way are numbers; an empty one is not known.',
    pulls: { unknown: 'Not looked', long: 'Long', short: 'Short' },
    pull: {
      match: 'Lever and caliper match',
      mismatch: 'Refused: lever and caliper want different pulls',
      unknown: 'Whether lever and caliper match is not known',
    },
    gap: {
      usual: 'The fixed pad stands at the usual gap.',
      narrow: `Narrower than the usual ${FIXED_GAP_MM.least} mm, from memory: turn the wheel and listen.`,
      wide: `Wider than the usual ${FIXED_GAP_MM.most} mm, from memory: the rotor is bent that far at every pull.`,
      rubs: 'The fixed pad touches: no gap.',
      unknown: 'Nobody measured the fixed pad’s gap.',
    },
    howItIsDone: `The fixed pad first, ${FIXED_GAP_MM.least} to ${FIXED_GAP_MM.most} mm from memory, then the cable’s slack. Barrel adjusters start ${BARREL_TURNS_OUT.least} or ${BARREL_TURNS_OUT.most} turns out. Wear is taken up at the pads and never by pulling the arm forward: it loses leverage, so write its way down and hold the next visit against it.`,
  },
  align: {
    gaps: 'The four gaps, lever released',
    wheel: 'The rotor',
    known: 'What was seen',
    numbers: 'Gaps, runout and angle are numbers; an empty one is not known.',
    tirMm: 'Runout, mm',
    spanMm: 'Leading to trailing, mm',
    atMidReading: 'Wheel stopped where the rotor is halfway',
    pistonsEven: 'Pistons move alike',
    padsTapered: 'Pads worn to a taper',
    ballWashers: 'Washers with a ball seat',
    faceDegrees: 'Mount face out, °',
    knowing: { yes: 'Yes', no: 'No', unknown: 'Not looked' },
    thisWay: 'Centre it this way',
    rubs: (margin) => `It rubs: margin ${margin} mm`,
    clear: (margin) => `It runs clear by ${margin} mm`,
    afterwards:
      'Feel the gaps again after the last turn: the sum proves nothing. Rub with a centred caliper: grit or hair, dirt behind a pad, loose pins, an uneven piston, runout, a mount that is not square.',
  },
  face: {
    gapMm: 'Feeler gap, mm',
    spacingMm: 'Between the bolts, mm',
    padOffsetMm: 'Bolts to pad edge, mm',
    numbers: 'Gap and spacing are numbers, the spacing above zero.',
    standsOut: 'The face stands out of square by',
    degrees: '°',
    over: (most) => `Over ${most}° out of square`,
    way: {
      dress:
        'Dress it: burr and paint off, light strokes, until metal just shows. Seal the bare metal.',
      deviation:
        'Wrong by make: no parent metal comes off without the facing tool. Photograph it, measure it, tell maker and customer, write down who chose.',
    },
    stop: {
      'material-unknown': 'Stop: what is it of? Carbon gets no file.',
      carbon: 'Stop: carbon only on the maker’s written word, attached.',
      'cause-unknown':
        'Stop: look first what lifts it. Rule out the adapter with another of its size.',
    },
    material: 'Fork or frame of',
    notKnown: 'Not known',
    cause: 'What lifts it',
    causes: {
      unknown: 'Nobody looked',
      'burr-or-paint': 'Burr or paint',
      'parent-metal': 'The metal itself',
    },
    inside: (most) =>
      `Not over ${most}°. A reading in a job, with its feeler, says whether it holds.`,
    padEdge: (mm) => `The pad’s edge moves by ${mm} mm.`,
    howItIsDone:
      'One bolt snug, the feeler under the other lug. Rule out the adapter first. Burr and paint only, never parent metal; carbon only on the maker’s written word.',
  },
  levers: {
    side: { left: 'Left', right: 'Right' },
    standing: {
      'not-measured': 'not measured on both sides',
      equal: 'alike',
      apart: 'apart',
      'asked-for': 'apart, as the rider asked',
    },
    field: (side, measure) =>
      `${side === 'left' ? 'Left' : 'Right'}: ${{ clamp: 'clamp to grip end, mm', reach: 'reach, mm', bite: 'bite, mm', angle: 'angle, °' }[measure]}`,
    why: 'Why the rider wants it so',
    askedFor: 'The rider asked for a difference in',
    apart: (side, by, measure) =>
      `${side === 'left' ? 'left' : 'right'} ${by} ${measure === 'angle' ? '° steeper' : 'mm more'}`,
    short: { clamp: 'clamp', reach: 'reach', bite: 'bite', angle: 'angle' },
    even: (measures) => `Even in this order: ${measures}`,
    nothingToEven: 'Nothing to even',
    onlyMeasured: 'Not all is measured on both sides: the rest is not known',
    numbers: 'Every field is a number, or empty.',
    hand: (name, reach, bite, angle) =>
      `${name}, from the bar’s end: reach ${reach} mm, bites at ${bite} mm, ${angle} degrees below level.`,
    howTheySit: `Grips home first. Alike within ${MOST_APART.bite} mm and ${MOST_APART.angle}°, our choice, unless the rider asked: write down which and why. Changing the bite moves the blade, so reach comes last. The rear often bites later: its hose is longer. One finger reaches the blade’s end; at full pull the blade clears grip and knuckles.`,
    drawn: (side, says) => `${side}: ${says}.`,
    of: (measure, says) => `${measure}: ${says}`,
  },
};
