import { NOTHING_MET } from '../fluid/met';
import { USUAL_RULES } from '../rules/shopRules';
import { openFasteners } from '../evidence/fastenings';
import { kitAt, stampAt } from '../inspection/inspectEnd';
import type { SpecSheet } from '../sheet/sheet';
import { GAUGES, identified, revision, SHEET, Visit, WRENCH } from './visit';

// Our design, after the trade's habits (E1 to E9): histories that a hurried or unlucky workshop produces, and that must not
// end signed, or not with "holds". Each goes the whole way through the job's own rules.

const sheet = (change: Partial<SpecSheet>): SpecSheet => ({
  ...SHEET,
  title: 'Another',
  ...change,
});

describe('a visit nothing is wrong with', () => {
  it('may be signed: worn little, proven, and everything that was looked at is good', () => {
    const visit = identified().rotor([1.7, 1.7, 1.7]).pads(3.9).lever().runout(0.05).gaps();
    visit.look('caliper');
    expect(visit.bars).toEqual([]);
    expect(
      ['rotor', 'pads', 'lever', 'runout', 'clearance', 'caliper'].map((each) =>
        visit.word(each as 'rotor'),
      ),
    ).toEqual(Array(6).fill('holds'));
  });

  it('may be signed with work done, when all of it is proven after it', () => {
    const visit = identified();
    visit.fit();
    visit.tighten('rotor-bolts').tickAll().test('stand');
    expect(visit.bars).toEqual([]);
  });
});

describe('E1: condemned stays condemned', () => {
  it('a sinking lever is not mended by a sitting with the bite alone', () => {
    const visit = identified().lever(27, 30);
    expect(visit.barred).toEqual(['do-not-ride']);
    visit.measure('lever', [['bite', 20]], { gauge: GAUGES.rule });
    expect(visit.item('lever')).toMatchObject({ word: 'replace', doNotRide: true });
  });

  it('nor by the whole test without work, unless a lead writes why', () => {
    const visit = identified().lever(27, 30).lever();
    expect(visit.item('lever')).toMatchObject({
      doNotRide: true,
      held: [{ lacks: [{ code: 'work' }] }],
    });
    visit.decide('seen-wrong', 'lever', { byLead: false });
    expect(visit.item('lever')!.doNotRide).toBe(true);
    visit.decide('seen-wrong', 'lever');
    expect(visit.word('lever')).toBe('holds');
  });

  it('by the same test, whole and good, after work on the system', () => {
    const visit = identified().lever(27, 30).repair('reseal-lever').lever();
    expect(visit.item('lever')).toMatchObject({ word: 'holds', doNotRide: false });
    const moved = identified().lever(27, 30).repair('centre-caliper').lever();
    expect(moved.item('lever')!.doNotRide).toBe(true);
  });

  it('a crack is not looked away, by anybody', () => {
    const visit = identified();
    visit.look('rotor', ['crack']);
    visit.look('rotor');
    expect(visit.item('rotor')).toMatchObject({ doNotRide: true, lesserLooks: ['crack'] });
    expect(visit.look('rotor', [], { takesBack: ['crack'], words: 'A scratch' })).toMatchObject({
      code: 'lead-only',
    });
    visit.decide('seen-wrong', 'rotor', { byLead: false });
    expect(visit.barred).toContain('do-not-ride');
    visit.decide('seen-wrong', 'rotor');
    expect(visit.barred).not.toContain('do-not-ride');
  });

  it('a crack goes with the rotor, and comes back with the next one that has it', () => {
    const visit = identified();
    visit.look('rotor', ['crack']);
    visit.fit({ condition: 'used', cameOffFor: 'crack' });
    expect(visit.item('rotor')).toMatchObject({ doNotRide: true });
    visit.fit();
    expect(visit.item('rotor')).toBeNull();
  });

  it('a finding that is no do-not-ride is taken back with words, and not without', () => {
    const visit = identified();
    visit.look('pads', ['pads-soaked']);
    visit.look('pads');
    expect(visit.word('pads')).toBe('replace');
    expect(visit.look('pads', [], { takesBack: ['pads-soaked'] })).toMatchObject({
      code: 'say-why',
    });
    visit.look('pads', [], { takesBack: ['pads-soaked'], words: 'Water, it dried off' });
    expect(visit.item('pads')).toBeNull();
  });

  it('a cracked caliper is not ended by one tap, and is by another caliper', () => {
    const visit = identified();
    visit.look('caliper', ['caliper-cracked']);
    visit.look('caliper');
    expect(visit.item('caliper')!.doNotRide).toBe(true);
    visit.repair('replace-caliper');
    expect(visit.item('caliper')).toMatchObject({ doNotRide: false, word: 'unproven' });
    visit.look('caliper');
    expect(visit.word('caliper')).toBe('holds');
  });

  it('what is loose is tight by its own torque, and what a maker was asked is not put right by asking', () => {
    const visit = identified();
    visit.look('lever', ['lever-loose']);
    for (const work of ['tighten-lever', 'tighten-bolts', 'ask-maker'] as const)
      expect(visit.send('repair', { end: 'front', work, words: 'Tight now' })).toMatchObject({
        code: 'not-by-words',
      });
    visit.tighten('caliper-post').look('lever');
    expect(visit.item('lever')!.found).toEqual(['lever-loose']);
    visit.look('bolts', ['bolt-loose']);
    visit.look('bolts');
    expect(visit.word('bolts')).toBe('unproven');
    visit.tighten('rotor-bolts').look('bolts');
    expect(visit.word('bolts')).toBe('holds');
  });

  it('work cures what it is for, once somebody has looked after it', () => {
    const visit = identified();
    visit.look('leaks', ['leak-at-banjo']);
    visit.repair('clean-caliper').look('leaks');
    expect(visit.item('leaks')!.doNotRide).toBe(true);
    visit.repair('remake-joint-at-lever').look('leaks');
    expect(visit.item('leaks')!.doNotRide).toBe(true);
    visit.repair('remake-joint-at-caliper');
    expect(visit.item('leaks')!.doNotRide).toBe(true);
    visit.look('leaks');
    expect(visit.word('leaks')).toBe('holds');
  });

  describe('a worn rotor measured again', () => {
    const worn = () => identified().rotor([1.7, 1.45, 1.7]);
    it.each([
      ['by one reading', (visit: Visit) => visit.rotor([1.7]), ['incomplete', 'places', 'words']],
      [
        'without the worn place',
        (visit: Visit) =>
          visit.measure('rotor', [
            ['zero', 0],
            ['1', 1.7],
            ['2', 1.7],
            ['4', 1.7],
            ['5', 1.7],
          ]),
        ['places', 'words'],
      ],
      [
        'with a worse gauge',
        (visit: Visit) => visit.rotor([1.7, 1.58, 1.7], GAUGES.worse),
        ['doubt-larger', 'words'],
      ],
      [
        'with an overdue gauge',
        (visit: Visit) => visit.rotor([1.7, 1.58, 1.7], GAUGES.overdue),
        ['incomplete', 'words'],
      ],
      ['without words', (visit: Visit) => visit.rotor([1.7, 1.58, 1.7]), ['words']],
    ])('%s stays worn, and says what it lacked', (_, again, lacks) => {
      const visit = again(worn());
      const { word, held } = visit.item('rotor')!;
      expect(word).toBe('replace');
      expect(held[0]!.lacks!.map(({ code }) => code).sort()).toEqual(lacks);
      expect(visit.barred).toEqual(['replace-open']);
    });

    it('is answered by a whole one with words, and by a lead’s where the two differ by more than both doubts', () => {
      const near = identified().rotor([1.7, 1.5, 1.7]).rotor([1.7, 1.56, 1.7]);
      near.decide('seen-wrong', 'rotor', { byLead: false });
      expect(near.word('rotor')).toBe('watch');
      const far = worn().rotor([1.7, 1.7, 1.7]);
      far.decide('seen-wrong', 'rotor', { byLead: false });
      expect(far.item('rotor')).toMatchObject({
        word: 'replace',
        held: [{ places: [{ place: '3', readMm: 1.45 }], lacks: [{ code: 'lead' }] }],
      });
      far.decide('seen-wrong', 'rotor');
      expect(far.word('rotor')).toBe('holds');
    });

    it('words before the counter-measurement answer nothing', () => {
      const visit = worn();
      visit.decide('seen-wrong', 'rotor').rotor([1.7, 1.7, 1.7]);
      expect(visit.word('rotor')).toBe('replace');
    });

    it('is answered by another rotor, itself measured where it is used', () => {
      const visit = worn();
      visit.fit({ condition: 'used' });
      expect(visit.item('rotor')).toMatchObject({ word: 'unproven', unmeasured: true });
      visit.rotor([1.7, 1.7, 1.7]);
      expect(visit.word('rotor')).toBe('holds');
    });
  });

  it('wrong fluid is not looked away: rebuilt, and looked at after that', () => {
    const visit = identified();
    visit.look('fluid', ['fluid-wrong']);
    visit.look('fluid');
    expect(visit.item('fluid')!.doNotRide).toBe(true);
    // Every seal that met it, at both ends of the hose.
    visit.repair('reseal-caliper').look('fluid');
    expect(visit.item('fluid')!.doNotRide).toBe(true);
    visit.repair('reseal-lever');
    expect(visit.item('fluid')!.doNotRide).toBe(true);
    visit.look('fluid');
    expect(visit.word('fluid')).toBe('holds');
  });

  it('a do-not-ride and a failed lever are not refused away, and what is loose is not accepted', () => {
    const air = identified().lever(50);
    expect(air.word('lever')).toBe('replace');
    air.decide('customer-refused', 'lever');
    expect(air.barred).toContain('replace-open');
    const loose = identified();
    loose.look('bolts', ['bolt-loose']);
    loose.decide('accepted-unproven', 'bolts');
    expect(loose.barred).toEqual(['unproven-open']);
    loose.tighten('rotor-bolts').look('bolts');
    expect(loose.barred).toEqual([]);
  });

  it('a refused Replace may be signed; the next visit opens with it, and signs clean with nothing but an answer', () => {
    const visit = identified().rotor([1.7, 1.45, 1.7]);
    visit.decide('customer-refused', 'rotor');
    expect(visit.bars).toEqual([]);
    const advice = {
      end: 'front',
      subject: 'rotor',
      words: 'In spring',
      tag: 400,
      jobId: 'was',
      at: '',
    } as const;
    const next = identified({ againstAdvice: [advice] });
    expect(next.barred).toEqual(['refused-before']);
    next.rotor([1.7, 1.7, 1.7]);
    expect(next.barred).toEqual(['refused-before']);
  });
});

