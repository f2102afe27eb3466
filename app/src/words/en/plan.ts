import { FIXED_GAP_MM } from '@hold-fast/core/cable/cable';
import { SINK_TEST_SECONDS } from '@hold-fast/core/lever/lever';
import { RADIAL_TARGET_MM } from '@hold-fast/core/mount/radial';
import type { BleedMethod } from '@hold-fast/core/fluid/bleedMethods';
import { METHODS_FAILED, type BleedStands } from '@hold-fast/core/fluid/bleedRun';
import type { StepRefusal } from '@hold-fast/core/job/planStep';
import type { StepId } from '@hold-fast/core/procedure/steps';
import type { PlanWords } from '../catalogue/plan';
import { parts } from './parts';
import { things } from './things';
import { sentences } from './sentences';
import { verdicts } from './verdicts';

const step: PlanWords['step'] = {
  'wash-hands': {
    does: 'Wash hands and bench',
    why: 'Fluid or dirt on pads and track is oil on the brake.',
  },
  'wheel-out': { does: 'Take the wheel out', why: 'Lay it rotor up, out of the way.' },
  'wheel-in': {
    does: 'Put the wheel in',
    why: 'Nothing is between the pads any more. Seat it fully, then turn it.',
  },
  'pads-out': {
    does: 'Take the pads out and bag them',
    why: 'Clip, pin, pads with their spring. No lever pull from here on.',
  },
  'pads-back': { does: 'Put the pads back', why: 'Spring seated, pin in, clip on its end.' },
  'swab-pistons': {
    does: 'Swab round the pistons',
    why: 'Dirt goes with them between piston and seal otherwise.',
  },
  'pistons-home': { does: 'Push the pistons home', why: 'Evenly, with plastic. Clean ones only.' },
  'block-in': {
    does: 'Put the bleed block in and pin it',
    why: 'The caliper’s own shape; it holds the pistons home.',
  },
  'block-out': {
    does: 'Take the bleed block out',
    why: 'Ports shut first. It must be out before the wheel turns.',
  },
  'spacer-in': {
    does: 'Put the pad spacer in',
    why: 'It holds the pads while the lever’s port is open.',
  },
  'spacer-out': { does: 'Take the pad spacer out', why: 'It must be out before the wheel turns.' },
  'pump-firm': {
    does: 'Pump the lever until it is firm',
    why: 'The first pull goes far. Light pulls, then judge.',
  },
  'lever-loosen': { does: 'Loosen the lever clamp', why: 'So that the lever can be tilted.' },
  'lever-tighten': {
    does: 'Tighten the lever clamp',
    why: 'Both gaps of the clamp end equal; unequal ones fail.',
  },
  'caliper-loosen': {
    does: 'Slacken the caliper',
    why: 'Only until it moves, and look: it often settles by itself.',
  },
  'caliper-off': {
    does: 'Take the caliper off its mount',
    why: 'Bolts back to the hole they came from. Hang it, do not let it dangle.',
  },
  'caliper-on': {
    does: 'Put the caliper on, loose',
    why: 'Fresh threadlocker, or what the sheet asks.',
  },
  'bleed-kit-on': {
    does: 'Cup on the lever, syringe on the caliper',
    why: 'By hand only. Rag round the lever; syringe free of bubbles, tip wet.',
  },
  'bleed-kit-off': {
    does: 'Nipple shut, syringe off, port brim-full, cup off',
    why: 'Shut before anything comes off. O-ring on the screw, nipple cap on.',
  },
  'top-up-cup-on': {
    does: 'Lever level, cup on',
    why: 'Adapter and cup by hand only: the thread is plastic.',
  },
  'top-up-cup-off': {
    does: 'Cup off, port brim-full and shut',
    why: 'A low port shuts air in. The O-ring may have stayed in the port.',
  },
  inspect: {
    does: 'Inspect the brake',
    why: 'Pads, rotor, caliper for cracks, hose, leaks, bolts.',
  },
  'clean-caliper': {
    does: 'Clean the caliper out',
    why: 'Look through it with a light: grit or a hair is enough.',
  },
  'clean-rotor': {
    does: 'Clean and abrade the track',
    why: 'To an even matt, fresh paper and cloth for the rotor, then clean again.',
  },
  'clean-pads': { does: 'Clean and abrade the pads', why: 'One try; soaked pads are replaced.' },
  'measure-after-cleaning': {
    does: 'Measure pads and rotor again',
    why: 'The later reading counts: the cure itself may condemn them.',
  },
  'push-pistons-out': {
    does: 'Bring the pistons out, 3\u00a0mm at most',
    why: 'A spreader holds the free ones while the stuck one comes.',
  },
  'exercise-pistons': {
    does: 'Lubricate and exercise the pistons',
    why: 'Home and out 3 to 12 times until they move alike; what the sheet says, or nothing.',
  },
  'strip-brake': {
    does: 'Strip the old brake',
    why: 'Keep the old cable or hose as a puller for the new one.',
  },
  'sponge-test-before': {
    does: 'Test the lever for air, as it came in',
    why: 'So that you know what the bleed has changed. Left out with a reason where it cannot be pulled.',
  },
  'peel-tape': {
    does: 'Peel hood and bar tape',
    why: 'Only as far as the lever and its joint; mark where the lever sits.',
  },
  'dress-mount': {
    does: 'Dress the mount faces',
    why: 'Burr and paint only, until metal just shows. No rock, parallel gap.',
  },
  'adapter-on': { does: 'Fit the adapter', why: 'Its “up” mark upward.' },
  'cable-out': {
    does: 'Take the cable out',
    why: 'Undo the pinch bolt; fray, kink and rust are reasons to renew.',
  },
  'new-housing': {
    does: 'Cut and fit new housing',
    why: 'Square, opened out, a ferrule at every end.',
  },
  'new-cable-in': { does: 'Fit the new cable and pinch it', why: 'Cap its end.' },
  'rotor-off': { does: 'Take the rotor off', why: 'Old bolts one at a time, across the circle.' },
  'clean-hub-face': { does: 'Clean the hub face', why: 'Dirt under the rotor reads as a tilt.' },
  'new-brake-on': {
    does: 'Fit the new brake, caliper loose, lever loose',
    why: 'Route the hose: no chafe, inside of the leg.',
  },
  'open-at-lever': {
    does: 'Open the joint at the lever',
    why: 'It points up, higher than the fluid behind it.',
  },
  'open-at-caliper': { does: 'Open the joint at the caliper', why: 'Tray below; cap the hose.' },
  'new-caliper-on': {
    does: 'Put the new caliper on, loose',
    why: 'It may need another block, pin key and nipple tool.',
  },
  'route-new-hose': {
    does: 'Route the new hose',
    why: 'Draw it in with the old one; sleeve it at a sharp port.',
  },
  'cup-on-caliper': {
    does: 'Cup and syringe on the caliper',
    why: 'Its ports are both at the caliper. By hand only; rag round it, syringe free of bubbles.',
  },
  'straighten-fins': {
    does: 'Straighten the fins',
    why: 'Pads out, with flat pliers, a little at a time: bent ones touch the wheel.',
  },
  'reroute-hose': {
    does: 'Reroute or sleeve the hose',
    why: 'Inside of the leg, a guide every 150 to 250 mm, nothing chafes, bar fully turned both ways.',
  },
  'new-cable-caliper-on': {
    does: 'Put the new caliper on, loose',
    why: 'Same cable pull as the lever: long and short do not mix.',
  },
  'new-cable-lever-on': {
    does: 'Put the new lever on',
    why: 'Same cable pull as the caliper: long and short do not mix.',
  },
  'rebuild-caliper': {
    does: 'Take the caliper apart and reseal it',
    why: 'Drained, hose rinsed; every seal new, bores looked at: scored ones are replaced. Together wet, with its own fluid.',
  },
  'rebuild-lever': {
    does: 'Take the lever apart and reseal it',
    why: 'Drained, hose rinsed; every seal new, bore looked at: a scored one is replaced. Together wet, with its own fluid. Where the sheet allows no rebuild, another lever.',
  },
  'new-lever-on': {
    does: 'Put the new lever on, loose',
    why: 'Even gaps at the clamp; paste or grease by the bar.',
  },
  'hose-over': {
    does: 'Carry the hose over to the other lever',
    why: 'Both hoses are off. Never only the words: the rider is asked for the side again.',
  },
  'olive-at-caliper': {
    does: 'Nut and a new olive for the caliper end',
    why: 'A crushed olive is never used again; a cut end gets a new barb as well.',
  },
  'new-banjo-seals': {
    does: 'New seals on both sides of the banjo',
    why: 'Turn the hose to its straightest exit while the bolt is slack; then torque, and look for a weep.',
  },
  'adjust-hub': {
    does: 'Take the play out of the hub',
    why: 'A hub that rocks looks like a bent rotor and a caliper off centre.',
  },
  'tension-spokes': {
    does: 'Tension the spokes, renew what is broken',
    why: 'A loose wheel moves under the brake: nothing measured at it is believed.',
  },
  'seat-axle': {
    does: 'Seat the axle, shut it, bring it to its torque',
    why: 'Wheel home in the dropouts first. Without a sheet 10 to 15 N·m for a through axle, from memory; a quick release leaves its print in the palm.',
  },
  'retorque-bolts': {
    does: 'Bring every bolt to its torque',
    why: 'Rotor and adapter here, the caliper once it is centred. A rounded, stretched or missing bolt is renewed.',
  },
  'washers-on': {
    does: 'Fit the washers that were chosen',
    why: 'The same under both bolts, thickest first.',
  },
  'radial-check-after': {
    does: 'Measure e again',
    why: `Washers in, caliper nipped: ${RADIAL_TARGET_MM.least} to ${RADIAL_TARGET_MM.most} mm inside the rotor’s edge.`,
  },
  'join-off-frame': {
    does: 'Join hose and caliper off the frame',
    why: 'Hose bottomed in, nut started square by hand: there is no room for it later.',
  },
  'route-inside': {
    does: 'Draw the hose through the frame',
    why: 'From the caliper’s side, with the old hose or a magnet guide; sleeve it against rattle.',
  },
  'cut-hose': {
    does: 'Measure at the lever and cut square',
    why: 'Leave it long until now: bar fully turned both ways.',
  },
  'new-barb': {
    does: 'Press a new barb home',
    why: 'Clamp the hose hard; the barb of that hose type.',
  },
  'new-olive': {
    does: 'Cover, nut and a new olive on',
    why: 'A crushed olive is never used again.',
  },
  'join-at-caliper': {
    does: 'Join the hose at the caliper',
    why: 'Hose bottomed in, nut started square by hand.',
  },
  'lever-off-bar': {
    does: 'Take the lever off the bar',
    why: 'The bar’s marks say where it goes back; tape the hose and mark it.',
  },
  'lever-on-bar': {
    does: 'Put the lever back to its marks',
    why: 'Hose in its groove, clamp loose until the brake is bled.',
  },
  'join-at-lever': {
    does: 'Join the hose at the lever',
    why: 'Hold it still against the spanner; crowfoot where the wrench cannot reach.',
  },
  'push-up': {
    does: 'Push fluid up from the caliper',
    why: 'Cup leaned forward, plunger out, nipple half a turn, slowly. Two clean cycles.',
  },
  'gravity-down': {
    does: 'Let fluid fall from the cup',
    why: 'Tap the hose from the bottom up; never let the cup run dry.',
  },
  'two-syringes': {
    does: 'Push down, then up, until no bubble shows',
    why: 'To finish: both valves shut, caliper end first.',
  },
  'caliper-burp': {
    does: 'Burp the caliper',
    why: 'Hold pressure, crack the nipple open and shut, pump, again.',
  },
  'lever-tilt': {
    does: 'Shut the nipple, tilt the lever and tap',
    why: 'Level, 45° forward, 25° back, until no bubble comes.',
  },
  'top-up': { does: 'Top up at the lever', why: 'Tap, short pulls, stop when no bubble comes.' },
  'rotor-on': {
    does: 'Refit the rotor, bolts finger-tight',
    why: 'Arrow forward, fresh threadlocker on reused bolts.',
  },
  'new-rotor-on': {
    does: 'Fit the new rotor, bolts finger-tight',
    why: 'Arrow forward, printing outward, fingers only on the spider.',
  },
  'torque-rotor': { does: 'Tighten the rotor', why: 'In star order: snug, half, full, verify.' },
  'wind-back-adjusters': { does: 'Wind the adjusters back', why: 'New pads drag otherwise.' },
  'new-pads-in': {
    does: 'Fit the new pads',
    why: 'Spring seated, pin in, clip on its end. A pair together.',
  },
  'throttle-back': {
    does: 'Put the throttle back with its end washer',
    why: 'It must spring shut freely before any ride.',
  },
  'set-levers': {
    does: 'Set the levers up',
    why: 'Reach, bite and angle alike, unless the rider asked otherwise.',
  },
  'true-rotor': { does: 'True the rotor', why: 'Clean, with a truing fork, in small bends.' },
  'bearing-play': {
    does: 'Set the bearing play on the ground',
    why: 'Wheel in, bar straight, front brake held, rock it; then the stem bolts to their torque.',
  },
  'runout-check': { does: 'Sweep the rotor with the dial', why: 'One slow turn forward.' },
  'radial-check': {
    does: 'Check that the pads sweep the whole track',
    why: 'Neither over its edge nor onto the spider.',
  },
  'fixed-pad-gap': {
    does: 'Set the fixed pad’s gap',
    why: `${FIXED_GAP_MM.least} to ${FIXED_GAP_MM.most} mm, before the cable’s slack.`,
  },
  'cable-slack': {
    does: 'Take up the cable’s slack',
    why: 'By the barrel. Pad wear is taken up by the pad adjusters, not by the arm.',
  },
  'sponge-test': {
    does: 'Test the lever for air',
    why: 'Wheel in, after pumping. The other brake is the nearest yardstick.',
  },
  align: {
    does: 'Centre the caliper',
    why: 'Hold the lever hard and nip alternately; watch the last turn.',
  },
  'torque-caliper': {
    does: 'Tighten the caliper',
    why: 'Alternate quarter turns; look at the gaps again after the last.',
  },
  'hard-pull': {
    does: `Hold the lever hard for ${SINK_TEST_SECONDS} s`,
    why: 'A joint just past finger-tight is no seal: this proves it. Tissue round it.',
  },
  'bolt-check': {
    does: 'Check every bolt by name',
    why: 'Rotor, caliper, lever clamp, joints; caps and clips as well.',
  },
  'stand-test': {
    does: 'Test it on the stand',
    why: 'No drag, no leak, the wheel stops. Lever side as agreed.',
  },
  'wrap-tape': {
    does: 'Wrap the bar, hoods back',
    why: `Only now: the joint held hard and dry for ${SINK_TEST_SECONDS} s.`,
  },
  'careful-ride': { does: 'Ride with care', why: 'Soft pulls, then hard ones, in a safe place.' },
  'bed-in': {
    does: 'Bed in',
    why: 'Ten even pulls to walking pace; never drag, never lock, no stop on a hot brake.',
  },
  'witness-ring': {
    does: 'Look at the witness ring',
    why: 'An even matt grey ring the full width of the pad.',
  },
  'stop-test-before': {
    does: 'Stop test before the work',
    why: 'At least three runs, same place and rider as afterwards.',
  },
  'stop-test-after': {
    does: 'Stop test after the work',
    why: 'Same rider, tyres and surface as before.',
  },
};

