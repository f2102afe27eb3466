import { identified, SHEET, Visit } from '../adversary/visit';
import { USUAL_RULES } from '../rules/shopRules';
import { daysAfter, duesOf, weekOf } from './due';

const TODAY = '2026-11-25';
const dues = (visit: Visit) => duesOf(visit.job, TODAY);
const of = (visit: Visit, what: string) => dues(visit).set.find((each) => each.of === what);

describe('what is due after a visit', () => {
  it('is nothing where nothing was looked at', () =>
    expect(dues(identified())).toEqual({ set: [], answered: [] }));

  it('is a part that was measured, by the shop’s interval', () => {
    const visit = identified().rotor([1.7, 1.7, 1.7]).pads(3.9);
    expect(of(visit, 'rotor')).toEqual({
      end: 'front',
      of: 'rotor',
      on: '2027-11-25',
      because: 'time',
      days: 365,
      proven: true,
    });
    expect(of(visit, 'pads')?.on).toBe(daysAfter(TODAY, 91));
  });

  it('is at once what was to be replaced and was left on, refused or not', () => {
    const visit = identified().rotor([1.45, 1.45, 1.45]).pads(3.9);
    visit.decide('customer-refused', 'rotor');
    expect(of(visit, 'rotor')).toMatchObject({ on: TODAY, because: 'worn' });
    expect(of(visit, 'pads')?.because).toBe('time');
    // Another rotor in its place has the whole interval.
    visit.fit({ condition: 'new' });
    expect(of(visit, 'rotor')).toMatchObject({ on: '2027-11-25', because: 'time' });
  });

  it('moves nothing that was due where what was read proves nothing, unless the part is another', () => {
    const visit = identified().rotor([1.7]);
    expect(of(visit, 'rotor')).toMatchObject({ on: '2027-11-25', proven: false });
    visit.fit({ condition: 'new' });
    expect(of(visit, 'rotor')?.proven).toBe(true);
  });

  it('comes sooner for pads that are used hard', () => {
    const { bike } = identified().job;
    const visit = identified({ bike: { ...bike, terrain: 'steep' } }).pads(3.9);
    expect(of(visit, 'pads')).toMatchObject({ on: daysAfter(TODAY, 30), days: 30 });
  });

  it('is a rotor that is ridden in the wet after winter, where that comes before its year [P]', () => {
    const { bike } = identified().job;
    const after = (today: string, change: Partial<typeof USUAL_RULES> = {}, wet = true) =>
      duesOf(
        identified({ bike: { ...bike, wet }, rules: { ...USUAL_RULES, ...change } }).rotor([
          1.7, 1.7, 1.7,
        ]).job,
        today,
      ).set.find((due) => due.of === 'rotor');
    expect(after(TODAY)).toMatchObject({ on: '2027-03-01', because: 'winter' });
    // In the last month of a winter a look is as good as one after it.
    expect(after('2027-01-29')).toMatchObject({ on: '2027-03-01', because: 'winter' });
    expect(after('2027-01-30')).toMatchObject({ on: '2028-01-30', because: 'time' });
    expect(after('2027-03-01')).toMatchObject({ on: '2028-02-29', because: 'time' });
    // South of the line, in a shop that knows none, and on a bike that stays in when it rains.
    expect(after('2027-05-02', { winterEnds: '09-01' })?.on).toBe('2027-09-01');
    expect(after(TODAY, { winterEnds: null })?.because).toBe('time');
    expect(after(TODAY, {}, false)?.because).toBe('time');
  });

  it('is a new part, measured or not', () => {
    const visit = identified();
    visit.fit({ condition: 'new' });
    expect(of(visit, 'rotor')?.on).toBe('2027-11-25');
  });

  it('is fluid by its family: glycol in a year, mineral in two', () => {
    const mineral = identified();
    expect(mineral.fill()).toBeNull();
    expect(of(mineral, 'bleed')).toMatchObject({ days: 730, on: daysAfter(TODAY, 730) });
    const glycol = Visit.with({}).identify({
      ...SHEET,
      fluid: { ...SHEET.fluid!, fluid: { family: 'glycol', grade: 'DOT 4' } },
    });
    expect(glycol.fill('glycol')).toBeNull();
    expect(of(glycol, 'bleed')?.days).toBe(365);
  });

  it('is every bolt that was set, after the first ride; seen in order at a later visit it is answered', () => {
    const visit = identified().tighten('caliper-post');
    expect(of(visit, 'bolts')).toMatchObject({ on: '2026-12-02', days: 7 });
    expect(dues(visit).answered).toEqual([]);
    const later = identified();
    later.look('bolts');
    expect(dues(later)).toEqual({ set: [], answered: [{ end: 'front', of: 'bolts' }] });
    const loose = identified();
    loose.look('bolts', ['bolt-loose']);
    expect(dues(loose).answered).toEqual([]);
  });

  it('is what the shop lays down', () => {
    const rules = { ...USUAL_RULES, figures: { 'due-bleed-mineral': 180 } };
    const visit = Visit.with({ rules }).identify();
    visit.fill();
    expect(of(visit, 'bleed')?.days).toBe(180);
  });

  it('is the day its wear reaches the limit, where that comes first: by the date, or by the distance', () => {
    const earlier = (mm: number, day: string, odometerKm: number | null) => ({
      end: 'front' as const,
      part: 'rotor' as const,
      life: 0,
      visit: { day, odometerKm, mm, doubtMm: 0.01 },
    });
    const worn = [earlier(1.72, '2026-03-01', null), earlier(1.66, '2026-07-01', null)];
    const byDate = identified({ earlierThickness: worn }).rotor([1.59, 1.6, 1.6]);
    const due = of(byDate, 'rotor')!;
    expect(due.because).toBe('forecast');
    expect(due.on > TODAY && due.on < '2027-11-25').toBe(true);
    expect(due.days).toBe(365);

    const { bike } = identified().job;
    const ridden = worn.map((each, i) => ({
      ...each,
      visit: { ...each.visit, odometerKm: 1000 + 1500 * i },
    }));
    const byDistance = identified({
      earlierThickness: ridden,
      odometerKm: 4200,
      bike: { ...bike, kmPerWeek: 100 },
    }).rotor([1.59, 1.6, 1.6]);
    expect(of(byDistance, 'rotor')).toMatchObject({ because: 'distance' });
  });
});

it('weeks begin on Monday', () => {
  // 2026-11-27 is a Friday (ISO 8601 week 48).
  expect(weekOf('2026-11-27')).toBe('2026-11-23');
  expect(weekOf('2026-11-23')).toBe('2026-11-23');
  expect(weekOf('2026-11-29')).toBe('2026-11-23');
});
