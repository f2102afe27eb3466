import type { NoticeAtJob } from '../notice/notice';
import { GAUGES, identified, type Visit } from './visit';

/** A notice that everything filled from the visit's lot meets. */
export const NOTICE: NoticeAtJob = {
  id: '0190a000-0000-7000-8000-00000000900d',
  version: 1,
  title: 'Levers that stick',
  words: 'Change the blade',
  source: 'Bulletin 7',
  doNotRide: false,
  maker: '',
  serialFrom: '',
  serialTo: '',
  sheetId: null,
  lot: 'L1',
  sheetBefore: false,
  lotBefore: false,
  broughtAt: 0,
  answeredBefore: false,
};

/** A visit with an entry of every kind: whatever a job may hold stands in it. */
export function whole(): Visit {
  const advice = {
    end: 'rear',
    subject: 'pads',
    words: 'Later',
    tag: 400,
    jobId: 'was',
    at: '',
  } as const;
  const visit = identified({ againstAdvice: [advice], notices: [NOTICE] });
  visit.send('bedding-pull', { end: 'rear', fromKmh: 25, toKmh: 5 });
  visit.rotor([1.7, 1.45, 1.7]).rotor([1.7, 1.7]).pads(3.9).lever().runout(0.15).gaps();
  visit.look('leaks', ['leak-at-banjo']);
  visit.repair('remake-joint-at-caliper').look('leaks');
  visit.send('part-off', { end: 'front', part: 'rotor', goes: 'scrap' });
  visit.fit({ condition: 'used', cameOffFor: 'changed' });
  visit.tighten('rotor-bolts').tighten('caliper-post');
  visit.tighten('lever-clamp', { treatment: 'grease' });
  const { id: tighteningId } = visit.job.tightened.at(-1)!;
  visit.send('clamp-gaps', { tighteningId, oneMm: 1.2, otherMm: 1.2 });
  visit.fill();
  visit.send('fluid-back', { fillId: visit.last, ml: 4 });
  visit.cycle('none');
  visit.measure('lever', [['bite', 20]], { gauge: GAUGES.rule });
  visit.test('stand').edit('right');
  visit.decide('accepted-unproven', 'rotor');
  visit.pads(2.9).pads(3.9).repair('reset-pads');
  visit.send(
    'part-taken',
    { end: 'front', stockId: 'olives', pieces: 1, batch: '' },
    { part: 'olive', description: 'Olive, 5 mm hose', batches: ['B7'], count: 9 },
  );
  const told = { end: 'front' } as const;
  visit.send('ticked', { ...told, check: 'no-drag', outcome: 'passed', words: '' });
  visit.send('witness', { ...told, ring: 'even' });
  visit.send('bite', { ...told, rose: true });
  visit.send('sum', { ...told, calculator: 'share', keyed: { aheadM: '0.55' } });
  visit.send('waits', { for: 'maker', asked: 'The maker', askAgainOn: '2026-12-01', away: false });
  visit.send('stay', { since: '2026-11-24', out: false, backBefore: null });
  visit.send('sign', { ...told, sign: 'parts-new', seen: false });
  visit.send('cause', { ...told, cause: 'glazed' });
  visit.send('radial', { ...told, eMm: 0.25, washersMm: [1.5] });
  visit.send(
    'reckoned',
    {
      ...told,
      what: {
        of: 'levers',
        left: { reach: 70 },
        right: { reach: 75 },
        biased: ['reach'],
        why: 'Small hand',
      },
    },
    { byLead: false },
  );
  visit.send('part-brought', {
    ...told,
    part: 'olive',
    pieces: 1,
    from: 'The hose’s bag',
    fits: '',
    checked: '',
    batch: 'TB-4',
  });
  visit.send('customer-answer', {
    answer: 'agreed',
    lines: [{ end: 'front', procedure: 'align' }],
    who: 'The rider',
    how: 'by-phone',
    words: '',
  });
  visit.send('deviation', {
    ...told,
    deviation: 'mount-by-make',
    words: 'Filed before it came',
    measured: '',
    choice: 'ask-maker',
    decidedBy: 'customer',
    who: 'The rider',
    riskTold: true,
  });
  const asked = visit.last;
  visit.send('maker-answer', {
    ...told,
    deviationId: asked,
    allows: false,
    words: 'Not by us',
    photoId: null,
  });
  visit.send('waste', { end: 'front', family: 'mineral', ml: 5 });
  visit.send('photo', { end: 'front', area: 'leaks', sha256: 'ab'.repeat(32) });
  visit.send('taken-back', { of: visit.job.told[0]!.id });
  visit.fit({ end: 'rear', description: 'For the front' });
  visit.send('taken-back', { of: visit.last });
  visit.repair('true-rotor', 'rear');
  visit.send('taken-back', { of: visit.last });
  visit.plan('align');
  visit.step('caliper-loosen');
  visit.send(
    'notice-answer',
    { noticeId: NOTICE.id, noticeVersion: 1, words: 'Blade changed' },
    { byLead: false },
  );
  visit.send('second-look', { end: 'front', words: 'Bolts' }, { byApprentice: false });
  return visit;
}
