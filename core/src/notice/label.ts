// What people copy off a frame, a bottle, a packet or a maker's letter: serials, lots and names, each person in their own way.

let collator: Intl.Collator | undefined;
/** Serials in the order a maker counts them: the numbers in them by value, capitals, spaces and dashes or not. */
function bySerial(one: string, other: string): number {
  // Made when first asked for: it takes a phone longer than opening a job does, and few jobs meet a notice.
  collator ??= new Intl.Collator('en', {
    numeric: true,
    sensitivity: 'base',
    ignorePunctuation: true,
  });
  return collator.compare(one, other);
}

/** The letters and digits alone, as they follow each other. */
export const bare = (copied: string): string => copied.replace(/[^\p{L}\p{N}]+/gu, '');

/** Letters that are read for a digit, or a digit for them, on a label that is small or smudged. */
const asDigits = (copied: string): string => copied.replace(/o/gi, '0').replace(/i/gi, '1');

/**
 * Whether two were copied from the same: capitals, what parts the letters and digits, zeros before a number, O and 0, I and 1 apart. Rather
 * one too many, which somebody looks at [D].
 */
export function isCopyOf(one: string, other: string): boolean {
  const [a, b] = [asDigits(one), asDigits(other)];
  return bare(a) !== '' && (bySerial(a, b) === 0 || bySerial(bare(a), bare(b)) === 0);
}

/** Whether what stands where a serial belongs is one: without a digit it is a word for none, like a dash [D]. */
export const isSerial = (copied: string): boolean => /\p{N}/u.test(copied);

/** Whether a serial lies between two, each empty for no bound: with what parts its letters and digits, or without [D]. */
export const isBetween = (serial: string, from: string, to: string): boolean =>
  [(each: string) => each, bare].some(
    (read) =>
      (from === '' || bySerial(read(serial), read(from)) >= 0) &&
      (to === '' || bySerial(read(serial), read(to)) <= 0),
  );
