import { execFile } from 'node:child_process';
import {
  cpSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

// Shifts every ordering comparison of the verdicts by its boundary (< to <=, and so on), one at a time, in a copy of core,
// and says which change no test notices. Takes minutes; files may be named: npm run mutants -- wear/rotor.ts

const root = path.resolve(__dirname, '..');
const copy = path.join(root, '.cache/mutants');
/** Where words are decided. */
const JUDGES = [
  'wear',
  'runout',
  'clearance',
  'forecast',
  'lever',
  'air',
  'face',
  'kit',
  'gauge',
  'inspection',
];
const SHIFTED: Partial<Record<ts.SyntaxKind, string>> = {
  [ts.SyntaxKind.LessThanToken]: '<=',
  [ts.SyntaxKind.LessThanEqualsToken]: '<',
  [ts.SyntaxKind.GreaterThanToken]: '>=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '>',
};

interface Mutant {
  file: string;
  at: number;
  length: number;
  becomes: string;
  says: string;
}

function mutantsOf(file: string): Mutant[] {
  const text = readFileSync(path.join(copy, file), 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found: Mutant[] = [];
  const visit = (node: ts.Node): void => {
    const becomes = ts.isBinaryExpression(node) ? SHIFTED[node.operatorToken.kind] : undefined;
    if (becomes && ts.isBinaryExpression(node)) {
      const at = node.operatorToken.getStart();
      const { line } = source.getLineAndCharacterOfPosition(at);
      found.push({
        file,
        at,
        length: node.operatorToken.getWidth(),
        becomes,
        says: `${file}:${line + 1} ${node.getText().replace(/\s+/g, ' ')} with ${becomes}`,
      });
    }
    node.forEachChild(visit);
  };
  visit(source);
  return found;
}

/** Whether the tests still pass. */
const passes = (file: string) =>
  new Promise<boolean>((resolve) =>
    execFile(
      process.execPath,
      [
        path.join(root, 'node_modules/jest/bin/jest.js'),
        '--findRelatedTests',
        path.join(copy, file),
        '--bail',
      ],
      { cwd: copy },
      (error) => resolve(error === null),
    ),
  );

async function main(): Promise<void> {
  rmSync(copy, { recursive: true, force: true });
  mkdirSync(path.dirname(copy), { recursive: true });
  cpSync(path.join(root, 'core'), copy, { recursive: true });
  writeFileSync(
    path.join(copy, 'jest.config.js'),
    `const { projects } = require(${JSON.stringify(path.join(root, 'jest.config.js'))});
module.exports = { ...projects.find(({ displayName }) => displayName === 'core'), rootDir: __dirname };`,
  );
  symlinkSync(path.join(root, 'node_modules'), path.join(copy, 'node_modules'));
  const named = process.argv.slice(2).map((file) => path.join('src', file));
  const files = named.length
    ? named
    : JUDGES.flatMap((subject) =>
        readdirSync(path.join(copy, 'src', subject))
          .filter((file) => !file.includes('.test.') && !file.endsWith('.d.ts'))
          .map((file) => path.join('src', subject, file)),
      );
  const mutants = files.flatMap(mutantsOf);
  let survived = 0;
  for (const { file, at, length, becomes, says } of mutants) {
    const whole = readFileSync(path.join(copy, file), 'utf8');
    writeFileSync(path.join(copy, file), whole.slice(0, at) + becomes + whole.slice(at + length));
    if (await passes(file)) {
      survived += 1;
      console.log(`unnoticed: ${says}`);
    }
    writeFileSync(path.join(copy, file), whole);
  }
  console.log(`${mutants.length} comparisons shifted, ${survived} unnoticed`);
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
