import { Visit } from '../adversary/visit';
import { USUAL_USE } from '../kit/bike';
import { easedBy } from '../kit/brakes';
import type { NoticeAtJob } from '../notice/notice';
import { inspectEnd } from '../inspection/inspectEnd';
import { NOTHING_SAID } from './job';
import { planAt } from '../plan/visit';
import { doRefusal } from './planStep';
import { visitOf } from './visit';

const bike = (change: Partial<Visit['base']['bike']>) =>
  Visit.with({ bike: { ...new Visit().base.bike, ...change } });

describe('what is taken down at check-in', () => {
  it('a bike the shop may not ride is proven on the stand, and its rider beds it in', () => {
    const stepsOf = (mayRide: boolean | null) => {
      const visit = Visit.with({ ...NOTHING_SAID, mayRide }).identify();
      visit.plan('change-pads');
      return { visit, steps: planAt(visitOf(visit.job))!.steps.map(({ step }) => step) };
    };
    const riding = ['careful-ride', 'bed-in', 'witness-ring'] as const;
    expect(stepsOf(null).steps).toEqual(expect.arrayContaining([...riding]));
    const { visit, steps } = stepsOf(false);
    expect(steps).toContain('stand-test');
    for (const step of riding) expect(steps).not.toContain(step);
    // Nobody is held to a ride the customer does not want; what is proven without one is.
    for (const { step, end } of planAt(visitOf(visit.job))!.steps)
      expect([step, visit.step(step, 'done', end)]).toEqual([step, null]);
    expect(visit.job.bars.map(({ code }) => code)).not.toContain('work-open');
    expect(doRefusal(visit.job, 'bed-in', 'front')).not.toBeNull();
  });

  it('nor is a bike the shop may not ride ridden before the work', () => {
    const stepsOf = (mayRide: boolean | null) => {
      const visit = Visit.with({ ...NOTHING_SAID, mayRide }).identify();
      visit.plan('cable-to-hydraulic');
      return planAt(visitOf(visit.job))!.steps.map(({ step }) => step);
    };
    expect(stepsOf(true)).toContain('stop-test-before');
    expect(stepsOf(false)).not.toContain('stop-test-before');
  });

  it('a brake that is no disc is neither identified nor planned', () => {
    const visit = bike({ rearBrake: 'coaster' });
    expect(
      visit.send(
        'identification',
        { end: 'rear', sheetRevisionId: 's', stampedLimit: null },
        { sheet: new Visit().identify().job.identified.front!.sheet },
      ),
    ).toMatchObject({ field: 'end', code: 'no-disc' });
    expect(
      visit.send('plan-choice', {
        procedures: { front: [], rear: ['change-pads'] },
        bleed: { front: 'gravity-down', rear: 'gravity-down' },
        again: [],
        agreed: 'agreed',
        words: '',
      }),
    ).toMatchObject({ field: 'procedures.rear', code: 'no-disc' });
  });

  it.each([
    [{ motor: true }, { motor: false }, 'motor'],
    [{ motor: false }, { motor: true }, null],
    [{ rearBrake: 'disc' }, { rearBrake: 'drum' }, 'rearBrake'],
    [{ rearBrake: 'drum' }, { rearBrake: 'disc' }, null],
    [{ forkMaterial: 'carbon' }, { forkMaterial: 'aluminium' }, 'forkMaterial'],
    [{ forkMaterial: 'carbon' }, { forkMaterial: null }, 'forkMaterial'],
    [{ frameMaterial: 'carbon' }, { frameMaterial: 'steel' }, 'frameMaterial'],
    [{ forkMaterial: null }, { forkMaterial: 'carbon' }, null],
  ] as const)('a correction from %j to %j is eased by %s', (was, became, eased) => {
    const usual = { ...USUAL_USE, motor: false };
    expect(easedBy({ ...usual, ...was }, { ...usual, ...became })).toBe(eased);
  });
});