function fault(what: StepRefusal): string {
  switch (what.code) {
    case 'needs':
      return `Not yet: ${things.brakeState[what.of]}.`;
    case 'rule':
      return `Refused by a rule of the bench: ${verdicts.benchRule[what.rule]}.`;
    case 'hands':
      return 'Wash your hands first.';
    case 'part-unrecorded':
      return `Take the ${parts.part[what.part]} off the shelf first, or say where it came from: the old one is never used again.`;
    case 'other-end-open':
      return `Not yet: the ${things.end[what.end]} brake is not whole and proven.`;
    case 'other-end-not':
      return `Not yet: the ${things.end[what.end]} brake is not as far as this needs it. Do its step first.`;
    case 'do-not-ride':
      return 'A do-not-ride stands on this bike: it is neither tried nor ridden. Work and another look lift it.';
    case 'material-unknown':
      return `What is the ${what.axle === 'front' ? 'fork' : 'frame'} of? Write it down at the bike first: carbon gets no file.`;
    case 'carbon-unanswered':
      return 'Carbon gets no file before the maker’s written word: ask the maker as a deviation, and attach the answer.';
    case 'may-not-ride':
      return 'The customer does not want the shop to ride it: leave this out, with that as the reason, and tell them to try it with care.';
    case 'fit-unchecked':
      return `Check first that the larger rotor fits at the ${things.end[what.end]}: nothing of it is begun before.`;
    case 'fit-refused':
      return `The rotor that was asked for does not fit at the ${things.end[what.end]}: choose another, or leave this out.`;
    case 'largest-unknown':
      return `Nobody knows the largest rotor that the ${what.axle === 'front' ? 'fork' : 'frame'} allows: ask its maker, and write it down.`;
    case 'hose-too-short':
      return `Too short by ${what.missingMm} mm: do not cut. Leave it out and renew the hose.`;
    case 'levers-apart':
      return `Both levers do not sit alike yet: ${what.measures.map((each) => things.pairMeasure[each]).join(', ')}. Set them and measure again, or write down what the rider asked for.`;
    case 'pull-unknown':
      return `Long or short pull? Look at lever and caliper at the ${things.end[what.end]} first.`;
    case 'pull-mismatch':
      return `Lever and caliper at the ${things.end[what.end]} want different pulls: one of them is another’s.`;
    case 'gap-unmeasured':
      return `Measure the fixed pad’s gap first, and set it: it may not touch.`;
    case 'number-missing':
      return `Take the number first: ${what.number === 'radial' ? 'how far the pads lie inside the edge' : things.subject[what.number]}, after the work. Or leave it out, with the reason.`;
    case 'lever-untested':
      return `The ${things.end[what.end]} brake was opened and its lever has no number since: test it for air first.`;
    case 'bolt-open':
      return `Bring it to its torque first: ${things.fastener[what.fastener]}, ${things.end[what.end]}.`;
    case 'stand-untested':
      return `Not ridden before the ${things.end[what.end]} brake was tried on the stand since the work and its final torque: it turns free, and nothing touches.`;
    case 'cut-off-untested':
      return `Before the ride: see that the lever of the ${things.end[what.end]} brake cuts the motor.`;
    case 'not-planned':
      return 'This is not in the plan any more.';
    case 'set-up':
      return 'Later steps want it: it cannot be left out.';
    case 'no-way':
      return 'Without it the brake cannot be made ready: it cannot be left out.';
  }
}

