import { Visit } from '../adversary/visit';
import { airReadOut } from '../air/spongeTest';
import { planAt } from '../plan/visit';
import { quoteLines } from '../plan/quote';
import { visitOf } from '../job/visit';
import { inspectEnd } from '../inspection/inspectEnd';
import { passShare } from '../torque/sequence';
import { FIGURE_IDS, figure, figureRule, figuresFault } from './figures';
import { serviceDaysOf, USUAL_RULES, type ShopRules } from './shopRules';

const rules = (change: Partial<ShopRules>): ShopRules => ({ ...USUAL_RULES, ...change });
const under = (figures: ShopRules['figures']) =>
  Visit.with({ rules: rules({ figures }) }).identify();

describe('a figure that the shop lays down', () => {
  it('is the usual one with its tag until then, and the shop’s own choice after', () => {
    expect(figure({}, 'pads-friction-limit')).toEqual({ value: 1.5, tag: 'P' });
    expect(figure({ 'pads-friction-limit': 1.8 }, 'pads-friction-limit')).toEqual({
      value: 1.8,
      tag: 'D',
    });
  });

  it('can be the usual one, and nothing outside of what it may be', () => {
    for (const id of FIGURE_IDS) {
      const { usual, least, most } = figureRule(id);
      expect([id, figuresFault({ [id]: usual })]).toEqual([id, null]);
      expect(figuresFault({ [id]: least / 2 - 1 })).toEqual({ id, code: 'outside' });
      expect(figuresFault({ [id]: most * 2 })).toEqual({ id, code: 'outside' });
      expect(figuresFault({ [id]: NaN })).toEqual({ id, code: 'outside' });
    }
    expect(figuresFault({ 'air-sound': 0.1, 'air-top-up': 0.1 })).toMatchObject({
      code: 'bands-overlap',
    });
  });

  it('judges the pads of every open job', () => {
    const word = (figures: ShopRules['figures']) =>
      inspectEnd(under(figures).pads(3.4).job, 'front').items.find(
        ({ subject }) => subject === 'pads',
      )?.word;
    expect([word({}), word({ 'pads-total-limit': 3.5 })]).toEqual(['watch', 'replace']);
  });

  it('is the limit of a rotor with no stamp and no sheet', () => {
    const { identified } = Visit.with({
      rules: rules({ figures: { 'rotor-limit': 1.6 } }),
    }).identify({
      ...new Visit().identify().job.identified.front!.sheet.body,
      rotor: { ...new Visit().identify().job.identified.front!.sheet.body.rotor, limit: null },
    }).job;
    expect(identified.front!.limit).toEqual({
      limitMm: 1.6,
      atLimitIsWorn: null,
      origin: 'shop',
      tag: 'D',
    });
  });

  it('says what trapped air asks for, and how far the second pass goes', () => {
    expect(airReadOut(0.07, { 'air-sound': 0.08 })).toBe('sound');
    expect(airReadOut(0.3, { 'air-top-up': 0.4 })).toBe('top-up');
    expect([passShare('half', {}), passShare('half', { 'half-pass': 0.6 })]).toEqual([0.5, 0.6]);
    expect([passShare('snug', {}), passShare('verify', {})]).toEqual([null, 1]);
  });

  it('prices the plan’s change-overs and the lines of a quote', () => {
    const planned = (figures: ShopRules['figures']) => {
      const visit = under(figures);
      visit.plan('change-pads');
      return planAt(visitOf(visit.job))!.minutes;
    };
    // Out to the careful ride, and from there to bedding in.
    expect(planned({ 'change-ride': 12 })).toBeCloseTo(planned({}) + 20, 9);
    expect(quoteLines({ front: ['align'], rear: [] }, { align: 20 })[0]?.minutes).toBe(20);
  });

  it('looks at hard-used pads sooner, and never later than the others', () => {
    const days = (terrain: 'flat' | 'hilly' | 'steep', wet: boolean, laid = USUAL_RULES) =>
      serviceDaysOf(laid, 'pads', { terrain, wet });
    expect([days('flat', true), days('hilly', false)]).toEqual([91, 91]);
    expect([days('hilly', true), days('steep', false)]).toEqual([30, 30]);
    const late = rules({ figures: { 'pads-used-hard': 365 } });
    expect(days('steep', true, late)).toBe(91);
    expect(serviceDaysOf(USUAL_RULES, 'rotor', { terrain: 'steep', wet: true })).toBe(365);
  });

  it('stands back where the maker’s sheet gives a pad limit or names its schools', () => {
    const { body } = new Visit().identify().job.identified.front!.sheet;
    const word = (pads: Partial<typeof body.pads>) =>
      inspectEnd(
        new Visit().identify({ ...body, pads: { ...body.pads, ...pads } }).pads(3.4).job,
        'front',
      ).items.find(({ subject }) => subject === 'pads')?.word;
    const limit = { limitMm: 3.5, atLimitIsWorn: true, origin: 'sheet', tag: null } as const;
    expect([word({}), word({ limits: { total: limit } })]).toEqual(['watch', 'replace']);
    // The friction's share is worn by 28 %, and nobody asks after it: its maker judges by the whole.
    const strict = { limits: { friction: { ...limit, limitMm: 1.7 } } };
    expect([word(strict), word({ ...strict, schools: ['total'] })]).toEqual(['replace', 'holds']);
  });
});
