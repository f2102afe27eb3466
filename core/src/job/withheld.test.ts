import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { sealLink } from '../seal/chain';
import { disclose, ERASED, withhold } from './withheld';

const RECORD = {
  id: 'x',
  complaint: 'Squeals under me, Ana',
  customer: { id: 'c', name: 'Ana Rider' },
  bike: { id: 'b', name: 'Ana’s commuter', serial: 'GR-1' },
  edited: [
    { seq: 2, was: { complaint: 'Squeals' }, became: { complaint: 'Squeals under me, Ana' } },
  ],
  notRepaired: { words: 'No part', takenBy: 'Bo Rider' },
};

it('seals digests in place of what says who somebody is, by the platform’s own SHA-256', () => {
  const { record, withheld } = withhold(RECORD, 'salt');
  const text = sealLink({ prev: null, record }).canonical;
  for (const word of ['Ana', 'Bo Rider', 'Squeals']) expect(text).not.toContain(word);
  expect(record).toMatchObject({
    id: 'x',
    bike: { serial: 'GR-1' },
    customer: {
      id: 'c',
      name: `sha256:${createHash('sha256').update('salt\nAna Rider').digest('hex')}`,
    },
    notRepaired: { words: 'No part' },
  });
  expect(withheld.said).toHaveLength(5);
});

it('gives the words back from beside it, and none but those that were sealed', () => {
  const { record, withheld } = withhold(RECORD, 'salt');
  expect(disclose(record, withheld)).toEqual(RECORD);
  const other = {
    ...withheld,
    said: withheld.said.map((text) => text.replace('Ana Rider', 'Eve')),
  };
  expect(disclose(record, other)).toMatchObject({
    customer: { name: ERASED },
    complaint: RECORD.complaint,
  });
  expect(disclose(record, { ...withheld, salt: 'other' })).toMatchObject({ complaint: ERASED });
});

it('leaves nothing of them once the words are gone, and the record as it was sealed', () => {
  const { record } = withhold(RECORD, 'salt');
  expect(disclose(record, null)).toEqual({
    ...RECORD,
    complaint: ERASED,
    customer: { id: 'c', name: ERASED },
    bike: { id: 'b', name: ERASED, serial: 'GR-1' },
    edited: [{ seq: 2, was: { complaint: ERASED }, became: { complaint: ERASED } }],
    notRepaired: { words: 'No part', takenBy: ERASED },
  });
});

it('reads a record of an older format as it was sealed', () =>
  expect(disclose(RECORD, null)).toEqual(RECORD));

it('finds its way through whatever it is given, and changes nothing that is not personal', () =>
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.jsonValue()), fc.string(), (record, salt) => {
      const { record: sealed, withheld } = withhold(
        { ...(record as object), complaint: 'Weak' },
        salt,
      );
      expect(disclose(sealed, withheld)).toEqual({ ...record, complaint: 'Weak' });
    }),
  ));
