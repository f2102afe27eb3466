/** Letters that the extended face has and the plain one has not: U+0100 to U+02BA and U+1E00 to U+1EFF, but for U+0131 and U+0152 to U+0153. */
const EXTENDED = /[\u0100-\u0130\u0132-\u0151\u0154-\u02BA\u1E00-\u1EFF]+/gu;

interface Run {
  text: string;
  font?: 'BarlowExtended';
}

/** A text in runs of one face each: no single face of ours has every letter of a name. */
export function runsOf(text: string): Run[] {
  const whole = text.normalize('NFC');
  const runs: Run[] = [];
  let from = 0;
  for (const { 0: letters, index } of whole.matchAll(EXTENDED)) {
    if (index > from) runs.push({ text: whole.slice(from, index) });
    runs.push({ text: letters, font: 'BarlowExtended' });
    from = index + letters.length;
  }
  if (from < whole.length || runs.length === 0) runs.push({ text: whole.slice(from) });
  return runs;
}
