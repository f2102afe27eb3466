import { hoseNeed } from '@hold-fast/core/hose/hose';
import { pairOf } from '@hold-fast/core/lever/pair';
import { fitOf, type FitAsked } from '@hold-fast/core/mount/fit';
import { nextTurn } from '@hold-fast/core/torque/sequence';
import { render, screen } from '@testing-library/react-native';
import { BoltCircle } from './BoltCircle';
import { FaceFigure } from './FaceFigure';
import { GapFigure } from './GapFigure';
import { HosePlan } from './HosePlan';
import { LeverPair } from './LeverPair';
import { LeverScale } from './LeverScale';
import { MountStack } from './MountStack';
import { PadBlock } from './PadBlock';
import { RotorDial } from './RotorDial';
import { RunoutRing } from './RunoutRing';
import { WearRule } from './WearRule';

describe('each instrument says in words what it draws', () => {
  it('the rotor dial names every point, the thinnest, and the one to measure next', () => {
    render(
      <RotorDial
        points={[
          { point: 1, thicknessMm: 1.66, word: 'holds' },
          { point: 2, thicknessMm: 1.47, word: 'replace' },
          { point: 3, thicknessMm: null, word: null },
        ]}
        limitMm={1.5}
        newMm={1.8}
        decimals={2}
        current={3}
        thinnest={2}
        over="point 3"
        keyed="1.4"
        open="0"
        width={300}
      />,
    );
    expect(
      screen.getByLabelText(
        'Limit 1.50 mm, new 1.80 mm. Point 1, 12 o’clock: 1.66 mm. Point 2, 4 o’clock: 1.47 mm, past the limit, thinnest. ' +
          'Point 3, 8 o’clock: not measured. Next: point 3.',
      ),
    ).toBeTruthy();
  });

  it('the wear rule gives reading, doubt and limit with its origin, and says when it is the most it can be', () => {
    const rule = {
      newMm: 1.8,
      limitMm: 1.5,
      origin: 'stamped',
      doubtMm: 0.06,
      word: 'unproven',
      width: 300,
    } as const;
    render(<WearRule {...rule} leastMm={1.6} upperBound />);
    expect(screen.getByLabelText('1.60 mm at most, doubt 0.06; limit 1.50, stamped.')).toBeTruthy();
    screen.rerender(<WearRule {...rule} leastMm={null} />);
    expect(screen.getByLabelText('limit 1.50, stamped. Nothing measured yet.')).toBeTruthy();
  });

  it('the pad block gives the four numbers', () => {
    render(
      <PadBlock
        values={{ 'inner-leading': 3.1 }}
        fullMm={4}
        current="inner-trailing"
        thinnest="inner-leading"
        keyed=""
        open="0.00"
        width={300}
      />,
    );
    expect(
      screen.getByLabelText(/inner leading: 3.10 mm; inner trailing: not measured/),
    ).toBeTruthy();
  });

  it('the bolt circle tells how far the pass has come', () => {
    const marks = [
      { pass: 'snug', bolt: null },
      { pass: 'half', bolt: null },
      { pass: 'full', bolt: 1 },
      { pass: 'full', bolt: 4 },
    ] as const;
    render(
      <BoltCircle
        boltCount={6}
        pass="full"
        marks={marks}
        next={nextTurn(6, marks)}
        whole={false}
        width={300}
      />,
    );
    expect(screen.getByLabelText('6 bolts, in star order. 2 of 6 done in this pass.')).toBeTruthy();
  });

  it('the runout ring gives every reading by the clock, and what is to be read next', () => {
    render(
      <RunoutRing
        readings={[0, 0.24, -0.02, null, null, null]}
        current={4}
        over="reading 4"
        keyed=""
        open="0.00"
        width={300}
      />,
    );
    expect(
      screen.getByLabelText(
        /12 o’clock: 0.00 mm. 2 o’clock: \+0.24 mm. 4 o’clock: −0.02 mm. .*Next: reading 4.$/,
      ),
    ).toBeTruthy();
  });

  it('the gaps name each corner, the narrowest, and the next', () => {
    render(
      <GapFigure
        gapsMm={{ 'left-leading': 0.3, 'right-leading': 0.1 }}
        smallest="right-leading"
        current="left-trailing"
        width={300}
      />,
    );
    expect(
      screen.getByLabelText(/left, leading end: 0.30 mm. .*right, leading end: 0.10 mm, narrowest/),
    ).toBeTruthy();
  });

  it('the lever scale gives reach and each pull; the mount face its angle', () => {
    render(<LeverScale reachMm={null} travelMm={{ bite: 20 }} width={300} />);
    expect(screen.getByLabelText('Reach not measured. bite point at 20.0 mm.')).toBeTruthy();
    render(<FaceFigure angleDegrees={null} gapMm={null} width={300} />);
    expect(screen.getByLabelText(/feeler under the other lug. Not measured yet./)).toBeTruthy();
  });

  it('both levers give what was measured of each, and nothing of what was not', () => {
    const hands = { left: { reach: 70, bite: 22.5 }, right: { reach: 75 } };
    const { differences } = pairOf(hands.left, hands.right, []);
    render(<LeverPair hands={hands} differences={differences} width={300} />);
    expect(screen.getByLabelText('Left: reach 70, bite 22.5. Right: reach 75.')).toBeTruthy();
  });

  it('the plan of a hose says where the bar draws it out furthest, and how long it has to be', () => {
    const run = {
      guide: { x: 60, y: 0, towardDeg: 90 },
      port: { x: 80, y: 260, towardDeg: 100 },
      heightMm: 120,
      bendMm: 30,
      swingDeg: 90,
      growthMm: 0,
    };
    render(<HosePlan run={run} need={hoseNeed(run)} width={300} />);
    expect(
      screen.getByLabelText(
        'From above: the bar draws the hose out furthest at 90.0 degrees, where it has to be 382 mm long.',
      ),
    ).toBeTruthy();
  });

  it.each([
    [160, 203, ', with a washer of 1.5 mm', 'on its adapter'],
    [180, 180, '', 'straight on its mount'],
    [160, 220, '', 'on its adapter'],
  ])('the stack of a mount of %d with %d says what goes between', (nativeMm, sizeMm, more, on) => {
    const asked: FitAsked = {
      end: 'front',
      mount: 'post',
      nativeMm,
      smallestMm: null,
      largestMm: 220,
      caliper: { face: 'post', pistons: 2 },
      hub: 'six-bolt',
      rotor: { sizeMm, hold: 'six-bolt', construction: 'one-piece' },
    };
    const fit = fitOf(asked);
    render(
      <MountStack asked={asked} fit={fit as Extract<typeof fit, { fits: true }>} width={300} />,
    );
    expect(
      screen.getByLabelText(`From the side: a rotor of ${sizeMm} mm, the caliper ${on}${more}.`),
    ).toBeTruthy();
  });
});
