import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { FIRST_LETTERS, rangeOf, REST } from './fonts';

/** Whatever is written between quotation marks, and between what is put into it. */
function lettersOf(file: string): Set<string> {
  const letters = new Set<string>();
  const read = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    if (
      ts.isStringLiteralLike(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddleOrTemplateTail(node)
    )
      for (const letter of node.text) letters.add(letter);
    ts.forEachChild(node, read);
  };
  read(ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest));
  return letters;
}

it.each(['en', 'de'])(
  'the page brings along every letter of the words, and few signs come later: %s',
  (language) => {
    const words = path.resolve(__dirname, '../app/src/words', language);
    const letters = new Set(
      readdirSync(words).flatMap((file) => [...lettersOf(path.join(words, file))]),
    );
    expect(letters.size).toBeGreaterThan(70);
    expect([...letters].filter((letter) => REST.includes(letter)).sort()).toEqual(
      ['"', '=', '²', '÷'].filter((sign) => letters.has(sign)),
    );
  },
);

it('has a letter in one of the two parts of a face', () => {
  expect(FIRST_LETTERS).toContain('ü');
  expect(REST).toContain('é');
  expect([...FIRST_LETTERS].filter((letter) => REST.includes(letter))).toEqual([]);
  // Whatever a keyboard of the languages here has, and what money is written with.
  const keys = Array.from({ length: 0x5f }, (_, i) => String.fromCodePoint(0x20 + i));
  for (const letter of [...keys, ...'€£äöüÄÖÜß²‹›−'])
    expect(FIRST_LETTERS + REST).toContain(letter);
});

it('names letters as a style sheet does, in runs', () => {
  expect(rangeOf('a')).toBe('U+61-61');
  expect(rangeOf('cabz−')).toBe('U+61-63,U+7a-7a,U+2212-2212');
});
