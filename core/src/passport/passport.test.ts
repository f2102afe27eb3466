import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { USUAL_USE } from '../kit/bike';
import { sealLink } from '../seal/chain';
import {
  doNotRidesOf,
  knownOf,
  PASSPORT_FORMAT,
  passportFault,
  sealPassport,
  type Passport,
} from './passport';

const BIKE = { ...USUAL_USE, maker: 'Skarvald', serial: 'SV-1', motor: false };
const item = (subject: string, doNotRide: boolean) => ({
  end: 'front',
  subject,
  doNotRide,
  found: doNotRide ? ['crack'] : [],
});

/** A passport with one visit after the other, each inspected so. */
function passport(visits: readonly object[][], change: Partial<Passport> = {}): Passport {
  const records = visits.map((inspection, i) => {
    const prev = i === 0 ? null : 'a'.repeat(64);
    const record = { bike: { serial: 'SV-1' }, inspection } as never;
    return { number: i + 1, prev, ...sealLink({ prev, record }) };
  });
  return sealPassport({
    format: PASSPORT_FORMAT,
    writtenAt: '2026-11-25T09:00:00.000Z',
    bike: BIKE,
    doNotRide: [],
    againstAdvice: [],
    records,
    ...change,
  });
}

it('is believed as it was written, for the bike of its serial', () => {
  expect(passportFault(passport([[item('rotor', false)]]), 'SV-1')).toBeNull();
  expect(passportFault(passport([]), '')).toBeNull();
  expect(passportFault(passport([]), 'SV-2')).toEqual({ code: 'other-bike', serial: 'SV-1' });
  // Copied off the frame in another way, or not at all.
  expect(passportFault(passport([[item('rotor', false)]]), 'sv 01')).toBeNull();
  expect(passportFault(passport([[item('rotor', false)]]), '-')).toBeNull();
});

it('published: is sealed by the platform’s own SHA-256 over sorted keys (RFC 8785)', () => {
  const { seal, ...rest } = passport([]);
  const sorted = (value: unknown): unknown =>
    Array.isArray(value)
      ? value.map(sorted)
      : typeof value === 'object' && value !== null
        ? Object.fromEntries(
            Object.entries(value)
              .sort(([a], [b]) => (a < b ? -1 : 1))
              .map(([key, each]) => [key, sorted(each)]),
          )
        : value;
  expect(seal).toBe(
    createHash('sha256')
      .update(JSON.stringify(sorted(rest)))
      .digest('hex'),
  );
});

it('is not believed once a letter of it was altered, wherever', () => {
  const whole = passport([[item('rotor', true)]]);
  fc.assert(
    fc.property(fc.nat(), fc.constantFrom('a', '0', 'z'), (at, letter) => {
      const text = JSON.stringify(whole);
      const i = at % text.length;
      const altered = text.slice(0, i) + letter + text.slice(i + 1);
      fc.pre(altered !== text);
      let read: Passport;
      try {
        read = JSON.parse(altered) as Passport;
      } catch {
        return;
      }
      expect(passportFault({ ...read, records: read.records ?? [] }, 'SV-1')).not.toBeNull();
    }),
  );
});

it('names the record that was altered, though the passport was sealed anew', () => {
  const { seal: _, ...whole } = passport([[item('rotor', true)], [item('pads', false)]]);
  const records = whole.records.map((each, i) =>
    i === 1 ? { ...each, canonical: each.canonical.replace('pads', 'rotor') } : each,
  );
  expect(passportFault(sealPassport({ ...whole, records }), 'SV-1')).toEqual({
    code: 'record-altered',
    number: 2,
  });
});

it('refuses the records of another bike under the name of this one', () => {
  const other = passport([[item('rotor', false)]], { bike: { ...BIKE, serial: '' } });
  expect(passportFault(other, 'SV-9')).toEqual({ code: 'other-bike', serial: 'SV-1' });
});

describe('do-not-rides', () => {
  it('of a record that holds anything at all are read as far as they can be', () => {
    const record = { inspection: [null, 7, item('rotor', true)], takesBack: [null] };
    const records = [{ number: 1, prev: null, ...sealLink({ prev: null, record }) }];
    expect(doNotRidesOf(passport([], { records }))).toEqual([
      { end: 'front', subject: 'rotor', found: ['crack'] },
    ]);
  });

  it('come from what hangs on the bike, and from the last visit where nothing is said of it', () => {
    const hangs = { end: 'rear' as const, subject: 'hose' as const, found: ['cut'] };
    expect(
      doNotRidesOf(passport([[item('pads', true)], [item('rotor', true)]], { doNotRide: [hangs] })),
    ).toEqual([hangs, { end: 'front', subject: 'rotor', found: ['crack'] }]);
    const said = { end: 'front' as const, subject: 'rotor' as const, found: [] };
    expect(doNotRidesOf(passport([[item('rotor', true)]], { doNotRide: [said] }))).toEqual([said]);
  });

  it('come from a visit whose bike left unrepaired, of all that was not good', () => {
    const record = {
      bike: { serial: 'SV-1' },
      inspection: ['holds', 'unproven', 'replace'].map((word, i) => ({
        ...item(['hose', 'pads', 'rotor'][i]!, false),
        word,
      })),
      notRepaired: { words: 'Too dear' },
    };
    const records = [{ number: 1, prev: null, ...sealLink({ prev: null, record }) }];
    const left = (notRepaired: object | null) =>
      doNotRidesOf(
        passport([], {
          records: notRepaired
            ? records
            : [{ ...records[0]!, ...sealLink({ prev: null, record: { ...record, notRepaired } }) }],
        }),
      ).map(({ subject }) => subject);
    expect(left({})).toEqual(['pads', 'rotor']);
    expect(left(null)).toEqual([]);
  });

  it('are not lost to a correction after the last visit', () => {
    const visit = passport([[item('rotor', true)]]);
    const { seal: _, ...whole } = visit;
    const amendment = {
      number: 2,
      prev: null,
      ...sealLink({ prev: null, record: { words: 'x' } }),
    };
    const amended = sealPassport({ ...whole, records: [...whole.records, amendment] });
    expect(doNotRidesOf(amended)).toHaveLength(1);
  });

  it('come from a correction since, which took back what the last visit passed', () => {
    const { seal: _, ...visit } = passport([[item('rotor', false)]]);
    const takesBack = [{ end: 'front', subject: 'rotor' }];
    const correction = {
      number: 2,
      prev: null,
      ...sealLink({ prev: null, record: { takesBack } }),
    };
    const of = (records: Passport['records']) => doNotRidesOf(sealPassport({ ...visit, records }));
    expect(of([...visit.records, correction])).toEqual([{ ...takesBack[0], found: [] }]);
    expect(of([correction, ...visit.records])).toEqual([]);
  });

  it('whose findings are not all known here are taken off by no work that would cure those that are', () => {
    expect(knownOf(['crack'])).toEqual(['crack']);
    expect(knownOf(['crack', 'a finding of elsewhere'])).toEqual([]);
  });
});
