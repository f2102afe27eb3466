import { USUAL_USE } from '../kit/bike';
import { standTest } from './trials';

const nothing = {
  id: 'job',
  bike: USUAL_USE,
  fittings: [],
  neverFitted: [],
  neverRepaired: [],
  takenOff: [],
  filled: [],
  bled: [],
  repaired: [],
  tightened: [],
  edited: [],
  away: [],
};
const tested = (seq: number, outcome: 'passed' | 'failed', words = '') => ({
  seq,
  test: 'stand',
  end: 'front' as const,
  outcome,
  words,
});
const stepped = (seq: number, outcome: 'done' | 'taken-back' = 'done') => ({
  id: outcome === 'done' ? 'step' : 'back',
  seq,
  step: 'stand-test' as const,
  end: 'front' as const,
  outcome,
  after: outcome === 'done' ? null : 'step',
});

// Our design (E1): a no stands until it is answered.
describe('a test on the stand', () => {
  it('the plan’s step of it counts while it is not taken back', () => {
    const job = { ...nothing, tested: [], stepped: [stepped(1)] };
    expect(standTest(job, 'front')?.outcome).toBe('passed');
    expect(standTest(job, 'rear')).toBeNull();
    expect(
      standTest({ ...job, stepped: [stepped(1), stepped(2, 'taken-back')] }, 'front'),
    ).toBeNull();
  });

  it('a no after the step stands, and the step after a no is no answer to it', () => {
    for (const [step, no] of [
      [1, 2],
      [2, 1],
    ] as const) {
      const job = { ...nothing, tested: [tested(no, 'failed')], stepped: [stepped(step)] };
      expect(standTest(job, 'front')?.outcome).toBe('failed');
    }
  });

  it('work that can mend it and another test answer it, in that order', () => {
    const job = (work: number) => ({
      ...nothing,
      stepped: [],
      repaired: [{ seq: work, end: 'front' as const, work: 'centre-caliper' as const }],
      tested: [tested(2, 'failed'), tested(4, 'passed')],
    });
    expect([1, 3, 5].map((work) => standTest(job(work), 'front')?.outcome)).toEqual([
      'failed',
      'passed',
      'failed',
    ]);
  });
});
