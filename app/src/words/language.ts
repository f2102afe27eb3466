import type { Catalogue } from './catalogue/catalogue';

type Spoken = <Place extends keyof Catalogue>(
  place: Place,
  english: Catalogue[Place],
) => Catalogue[Place];

let spoken: Spoken = (_place, english) => english;

/** The words of a place in the language in use. English comes with the screens; another was learned before they are asked for. */
export const inUse: Spoken = (place, english) => spoken(place, english);

/** From here on, words are asked of this language. */
export function speak(language: Spoken): void {
  spoken = language;
}
