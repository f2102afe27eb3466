import { RECORD_FORMAT } from '@hold-fast/core/job/record';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { USUAL_USE } from '@hold-fast/core/kit/bike';
import {
  bikeSaid,
  doNotRidesOf,
  PASSPORT_FORMAT,
  passportFault,
  sealPassport,
  type Passport as PassportOfCore,
} from '@hold-fast/core/passport/passport';
import { sealLink } from '@hold-fast/core/seal/chain';
import Ajv2020 from 'ajv/dist/2020';
import { Passport } from './passport';
import { passportSchema } from './schemas';

const file = (name: string) => path.resolve(__dirname, '../../docs/formats', name);
const read = (name: string) => JSON.parse(readFileSync(file(name), 'utf8')) as object;

/** A bike that left another workshop with a crack in its front rotor. */
function made(): PassportOfCore {
  const bike = bikeSaid({
    ...USUAL_USE,
    maker: 'Skarvald',
    serial: 'SV-142',
    motor: true,
    wet: true,
  });
  const item = {
    end: 'front',
    subject: 'rotor',
    word: 'replace',
    doNotRide: true,
    found: ['crack'],
  };
  const record = { format: RECORD_FORMAT, tag: 7, bike, inspection: [item] } as never;
  return sealPassport({
    format: PASSPORT_FORMAT,
    writtenAt: '2026-11-25T16:00:00.000Z',
    bike,
    doNotRide: [{ end: 'front', subject: 'rotor', found: ['crack'] }],
    againstAdvice: [
      { end: 'rear', subject: 'pads', found: [], words: 'Rides them until the season ends' },
    ],
    records: [{ number: 31, prev: null, ...sealLink({ prev: null, record }) }],
  });
}

it('is, to the letter, what its published example says, and is believed', () => {
  if (process.env.MAKE_EXAMPLE)
    writeFileSync(file('passport.example.json'), `${JSON.stringify(made(), null, 2)}\n`);
  const example = Passport.parse(read('passport.example.json'));
  expect(example).toEqual(made());
  expect(passportFault(example, 'SV-142')).toBeNull();
  expect(doNotRidesOf(example)).toHaveLength(1);
});

it('published: its schema, by another validator, takes the example and no other field', () => {
  const published = read('passport.schema.json');
  expect(published).toEqual(passportSchema());
  const valid = new Ajv2020({ strict: false, validateFormats: false }).compile(published);
  const example = read('passport.example.json');
  expect([valid(example), valid({ ...example, unseen: 1 })]).toEqual([true, false]);
});

it('names the field that is missing or too long', () => {
  for (const key of Object.keys(made())) {
    const { [key as 'seal']: _, ...rest } = made();
    const { error } = Passport.safeParse(rest);
    expect(error!.issues[0]!.path[0]).toBe(key);
  }
});