describe('a no of the hand-over', () => {
  it('a lever that felt wrong is answered by work and another test, or by a lead’s words, and by no tap', () => {
    const visit = identified().test('lever-feel', 'failed').test('lever-feel');
    expect(visit.barred).toEqual(['do-not-ride']);
    expect(visit.item('lever')).toMatchObject({ word: 'replace', found: ['lever-gives'] });
    visit.test('lever-feel', 'passed', 'Pulled harder');
    expect(visit.barred).toEqual(['do-not-ride']);
    const worked = identified().test('lever-feel', 'failed').repair('full-bleed');
    expect(worked.barred).toContain('do-not-ride');
    expect(worked.test('lever-feel').barred).not.toContain('do-not-ride');
    const padded = identified().test('lever-feel', 'failed').repair('decontaminate');
    expect(padded.test('lever-feel').barred).toContain('do-not-ride');
    const measured = identified().test('lever-feel', 'failed').lever();
    expect(measured.barred).toEqual(['do-not-ride']);
    expect(measured.repair('full-bleed').barred).toContain('do-not-ride');
    expect(measured.lever().barred).not.toContain('do-not-ride');
    const said = identified().test('lever-feel', 'failed').test('lever-feel');
    said.decide('seen-wrong', 'lever', { byLead: false });
    expect(said.barred).toEqual(['do-not-ride']);
    expect(said.decide('seen-wrong', 'lever').bars).toEqual([]);
  });

  it.each([
    ['cut-off', 'cut-off-failed', 'lever-top-up'],
    ['lever-side', 'lever-side-unconfirmed', 'replace-hose'],
    ['stand', 'stand-untested', 'centre-caliper'],
  ] as const)('%s: by a yes with words on what was done, or after work', (test, bar, work) => {
    const motor = { bike: { ...identified().base.bike, motor: true } };
    const failed = () => identified(motor).cutOffs().test(test, 'failed').test(test);
    expect(failed().barred).toEqual([bar]);
    expect(failed().test(test, 'passed', 'Plug pushed home').bars).toEqual([]);
    expect(failed().repair(work).test(test).barred).not.toContain(bar);
  });

  it('a check that failed is not taken back', () => {
    const visit = identified().repair('centre-caliper');
    visit.send('ticked', { end: 'front', check: 'no-drag', outcome: 'failed', words: '' });
    expect(visit.send('taken-back', { of: visit.last })).toMatchObject({ code: 'failed-check' });
    visit.tickAll();
    expect(visit.bars).toContainEqual(
      expect.objectContaining({ code: 'check-open', check: 'no-drag', failed: true }),
    );
  });
});

describe('E2: contradiction never softens', () => {
  it('a ridge that was felt once is there for flat jaws, in this sitting and the next, till a point gauge is inside it', () => {
    const flat = { ...GAUGES.point, name: 'G7', anvils: 'flat' } satisfies typeof GAUGES.point;
    const visit = identified().rotor([1.7, 1.7, 1.7], flat);
    expect(visit.word('rotor')).toBe('holds');
    const first = visit.job.measured[0]!.id;
    visit.send('look', { measurementId: first, subject: 'ridge', seen: true });
    visit.send('look', { measurementId: first, subject: 'ridge', seen: false });
    expect(visit.word('rotor')).toBe('unproven');
    expect(visit.rotor([1.7, 1.7, 1.7], flat).word('rotor')).toBe('unproven');
    expect(visit.rotor([1.7, 1.7, 1.7]).word('rotor')).toBe('holds');
  });

  it('pads worn into the plate, and friction nought, are recorded and say Replace', () => {
    expect(identified().pads(1.6).word('pads')).toBe('replace');
    expect(identified().pads(0, { basis: 'friction' }).word('pads')).toBe('replace');
  });

  it('five points at 1.40 and one at 1.95 before the brake is identified: worn, and the odd one is said', () => {
    const visit = Visit.with({}).rotor([1.4, 1.4, 1.4, 1.4, 1.4, 1.95]);
    visit.identify();
    const { word, judgement } = visit.item('rotor')!;
    expect(word).toBe('replace');
    expect(judgement).toMatchObject({
      verdict: { contradicts: [{ code: 'thicker-than-new', place: '6' }] },
    });
  });

  it('thicker than new is refused while the sheet is known', () => {
    const visit = identified().rotor([1.7]);
    expect(visit.read(visit.job.measured[0]!.id, '4', 1.95)).toMatchObject({
      refusal: 'reading-refused',
      code: 'thicker-than-new',
    });
  });
});