function stays(setUp: StepId | 'wash-hands'): string {
  switch (setUp) {
    case 'wheel-out':
      return 'The wheel stays out';
    case 'pads-out':
      return 'The pads stay out';
    case 'caliper-off':
      return 'The caliper stays off';
    case 'lever-loosen':
      return 'The lever stays loose';
    default:
      return 'It stays on';
  }
}

function bleed(stands: BleedStands): { title: string; says: string } {
  const does = (method: BleedMethod) => sentences.inSentence(step[method].does);
  switch (stands.code) {
    case 'go-on':
      return {
        title: step[stands.method].does,
        says:
          stands.cleanToGo === 1
            ? 'One more clean cycle, then the lever decides.'
            : 'Until two cycles in a row show no bubble.',
      };
    case 'prove':
      return { title: 'Clean twice', says: 'Close up and test the lever for air: it decides.' };
    case 'done':
      return { title: 'Bled', says: 'Two clean cycles, and the lever proved good.' };
    case 'escalate':
      return {
        title: 'Not good yet',
        says: `The lever is still soft. Next: ${does(stands.to)}.`,
      };
    case 'look-for-leak':
      return {
        title: 'Look for a leak',
        says: `${METHODS_FAILED} methods have failed: it is no longer air that is missing. Dry every joint, hold hard for ${SINK_TEST_SECONDS} s, tissue round it.`,
      };
  }
}

