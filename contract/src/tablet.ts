import { z } from 'zod';
import { Id, words } from './fields';
import { Pin } from './people';

/** The device this comes from is to be a tablet of the whole bench. */
export const MakeTablet = z.strictObject({ id: Id, name: words(40) });
export type MakeTablet = z.infer<typeof MakeTablet>;

/** Somebody comes in at a tablet of the bench. */
export const PinIn = z.strictObject({ personId: z.uuid(), pin: Pin });
export type PinIn = z.infer<typeof PinIn>;

export interface TabletPerson {
  id: string;
  name: string;
  /** How many digits their PIN has; null where it was chosen before that was kept. */
  pinLength: number | null;
}

/** The tablet that asks, and who comes in there. */
export interface AtTablet {
  name: string;
  people: TabletPerson[];
}

export interface Tablet {
  id: string;
  name: string;
  madeAt: string;
  madeBy: string;
  ended: { at: string; by: string } | null;
}
