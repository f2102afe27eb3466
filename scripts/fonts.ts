import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { convert } from 'fontverter';

const FACES = [
  // On paper too, where a face is wanted whole: a name has letters that only the extended part has.
  { family: 'Barlow', package: 'barlow', weights: [400, 600], paper: true },
  { family: 'Barlow Condensed', package: 'barlow-condensed', weights: [600], paper: false },
  { family: 'IBM Plex Mono', package: 'ibm-plex-mono', weights: [600], paper: false },
];

/**
 * Puts the faces the app is set in, with their licences, where the web export takes them from. For the screen each is packed anew out of the
 * file without hints: with those for coarse screens, half as much again would come before the first page is seen.
 */
export async function copyFonts(root: string): Promise<void> {
  const target = path.join(root, 'app/public/fonts');
  mkdirSync(target, { recursive: true });
  const rules: string[] = [];
  for (const { family, package: name, weights, paper } of FACES) {
    const source = path.join(root, 'node_modules/@fontsource', name);
    copyFileSync(path.join(source, 'LICENSE'), path.join(target, `${name}-LICENSE.txt`));
    for (const weight of weights) {
      const plain = (part: string) => `${name}-${part}-${weight}-normal.woff`;
      const packed = `${name}-${weight}.woff2`;
      const face = readFileSync(path.join(source, 'files', plain('latin')));
      writeFileSync(path.join(target, packed), await convert(face, 'woff2'));
      for (const part of paper ? ['latin', 'latin-ext'] : [])
        copyFileSync(path.join(source, 'files', plain(part)), path.join(target, plain(part)));
      rules.push(
        `@font-face{font-family:"${family}";font-weight:${weight};font-display:block;` +
          `src:url(/fonts/${packed}) format("woff2")}`,
      );
    }
  }
  writeFileSync(path.join(target, 'fonts.css'), `${rules.join('\n')}\n`);
}
