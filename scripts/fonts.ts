import { copyFileSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import subset from 'subset-font';

const FACES = [
  // On paper too, where a face is wanted whole: a name has letters that only the extended part has.
  { family: 'Barlow', package: 'barlow', weights: [400, 600], paper: true },
  { family: 'Barlow Condensed', package: 'barlow-condensed', weights: [600], paper: false },
  { family: 'IBM Plex Mono', package: 'ibm-plex-mono', weights: [600], paper: false },
];

const through = (first: number, last: number) =>
  Array.from({ length: last - first + 1 }, (_, i) => String.fromCodePoint(first + i)).join('');

/** What the words of every language here are written with, what stands beside them, and figures. */
export const FIRST_LETTERS = ` \u00a0\u202f${through(0x30, 0x39)}${through(0x41, 0x5a)}${through(0x61, 0x7a)}ÄÖÜäöüß!%&'()+,-./:;?·–—’“”„…×°±−`;

/** What a face has besides, as a name, a formula or a sum of money may want it: the rest of what its maker calls Latin. */
export const REST = [
  through(0x20, 0x7e),
  through(0xa0, 0xff),
  '\u0131\u0152\u0153',
  through(0x2bb, 0x2dc),
  through(0x2000, 0x206f),
  '\u20ac\u2122\u2191\u2193\u2215',
]
  .flatMap((letters) => [...letters])
  .filter((letter) => !FIRST_LETTERS.includes(letter))
  .join('');

/** Of what a face knows besides its letters, how two of them stand together: nothing here asks for other forms, nor for hints to coarse screens. */
const BARE = {
  targetFormat: 'woff2',
  noLayoutClosure: true,
  noHinting: true,
  keepFeatures: ['kern'],
  dropTables: ['GSUB', 'GDEF', 'gasp', 'prep', 'fpgm', 'cvt '],
} as const;

/** Letters as a style sheet names them, such as U+20-7e. */
export function rangeOf(letters: string): string {
  const runs: { from: number; to: number }[] = [];
  for (const code of [...letters].map((letter) => letter.codePointAt(0)!).sort((a, b) => a - b)) {
    const run = runs.at(-1);
    if (run?.to === code - 1) run.to = code;
    else runs.push({ from: code, to: code });
  }
  return runs.map(({ from, to }) => `U+${from.toString(16)}-${to.toString(16)}`).join(',');
}

/**
 * Puts the faces the app is set in, with their licences, where the web export takes them from. For the screen each is in two: the letters of
 * the words, and what a name has besides, which comes when it is wanted.
 */
export async function copyFonts(root: string): Promise<void> {
  const target = path.join(root, 'app/public/fonts');
  rmSync(target, { recursive: true, force: true });
  mkdirSync(target, { recursive: true });
  const rules: string[] = [];
  for (const { family, package: name, weights, paper } of FACES) {
    const source = path.join(root, 'node_modules/@fontsource', name);
    copyFileSync(path.join(source, 'LICENSE'), path.join(target, `${name}-LICENSE.txt`));
    for (const weight of weights) {
      const plain = (part: string) => `${name}-${part}-${weight}-normal.woff`;
      for (const part of paper ? ['latin', 'latin-ext'] : [])
        copyFileSync(path.join(source, 'files', plain(part)), path.join(target, plain(part)));
      const whole = readFileSync(path.join(source, 'files', plain('latin')));
      const letters = { [`${name}-${weight}`]: FIRST_LETTERS, [`${name}-${weight}-rest`]: REST };
      for (const [file, those] of Object.entries(letters)) {
        const part = await subset(whole, those, BARE);
        writeFileSync(path.join(target, `${file}.woff2`), part);
        rules.push(
          `@font-face{font-family:"${family}";font-weight:${weight};font-display:block;` +
            `src:url(/fonts/${file}.woff2) format("woff2");unicode-range:${rangeOf(those)}}`,
        );
      }
    }
  }
  writeFileSync(path.join(target, 'fonts.css'), `${rules.join('\n')}\n`);
}
