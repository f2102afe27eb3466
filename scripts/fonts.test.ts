import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { FIRST_LETTERS, rangeOf, REST } from './fonts';

const APP = path.resolve(__dirname, '../app/src');

it.each(['words/en', 'words/de', 'ui', 'screens'])(
  'the page brings along every letter that a face has of what is shown: %s',
  (within) => {
    const files = readdirSync(path.join(APP, within), { recursive: true, encoding: 'utf8' });
    const sources = files.filter((file) => /(?<!\.test)\.tsx?$/.test(file));
    const letters = new Set(
      sources.flatMap((file) => [...readFileSync(path.join(APP, within, file), 'utf8')]),
    );
    expect(letters.size).toBeGreaterThan(70);
    expect([...letters].filter((letter) => REST.includes(letter))).toEqual([]);
  },
);

it('has a letter in one of the two parts of a face', () => {
  expect(FIRST_LETTERS).toContain('ü');
  expect(REST).toContain('é');
  expect([...FIRST_LETTERS].filter((letter) => REST.includes(letter))).toEqual([]);
});

it('names letters as a style sheet does, in runs', () => {
  expect(rangeOf('a')).toBe('U+61-61');
  expect(rangeOf('cabz−')).toBe('U+61-63,U+7a-7a,U+2212-2212');
});
