import { unmet, type BrakeState } from '../plan/state';
import { STEP_IDS, stepRule, type StepId } from '../procedure/steps';
import { brakeWith, figureOf, stateFor, USUAL_FIGURE } from './brakeFigure';
import { MOTIONS, SEEN_IN, VIEWS, type SeenKey } from './views';

const seenAnywhere = new Set<keyof BrakeState>(VIEWS.flatMap((view) => SEEN_IN[view]));

/** What a step changes besides what it is about, and is seen when that is worked at. */
const BESIDES: Partial<Record<StepId, readonly (keyof BrakeState)[]>> = {
  // A new brake or caliper brings pistons, seals and an unbedded track of its own.
  'new-brake-on': ['system', 'sealAtLever', 'drained', 'pistons', 'pistonsClean', 'bedded'],
  'new-caliper-on': ['pistons', 'pistonsClean', 'bedded'],
  'new-cable-caliper-on': ['pistons', 'pistonsClean', 'bedded'],
  'new-lever-on': ['system', 'drained'],
  'strip-brake': ['drained'],
  'rebuild-caliper': ['pistons', 'pistonsClean', 'system', 'drained'],
  'rebuild-lever': ['system', 'drained'],
  // Opening the fluid is drawn at the place that is opened.
  'top-up-cup-on': ['system'],
  'top-up': ['system'],
  'lever-tilt': ['system'],
  'open-at-lever': ['system'],
  'open-at-caliper': ['system', 'drained'],
  'caliper-off': ['aligned'],
  'clean-pads': ['bedded'],
  'new-pads-in': ['bedded'],
  'bed-in': ['bedded'],
};

describe('the drawing is the state, and a step is the difference', () => {
  it.each(STEP_IDS)('%s: what it changes of the brake is seen where it is drawn', (step) => {
    const before = stateFor(step);
    expect(unmet(before, stepRule(step).needs)).toBeNull();
    const { sets } = stepRule(step);
    const { changed, after } = figureOf(step, before, brakeWith(step));
    const unseen = (Object.keys(sets) as SeenKey[]).filter(
      (key) => seenAnywhere.has(key) && sets[key] !== before[key] && !changed.includes(key),
    );
    expect(unseen.sort()).toEqual([...(BESIDES[step] ?? [])].sort());
    expect(after).toEqual({ ...before, ...sets });
  });

  it('every step inks something, and nothing twice in the same way', () => {
    for (const step of STEP_IDS) {
      const strokes = stepRule(step).shows.strokes.map(({ on, how }) => `${on} ${how}`);
      expect(strokes.length).toBeGreaterThan(0);
      expect(new Set(strokes).size).toBe(strokes.length);
    }
  });

  it('no view and no motion stands there for nothing', () => {
    const shows = STEP_IDS.map((step) => stepRule(step).shows);
    expect(VIEWS.filter((view) => !shows.some((each) => each.view === view))).toEqual([]);
    const used = new Set(shows.flatMap(({ strokes }) => strokes.map(({ how }) => how)));
    expect(MOTIONS.filter((motion) => !used.has(motion))).toEqual([]);
  });

  it('a cable brake has no hose to tell of, and a hydraulic one no cable', () => {
    const keys = (actuation: 'cable' | 'hydraulic'): SeenKey[] => {
      const { changed, stays } = figureOf('wheel-out', stateFor('wheel-out'), {
        ...USUAL_FIGURE,
        actuation,
      });
      return [...changed, ...stays];
    };
    expect(keys('hydraulic')).toContain('hoseAtLever');
    expect(keys('hydraulic')).not.toContain('cable');
    expect(keys('cable')).toContain('cable');
    expect(keys('cable')).not.toContain('hoseAtLever');
  });
});
