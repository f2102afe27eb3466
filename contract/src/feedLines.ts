import { FEED_VERSION, LONGEST_LINE, type GaugeLine, type ServerLine } from './feed';

/** Takes the lines out of what arrived so far; what is left belongs to a line still on its way. */
export function takeLines(buffered: string): { lines: string[]; rest: string; tooLong: boolean } {
  const parts = buffered.split('\n');
  const rest = parts.pop()!;
  const lines = parts.map((line) => line.replace(/\r$/, ''));
  return { lines, rest, tooLong: [...lines, rest].some((line) => line.length > LONGEST_LINE) };
}

/** A line's verb and its `key=value` words, or null when it is none of ours. */
function wordsOf(line: string): { verb: string; of: Record<string, string> } | null {
  const [version, verb, ...pairs] = line.trim().split(/ +/);
  if (version !== FEED_VERSION || !verb) return null;
  const of: Record<string, string> = {};
  for (const pair of pairs) {
    const at = pair.indexOf('=');
    if (at < 1) return null;
    of[pair.slice(0, at)] = pair.slice(at + 1);
  }
  return { verb, of };
}

const whole = (text: string | undefined) =>
  text !== undefined && /^\d{1,9}$/.test(text) ? Number(text) : null;

/** What a gauge's line says; null when it cannot be read. */
export function readGaugeLine(line: string): GaugeLine | null {
  const words = wordsOf(line);
  if (!words) return null;
  const { verb, of } = words;
  switch (verb) {
    case 'HELLO':
      return of.serial && of.kind && of.session
        ? {
            says: 'HELLO',
            serial: of.serial,
            kind: of.kind,
            session: of.session,
            plays: of.plays ? of.plays.split(',') : [],
          }
        : null;
    case 'READ': {
      const seq = whole(of.seq);
      return seq !== null && of.shown && of.unit
        ? { says: 'READ', seq, shown: of.shown, unit: of.unit }
        : null;
    }
    case 'BYE':
      return { says: 'BYE' };
    default:
      return null;
  }
}

/** What the server's line says; null when it cannot be read. */
export function readServerLine(line: string): ServerLine | null {
  const words = wordsOf(line);
  if (!words) return null;
  const { verb, of } = words;
  switch (verb) {
    case 'OK': {
      const seq = whole(of.seq);
      return seq === null ? null : { says: 'OK', seq };
    }
    case 'NO':
      return of.why ? { says: 'NO', seq: whole(of.seq), why: of.why } : null;
    case 'PLAY':
      return of.scene ? { says: 'PLAY', scene: of.scene } : null;
    case 'PRESS':
      return { says: 'PRESS' };
    default:
      return null;
  }
}

/** A line as it goes over the wire, its end included. */
export function writeLine({ says, ...words }: GaugeLine | ServerLine): string {
  const pairs = Object.entries(words)
    .filter(([, value]) => value !== null && !(Array.isArray(value) && value.length === 0))
    .map(([key, value]) => `${key}=${Array.isArray(value) ? value.join(',') : String(value)}`);
  return `${[FEED_VERSION, says, ...pairs].join(' ')}\n`;
}
