import { Id, Instant } from '../fields';

/** What every entry has. */
export const entry = { id: Id, at: Instant };