describe('E3: the limit', () => {
  it('a stamp read at this visit counts for a rotor fitted at an earlier one', () => {
    const fitting = {
      id: 'f',
      seq: 0,
      jobId: 'spring',
      end: 'front',
      part: 'rotor',
      description: 'Rotor',
      condition: 'new',
      compound: null,
      organicOnly: false,
      construction: null,
      newMm: null,
      stampedLimit: null,
      cameOffFor: null,
      rebedding: null,
      at: '',
      by: '',
    } as const;
    const visit = Visit.with({ earlierFittings: [fitting] });
    visit.identify(SHEET, { stampedLimit: { limitMm: 1.65, atLimitIsWorn: true } });
    expect(visit.rotor([1.62, 1.62, 1.62]).word('rotor')).toBe('replace');
  });

  it('a stamp read at an earlier visit counts for the rotor that was on, until another is fitted', () => {
    const read = { origin: 'stamped', tag: null, atLimitIsWorn: true, limitMm: 1.65 } as const;
    const stampedBefore = [{ seq: 0, end: 'front' as const, stamp: { limit: read, twice: false } }];
    const visit = Visit.with({ stampedBefore }).identify();
    expect(visit.rotor([1.62, 1.62, 1.62]).word('rotor')).toBe('replace');
    visit.fit();
    expect(visit.rotor([1.62, 1.62, 1.62]).word('rotor')).not.toBe('replace');
  });

  it('a stamp mistyped far below the sheet does not pass what the sheet condemns', () => {
    const visit = Visit.with({});
    visit.identify(SHEET, { stampedLimit: { limitMm: 1.05, atLimitIsWorn: true } });
    expect(visit.rotor([1.48, 1.48, 1.48]).word('rotor')).toBe('replace');
  });

  it('a brake identified again, its stamp not read again, is judged as before: once read is not twice read', () => {
    const visit = Visit.with({});
    visit.identify(SHEET, { stampedLimit: { limitMm: 1.4, atLimitIsWorn: true } });
    expect(visit.rotor([1.45, 1.45, 1.45]).word('rotor')).toBe('replace');
    expect(visit.identify().identify().word('rotor')).toBe('replace');
    // Read once more off the rotor it is certain, and laxer than the sheet.
    visit.identify(SHEET, { stampedLimit: { limitMm: 1.4, atLimitIsWorn: true } });
    expect(visit.word('rotor')).not.toBe('replace');
  });

  it('a sheet that is revised in what it says bars the open job until it is taken, or a lead says why not', () => {
    const newer = revision(sheet({ title: SHEET.title, pads: { ...SHEET.pads, plateMm: 2 } }), 2);
    const visit = identified({ newestSheets: { [newer.sheetId]: newer } });
    expect(visit.barred).toEqual(['sheet-revised']);
    visit.decide('kept-sheet', 'rotor', { byLead: false, keeps: newer.id });
    expect(visit.barred).toEqual(['sheet-revised']);
    visit.decide('kept-sheet', 'rotor', { keeps: newer.id });
    expect(visit.barred).toEqual([]);
    const renamed = revision({ ...SHEET, title: 'Only another name' }, 2);
    expect(identified({ newestSheets: { [revision().sheetId]: renamed } }).barred).toEqual([]);
  });

  it('another sheet judges the fluid that is in already, and every bolt that is set', () => {
    const glycol = sheet({
      fluid: {
        fluid: { family: 'glycol', grade: 'DOT 4' },
        alsoNamedBlends: [],
        origin: 'sheet',
        tag: null,
      },
    });
    const visit = Visit.with({}).identify(glycol).test('lever-side');
    visit.fill('glycol');
    visit.lever();
    expect(visit.barred).not.toContain('do-not-ride');
    visit.identify(SHEET);
    expect(visit.item('fluid')).toMatchObject({ doNotRide: true, found: ['fluid-wrong'] });

    const set = identified();
    set.fit();
    set.tighten('rotor-bolts');
    expect(set.barred).not.toContain('torque-unproven');
    const [row] = SHEET.torque;
    const window = { ...row!.window, loNm: 8, hiNm: 10 };
    set.identify(sheet({ torque: [{ ...row!, window }] }));
    expect(set.barred).toContain('torque-unproven');
  });
});

describe('two families by any road', () => {
  const glycol = sheet({
    fluid: {
      fluid: { family: 'glycol', grade: 'DOT 4' },
      alsoNamedBlends: [],
      origin: 'sheet',
      tag: null,
    },
  });
  const resealed = (visit: Visit) => {
    visit.repair('reseal-caliper').repair('reseal-lever');
    return visit;
  };
  const REFUSED = { refusal: 'container-refused', code: 'other-family-inside' };

  it('on one visit: filled, another sheet, filled again', () => {
    const visit = identified();
    expect(visit.fill('mineral')).toBeNull();
    visit.identify(glycol);
    expect(visit.fill('glycol')).toMatchObject(REFUSED);
    expect(visit.item('fluid')).toMatchObject({ doNotRide: true, found: ['fluid-wrong'] });
    expect(visit.plan('bleed-push-up')).toMatchObject({ code: 'other-family-inside' });
    // A caliper alone leaves the lever's seals, and what the hose still holds.
    expect(visit.plan('reseal-caliper')).toMatchObject({ code: 'other-family-inside' });
    expect(visit.plan('reseal-caliper', 'reseal-lever')).toBeNull();
    resealed(visit);
    expect(visit.fill('glycol')).toBeNull();
    expect(visit.item('fluid')!.doNotRide).toBe(true);
    visit.look('fluid');
    expect(visit.word('fluid')).toBe('holds');
  });

  const mineral = { family: 'mineral', blend: 'Selkie 10' } as const;
  const before = { lever: [mineral], hose: [mineral], caliper: [mineral] };
  const later = () =>
    Visit.with({ metBefore: { front: before, rear: NOTHING_MET, third: NOTHING_MET } });

  it('over two visits: what went in at the first is there at the second', () => {
    expect(later().identify().item('fluid')).toBeNull();
    const visit = later().identify(glycol);
    expect(visit.item('fluid')).toMatchObject({ doNotRide: true, found: ['fluid-wrong'] });
    expect(visit.fill('glycol')).toMatchObject(REFUSED);
    visit.look('fluid');
    expect(visit.item('fluid')!.doNotRide).toBe(true);
    resealed(visit).look('fluid');
    expect(visit.item('fluid')!.doNotRide).toBe(false);
    expect(visit.fill('glycol')).toBeNull();
  });

  it('a poorer grade of the same family is gone once a better one went through', () => {
    const dot4 = { family: 'glycol', grade: 'DOT 4' } as const;
    const held = { lever: [dot4], hose: [dot4], caliper: [dot4] };
    const better = sheet({
      fluid: { ...glycol.fluid!, fluid: { family: 'glycol', grade: 'DOT 5.1' } },
    });
    const visit = Visit.with({
      metBefore: { front: held, rear: NOTHING_MET, third: NOTHING_MET },
    }).identify(better);
    expect(visit.item('fluid')).toMatchObject({ word: 'unproven', found: ['fluid-unknown'] });
    const flushed = { ...held, hose: [{ family: 'glycol', grade: 'DOT 5.1' } as const] };
    const after = Visit.with({
      metBefore: { front: flushed, rear: NOTHING_MET, third: NOTHING_MET },
    }).identify(better);
    expect(after.item('fluid')).toBeNull();
  });

  it('a caliper changed on the old hose and lever', () => {
    const visit = later().identify(glycol).repair('replace-caliper');
    expect(visit.fill('glycol')).toMatchObject(REFUSED);
  });

  it('that it is another brake than the one that was filled is a lead’s word', () => {
    const visit = later().identify(glycol);
    visit.decide('seen-wrong', 'fluid', { byLead: false });
    expect(visit.fill('glycol')).toMatchObject(REFUSED);
    visit.decide('seen-wrong', 'fluid');
    expect(visit.item('fluid')?.doNotRide ?? false).toBe(false);
    expect(visit.fill('glycol')).toBeNull();
    // Nor does a word on something else of the fluid, from before the sheet that clashes.
    const spent = later().identify();
    spent.look('fluid', ['fluid-spent']);
    spent.decide('seen-wrong', 'fluid').identify(glycol);
    expect(spent.fill('glycol')).toMatchObject(REFUSED);
    // Of what went in at this visit no word says that it did not.
    const here = identified();
    here.fill('mineral');
    here.identify(glycol).decide('seen-wrong', 'fluid');
    expect(here.fill('glycol')).toMatchObject(REFUSED);
    expect(here.item('fluid')!.doNotRide).toBe(true);
  });
});

