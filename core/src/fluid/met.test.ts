import fc from 'fast-check';
import { FAMILIES, fluidNamed, type Fluid } from './families';
import { metAfter, NOTHING_MET, otherFamilyIn, WET_PARTS, type WetEvent } from './met';

const mineral: Fluid = { family: 'mineral', blend: 'Selkie 10' };
const glycol: Fluid = { family: 'glycol', grade: 'DOT 4' };
const filled = (fluid: Fluid): WetEvent => ({ what: 'filled', fluid });
const renewed = (...parts: (typeof WET_PARTS)[number][]): WetEvent => ({ what: 'renewed', parts });
const met = (...events: WetEvent[]) => metAfter(NOTHING_MET, events);

// Common practice: what met the wrong family is quarantined until every seal that met it is new.
describe('what a brake has met', () => {
  it('is every fluid that went through each part', () => {
    expect(met(filled(mineral), filled(mineral))).toEqual({
      lever: [mineral],
      hose: [mineral],
      caliper: [mineral],
    });
    expect(otherFamilyIn(met(filled(mineral)), 'mineral')).toBeNull();
    expect(otherFamilyIn(met(filled(mineral)), 'glycol')).toEqual({
      fluid: mineral,
      parts: ['lever', 'hose', 'caliper'],
    });
  });

  it('a new caliper on the old hose meets what the hose still held', () => {
    const changed = met(filled(mineral), renewed('caliper'), filled(glycol));
    expect(changed.caliper).toEqual([mineral, glycol]);
    expect(otherFamilyIn(changed, 'glycol')?.parts).toEqual(['lever', 'caliper']);
  });

  it('seals at both ends new, and flushed: nothing of the other family is left', () => {
    const resealed = met(
      filled(mineral),
      filled(glycol),
      renewed('caliper', 'lever'),
      filled(glycol),
    );
    expect(otherFamilyIn(resealed, 'glycol')).toBeNull();
    // Never filled with the other one: the hose is rinsed while both its ends are apart.
    expect(met(filled(mineral), renewed('caliper', 'lever'))).toEqual(NOTHING_MET);
    const half = met(filled(mineral), filled(glycol), renewed('caliper'), filled(glycol));
    expect(otherFamilyIn(half, 'glycol')?.parts).toEqual(['lever']);
  });

  const fluid = fc.constantFrom(...FAMILIES).map((family) => fluidNamed(family, ''));
  const event = fc.oneof(
    fluid.map(filled),
    fc.subarray([...WET_PARTS]).map((parts) => renewed(...parts)),
  );

  it('no fill and no part but a new one ever makes a brake forget what it met', () =>
    fc.assert(
      fc.property(fc.array(event, { maxLength: 8 }), fluid, (events, next) => {
        const before = met(...events);
        const after = metAfter(before, [filled(next)]);
        for (const part of ['lever', 'caliper'] as const)
          expect(after[part]).toEqual(expect.arrayContaining([...before[part]]));
      }),
    ));
});
