import type { ThingWords } from './catalogue/things';
import type { SentenceWords } from './catalogue/sentences';

/** How the places of a measurement are named: points by number, others by name. */
export function placeIn(named: ThingWords, { point }: Pick<SentenceWords, 'point'>) {
  const names: Readonly<Record<string, string>> = {
    ...named.padPlace,
    ...named.corner,
    ...named.leverPlace,
    ...named.facePlace,
    ...named.aidPlace,
  };
  return (at: string) => (/^\d+$/.test(at) ? point(at) : (names[at] ?? at));
}
