import { Visit } from '../adversary/visit';
import { unsweptAt } from './sweep';

const identified = () => Visit.with({}).identify();
const radial = (visit: Visit, eMm: number) =>
  visit.send('radial', { end: 'front', eMm, washersMm: [] });
const ring = (visit: Visit, seen: 'even' | 'patchy' | 'off-the-edge') =>
  visit.send('witness', { end: 'front', ring: seen });
const whyOf = (visit: Visit) => unsweptAt(visit.job, 'front');

// Common practice for what is asked again; how it is answered is our choice [D].
describe('pads that do not sweep the track', () => {
  it('outside the target bars until washers moved it and e was measured again', () => {
    const visit = identified();
    expect(whyOf(visit)).toBeNull();
    radial(visit, 2.3);
    expect(visit.bars).toContainEqual({ code: 'unswept', end: 'front', why: 'outside' });
    // Measured again with nothing done: no answer.
    radial(visit, 0.3);
    expect(whyOf(visit)).toBe('outside');
    visit.repair('dress-mount');
    radial(visit, 0.3);
    expect(whyOf(visit)).toBeNull();
  });

  it('a ring off the edge asks for e anew, and for another look at the ring', () => {
    const visit = identified();
    radial(visit, 0.25);
    ring(visit, 'off-the-edge');
    expect(whyOf(visit)).toBe('off-the-edge');
    ring(visit, 'even');
    expect(whyOf(visit)).toBe('off-the-edge');
    expect(visit.send('taken-back', { of: visit.last })).toBeNull();
    radial(visit, 0.25);
    expect(whyOf(visit)).toBe('off-the-edge');
    ring(visit, 'even');
    expect(whyOf(visit)).toBeNull();
  });

  it('what was seen wrong is not taken back', () => {
    const visit = identified();
    ring(visit, 'off-the-edge');
    expect(visit.send('taken-back', { of: visit.last })).toMatchObject({ code: 'failed-check' });
    radial(visit, 2);
    expect(visit.send('taken-back', { of: visit.last })).toMatchObject({ code: 'failed-check' });
  });

  it('e lapses with what moves the pads', () => {
    const visit = identified();
    radial(visit, 0.25);
    visit.repair('dress-mount');
    expect(whyOf(visit)).toBe('moved');
  });

  it('e that lapsed is measured anew, and not taken back; under a step that was done by it it is asked for', () => {
    const moved = identified();
    radial(moved, 0.25);
    const { last } = moved;
    moved.repair('dress-mount');
    expect(moved.send('taken-back', { of: last })).toMatchObject({ code: 'failed-check' });
    radial(moved, 0.25);
    expect(whyOf(moved)).toBeNull();

    const stepped = identified();
    radial(stepped, 0.25);
    const measured = stepped.last;
    stepped.workUpTo('radial-check', 'radial-check');
    expect(whyOf(stepped)).toBeNull();
    expect(stepped.send('taken-back', { of: measured })).toBeNull();
    expect(whyOf(stepped)).toBe('unmeasured');
    radial(stepped, 0.25);
    expect(whyOf(stepped)).toBeNull();
  });

  it('what cannot be is refused by name', () => {
    expect(radial(identified(), 99)).toMatchObject({ field: 'eMm', code: 'implausible' });
  });
});
