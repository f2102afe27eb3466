import { readFileSync } from 'node:fs';
import path from 'node:path';
import Ajv2020 from 'ajv/dist/2020';
import { JobRecord } from './record';
import { recordSchema } from './schemas';

type Held = Record<string, unknown> | unknown[];

const read = (file: string) =>
  JSON.parse(readFileSync(path.resolve(__dirname, '../../docs/formats', file), 'utf8')) as Record<
    string,
    unknown
  >;
const example = read('job-record.example.json');

/** Every object in a record, by the way to it; a verdict's working is its rule's own. */
function objectsIn(
  held: Held,
  at: string[] = [],
): { at: string[]; held: Record<string, unknown> }[] {
  const here = Array.isArray(held) || at.at(-1) === 'judgement' ? [] : [{ at, held }];
  const deeper = Object.entries(held).flatMap(([key, value]) =>
    typeof value === 'object' && value !== null && key !== 'judgement'
      ? objectsIn(value as Held, [...at, key])
      : [],
  );
  return [...here, ...deeper];
}

describe('the sealed record of a job', () => {
  it('is taken as its published example says it', () =>
    expect(JobRecord.parse(example)).toEqual(example));

  it('holds nothing that is not named, wherever it stands', () => {
    const kinds = new Set<string>();
    for (const { at } of objectsIn(example)) {
      const kind = at.filter((key) => !/^\d+$/.test(key)).join('.');
      // Names that are data are an open list: where a sheet's plain values come from.
      if (kinds.has(kind) || kind.endsWith('origins')) continue;
      kinds.add(kind);
      const copy = structuredClone(example);
      const object = at.reduce<Record<string, unknown>>(
        (within, key) => within[key] as Record<string, unknown>,
        copy,
      );
      object.unseen = 1;
      expect({ kind, taken: JobRecord.safeParse(copy).success }).toEqual({ kind, taken: false });
    }
    expect(kinds.size).toBeGreaterThan(40);
  });

  it('has everything that is named: a field left out is another format', () => {
    for (const key of Object.keys(example)) {
      const { [key]: _, ...rest } = example;
      expect({ key, taken: JobRecord.safeParse(rest).success }).toEqual({ key, taken: false });
    }
  });

  // Reference: Ajv, a general validator of JSON Schema, draft 2020-12.
  it('is published as a schema that a general validator reads and agrees with', () => {
    const published = read('job-record.schema.json');
    expect(published).toEqual(recordSchema());
    const valid = new Ajv2020({ strict: false, validateFormats: false }).compile(published);
    expect([valid(example), valid({ ...example, unseen: 1 })]).toEqual([true, false]);
  });
});