it('E3: a brake that was filled wants its lever’s number, also under a sheet that says it is pulled by a cable', () => {
  const cable = sheet({ fluid: null, brake: { ...SHEET.brake, actuation: 'cable' } });
  const visit = identified();
  visit.fill();
  visit.identify(cable).tickAll().test('stand');
  expect(visit.barred).toEqual(['lever-untested']);
  const dry = identified().identify(cable).repair('replace-cable');
  expect(dry.barred).not.toContain('lever-untested');
});

describe('E4: proofs lapse', () => {
  it.each([
    ['rotor', 'clean-and-bed-in', (visit: Visit) => visit.rotor([1.7, 1.7, 1.7])],
    ['pads', 'decontaminate', (visit: Visit) => visit.pads(3.9)],
    ['runout', 'refit-rotor', (visit: Visit) => visit.runout(0.05)],
    ['runout', 'true-rotor', (visit: Visit) => visit.runout(0.05)],
    ['clearance', 'centre-caliper', (visit: Visit) => visit.runout(0.05).gaps()],
    ['clearance', 'reset-pads', (visit: Visit) => visit.runout(0.05).gaps()],
    ['clearance', 'refit-rotor', (visit: Visit) => visit.runout(0.05).gaps()],
    ['lever', 'full-bleed', (visit: Visit) => visit.lever()],
    ['lever', 'replace-hose', (visit: Visit) => visit.lever()],
    ['lever', 'reset-pads', (visit: Visit) => visit.lever()],
    ['lever', 'replace-lever', (visit: Visit) => visit.lever()],
  ] as const)('%s with %s: unproven, and it says what changed', (subject, work, proven) => {
    const visit = proven(identified());
    expect(visit.word(subject)).toBe('holds');
    visit.repair(work);
    expect(visit.item(subject)).toMatchObject({
      word: 'unproven',
      lapsed: { by: { code: 'repaired', work } },
    });
    expect(visit.barred).toContain('unproven-open');
    proven(visit);
    expect(visit.word(subject)).toBe('holds');
  });

  it('a stand test after it answers for wobble and gaps, and for nothing else', () => {
    const visit = identified().rotor([1.7, 1.7, 1.7]).runout(0.05).gaps().lever();
    visit.fit();
    visit.test('stand');
    expect([visit.word('runout'), visit.word('clearance'), visit.word('lever')]).toEqual([
      'holds',
      'holds',
      'unproven',
    ]);
    visit.test('stand', 'failed');
    expect(visit.word('runout')).toBe('unproven');
  });

  it('"measure again" is done by a number and never by a tick', () => {
    const visit = identified().rotor([1.7, 1.7, 1.7]);
    visit.repair('clean-and-bed-in');
    visit.tickAll().test('stand');
    expect(visit.word('rotor')).toBe('unproven');
  });

  it('a look lapses with what changed in it', () => {
    const visit = identified();
    visit.look('hose');
    visit.repair('replace-hose');
    expect(visit.word('hose')).toBe('unproven');
    visit.look('hose');
    expect(visit.word('hose')).toBe('holds');
  });

  it('a cut-off proven before the lever was opened is proven no more', () => {
    const bike = { ...identified().base.bike, motor: true };
    const visit = identified({ bike }).test('cut-off');
    // Each lever is its own.
    expect(visit.bars).toContainEqual({ code: 'cut-off-untested', end: 'rear' });
    visit.test('cut-off', 'passed', '', 'rear');
    expect(visit.barred).toEqual([]);
    visit.repair('lever-top-up');
    expect(visit.bars).toContainEqual({ code: 'cut-off-untested', end: 'front' });
    expect(visit.bars).not.toContainEqual({ code: 'cut-off-untested', end: 'rear' });
  });

  it('a lever side that was edited after the rider said yes is asked again, and a no is not answered by an edit', () => {
    const visit = identified().edit('right');
    expect(visit.barred).toEqual(['lever-side-unconfirmed']);
    visit.test('lever-side');
    expect(visit.barred).toEqual([]);
    const no = identified().test('lever-side', 'failed').edit('right');
    expect(no.barred).toEqual(['lever-side-unconfirmed']);
  });

  it.each([
    ['reroute-hose', ['hose-guides', 'bar-turns-free']],
    ['replace-hose', ['hose-joint-dry', 'lever-hood', 'bar-turns-free']],
    ['decontaminate', ['pad-pin-clip', 'pad-spring']],
    ['seat-axle', ['axle-seated']],
  ] as const)(
    '%s, told in a word after everything was ticked, asks for what it took apart',
    (work, asked) => {
      const visit = identified().repair(work).tickAll().repair(work);
      const open = visit.bars.flatMap((bar) => (bar.code === 'check-open' ? [bar.check] : []));
      expect(open).toEqual(expect.arrayContaining([...asked]));
      visit.tickAll();
      expect(visit.barred).not.toContain('check-open');
    },
  );
});

