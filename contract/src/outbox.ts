import { z } from 'zod';
import { Id, words } from './fields';

/** What a message to a customer is about. */
const ABOUT = ['due', 'trace', 'ready'] as const;
export type About = (typeof ABOUT)[number];

/** A message to the customer of a bike, by the number that is written of them. */
export const SendMessage = z.strictObject({
  id: Id,
  bikeId: z.uuid(),
  about: z.enum(ABOUT),
  words: words(600),
});
export type SendMessage = z.infer<typeof SendMessage>;

/** A message as it was sent. */
export interface Message {
  id: string;
  bikeId: string;
  bikeName: string;
  customerName: string;
  phone: string;
  about: About;
  words: string;
  at: string;
  by: string;
}
