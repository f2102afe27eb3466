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

// Shifts every ordering comparison of the verdicts by its boundary (< to <=, and so on), and of the rules of evidence also
// forgets every name of a table and every condition beside another, one at a time, in a copy of core; says which change no
// test notices. Takes minutes to hours; folders or files may be named: npm run mutants -- wear/rotor.ts evidence

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
  'evidence',
  'procedure',
  'torque',
  'fluid',
  'job',
];
/** Where what voids and what answers is written down: a forgotten word of it must be noticed. */
const RULES_OF_EVIDENCE = ['evidence'];
const SHIFTED: Partial<Record<ts.SyntaxKind, string>> = {
  [ts.SyntaxKind.LessThanToken]: '<=',
  [ts.SyntaxKind.LessThanEqualsToken]: '<',
  [ts.SyntaxKind.GreaterThanToken]: '>=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '>',
};

const LOGICAL: ReadonlySet<ts.SyntaxKind> = new Set([
  ts.SyntaxKind.AmpersandAmpersandToken,
  ts.SyntaxKind.BarBarToken,
]);

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
  const add = (node: ts.Node, [from, to]: readonly [number, number], becomes: string) => {
    const { line } = source.getLineAndCharacterOfPosition(from);
    const says = `${file}:${line + 1} ${node.getText().replace(/\s+/g, ' ').slice(0, 90)}`;
    found.push({ file, at: from, length: to - from, becomes, says });
  };
  const forgets = RULES_OF_EVIDENCE.some((folder) => file.startsWith(path.join('src', folder)));
  const visit = (node: ts.Node): void => {
    if (forgets && ts.isArrayLiteralExpression(node))
      for (const element of node.elements)
        if (ts.isStringLiteral(element) || ts.isSpreadElement(element)) {
          const rest = node.elements
            .filter((each) => each !== element)
            .map((each) => each.getText());
          add(element, [node.getStart(), node.getEnd()], `[${rest.join(', ')}]`);
        }
    if (forgets && ts.isBinaryExpression(node) && LOGICAL.has(node.operatorToken.kind))
      for (const side of [node.left, node.right])
        add(
          side,
          [node.getStart(), node.getEnd()],
          `(${(side === node.left ? node.right : node.left).getText()})`,
        );
    const becomes = ts.isBinaryExpression(node) ? SHIFTED[node.operatorToken.kind] : undefined;
    if (becomes && ts.isBinaryExpression(node))
      add(node, [node.operatorToken.getStart(), node.operatorToken.getEnd()], becomes);
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
  const named = process.argv.slice(2);
  const filesOf = (subject: string) =>
    subject.endsWith('.ts')
      ? [path.join('src', subject)]
      : readdirSync(path.join(copy, 'src', subject))
          .filter((file) => !file.includes('.test.') && !file.endsWith('.d.ts'))
          .map((file) => path.join('src', subject, file));
  const files = (named.length > 0 ? named : JUDGES).flatMap(filesOf);
  const mutants = files.flatMap(mutantsOf);
  let survived = 0;
  for (const { file, at, length, becomes, says } of mutants) {
    const whole = readFileSync(path.join(copy, file), 'utf8');
    writeFileSync(path.join(copy, file), whole.slice(0, at) + becomes + whole.slice(at + length));
    if (await passes(file)) {
      survived += 1;
      console.log(`unnoticed: ${says} with ${becomes.replace(/\s+/g, ' ').slice(0, 60)}`);
    }
    writeFileSync(path.join(copy, file), whole);
  }
  console.log(`${mutants.length} changes made, ${survived} unnoticed`);
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