describe('a bike that leaves the shop while its job is open comes back as one that comes in', () => {
  const MEASURED = ['rotor', 'pads', 'lever', 'runout', 'clearance'] as const;
  const proven = () => {
    const visit = identified().rotor([1.7, 1.7, 1.7]).pads(3.9).lever().runout(0.05).gaps();
    visit.look('caliper');
    return visit;
  };

  it('nothing that was proven stands while it is away, nor when it is back', () => {
    const visit = proven().wait(true);
    const falls = () => {
      for (const subject of [...MEASURED, 'caliper'] as const)
        expect(visit.item(subject)).toMatchObject({
          word: 'unproven',
          lapsed: { touch: 'away', by: { code: 'away' } },
        });
    };
    falls();
    expect(visit.barred).toEqual(['away', 'unproven-open', 'lever-side-unconfirmed']);
    visit.goOn(true);
    falls();
    expect(visit.barred).toEqual(['unproven-open', 'lever-side-unconfirmed']);
    expect(visit.bars.filter(({ code }) => code === 'unproven-open')).toHaveLength(6);
  });

  it('proven anew it may be signed', () => {
    const visit = proven().wait(true).goOn(true).test('lever-side');
    visit.rotor([1.7, 1.7, 1.7]).pads(3.9).lever().runout(0.05).gaps().look('caliper');
    expect(visit.bars).toEqual([]);
  });

  it('a wait through which it stayed takes nothing away', () => {
    const visit = proven().wait(false);
    expect(visit.bars).toEqual([]);
    expect(visit.goOn(false).bars).toEqual([]);
  });

  it('that it was away is said at the end, too, and a word at the end does not unsay that it left', () => {
    expect(proven().wait(false).goOn(true).word('rotor')).toBe('unproven');
    expect(proven().wait(true).goOn(false).word('rotor')).toBe('unproven');
  });

  it('what was written while it was away is of no bike that was here', () => {
    const visit = identified().wait(true).rotor([1.7, 1.7, 1.7]);
    expect(visit.barred).toContain('away');
    expect(visit.goOn(true).word('rotor')).toBe('unproven');
  });

  it('that it left is not taken back', () => {
    const visit = proven().wait(true);
    expect(visit.send('taken-back', { of: visit.last })).toMatchObject({ code: 'failed-check' });
    expect(visit.barred).toContain('away');
  });

  it('what was worn, found or felt wrong before is so still', () => {
    const visit = identified().rotor([1.4, 1.4, 1.4]).lever(27, 30);
    visit.look('leaks', ['leak-at-banjo']);
    visit.test('cut-off', 'failed').wait(true).goOn(true);
    expect(visit.word('rotor')).toBe('replace');
    expect(visit.item('lever')!.doNotRide).toBe(true);
    expect(visit.item('leaks')!.doNotRide).toBe(true);
    visit.lever();
    expect(visit.item('lever')!.doNotRide).toBe(true);
  });

  it('bolts, ticks and the stand test of what was done before are asked again', () => {
    const visit = identified();
    visit.fit();
    visit.tighten('rotor-bolts').tickAll().test('stand');
    expect(visit.bars).toEqual([]);
    visit.wait(true).goOn(true).test('lever-side');
    expect(visit.barred).toEqual(['stand-untested', 'torque-unproven', 'check-open']);
    visit.tighten('rotor-bolts').tickAll().test('stand');
    expect(visit.bars).toEqual([]);
  });

  it('a lever that was opened, bled and proven wants its number again', () => {
    const visit = identified();
    visit.fill();
    visit.cycle('none').lever();
    expect(visit.barred).not.toContain('lever-untested');
    visit.wait(true).goOn(true);
    expect(visit.barred).toContain('lever-untested');
  });

  it('a stand test, which answers for wobble and gaps after work, answers for neither after that', () => {
    const visit = proven().wait(true).goOn(true).test('stand');
    expect([visit.word('runout'), visit.word('clearance')]).toEqual(['unproven', 'unproven']);
    visit.repair('adjust-hub').test('stand');
    expect(visit.word('runout')).toBe('unproven');
    expect(visit.runout(0.05).gaps().word('runout')).toBe('holds');
  });

  it('a phone without network that tells late what it wrote before tells of the bike as it was', () => {
    const visit = identified();
    visit.at = '2026-11-25T10:00:00.000Z';
    visit.wait(true);
    visit.at = '2026-11-25T11:00:00.000Z';
    visit.goOn(true).test('lever-side');
    expect(visit.bars).toEqual([]);
    visit.at = '2026-11-25T09:30:00.000Z';
    visit.rotor([1.7, 1.7, 1.7]).look('caliper');
    expect([visit.word('rotor'), visit.word('caliper')]).toEqual(['unproven', 'unproven']);
    visit.at = '2026-11-25T12:00:00.000Z';
    visit.rotor([1.7, 1.7, 1.7]).look('caliper');
    visit.test('lever-side');
    expect([visit.word('rotor'), visit.word('caliper'), visit.bars]).toEqual([
      'holds',
      'holds',
      [],
    ]);
  });

  it('and what it found then is found', () => {
    const visit = identified().wait(true).goOn(true);
    visit.at = '2026-11-25T08:30:00.000Z';
    visit.look('rotor', ['crack']);
    expect(visit.item('rotor')!.doNotRide).toBe(true);
  });

  it('what a lead accepted was said of it as it was', () => {
    const visit = identified().rotor([1.7]).decide('accepted-unproven', 'rotor');
    expect(visit.bars).toEqual([]);
    visit.wait(true).goOn(true).test('lever-side');
    expect(visit.barred).toEqual(['unproven-open']);
    expect(visit.decide('accepted-unproven', 'rotor').bars).toEqual([]);
  });

  it('what a customer refused, too', () => {
    const visit = identified().rotor([1.4, 1.4, 1.4]).decide('customer-refused', 'rotor');
    expect(visit.bars).toEqual([]);
    visit.wait(true).goOn(true).test('lever-side');
    expect(visit.barred).toEqual(['replace-open']);
  });
});

describe('E5 and E6: a proof is complete, and doubt goes all the way', () => {
  it('gaps on a sweep of two points, or on an overdue dial, prove nothing', () => {
    const two = identified().measure(
      'runout',
      [
        ['1', 0],
        ['2', 0.02],
      ],
      { gauge: GAUGES.dial },
    );
    expect(two.gaps().word('clearance')).toBe('unproven');
    const dial = { ...GAUGES.dial, calibrationDueOn: '2026-11-01' };
    expect(identified().runout(0.02, { gauge: dial }).gaps().word('clearance')).toBe('unproven');
  });

  it('a lever needs its reach, and half a millimetre of doubt each', () => {
    const noReach = identified().measure(
      'lever',
      [
        ['bite', 20],
        ['firm', 27],
        ['sunk', 27],
      ],
      { gauge: GAUGES.rule },
    );
    expect(noReach.word('lever')).toBe('unproven');
    expect(identified().lever(27, 27.5).word('lever')).toBe('unproven');
    expect(identified().lever(27, 25).word('lever')).toBe('unproven');
  });

  it('a plate, or a brake’s own give, from memory passes nothing', () => {
    const tagged = (value: 'pads.plateMm' | 'lever.ownGiveMl') =>
      Visit.with({})
        .identify(sheet({ origins: { [value]: { origin: 'shop', tag: 'M' } } }))
        .pads(3.9)
        .lever();
    expect(tagged('pads.plateMm').word('pads')).toBe('unproven');
    expect(tagged('lever.ownGiveMl').word('lever')).toBe('unproven');
  });

  it('a correction that betters the word wants words; one that does not, none', () => {
    const visit = identified().rotor([1.7, 1.45, 1.7]);
    const { id, readings } = visit.job.measured[0]!;
    const replaces = readings.find(({ place }) => place === '3')!.id;
    expect(visit.read(id, '3', 1.65, { replaces })).toMatchObject({ code: 'say-why' });
    expect(visit.read(id, '3', 1.44, { replaces })).toBeNull();
    const words = 'The jaw stood on a burr';
    expect(visit.read(id, '3', 1.65, { replaces: visit.last, words })).toBeNull();
    expect(visit.word('rotor')).toBe('holds');
  });

  it('a zero looked at after the readings, or that drifted, is no sound zero', () => {
    const late = identified().measure('rotor', [
      ['1', 1.7],
      ['3', 1.7],
      ['5', 1.7],
      ['zero', 0],
    ]);
    expect(late.word('rotor')).toBe('unproven');
    const drifted = identified().measure('rotor', [
      ['zero', 0],
      ['1', 1.57],
      ['3', 1.57],
      ['5', 1.57],
      ['zero', 0.05],
    ]);
    expect(drifted.word('rotor')).toBe('unproven');
  });
});

