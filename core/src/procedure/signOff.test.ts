import type { Outcome } from '../evidence/outcome';
import { signOffBars, type SignOffFacts } from './signOff';

const levers = (front: Outcome | null, rear: Outcome | null) => [
  { end: 'front' as const, outcome: front },
  { end: 'rear' as const, outcome: rear },
];

const clear: SignOffFacts = {
  away: false,
  leverSideConfirmed: true,
  motor: false,
  cutOff: levers(null, null),
  unswept: [],
  unbitten: [],
  reckonedAgainst: [],
  bleedsUnrecorded: [],
  inspected: [],
  tightenings: [],
  openChecks: [],
  tagged: [],
  openEnds: [],
  leversUntested: [],
  bubblesLast: [],
  standUntested: [],
  sheetsRevised: [],
  refusedBefore: [],
  noticesOpen: [],
  unseconded: [],
  toldOf: [],
};
const codes = (change: Partial<SignOffFacts>) =>
  signOffBars({ ...clear, ...change }).map((bar) => bar.code);
const rotor = (
  word: SignOffFacts['inspected'][number]['word'],
  decision: SignOffFacts['inspected'][number]['decision'] = null,
) => ({
  inspected: [
    {
      end: 'front' as const,
      subject: 'rotor' as const,
      word,
      decision,
      doNotRide: false,
      found: [],
      acceptable: true,
      refusable: true,
    },
  ],
});

describe('sign-off', () => {
  it('passes a job in which nothing was looked at: "not inspected" is no bar', () =>
    expect(codes({})).toEqual([]));

  it('passes what holds', () => expect(codes(rotor('holds'))).toEqual([]));

  it('refuses Replace, unless the customer refuses the work', () => {
    expect(codes(rotor('replace'))).toEqual(['replace-open']);
    expect(codes(rotor('replace', 'accepted-unproven'))).toEqual(['replace-open']);
    expect(codes(rotor('replace', 'customer-refused'))).toEqual([]);
  });

  it('refuses Unproven, unless a lead accepts it', () => {
    expect(codes(rotor('unproven'))).toEqual(['unproven-open']);
    expect(codes(rotor('unproven', 'customer-refused'))).toEqual(['unproven-open']);
    expect(codes(rotor('unproven', 'accepted-unproven'))).toEqual([]);
  });

  it('takes neither acceptance nor refusal where there is none to give', () => {
    const [unproven] = rotor('unproven', 'accepted-unproven').inspected;
    expect(codes({ inspected: [{ ...unproven!, acceptable: false }] })).toEqual(['unproven-open']);
    const [worn] = rotor('replace', 'customer-refused').inspected;
    expect(codes({ inspected: [{ ...worn!, refusable: false }] })).toEqual(['replace-open']);
  });

  it.each([
    ['leversUntested', 'lever-untested'],
    ['bubblesLast', 'bubbles-last'],
    ['standUntested', 'stand-untested'],
    ['sheetsRevised', 'sheet-revised'],
  ] as const)('%s bars by end', (fact, code) =>
    expect(signOffBars({ ...clear, [fact]: ['rear'] })).toEqual([{ code, end: 'rear' }]),
  );

  it('opens with what an earlier visit’s customer would not have replaced', () =>
    expect(codes({ refusedBefore: [{ end: 'front', subject: 'rotor' }] })).toEqual([
      'refused-before',
    ]));

  it('passes Watch with the customer told of that very thing', () => {
    expect(codes(rotor('watch'))).toEqual(['watch-untold']);
    for (const told of [
      { end: 'rear', subject: 'rotor' },
      { end: 'front', subject: 'pads' },
    ] as const)
      expect(codes({ ...rotor('watch'), toldOf: [told] })).toEqual(['watch-untold']);
    expect(codes({ ...rotor('watch'), toldOf: [{ end: 'front', subject: 'rotor' }] })).toEqual([]);
  });

  it('refuses an unproven torque, an unconfirmed lever side', () => {
    expect(
      codes({ tightenings: [{ end: 'front', fastener: 'rotor-bolts', flaws: ['passes-open'] }] }),
    ).toEqual(['torque-unproven']);
    expect(codes({ tightenings: [{ end: 'front', fastener: 'rotor-bolts', flaws: [] }] })).toEqual(
      [],
    );
    expect(codes({ leverSideConfirmed: false })).toEqual(['lever-side-unconfirmed']);
  });

  it('names a fastener once, with all that it lacks', () =>
    expect(
      signOffBars({
        ...clear,
        tightenings: [
          { end: 'front', fastener: 'rotor-bolts', flaws: ['setting-outside-window'] },
          { end: 'front', fastener: 'rotor-bolts', flaws: ['passes-open'] },
          { end: 'rear', fastener: 'rotor-bolts', flaws: ['passes-open'] },
        ],
      }),
    ).toEqual([
      {
        code: 'torque-unproven',
        end: 'front',
        fastener: 'rotor-bolts',
        flaws: ['setting-outside-window', 'passes-open'],
      },
      { code: 'torque-unproven', end: 'rear', fastener: 'rotor-bolts', flaws: ['passes-open'] },
    ]));

  it('bars what is not to be ridden once, also where its numbers are unproven', () =>
    expect(
      codes({
        inspected: rotor('unproven', 'accepted-unproven').inspected.map((item) => ({
          ...item,
          doNotRide: true,
        })),
      }),
    ).toEqual(['do-not-ride']));

  it('refuses work that was begun and not finished', () =>
    expect(codes({ openEnds: [{ end: 'rear', of: 'port' }] })).toEqual(['work-open']));

  it('refuses a motor whose cut-off was not seen to work', () => {
    expect(codes({ motor: true })).toEqual(['cut-off-untested', 'cut-off-untested']);
    // Each lever is its own.
    expect(codes({ motor: true, cutOff: levers('passed', 'failed') })).toEqual(['cut-off-failed']);
    expect(codes({ motor: true, cutOff: levers('passed', null) })).toEqual(['cut-off-untested']);
    expect(codes({ motor: true, cutOff: levers('passed', 'passed') })).toEqual([]);
    expect(codes({ motor: false, cutOff: levers(null, null) })).toEqual([]);
  });

  it('never waives a do-not-ride, and names the gravest bar first', () =>
    expect(
      codes({
        inspected: [
          ...rotor('replace', 'customer-refused').inspected,
          ...rotor('replace', null).inspected,
        ].map((item) => ({
          ...item,
          doNotRide: true,
          found: ['crack' as const],
        })),
        leverSideConfirmed: false,
      }),
    ).toEqual(['do-not-ride', 'do-not-ride', 'lever-side-unconfirmed']));
});