describe('a notice that meets the bike', () => {
  const notice: NoticeAtJob = {
    id: 'n',
    version: 2,
    title: 'Hoses that part',
    words: 'Change the hose',
    source: 'Recall 3',
    doNotRide: true,
    maker: '',
    serialFrom: '',
    serialTo: '',
    sheetId: null,
    lot: '',
    sheetBefore: false,
    lotBefore: false,
    broughtAt: 0,
    answeredBefore: false,
  };
  const visit = (change: Partial<NoticeAtJob> = {}) =>
    Visit.with({ notices: [{ ...notice, ...change }] });
  const answer = (at: Visit, byLead: boolean, noticeVersion = 2) =>
    at.send('notice-answer', { noticeId: 'n', noticeVersion, words: 'Hose changed' }, { byLead });
  const open = (at: Visit) => at.job.bars.filter(({ code }) => code === 'notice-open').length;

  it('bars until somebody says what was done; a do-not-ride takes a lead', () => {
    const grave = visit();
    expect(answer(grave, false)).toMatchObject({ code: 'lead-only' });
    expect(open(grave)).toBe(1);
    expect(answer(grave, true)).toBeNull();
    expect(open(grave)).toBe(0);
    const lesser = visit({ doNotRide: false });
    expect(answer(lesser, false)).toBeNull();
    expect(open(lesser)).toBe(0);
  });

  it('that was rewritten is read again, and one that meets nothing here is not answered', () => {
    expect(answer(visit(), true, 1)).toMatchObject({ code: 'notice-rewritten' });
    expect(answer(visit({ lot: 'another' }), true)).toMatchObject({ code: 'unknown' });
  });
});

describe('a file on a mount', () => {
  const of = (forkMaterial: Visit['base']['bike']['forkMaterial']) =>
    Visit.with({ bike: { ...new Visit().base.bike, forkMaterial } }).identify();
  const dress = (visit: Visit) =>
    visit.send('repair', { end: 'front', work: 'dress-mount', words: 'Paint off, just to metal' });
  const ask = (visit: Visit) => {
    visit.send('deviation', {
      end: 'front',
      deviation: 'other',
      words: 'Paint under the caliper',
      measured: '0.3 mm',
      choice: 'ask-maker',
      decidedBy: 'customer',
      who: 'The rider',
      riskTold: true,
    });
    return visit.last;
  };
  const answer = (visit: Visit, deviationId: string, change: object = {}) =>
    visit.send('maker-answer', {
      end: 'front',
      deviationId,
      allows: true,
      words: 'To bare laminate and no further',
      photoId: null,
      ...change,
    });

  it('asks first what it is of, and goes ahead on metal', () => {
    expect(dress(of(null))).toMatchObject({ field: 'work', code: 'material-unknown' });
    expect(dress(of('aluminium'))).toBeNull();
  });

  // "Carbon: only on the maker's written word, attached" [P].
  it('stays off carbon until the maker’s yes is there in writing', () => {
    const visit = of('carbon');
    expect(dress(visit)).toMatchObject({ code: 'carbon-unanswered' });
    const asked = ask(visit);
    expect(answer(visit, asked)).toBeNull();
    expect(dress(visit)).toMatchObject({ code: 'carbon-unanswered' });
    visit.send('photo', { end: 'front', area: 'mount', sha256: 'ab'.repeat(32) });
    const photoId = visit.last;
    expect(answer(visit, asked, { photoId: 'another' })).toMatchObject({ field: 'photoId' });
    answer(visit, asked, { photoId });
    expect(dress(visit)).toBeNull();
    answer(visit, asked, { photoId, allows: false, words: 'We take it back' });
    expect(dress(visit)).toMatchObject({ code: 'carbon-unanswered' });
  });

  it('no answer without a question', () =>
    expect(answer(of('carbon'), 'nothing')).toMatchObject({ code: 'not-asked' }));
});

// Our choice [D]: a modified structural part is never marked as holding, whoever measures it again.
describe('a modified mount', () => {
  const mount = (visit: Visit) =>
    inspectEnd(visit.job, 'front').items.find(({ subject }) => subject === 'mount');

  it('stays one at every later look and visit, until a lead says it was seen wrong', () => {
    const visit = Visit.with({
      modifiedBefore: { front: true, rear: false, third: false },
    }).identify();
    visit.look('mount');
    expect(mount(visit)).toMatchObject({ word: 'unproven', found: ['mount-modified'] });
    visit.decide('seen-wrong', 'mount');
    expect(mount(visit)?.word).toBe('holds');
  });

  it.each([
    ['mount-by-make', 'modified-adapter', true],
    ['mount-by-make', 'warranty-part', false],
    ['modified-part', 'ask-maker', true],
    ['modified-part', 'warranty-part', false],
    ['other', 'ask-maker', false],
  ] as const)('%s with %s leaves one: %s', (deviation, choice, leaves) => {
    const visit = new Visit().identify();
    visit.send('deviation', {
      end: 'front',
      deviation,
      words: 'Material proud',
      measured: '',
      choice,
      decidedBy: 'customer',
      who: 'The rider',
      riskTold: true,
    });
    visit.look('mount');
    expect(mount(visit)?.word).toBe(leaves ? 'unproven' : 'holds');
  });
});
