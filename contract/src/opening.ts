import { z } from 'zod';
import { Id, words } from './fields';
import { Currency, Manner } from './manner';
import { ChosenPin, Passphrase } from './people';
import { ShopName, TimeZone } from './shopRules';

/** A shop that is opened from nothing: what it is called and how things are said there, and its first owner. */
export const Opening = z.strictObject({
  /** The owner’s. */ id: Id,
  name: ShopName.min(1),
  timeZone: TimeZone,
  manner: Manner,
  currency: Currency,
  owner: words(80),
  passphrase: Passphrase,
  pin: ChosenPin,
});
export type Opening = z.infer<typeof Opening>;
