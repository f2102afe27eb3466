import { identified } from '../adversary/visit';
import { outcomesOf } from './outcomes';

const of = (visit: ReturnType<typeof identified>) => outcomesOf(visit.base, visit.entries);
const cause = (visit: ReturnType<typeof identified>, what: 'contaminated' | 'glazed') =>
  visit.send('cause', { end: 'front', cause: what });

describe('what a visit teaches', () => {
  it('is what was seen and looked for until the cause was found, and nothing of after', () => {
    const visit = identified({ symptoms: ['squeal'] });
    visit.look('pads', ['pads-oil-mist']);
    cause(visit, 'contaminated');
    // Cleaned and looked at again: it is cured, and did show all the same.
    visit.repair('decontaminate');
    visit.look('pads');
    visit.look('rotor', ['rotor-deposits']);
    const found = of(visit);
    const seen = (sign: string) => found.find((each) => each.sign === sign)?.seen;
    expect(new Set(found.map(({ cause: of }) => of))).toEqual(new Set(['contaminated']));
    expect(seen('oil-on-wipe')).toBe(true);
    expect(seen('pads-shiny')).toBe(false);
    expect(seen('squeal')).toBe(true);
    expect(seen('track-patchy')).toBeUndefined();
    // The rider was asked, and named no other.
    expect(seen('knock')).toBe(false);
  });

  it('is nothing where no cause was found, or it was taken back', () => {
    const visit = identified({ symptoms: ['squeal'] });
    visit.look('pads', ['pads-glazed']);
    expect(of(visit)).toEqual([]);
    cause(visit, 'glazed');
    expect(of(visit).length).toBeGreaterThan(0);
    visit.send('taken-back', { of: visit.last });
    expect(of(visit)).toEqual([]);
  });

  it('counts a cause that was told twice once', () => {
    const visit = identified({ symptoms: ['squeal'] });
    visit.look('pads', ['pads-glazed']);
    cause(visit, 'glazed');
    const once = of(visit);
    cause(visit, 'glazed');
    expect(of(visit)).toEqual(once);
  });

  it('says nothing of symptoms where nobody named one', () => {
    const visit = identified({ symptoms: [] });
    visit.look('pads', ['pads-glazed']);
    cause(visit, 'glazed');
    expect(of(visit).some(({ sign }) => sign === 'squeal')).toBe(false);
  });
});
