import { copyFileSync, mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const FACES = [
  // On paper too, where a face is wanted whole: a name has letters that only the extended part has.
  { family: 'Barlow', package: 'barlow', weights: [400, 600], paper: true },
  { family: 'Barlow Condensed', package: 'barlow-condensed', weights: [600], paper: false },
  { family: 'IBM Plex Mono', package: 'ibm-plex-mono', weights: [600], paper: false },
];

/** Puts the faces the app is set in, with their licences, where the web export takes them from. */
export function copyFonts(root: string): void {
  const target = path.join(root, 'app/public/fonts');
  mkdirSync(target, { recursive: true });
  const rules = FACES.flatMap(({ family, package: name, weights, paper }) => {
    const source = path.join(root, 'node_modules/@fontsource', name);
    copyFileSync(path.join(source, 'LICENSE'), path.join(target, `${name}-LICENSE.txt`));
    return weights.map((weight) => {
      const file = `${name}-latin-${weight}-normal.woff2`;
      copyFileSync(path.join(source, 'files', file), path.join(target, file));
      for (const part of paper ? ['latin', 'latin-ext'] : []) {
        const whole = `${name}-${part}-${weight}-normal.woff`;
        copyFileSync(path.join(source, 'files', whole), path.join(target, whole));
      }
      return (
        `@font-face{font-family:"${family}";font-weight:${weight};font-display:block;` +
        `src:url(/fonts/${file}) format("woff2")}`
      );
    });
  });
  writeFileSync(path.join(target, 'fonts.css'), `${rules.join('\n')}\n`);
}
