/** A file’s text, and the encoding it turned out to be in. */
export interface ReadText {
  text: string;
  encoding: 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';
}

/**
 * Reads a file as text: by its byte order mark where it has one, as UTF-8 where it is that, else as the older encoding that
 * spreadsheets write in western Europe.
 */
export function textOf(bytes: Uint8Array): ReadText {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return decoded(bytes, 'utf-16le');
  if (first === 0xfe && second === 0xff) return decoded(bytes, 'utf-16be');
  try {
    return {
      text: new TextDecoder('utf-8', { fatal: true }).decode(bytes),
      encoding: 'utf-8',
    };
  } catch {
    return decoded(bytes, 'windows-1252');
  }
}

const decoded = (bytes: Uint8Array, encoding: ReadText['encoding']): ReadText => ({
  text: new TextDecoder(encoding).decode(bytes),
  encoding,
});
