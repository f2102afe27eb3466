import { ACTUATIONS } from '@hold-fast/core/kit/actuation';
import {
  brakeWith,
  figureOf,
  stateFor,
  USUAL_FIGURE,
  type FigureBrake,
} from '@hold-fast/core/figure/brakeFigure';
import { STEP_IDS, stepRule, type StepId } from '@hold-fast/core/procedure/steps';
import { render, screen } from '@testing-library/react-native';
import { BleedTube } from '../BleedTube';
import { BrakeFigure } from './BrakeFigure';

const drawn = (step: StepId, brake: FigureBrake, state = stateFor(step)) => {
  const { toJSON, unmount } = render(
    <BrakeFigure figure={figureOf(step, state, brake)} brake={brake} axle="rear" width={320} />,
  );
  const text = JSON.stringify(toJSON(), (_, value: unknown) =>
    typeof value === 'number' && !Number.isFinite(value) ? 'not finite' : value,
  );
  unmount();
  return text;
};

describe('the brake at every step', () => {
  it.each(STEP_IDS)('%s: every part that the hand is laid on is inked', (step) => {
    const brake = brakeWith(step);
    render(
      <BrakeFigure
        figure={figureOf(step, stateFor(step), brake)}
        brake={brake}
        axle="front"
        width={320}
      />,
    );
    for (const { on } of stepRule(step).shows.strokes)
      expect(screen.getByTestId(`figure-${on}-inked`)).toBeTruthy();
  });

  it('a step that changes what is seen is drawn otherwise than the brake it began with', () => {
    for (const step of STEP_IDS) {
      const brake = brakeWith(step);
      const before = stateFor(step);
      const figure = figureOf(step, before, brake);
      if (figure.changed.length === 0) continue;
      const still = { ...figure, after: before };
      const one = render(<BrakeFigure figure={figure} brake={brake} axle="front" width={320} />);
      const other = render(<BrakeFigure figure={still} brake={brake} axle="front" width={320} />);
      const difference = JSON.stringify(one.toJSON()) !== JSON.stringify(other.toJSON());
      expect([step, difference]).toEqual([step, true]);
    }
  });

  it('every kind of brake has a drawing of its own, without a number that is none', () => {
    const kinds: FigureBrake[] = (['post', 'is', 'flat'] as const).flatMap((mount) =>
      [2, 4].flatMap((pistons) =>
        (['six-bolt', 'lockring'] as const).flatMap((hold) =>
          ACTUATIONS.map((actuation) => ({
            ...USUAL_FIGURE,
            mount,
            pistons,
            hold,
            actuation,
          })),
        ),
      ),
    );
    for (const step of ['pads-out', 'caliper-on', 'torque-rotor', 'wheel-out'] as const)
      for (const brake of kinds) {
        const text = drawn(step, brake);
        expect(text).not.toMatch(/NaN|not finite|undefined/);
      }
    const looks = (step: StepId, change: Partial<FigureBrake>) =>
      drawn(step, { ...USUAL_FIGURE, ...change });
    expect(looks('caliper-on', { mount: 'flat' })).not.toBe(looks('caliper-on', { mount: 'is' }));
    expect(looks('caliper-on', { mount: 'post' })).not.toBe(looks('caliper-on', { mount: 'is' }));
    expect(looks('pads-out', { pistons: 4 })).not.toBe(looks('pads-out', { pistons: 2 }));
    expect(looks('pads-out', { actuation: 'cable' })).not.toBe(looks('pads-out', {}));
    expect(looks('torque-rotor', { hold: 'lockring' })).not.toBe(looks('torque-rotor', {}));
    expect(looks('join-at-caliper', { banjo: true })).not.toBe(looks('join-at-caliper', {}));
  });

  it('says in words what moves, what is changed and what stays, from the same difference', () => {
    const figure = figureOf('block-in', stateFor('block-in'), USUAL_FIGURE);
    render(<BrakeFigure figure={figure} brake={USUAL_FIGURE} axle="front" width={320} />);
    expect(
      screen.getByLabelText(
        /bleed block: in\. Then the bleed block is between the pistons\. As it was: the wheel is out;.*the pads are out/,
      ),
    ).toBeTruthy();
  });
});

describe('a bleed as it runs', () => {
  it('tells how much went through, the cycles, and the clean ones still to come', () => {
    render(
      <BleedTube
        heldMl={9}
        movedMl={12}
        cycles={[{ bubbles: 'many' }, { bubbles: 'none' }]}
        cleanToGo={1}
        width={320}
      />,
    );
    expect(
      screen.getByLabelText(
        '12 mL went through, of 9 mL that it holds. Cycles: 2, of which without a bubble: 1. Clean ones still to come: 1.',
      ),
    ).toBeTruthy();
  });

  it('is whole with a hundred cycles, and with a hose that holds nothing yet', () => {
    const cycles = Array.from({ length: 100 }, () => ({ bubbles: 'few' }) as const);
    const { toJSON } = render(
      <BleedTube heldMl={0} movedMl={0} cycles={cycles} cleanToGo={2} width={320} />,
    );
    expect(JSON.stringify(toJSON())).not.toMatch(/NaN|Infinity/);
  });
});
