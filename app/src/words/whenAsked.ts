/** What is made when it is first asked for, and once: the browser takes longer over its formats than over the rest of a first screen. */
export function whenAsked<T>(make: () => T): () => T {
  let made: { it: T } | undefined;
  return () => (made ??= { it: make() }).it;
}
