import { learn } from '../words/learn';
import { inForce } from '../words/manner';

// Run by the server, once for each manner of saying things: it knows the manner as a device does, by what is kept in `localStorage`.

/** What paints the first page, in the language in force. */
export async function painter() {
  const { language } = inForce.manner;
  if (language !== 'en') await learn(language);
  return import('./paint');
}
