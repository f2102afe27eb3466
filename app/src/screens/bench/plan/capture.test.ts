import { STEP_IDS, stepRule } from '@hold-fast/core/procedure/steps';
import { exampleJob } from '../../../testing/exampleJob';
import { capturesOf } from './capture';

// A step face asks for what the step's row names, and for nothing else: a button too many is pressed by somebody.
it.each(STEP_IDS)(
  '%s asks for the parts it takes and the numbers it is done by, each once',
  (step) => {
    const { numbers, parts } = stepRule(step);
    const asked = capturesOf(exampleJob(), step, 'front').map(({ to }) => to);
    expect(asked.filter((to) => to.startsWith('parts'))).toEqual(
      parts.length > 0 ? [`parts?part=${parts.join(',')}`] : [],
    );
    expect(asked).toEqual(expect.arrayContaining([...numbers]));
    expect(new Set(asked).size).toBe(asked.length);
  },
);