describe('E7 and E8: used parts bring their past, and what is fitted is fastened', () => {
  it('a rotor for organic pads only does not go over pads with metal in them, whichever came first', () => {
    const visit = identified();
    visit.fit({ part: 'pads', compound: 'metallic', rebedding: 'strip-and-bed-in' });
    expect(visit.barred).not.toContain('replace-open');
    visit.fit({ organicOnly: true });
    expect(visit.item('pads')).toMatchObject({ word: 'replace', found: ['pads-with-metal'] });
    visit.look('pads');
    expect(visit.barred).toContain('replace-open');
    visit.fit({ part: 'pads', compound: 'organic', rebedding: 'strip-and-bed-in' });
    expect(visit.barred).not.toContain('replace-open');
    const sheetSays = identified();
    sheetSays.fit({ part: 'pads', compound: 'metallic', rebedding: 'strip-and-bed-in' });
    sheetSays.identify(sheet({ rotor: { ...SHEET.rotor, organicOnly: true } }));
    expect(sheetSays.barred).toContain('replace-open');
  });

  it('the step that puts a used rotor on is no answer to what came with it, nor to what was found of the one before', () => {
    const cracked = identified();
    cracked.workUpTo('change-rotor', 'clean-hub-face');
    cracked.fit({ condition: 'used', cameOffFor: 'crack' });
    cracked.step('wash-hands');
    expect(cracked.step('new-rotor-on')).toBeNull();
    cracked.look('rotor');
    cracked.rotor([1.7, 1.7, 1.7]);
    expect(cracked.item('rotor')).toMatchObject({ doNotRide: true, found: ['crack'] });

    const unwritten = identified();
    unwritten.look('rotor', ['crack']);
    unwritten.workUpTo('change-rotor', 'new-rotor-on').look('rotor');
    expect(unwritten.item('rotor')!.doNotRide).toBe(true);
    unwritten.fit();
    expect(unwritten.item('rotor')?.doNotRide ?? false).toBe(false);

    const soaked = identified();
    soaked.look('pads', ['pads-soaked']);
    soaked.workUpTo('change-pads', 'new-pads-in').look('pads');
    expect(soaked.barred).toContain('replace-open');
  });

  describe('what was written down as off, with nothing written down as on', () => {
    const off = (visit: Visit, part: 'rotor' | 'pads') =>
      visit.send('part-off', { end: 'front', part, goes: 'scrap' });
    const proven = () =>
      identified().rotor([1.7, 1.7, 1.7]).pads(3.8).lever().test('lever-side').test('stand');

    it.each(['rotor', 'pads'] as const)('proves nothing by what the old %s read', (part) => {
      const visit = proven();
      expect([visit.word(part), visit.barred]).toEqual(['holds', []]);
      off(visit, part);
      expect(visit.item(part)).toMatchObject({
        word: 'unproven',
        lapsed: { touch: part, by: { code: 'taken-off', part } },
      });
      expect(visit.barred).toEqual(
        expect.arrayContaining(['unproven-open', 'stand-untested', 'check-open']),
      );
      // That something was found on it says nothing of how thick it is.
      visit.fit({ part, condition: 'found', compound: part === 'pads' ? 'organic' : null });
      expect(visit.word(part)).toBe('unproven');
    });

    it('is of another compound by no word that it was replaced: which pads are on is written down', () => {
      const organicOnly = { ...SHEET, rotor: { ...SHEET.rotor, organicOnly: true } };
      const visit = identified().identify(organicOnly);
      visit.look('pads', ['pads-soaked']);
      for (const work of ['replace-pads', 'replace-rotor'] as const)
        expect(visit.send('repair', { end: 'front', work, words: 'Metallic ones' })).toMatchObject({
          code: 'not-by-words',
        });
      const pads = { part: 'pads', compound: 'metallic', rebedding: 'strip-and-bed-in' } as const;
      expect(visit.fit(pads)).toMatchObject({ refusal: 'fitting-refused', field: 'compound' });
    });

    it('is not known by the word that it was replaced', () => {
      const visit = identified();
      visit.look('pads', ['pads-soaked']);
      off(visit, 'pads');
      visit.repair('replace-pads').look('pads');
      expect(visit.job.repaired).toEqual([]);
      expect(visit.item('pads')).toMatchObject({
        found: ['pads-soaked'],
        lesserLooks: ['pads-soaked'],
      });
    });

    it('is barred also where nobody had measured it', () => {
      const visit = identified();
      off(visit, 'pads');
      expect(visit.bars).toContainEqual({ code: 'unproven-open', end: 'front', subject: 'pads' });
      visit.fit({ part: 'pads', compound: 'organic', rebedding: 'strip-and-bed-in' });
      expect(visit.word('pads')).toBeNull();
    });

    it('holds again by what is on, measured; a rotor by its bolts too', () => {
      const visit = proven();
      off(visit, 'rotor');
      visit.rotor([1.7, 1.7, 1.7]);
      expect(visit.word('rotor')).toBe('holds');
      expect(visit.bars).toContainEqual(
        expect.objectContaining({ code: 'torque-unproven', fastener: 'rotor-bolts' }),
      );
    });

    it('leaves what condemned the old one till another is on', () => {
      const visit = identified().rotor([1.4, 1.4, 1.4]);
      off(visit, 'rotor');
      visit.rotor([1.7, 1.7, 1.7]);
      expect(visit.word('rotor')).toBe('replace');
      visit.fit();
      expect(visit.word('rotor')).toBeNull();
    });
  });

  describe('what is on, written down once more as found', () => {
    const found = { condition: 'found' } as const;

    it('came off for a crack all the same, at this visit and at the next', () => {
      const visit = identified();
      visit.fit({ condition: 'used', cameOffFor: 'crack' });
      visit.fit(found);
      expect(visit.barred).toContain('do-not-ride');
      const next = Visit.with({ id: 'next', earlierFittings: visit.job.fittings }).identify();
      expect(next.barred).toContain('do-not-ride');
      next.fit(found);
      expect(next.barred).toContain('do-not-ride');
      next.fit();
      expect(next.barred).not.toContain('do-not-ride');
    });

    it('is a used rotor that nobody measured, and a new one that nothing has bedded', () => {
      const used = identified();
      used.fit({ condition: 'used' });
      used.fit(found);
      expect(used.item('rotor')).toMatchObject({ word: 'unproven' });
      const fresh = identified();
      fresh.fit();
      fresh.fit(found);
      expect(kitAt(fresh.job, 'front').bedded).toBe('none');
    });

    it('is marked for organic pads still: no pair with metal goes with it', () => {
      const visit = identified();
      visit.fit({ organicOnly: true });
      visit.fit(found);
      const metal = { part: 'pads', compound: 'metallic', rebedding: 'strip-and-bed-in' } as const;
      expect(visit.fit(metal)).toMatchObject({ field: 'compound', code: 'organic-only' });
    });

    it('is a rotor for organic pads where the brake’s sheet says so, marked or not; another one goes by its own mark', () => {
      const visit = identified().identify(sheet({ rotor: { ...SHEET.rotor, organicOnly: true } }));
      visit.fit({ ...found, part: 'pads', compound: 'metallic' });
      expect(visit.word('pads')).toBe('replace');
      visit.fit(found);
      expect(visit.word('pads')).toBe('replace');
      visit.fit();
      expect(visit.word('pads')).toBeNull();
      visit.fit({ organicOnly: true });
      expect(visit.word('pads')).toBe('replace');
    });

    it('is held to the sheet’s limit also where it looks to be of another construction', () => {
      const limit = { ...SHEET.rotor.limit!, limitMm: 1.6 };
      const strict = () => identified().identify(sheet({ rotor: { ...SHEET.rotor, limit } }));
      const visit = strict().rotor([1.57, 1.57, 1.57]);
      expect(visit.word('rotor')).toBe('replace');
      visit.fit({ ...found, construction: 'two-piece' });
      expect(visit.word('rotor')).toBe('replace');
      // Another rotor, of another construction, goes by the shop's.
      const other = strict();
      other.fit({ construction: 'two-piece', newMm: 1.8 });
      other.rotor([1.57, 1.57, 1.57]);
      expect(other.word('rotor')).not.toBe('replace');
      other.fit({ ...found, construction: 'one-piece' });
      expect(other.word('rotor')).toBe('replace');
    });

    it('is a pair with metal till words say that its letter was read wrong', () => {
      const visit = identified();
      visit.fit({ organicOnly: true });
      visit.fit({ ...found, part: 'pads', compound: 'metallic' });
      expect(visit.word('pads')).toBe('replace');
      visit.decide('seen-wrong', 'pads');
      expect(visit.word('pads')).toBe('replace');
      visit.fit({ ...found, part: 'pads', compound: 'organic' });
      expect(visit.word('pads')).toBeNull();
      // Read as metal once more, it takes words once more.
      visit.fit({ ...found, part: 'pads', compound: 'semi-metallic' });
      visit.fit({ ...found, part: 'pads', compound: 'organic' });
      expect(visit.word('pads')).toBe('replace');
      visit.fit({ part: 'pads', compound: 'organic', rebedding: 'strip-and-bed-in' });
      expect(visit.word('pads')).toBeNull();
    });

    it('has every stamp that was read of it: the stricter counts till one is read twice', () => {
      const stamp = (limitMm: number) => ({ stampedLimit: { limitMm, atLimitIsWorn: null } });
      const visit = identified();
      visit.fit({ ...stamp(1.6) });
      visit.fit({ ...found, ...stamp(1.4) });
      expect(stampAt(visit.job, 'front')).toMatchObject({ limitMm: 1.6 });
      visit.rotor([1.55, 1.55, 1.55]);
      expect(visit.word('rotor')).toBe('replace');
      visit.fit({ ...found, ...stamp(1.4) });
      expect(stampAt(visit.job, 'front')).toMatchObject({ limitMm: 1.4 });
    });
  });

  it('a used rotor that came off for wear, or that nobody measured, is not proven', () => {
    const visit = identified();
    visit.fit({ condition: 'used' });
    visit.tighten('rotor-bolts').tickAll().test('stand');
    expect(visit.barred).toEqual(['unproven-open']);
  });

  it('a rotor is held by its own bolts, and not by the caliper’s', () => {
    const visit = identified();
    visit.fit();
    visit.tighten('caliper-post').tickAll().test('stand');
    expect(visit.bars).toEqual([
      { code: 'torque-unproven', end: 'front', fastener: 'rotor-bolts', flaws: ['passes-open'] },
    ]);
    const before = identified().tighten('rotor-bolts');
    before.fit();
    before.tickAll().test('stand');
    expect(before.barred).toEqual(['torque-unproven']);
  });

  it('a print is met with the sheet’s row, and a window that was remembered is none', () => {
    const visit = identified();
    const asked = { loNm: 8, hiNm: 9, origin: 'stamped', source: 'Caliper' } as const;
    expect(visit.begin('rotor-bolts', { asked })).toMatchObject({ code: 'no-common-window' });
    // A point that slipped would prove a bolt that is loose.
    for (const slipped of [
      { ...asked, loNm: 0.5, hiNm: 0.6 },
      { ...asked, loNm: 5, hiNm: 90 },
    ])
      expect(visit.begin('rotor-bolts', { asked: slipped, setNm: 5.5 })).toMatchObject({
        code: 'slip',
      });
    const near = { ...asked, loNm: 5, hiNm: 9 };
    expect(visit.begin('rotor-bolts', { asked: near, setNm: 5.5 })).toBeNull();
    expect(visit.job.tightened[0]!.window).toMatchObject({ loNm: 5, hiNm: 6.2 });
  });

  it('where a print and the sheet have nothing in common a lead decides, with words, till another sheet says more', () => {
    const read = { loNm: 8, hiNm: 9, origin: 'stamped', source: 'On the spider' } as const;
    const visit = identified();
    visit.fit();
    const told = { ...read, overSheet: 'The maker wrote back' };
    expect(visit.begin('rotor-bolts', { asked: told })).toMatchObject({ code: 'lead-decides' });
    expect(visit.begin('rotor-bolts', { asked: read, byLead: true })).toMatchObject({
      code: 'no-common-window',
    });
    visit.tighten('rotor-bolts', { asked: told, setNm: 8.5, byLead: true });
    expect(visit.job.tightened[0]!.flaws).toEqual([]);
    const [row] = SHEET.torque;
    const window = { ...row!.window, loNm: 4, hiNm: 5, namedNm: null };
    visit.identify(sheet({ torque: [{ ...row!, window }] }));
    expect(visit.job.tightened[0]!.flaws).toContain('setting-outside-window');
  });

  it.each([
    ['replace-caliper', ['caliper-post', 'hose-nut-caliper']],
    ['replace-lever', ['hose-nut-lever', 'lever-clamp']],
    ['replace-hose', ['hose-nut-caliper', 'hose-nut-lever']],
    ['remake-joint-at-lever', ['hose-nut-lever']],
    ['remake-joint-at-caliper', ['hose-nut-caliper']],
    ['refit-rotor', ['rotor-bolts']],
    ['centre-caliper', ['caliper-post']],
    ['reset-pads', []],
  ] as const)(
    'work written down without a plan, %s, asks for the bolts it had open',
    (work, asks) => {
      const visit = identified();
      visit.tighten('caliper-post').repair(work);
      const open = visit.bars.flatMap((bar) =>
        bar.code === 'torque-unproven' ? [bar.fastener] : [],
      );
      expect(open.sort()).toEqual(asks);
    },
  );

  it('the adapter of a mount that needs one is proven with the caliper it carries', () => {
    for (const work of ['replace-caliper', 'dress-mount'] as const) {
      const visit = identified().identify(sheet({ brake: { ...SHEET.brake, mount: 'is' } }));
      visit.repair(work);
      expect(visit.bars).toContainEqual(expect.objectContaining({ fastener: 'adapter-is' }));
    }
  });

  it('a cable that was told to be set up has its pinch bolt proven: nobody knows where its slack was taken up', () => {
    const visit = identified().identify(
      sheet({ brake: { ...SHEET.brake, actuation: 'cable' }, fluid: null }),
    );
    visit.repair('set-up-cable');
    expect(visit.bars).toContainEqual(expect.objectContaining({ fastener: 'pinch-bolt' }));
  });

  it('a bolt that a step only says to be at its torque is not', () => {
    const { job } = identified();
    const said = {
      id: 's',
      at: '',
      by: 'Maren',
      seq: 9,
      end: 'front',
      reason: '',
      after: null,
    } as const;
    const stepped = [{ ...said, step: 'torque-caliper', outcome: 'done' }] as const;
    expect(openFasteners({ ...job, stepped: [...stepped] }, 'front')).toEqual([
      { end: 'front', fastener: 'caliper-post', flaws: ['passes-open'] },
    ]);
    // Faces under an adapter are not dressed without taking it off.
    const tabs = identified().identify(sheet({ brake: { ...SHEET.brake, mount: 'is' } })).job;
    const dressed = [{ ...said, step: 'dress-mount', outcome: 'done' }] as const;
    expect(openFasteners({ ...tabs, stepped: [...dressed] }, 'front')).toEqual([
      { end: 'front', fastener: 'adapter-is', flaws: ['passes-open'] },
    ]);
  });

  it('passes backwards, and something else on the thread than is asked for, are flaws', () => {
    const visit = identified();
    visit.begin('rotor-bolts');
    const tighteningId = visit.last;
    for (const pass of ['verify', 'full', 'half', 'snug'] as const)
      visit.send('pass-mark', { tighteningId, pass, bolt: null, measuredNm: null, via: 'keys' });
    expect(visit.job.tightened[0]!.flaws).toEqual(['passes-out-of-order']);
    const greased = identified().tighten('rotor-bolts', { treatment: 'grease' });
    expect(greased.job.tightened[0]!.flaws).toEqual(['other-treatment']);
  });

  it('a reading wrench far below its scale proves no bolt', () => {
    const wrench = {
      ...WRENCH,
      kind: 'reading' as const,
      maxNm: 100,
      markNm: 0.1,
      tolerance: 0.02,
    };
    expect(identified().begin('rotor-bolts', { wrench })).toMatchObject({ code: 'outside-scale' });
  });
});

