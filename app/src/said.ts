/** The cache in which a device keeps what the server said last; forgotten when somebody signs out. */
export const SAID = 'hold-fast-said';

/** Where in it stands what a page begins with. */
export const FIRST = '/first';

/** How long it is kept, ms: as long as a session lasts. */
export const LASTS_MS = 14 * 60 * 60_000;