export const plan: PlanWords = {
  step,
  procedure: {
    inspect: 'Inspect',
    'clean-caliper': 'Clean the caliper out',
    'straighten-fins': 'Straighten the fins',
    'strip-track': 'Strip the track, bed in anew',
    'clean-pads-and-rotor': 'Clean pads and rotor',
    'dress-mount': 'Dress the mount faces',
    'service-pistons': 'Service the pistons',
    'fit-hydraulic': 'Fit a hydraulic brake',
    'cable-to-hydraulic': 'Cable to hydraulic',
    'change-caliper': 'Change the caliper',
    'change-lever': 'Change the lever',
    'reseal-caliper': 'Reseal the caliper',
    'reseal-lever': 'Reseal the lever',
    'renew-hose': 'Renew the hose',
    'renew-hose-inside': 'Renew a hose inside the frame',
    'lever-off-bar': 'Drop bar: lever off, tape anew',
    'shorten-hose': 'Shorten the hose',
    'reroute-hose': 'Reroute the hose',
    'remake-at-lever': 'Remake the joint at the lever',
    'remake-at-caliper': 'Remake the joint at the caliper',
    'swap-sides': 'Swap the levers’ sides',
    'bleed-push-up': 'Bleed: push up',
    'bleed-gravity': 'Bleed: gravity down',
    'bleed-burp': 'Bleed: burp the caliper',
    'bleed-tilt': 'Bleed: burp, then tilt the lever',
    'bleed-two-syringes': 'Bleed: two syringes',
    'top-up': 'Top up at the lever',
    'go-up-a-size': 'Go up a rotor size',
    'change-rotor': 'Change the rotor',
    'refit-rotor': 'Clean under the rotor',
    'radial-check': 'Radial check and washers',
    'reset-pads': 'Reset pistons and adjusters',
    'change-pads': 'Change the pads',
    'renew-cable': 'Renew the cable',
    'set-up-cable': 'Set up the cable brake',
    'true-rotor': 'True the rotor',
    'adjust-hub': 'Take the play out of the hub',
    'tension-spokes': 'Tension the spokes',
    'seat-axle': 'Seat the axle',
    'tighten-bolts': 'Tighten every bolt',
    'tighten-lever': 'Tighten the lever clamp',
    align: 'Centre the caliper',
    'set-levers': 'Set up the levers',
    'bed-in': 'Bed in',
    'final-check': 'Final check only',
  },
  tool: {
    none: 'nothing',
    hands: 'bare hands',
    'pin-key': 'pin key and long-nose pliers',
    'pad-tool': 'two-ended pad spacer',
    'piston-holder': 'piston holder or plastic lever',
    block: 'the caliper’s own bleed block',
    gauge: 'thickness gauge',
    dial: 'dial indicator',
    'torque-wrench': 'torque wrench, crowfoot where needed',
    'rotor-tool': 'T25 or lockring tool',
    'hex-5': '4 and 5 mm hex',
    'bleed-kit': 'bleed kit for this port',
    'hose-cutter': 'hose cutter with barb press',
    'spanner-8': '8 mm spanner',
    'cable-cutter': 'cable and housing cutter',
    'centring-cards': 'two thin cards or white card and torch',
    file: 'fine flat file and square block',
    'hub-tools': 'hub tools',
    'spoke-key': 'spoke key',
    abrasive: 'flat block',
    rule: 'rule and spirit level',
  },
  consumable: {
    isopropyl: 'isopropyl, 90 % or more',
    'lint-free-cloth': 'lint-free cloth',
    gloves: 'gloves',
    glasses: 'glasses',
    swabs: 'swabs',
    'own-fluid-or-grease': 'the system’s own fluid, or what the sheet says',
    threadlocker: 'medium threadlocker',
    'brake-cleaner': 'brake cleaner',
    'abrasive-paper': '60 to 120 paper, fresh for the rotor',
    mask: 'mask',
    rags: 'rags',
    bag: 'bag for the pads',
    tape: 'tape and ties',
    'paste-or-grease': 'carbon paste or grease, by the bar',
    grease: 'grease',
    'seal-paint': 'paint to seal bare metal',
  },
  caution: {
    'gloves-and-glasses': 'Gloves and glasses: there is fluid.',
    ventilate: 'Open a window: cleaner and dust. No air line.',
    'rotor-sharp-and-hot': 'The rotor is sharp, and may be hot.',
    'fingers-off-turning-rotor': 'Fingers away from a turning rotor.',
    'no-air-on-pistons': 'No compressed air on pistons.',
    'glycol-off-paint': 'Glycol strips paint: water at once.',
    'mineral-off-pads': 'Mineral fluid ruins pads: keep them and the rotor away from it.',
    'waste-to-recycling': 'Waste fluid goes to the waste can.',
    'torque-by-sheet': 'Torque by the maker’s sheet.',
    'damage-to-maker': 'Suspected damage goes to a qualified person or the maker.',
    'no-lever-pads-out': 'No lever pull with the pads out: the pistons come out.',
    'three-mm-at-most': 'No further than 3 mm: past it they fall out.',
    'nipple-shut-before-lever': 'Never release the lever while the nipple is open.',
    'motor-off': 'Motor off, battery out, before hands go in.',
    'hub-motor-plug': 'A hub motor’s plug comes off before the wheel.',
    'structural-metal':
      'No parent metal without the facing tool; carbon only on the maker’s written word.',
    'local-law': 'Local law on e-bikes and brakes comes first.',
  },
  place: {
    level: 'bike level in the stand',
    'nose-up': 'bike turned so that the hose climbs all the way',
    'on-bench': 'on the bench',
    'on-ground': 'bike on the ground',
    riding: 'outside, gear checked',
  },
  alignment: {
    squeeze: 'Squeeze: slacken only until it moves, look; hold the lever hard, nip alternately.',
    shims:
      'Shims: two equal thin cards either side of the rotor, hold the lever, quarter turns alternately; a slow hand turn carries them out.',
    'centring-tool':
      'Centring tool over the rotor: pump, nip, and take it out before the wheel turns.',
    'by-eye':
      'By eye: light or white card behind, even slivers both sides, nip bit by bit, look again after the last turn.',
  },
  alignmentWhy: {
    'pistons-uneven': 'the pistons move unevenly',
    'rotor-wavy': 'the rotor waves',
    sound: 'pistons and rotor were seen to be sound',
    'not-known': 'nobody has looked at pistons and runout',
    'pads-tapered': 'the pads are worn to a taper: squeezed on it, the caliper takes its skew',
  },
  alignmentFirst: {
    'dress-mount': 'Dress the mount faces first: no centring holds on them.',
    'true-rotor': 'True or refit the rotor first: it takes more than the gaps have.',
  },
  alignmentOnBalls:
    'The ball washers take the turn up: slack both bolts until they settle, then nip.',
  bubbles: { none: 'None', few: 'Few', many: 'Many' },
  ring: { even: 'Even, full width', patchy: 'Patchy', 'off-the-edge': 'Off the edge' },
  deviation: {
    'mount-by-make': 'Mount wrong by make',
    'modified-part': 'A part was modified',
    'will-not-go': 'It will not go: seized, rounded, stripped',
    'customer-refusal': 'The customer refuses work',
    other: 'Something else',
  },
  choice: {
    heat: {
      says: 'Heat, with care',
      risk: 'Heat near seals, fluid, carbon or a motor ruins them, and what was hot is renewed. It may still not come.',
    },
    extractor: {
      says: 'Drill or extractor',
      risk: 'The thread may go with it; then it is an insert or another part. The bolt is renewed in any case.',
    },
    insert: {
      says: 'Thread insert',
      risk: 'A safety thread is repaired only where its maker allows it, by somebody who does it often. Else the part is replaced.',
    },
    'warranty-part': {
      says: 'Part under warranty',
      risk: 'The bike stays off the road until the part is here.',
    },
    'modified-adapter': {
      says: 'Modified adapter',
      risk: 'An adapter made to fit carries the caliper: if it moves or cracks, this brake fails without warning. The maker has not approved it.',
    },
    'ask-maker': {
      says: 'Ask the maker first',
      risk: 'Nothing is passed until the maker answers in writing.',
    },
    'leave-as-found': {
      says: 'Leave as found',
      risk: 'It stays as it is and may get worse: the brake may grow weak, noisy, or fail. The record says that it was refused.',
    },
    'not-ridden': { says: 'Not ridden', risk: 'The bike leaves on foot, tagged.' },
  },
  decider: {
    customer: 'The customer',
    lead: 'A lead of the shop',
    maker: 'The maker, in writing',
  },
  answer: {
    agreed: 'Agreed',
    refused: 'Refused',
    postponed: 'Postponed',
  },
  fault,
  stays,
  bleed,
};