describe('E9: a bleed is proven by its number', () => {
  it.each([
    ['fluid filled', (visit: Visit) => visit.fill()],
    ['cycles logged', (visit: Visit) => visit.cycle('none')],
  ])(
    '%s with no plan: the lever wants its number, the checks their ticks, the wheel its stand test',
    (_, work) => {
      const visit = identified();
      work(visit);
      expect(visit.barred).toEqual(['lever-untested', 'stand-untested', 'check-open']);
      visit.lever().tickAll().test('stand');
      expect(visit.bars).toEqual([]);
    },
  );

  it('a last cycle with many bubbles stays open whatever the number', () => {
    const visit = identified().cycle('none').cycle('many');
    visit.lever().tickAll().test('stand');
    expect(visit.barred).toEqual(['bubbles-last']);
  });

  it('a cycle taken back was seen all the same', () => {
    const visit = identified().cycle('many');
    visit.send('taken-back', { of: visit.last });
    visit.lever().tickAll().test('stand');
    expect(visit.barred).toEqual(['bubbles-last']);
  });

  it('and answers nothing: neither many bubbles before it, nor what a bleed mends, nor that its cycles were seen', () => {
    const back = (visit: Visit) => {
      expect(visit.send('taken-back', { of: visit.last })).toBeNull();
      return visit.lever().tickAll().test('stand');
    };
    const many = back(identified().cycle('many').cycle('none'));
    expect(many.barred).toEqual(['bubbles-last']);
    many.cycle('none').lever().tickAll().test('stand');
    expect(many.bars).toEqual([]);

    const sinks = back(identified().lever(27, 30).cycle('none'));
    expect(sinks.item('lever')).toMatchObject({ doNotRide: true });
    sinks.cycle('none').lever();
    expect(sinks.item('lever')!.doNotRide).toBe(false);

    const unseen = identified().lever().workUpTo('bleed-push-up', 'push-up').cycle('none');
    const lacks = () => unseen.bars.flatMap((bar) => ('lacks' in bar ? [bar.lacks] : []));
    expect(lacks()).toEqual(['fluid']);
    back(unseen);
    expect(lacks()).toEqual(['fluid', 'cycles']);
  });

  it('the number of the lever as it came in says nothing of it as it was bled', () => {
    const visit = identified().lever();
    visit.cycle('none');
    expect(visit.barred).toContain('lever-untested');
    expect(visit.word('lever')).toBe('unproven');
  });
});

