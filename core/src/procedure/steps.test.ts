import type { Touch } from '../evidence/touch';
import type { Work } from '../inspection/work';
import type { BrakeState } from '../plan/state';
import { WHOLE } from '../plan/state';
import type { Hold } from './hold';
import { ruleBroken } from './benchRules';
import { stepRule, STEPS, type Caution, type NewPart, type StepId, type StepRule } from './steps';

const IDS = Object.keys(STEPS) as StepId[];

// A step's row says twice what it does to the brake: as the plan sees it (what it sets, its parts, its acts) and as evidence
// sees it (what it touches). The two are held against each other, so that a proof lapses wherever the plan sees a change.

/** A step that puts this part in touches one of these. Common practice. */
const BY_PART: Partial<Record<NewPart, readonly Touch[]>> = {
  pads: ['pads'],
  rotor: ['rotor'],
  caliper: ['caliper-changed'],
  'brake-set': ['caliper-changed', 'lever-changed'],
  adapter: ['mount'],
  olive: ['joint'],
  barb: ['joint'],
  'banjo-seals': ['joint'],
  'caliper-seals': ['opened-at-caliper'],
  'lever-seals': ['opened-at-lever'],
  lever: ['lever-changed'],
  washers: ['mount'],
  'inner-cable': ['cable'],
  housing: ['cable'],
  'end-washer': ['throttle'],
  hose: ['hose'],
};
/** What a new part does away with. Common practice. */
const DOES_AWAY: Partial<Record<NewPart, readonly Work[]>> = {
  pads: ['replace-pads'],
  rotor: ['replace-rotor'],
  caliper: ['replace-caliper', 'reseal-caliper'],
  'caliper-seals': ['reseal-caliper'],
  lever: ['replace-lever'],
  'lever-seals': ['reseal-lever'],
  hose: ['replace-hose'],
  'brake-set': ['replace-caliper', 'replace-lever', 'replace-hose'],
  'inner-cable': ['replace-cable'],
};
const BY_HOLD: Partial<Record<Hold, readonly Touch[]>> = {
  caliper: ['caliper'],
  rotor: ['rotor-seat'],
  lever: ['lever-place', 'lever-off'],
  'hose-at-lever': ['opened-at-lever', 'hose'],
  'hose-at-caliper': ['opened-at-caliper'],
  cable: ['cable'],
};
const BY_STATE: Partial<Record<keyof BrakeState, readonly Touch[]>> = {
  system: ['fluid'],
  hoseAtLever: ['opened-at-lever', 'joint'],
  hoseAtCaliper: ['opened-at-caliper', 'joint'],
  sealAtLever: ['joint', 'hose', 'opened-at-lever'],
  sealAtCaliper: ['joint', 'opened-at-caliper'],
  barb: ['joint', 'hose'],
  rotor: ['rotor-seat'],
  aligned: ['caliper'],
  cable: ['cable'],
};

describe.each(IDS)('the row of %s', (id) => {
  const { touches, loosens, sets, parts, acts, cures } = stepRule(id);
  const touchesOneOf = (wanted: readonly Touch[]) =>
    expect({ touched: touches.filter((touch) => wanted.includes(touch)), wanted }).not.toEqual({
      touched: [],
      wanted,
    });

  it('turns a barrel by hand, and no bolt in its place', () => {
    const { shows, tool } = stepRule(id);
    if ((shows.strokes as readonly { on: string }[]).some(({ on }) => on === 'barrel'))
      expect(tool).toBe('hands');
  });

  it('does away with what was wrong with the part it puts a new one in for', () => {
    for (const part of parts) expect(cures).toEqual(expect.arrayContaining(DOES_AWAY[part] ?? []));
  });

  it('touches what it puts in, loosens, opens and sets', () => {
    for (const part of parts) if (BY_PART[part]) touchesOneOf(BY_PART[part]);
    for (const hold of loosens) if (BY_HOLD[hold]) touchesOneOf(BY_HOLD[hold]);
    for (const state of Object.keys(sets) as (keyof BrakeState)[])
      if (BY_STATE[state]) touchesOneOf(BY_STATE[state]);
    if (sets.pistons === 'home') touchesOneOf(['pistons']);
    if (sets.leverClamp === 'off') touchesOneOf(['lever-off']);
    // What is put on is at its torque only when it was brought there after that.
    if (sets.rotor === 'on') expect(loosens).toContain('rotor');
    if (sets.caliper === 'loose') expect(loosens).toContain('caliper');
    if (sets.leverClamp === 'loose') expect(loosens).toContain('lever');
    if (acts.includes('opens-at-lever')) touchesOneOf(['opened-at-lever']);
    if (acts.includes('opens-at-caliper')) touchesOneOf(['opened-at-caliper']);
    // A caliper that is taken apart is off its hose, whichever step undid the joint.
    if (parts.includes('caliper-seals')) expect(loosens).toContain('hose-at-caliper');
  });
});

it('what takes a thing to its torque was loosened by another step', () => {
  const loosened = new Set(IDS.flatMap((id) => stepRule(id).loosens));
  for (const id of IDS) {
    const { fastens } = stepRule(id);
    for (const hold of fastens) if (hold !== 'adapter') expect([...loosened]).toContain(hold);
  }
});

// Rule 3, common practice: a lever that comes back with the nipple open draws air in.
it('no lever is pulled with the nipple open, but where the step shuts it first or the hose end is under fluid', () => {
  const before = { ...WHOLE, pads: 'out', between: 'block', nipple: 'open', port: 'open' } as const;
  const pulls = IDS.filter((id) => stepRule(id).acts.includes('pulls-lever'));
  const breaks = (step: StepId) =>
    ruleBroken({ step, before, after: { ...before, ...stepRule(step).sets }, hands: 'fluid' });
  const may = pulls.filter((step) => breaks(step) !== 3);
  expect(may).toEqual(['gravity-down', 'caliper-burp', 'lever-tilt']);
  // One that shuts it in itself says so, with the caution.
  for (const step of ['caliper-burp', 'lever-tilt'] as const)
    expect(stepRule(step).cautions).toContain('nipple-shut-before-lever');
});

// Common practice: what is shown of fluid, of a wheel that turns, of a torque and of a cleaner, wherever one of them is.
it.each([
  ['gloves-and-glasses', ({ leaves }) => leaves === 'fluid'],
  ['fingers-off-turning-rotor', ({ acts }) => acts?.includes('turns-wheel')],
  ['torque-by-sheet', ({ acts }) => acts?.includes('final-torque')],
  ['ventilate', ({ consumables }) => consumables?.includes('brake-cleaner')],
] satisfies [Caution, (rule: StepRule) => boolean | undefined][])(
  '%s is said wherever there is a reason for it',
  (caution, isDue) => {
    const due = IDS.filter((id) => isDue(stepRule(id)));
    expect(due.length).toBeGreaterThan(1);
    expect(due.filter((id) => !stepRule(id).cautions.includes(caution))).toEqual([]);
  },
);
