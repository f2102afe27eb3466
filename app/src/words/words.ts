import { en, type Catalogue } from './en';

/** The catalogue in use. */
export const words: Catalogue = en;
