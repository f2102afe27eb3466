import { Visit } from '../adversary/visit';
import type { EntryKind } from './kinds';

// Our design: a slip of the hand is taken back by one touch; what was seen not in order is put in order, and not unsaid.

const front = { end: 'front' } as const;
const asked = { words: 'Seen', measured: '', who: 'Teodor', riskTold: true, ...front } as const;

/** Tells one thing of the brake. @returns the visit, with what takes it back */
function told(tell: (visit: Visit) => unknown) {
  const visit = new Visit().identify();
  tell(visit);
  const { id, kind } = visit.entries.at(-1)!.entry;
  return { visit, kind, back: () => visit.send('taken-back', { of: id }) };
}

/** Asked about carbon, the maker answers. */
function answers(visit: Visit, allows: boolean): void {
  visit.send('deviation', {
    ...asked,
    deviation: 'mount-by-make',
    choice: 'ask-maker',
    decidedBy: 'maker',
  });
  const deviationId = visit.last;
  visit.send('maker-answer', { ...front, deviationId, allows, words: 'Letter', photoId: null });
}

const ABRIDGED = { ...asked, decidedBy: 'lead' } as const;

const STAYS: readonly [EntryKind, string, (visit: Visit) => unknown][] = [
  ['bite', 'it did not rise', (v) => v.send('bite', { ...front, rose: false })],
  [
    'deviation',
    'a structural part is modified',
    (v) => v.send('deviation', { ...ABRIDGED, deviation: 'modified-part', choice: 'not-ridden' }),
  ],
  ['maker-answer', 'no', (v) => answers(v, false)],
  ['radial', 'the pads overhang', (v) => v.send('radial', { ...front, eMm: -3, washersMm: [] })],
  ['stay', 'it was out', (v) => v.nextDay().stay('2026-11-25', true)],
  ['waits', 'it waits', (v) => v.wait(false)],
  ['witness', 'off the edge', (v) => v.send('witness', { ...front, ring: 'off-the-edge' })],
];

const SLIPS: readonly [EntryKind, string, (visit: Visit) => unknown][] = [
  ['bite', 'it rose', (v) => v.send('bite', { ...front, rose: true })],
  [
    'deviation',
    'a bolt will not go',
    (v) => v.send('deviation', { ...ABRIDGED, deviation: 'will-not-go', choice: 'heat' }),
  ],
  ['maker-answer', 'yes', (v) => answers(v, true)],
  ['radial', 'inside the edge', (v) => v.send('radial', { ...front, eMm: 0.5, washersMm: [] })],
  ['stay', 'it stayed', (v) => v.nextDay().stay('2026-11-25', false)],
  ['witness', 'even', (v) => v.send('witness', { ...front, ring: 'even' })],
  ['sign', 'seen', (v) => v.send('sign', { ...front, sign: 'pad-plays', seen: true })],
];

it.each(STAYS)('%s stays said where %s', (kind, _says, tell) => {
  const { visit, kind: sent, back } = told(tell);
  expect(sent).toBe(kind);
  const { bars, told: before } = visit.job;
  expect(back()).toMatchObject({ field: 'of', code: 'failed-check' });
  expect([visit.job.bars, visit.job.told]).toEqual([bars, before]);
});

it.each(SLIPS)('%s can be taken back where %s', (kind, _says, tell) => {
  const { visit, kind: sent, back } = told(tell);
  expect(sent).toBe(kind);
  expect(back()).toBeNull();
  expect(visit.job.told.some((each) => each.kind === kind)).toBe(false);
  expect(visit.job.takenBack).toHaveLength(1);
});

it('what nobody told is not taken back, nor twice', () => {
  const { visit, back } = told((v) => v.send('bite', { ...front, rose: true }));
  expect(visit.send('taken-back', { of: 'nothing' })).toMatchObject({ code: 'unknown' });
  expect(back()).toBeNull();
  expect(back()).toMatchObject({ field: 'of', code: 'unknown' });
});

it('no file goes to carbon once its maker said no, whatever is taken back', () => {
  const { bike } = new Visit().base;
  const visit = Visit.with({ bike: { ...bike, forkMaterial: 'carbon' } }).identify();
  const file = () => visit.send('repair', { ...front, work: 'dress-mount', words: 'Burr off' });
  expect(file()).toMatchObject({ field: 'work', code: 'carbon-unanswered' });
  visit.send('photo', { ...front, area: 'mount', sha256: 'of the letter' });
  const photoId = visit.last;
  answers(visit, true);
  const { deviationId } = visit.entries.at(-1)!.entry as { deviationId: string };
  expect(file()).toMatchObject({ code: 'carbon-unanswered' });
  const answer = { ...front, deviationId, words: 'Letter', photoId };
  visit.send('maker-answer', { ...answer, allows: true });
  expect(file()).toBeNull();
  visit.send('maker-answer', { ...answer, allows: false });
  expect(visit.send('taken-back', { of: visit.last })).toMatchObject({ code: 'failed-check' });
  expect(file()).toMatchObject({ code: 'carbon-unanswered' });
});
