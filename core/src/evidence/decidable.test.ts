import { identified, type Visit } from '../adversary/visit';
import { decisionsOn } from './decidable';

// Our design [D]: what may be decided by words and a PIN, and by whose. Whatever else is wrong is left to work.

const rotor = { end: 'front', subject: 'rotor' } as const;
const lever = { end: 'front', subject: 'lever' } as const;
const seen = (finding: 'crack' | 'deep-scoring') => {
  const visit = identified();
  visit.look('rotor', [finding]);
  return visit;
};

const writtenOff = (thinnest: number) => {
  const visit = identified().rotor([thinnest, thinnest, thinnest]);
  visit.send('part-off', { end: 'front', part: 'rotor', goes: 'scrap' });
  return visit;
};

it.each<[string, Visit, typeof rotor | typeof lever, Record<string, boolean>]>([
  ['nothing of what holds', identified().rotor([1.7, 1.7, 1.7]), rotor, {}],
  ['nothing of what nobody looked at', identified(), rotor, {}],
  [
    'a lead accepts what the gauge does not prove',
    identified().rotor([1.52, 1.52, 1.52]),
    rotor,
    { 'accepted-unproven': true },
  ],
  [
    'the customer refuses a new rotor for a worn one',
    identified().rotor([1.3, 1.3, 1.3]),
    rotor,
    { 'customer-refused': false },
  ],
  ['no lead accepts a brake with no rotor on', writtenOff(1.52), rotor, {}],
  ['no customer refuses one for a rotor that is in the scrap', writtenOff(1.3), rotor, {}],
  [
    'what was seen can have been seen wrong',
    seen('deep-scoring'),
    rotor,
    { 'customer-refused': false, 'seen-wrong': false },
  ],
  [
    'a crack can be left by no customer, and taken back by no finder',
    seen('crack'),
    rotor,
    {
      'seen-wrong': true,
    },
  ],
  ['a lever that sinks is left to no decision', identified().lever(27, 30), lever, {}],
  [
    'unless a good test stands against it',
    identified().lever(27, 30).lever(),
    lever,
    {
      'seen-wrong': true,
    },
  ],
])('%s', (_what, { job }, thing, decisions) =>
  expect(
    Object.fromEntries(decisionsOn(job, thing).map((each) => [each.decision, each.takesLead])),
  ).toEqual(decisions),
);

const before = { jobId: 'before', tag: 398 };

it('asks a lead of a do-not-ride that hangs from an earlier visit, looked at or not', () => {
  const { job } = identified().rotor([1.7, 1.7, 1.7]);
  const tags = [{ ...rotor, found: [], foundAfter: null, ...before }];
  for (const visit of [job, identified().job])
    expect(decisionsOn({ ...visit, tags }, rotor)).toEqual([
      { decision: 'seen-wrong', takesLead: true },
    ]);
  expect(decisionsOn({ ...job, tags }, lever)).toEqual([]);
});

it('asks the customer anew of what they refused before, and takes it back only once it was looked at', () => {
  const against = { againstAdvice: [{ ...rotor, words: 'It will do', at: '', ...before }] };
  const refuse = { decision: 'customer-refused', takesLead: false };
  expect(decisionsOn({ ...identified().job, ...against }, rotor)).toEqual([refuse]);
  expect(decisionsOn({ ...identified().rotor([1.7, 1.7, 1.7]).job, ...against }, rotor)).toEqual([
    refuse,
    { decision: 'seen-wrong', takesLead: false },
  ]);
});

it('asks a lead whether the old sheet is kept, while there is a newer one', () => {
  const { job } = identified();
  const front = { ...job.identified.front!, newerRevision: job.identified.front!.sheet };
  const revised = { ...job, identified: { ...job.identified, front } };
  expect(decisionsOn(revised, rotor)).toEqual([{ decision: 'kept-sheet', takesLead: true }]);
  expect(decisionsOn(revised, { ...rotor, end: 'rear' })).toEqual([]);
});
