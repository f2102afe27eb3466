const STRANGE: Readonly<Record<string, string>> = { a: 'å', e: 'ë', i: 'ï', o: 'ø', u: 'ü' };
/** German words are about a third longer than English ones; short ones more. */
const LONGER = 0.4;

const stretch = (text: string): string =>
  /\p{L}{2}/u.test(text)
    ? `${text.replace(/[aeiou]/g, (letter) => STRANGE[letter]!)}${'~'.repeat(Math.ceil(text.length * LONGER))}`
    : text;

/** A catalogue, or a part of one, with every text in it stretched and made strange: what stays plain is not in a catalogue. */
export function stretched<Part>(part: Part): Part {
  if (typeof part === 'string') return stretch(part) as Part;
  if (typeof part === 'function')
    return ((...given: unknown[]) =>
      stretched((part as (...g: unknown[]) => unknown)(...given))) as Part;
  if (Array.isArray(part)) return part.map(stretched) as Part;
  if (typeof part === 'object' && part !== null)
    return Object.fromEntries(
      Object.entries(part).map(([key, of]) => [key, stretched(of)]),
    ) as Part;
  return part;
}
