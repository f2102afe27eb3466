import type { Subject } from '@hold-fast/core/inspection/inspected';
import type { End } from '@hold-fast/core/ends';
import type { About } from './about';
import { capital } from './capital';
import { frame } from './en/frame';
import { sentences } from './en/sentences';
import { things } from './en/things';
import { format } from './format';
import { inUse } from './language';
import { placeIn } from './placeIn';
import { standingIn } from './standingIn';
import { tagNumber } from './tagNumber';

const named = inUse('things', things);
const said = inUse('sentences', sentences);
const place = placeIn(named, said);

/** "Front rotor, point 3: 1.47 mm" of an entry, for whoever has to deal with it. */
function about({ kind, end, part, place: where, value }: About): string {
  const thing = thingAt(end, part);
  const what = named.entryKind[kind];
  const name = thing ? `${thing}${where ? `, ${place(where)}` : `: ${what}`}` : what;
  return `${capital(name)}${value === null ? '' : `: ${format.mm(value)} mm`}`;
}

const thingAt = (end: End | null, part: Subject | null) =>
  end && part ? said.thingAt(end, part) : end ? named.end[end] : part ? named.subject[part] : '';

/** The words that every page loads, in the language in use: names of things and how they stand in a sentence, the frame of the pages. */
export const words = {
  ...named,
  ...said,
  ...inUse('frame', frame),
  format,
  place,
  standing: standingIn(named, said),
  about,
  tagNumber,
};
