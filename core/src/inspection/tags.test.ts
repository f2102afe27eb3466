import { liftsTag, toHang } from './tags';

const item = (subject: 'rotor' | 'leaks', doNotRide: boolean, end: 'front' | 'rear' = 'front') => ({
  end,
  subject,
  doNotRide,
  seq: 40,
});
const tag = { end: 'front', subject: 'rotor', jobId: 'earlier', foundAfter: null } as const;
const visit = { jobId: 'now', items: [], replaced: [] };

// Common practice: a do-not-ride is lifted by work or by a look, and by nothing else.
describe('a do-not-ride on a bike', () => {
  it('is hung once, end by end', () => {
    const items = [item('rotor', true), item('leaks', false), item('rotor', true, 'rear')];
    expect(toHang(items, [tag])).toEqual([items[2]]);
    expect(toHang(items, [])).toEqual([items[0], items[2]]);
  });

  it('stays when nobody looked, or somebody looked elsewhere', () => {
    expect(liftsTag(tag, visit)).toBe(false);
    expect(liftsTag(tag, { ...visit, items: [item('leaks', false)] })).toBe(false);
    expect(liftsTag(tag, { ...visit, items: [item('rotor', false, 'rear')] })).toBe(false);
    expect(liftsTag(tag, { ...visit, replaced: [{ end: 'front', part: 'pads' }] })).toBe(false);
  });

  it('is lifted by a look that finds it fit, and not by one that does not', () => {
    expect(liftsTag(tag, { ...visit, items: [item('rotor', false)] })).toBe(true);
    expect(liftsTag(tag, { ...visit, items: [item('rotor', true)] })).toBe(false);
  });

  it('is lifted by the part’s replacement, unless the new one is no better', () => {
    const replaced = [{ end: 'front', part: 'rotor' }] as const;
    expect(liftsTag(tag, { ...visit, replaced })).toBe(true);
    expect(liftsTag(tag, { ...visit, replaced, items: [item('rotor', true)] })).toBe(false);
  });

  it('is lifted when the visit that found it takes the finding back', () =>
    expect(liftsTag({ ...tag, jobId: 'now' }, visit)).toBe(true));

  it('found of a container afterwards, it stays until somebody looked later than that', () => {
    const later = { ...tag, jobId: 'now', foundAfter: 50 };
    expect(liftsTag(later, visit)).toBe(false);
    expect(liftsTag(later, { ...visit, items: [item('rotor', false)] })).toBe(false);
    expect(liftsTag(later, { ...visit, items: [{ ...item('rotor', false), seq: 51 }] })).toBe(true);
    expect(liftsTag(later, { ...visit, items: [{ ...item('rotor', true), seq: 51 }] })).toBe(false);
    expect(liftsTag(later, { ...visit, replaced: [{ end: 'front', part: 'rotor' }] })).toBe(false);
  });
});
