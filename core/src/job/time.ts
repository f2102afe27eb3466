import { addMilliseconds } from 'date-fns/addMilliseconds';
import { differenceInMilliseconds } from 'date-fns/differenceInMilliseconds';
import { max } from 'date-fns/max';
import { min } from 'date-fns/min';
import { parseISO } from 'date-fns/parseISO';

/** What two clocks said at one moment: that in which a phone's entry reached the server. ISO 8601, UTC. */
interface Exchange {
  /** Null where whoever sent it goes by the server's clock. */
  phoneSaid: string | null;
  serverSaid: string;
}

/** What an entry cannot have been made before. ISO 8601, UTC. */
interface NotBefore {
  checkedInAt: string;
  /** Of the entry that the same phone made before it; null where there is none. */
  entryBefore: string | null;
}

/**
 * When an entry was made: by the phone's clock, put right by how far it was from the server's when the entry was sent; not
 * after now, not before the check-in, not before the entry that the same phone made ahead of it [D].
 * @param at ISO 8601, UTC, by the phone's clock; years 2000 to 2100, as of all clocks here
 */
export function timeOf(
  at: string,
  { phoneSaid, serverSaid }: Exchange,
  { checkedInAt, entryBefore }: NotBefore,
): string {
  const now = parseISO(serverSaid);
  const wrongBy = phoneSaid === null ? 0 : differenceInMilliseconds(now, parseISO(phoneSaid));
  const put = addMilliseconds(parseISO(at), wrongBy);
  const earliest = [checkedInAt, ...(entryBefore ? [entryBefore] : [])].map((each) =>
    parseISO(each),
  );
  return min([now, max([put, ...earliest])]).toISOString();
}
