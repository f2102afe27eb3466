import { compoundAdvice, COMPOUNDS } from './compound';
import { kitOf, type Fitting } from './kit';

const fitted = (change: Partial<Fitting>): Fitting => ({
  id: 'f',
  seq: 1,
  jobId: 'today',
  part: 'pads',
  condition: 'new',
  description: '',
  compound: null,
  organicOnly: false,
  construction: null,
  newMm: null,
  stampedLimit: null,
  cameOffFor: null,
  ...change,
});

describe('compound (common practice)', () => {
  it('refuses metal on a rotor marked for organic pads only', () => {
    const rotor = { organicOnly: true, bedded: 'organic' as const };
    expect(COMPOUNDS.map((compound) => compoundAdvice(rotor, compound).code)).toEqual([
      'same',
      'refused',
      'refused',
      'change',
    ]);
  });

  it('any change calls for a new rotor or bedding in again; unknown counts as a change', () => {
    const rotor = { organicOnly: false, bedded: 'metallic' as const };
    expect(compoundAdvice(rotor, 'metallic').code).toBe('same');
    expect(compoundAdvice(rotor, 'organic')).toEqual({
      code: 'change',
      from: 'metallic',
      to: 'organic',
    });
    expect(compoundAdvice(rotor, 'unknown').code).toBe('change');
    expect(compoundAdvice({ organicOnly: false, bedded: 'unknown' }, 'unknown').code).toBe(
      'change',
    );
    expect(compoundAdvice({ organicOnly: false, bedded: 'unknown' }, 'organic').code).toBe(
      'change',
    );
  });

  it('a new rotor takes any, except metal where it is marked', () => {
    expect(compoundAdvice({ organicOnly: false, bedded: 'none' }, 'metallic').code).toBe('fresh');
    expect(compoundAdvice({ organicOnly: true, bedded: 'none' }, 'metallic').code).toBe('refused');
    expect(compoundAdvice({ organicOnly: true, bedded: 'none' }, 'unknown').code).toBe('change');
  });
});

describe('kit as fitted', () => {
  it('is the last of each part', () => {
    const kit = kitOf(
      [
        fitted({ part: 'rotor', condition: 'found', description: 'first' }),
        fitted({ seq: 2, compound: 'organic', jobId: 'spring' }),
        fitted({ seq: 3, part: 'rotor', condition: 'used', description: 'second' }),
      ],
      'today',
    );
    expect(kit.rotor?.description).toBe('second');
    expect(kit.pads?.compound).toBe('organic');
  });

  it('is one part from where it came on, whatever is written of it as found', () => {
    const { rotor } = kitOf(
      [
        fitted({ part: 'rotor', condition: 'used', cameOffFor: 'worn', newMm: 1.8 }),
        fitted({
          seq: 2,
          part: 'rotor',
          condition: 'found',
          description: 'Tolve 180',
          construction: 'two-piece',
          organicOnly: true,
        }),
        fitted({
          seq: 3,
          part: 'rotor',
          condition: 'found',
          description: 'Tolve 180 F',
          newMm: 1.6,
        }),
      ],
      'today',
    );
    expect(rotor).toMatchObject({
      seq: 1,
      newest: 3,
      condition: 'used',
      cameOffFor: 'worn',
      description: 'Tolve 180 F',
      construction: 'two-piece',
      newMm: 1.8,
      organicOnly: true,
    });
  });

  it('pads that were in before this visit have bedded the rotor, those of the visit have not yet', () => {
    const organic = fitted({ compound: 'organic', jobId: 'spring' });
    const metallic = fitted({ seq: 2, compound: 'metallic', jobId: 'today' });
    expect(kitOf([organic], 'today').bedded).toBe('organic');
    expect(kitOf([organic, metallic], 'today').bedded).toBe('organic');
    expect(kitOf([organic, metallic], 'winter').bedded).toBe('metallic');
  });

  it('pads found on the bike have bedded what they ran on; nobody knows without a letter', () => {
    expect(kitOf([fitted({ condition: 'found', compound: 'metallic' })], 'today').bedded).toBe(
      'metallic',
    );
    expect(kitOf([], 'today').bedded).toBe('unknown');
    expect(kitOf([fitted({ compound: null, jobId: 'spring' })], 'today').bedded).toBe('unknown');
  });

  it('a new rotor carries no layer until it was ridden, a used one nobody knows which', () => {
    const organic = fitted({ compound: 'organic', jobId: 'spring' });
    const rotor = (condition: 'new' | 'used') => fitted({ seq: 2, part: 'rotor', condition });
    expect(kitOf([organic, rotor('new')], 'today').bedded).toBe('none');
    expect(kitOf([organic, rotor('used')], 'today').bedded).toBe('unknown');
    expect(kitOf([organic, rotor('new')], 'winter').bedded).toBe('organic');
  });
});