describe('E10: when it was', () => {
  it('a sitting that goes on after its gauge’s calibration ended proves nothing', () => {
    const ends = { ...GAUGES.point, calibrationDueOn: '2026-11-25' };
    const visit = identified().rotor([1.7, 1.7], ends);
    visit.at = '2026-11-26T09:00:00.000Z';
    const measurementId = visit.job.measured[0]!.id;
    visit.read(measurementId, '4', 1.7);
    expect(visit.word('rotor')).toBe('unproven');
    expect(identified().rotor([1.7, 1.7, 1.7], ends).word('rotor')).toBe('holds');
  });

  it('the day is the shop’s, also where it is another one than at Greenwich', () => {
    const ends = { ...GAUGES.point, calibrationDueOn: '2026-11-25' };
    const rules = { ...USUAL_RULES, timeZone: 'Pacific/Auckland' };
    const visit = identified({ rules });
    visit.at = '2026-11-25T12:00:00.000Z';
    expect(visit.rotor([1.7, 1.7, 1.7], ends).word('rotor')).toBe('unproven');
  });
});

describe('rule 8: nothing is tried or ridden under a do-not-ride', () => {
  it('neither on the stand by the plan, nor bedded in', () => {
    const visit = identified();
    visit.look('leaks', ['leak-at-lever']);
    expect(visit.send('bedding-pull', { end: 'front', fromKmh: 25, toKmh: 5 })).toMatchObject({
      code: 'do-not-ride',
    });
  });
});

it('a modified mount measured at nothing is modified all the same', () => {
  const visit = identified();
  visit.look('mount', ['mount-modified']);
  visit.measure(
    'mount-face',
    [
      ['gap', 0],
      ['spacing', 74],
    ],
    { gauge: GAUGES.feelers },
  );
  visit.look('mount');
  expect(visit.word('mount')).toBe('unproven');
  expect(visit.barred).toEqual(['unproven-open']);
});

it('work that was tapped done and taken back leaves what it touched to be proven', () => {
  const visit = identified().lever();
  visit.plan('bleed-push-up');
  expect(visit.step('wheel-out')).toBeNull();
  expect(visit.step('wheel-out', 'taken-back')).toBeNull();
  expect(visit.barred).toContain('stand-untested');
});
