import { Currency, Manner, USUAL_MANNER, type MannerInForce } from '@hold-fast/contract/manner';
import { onDevice } from '../ui/remembered';

const KEY = 'hold-fast.manner';
const PSEUDO = 'hold-fast.pseudo';

const USUAL: MannerInForce = { manner: USUAL_MANNER, currency: 'EUR' };

/** What this device last heard of how things are said; what it cannot read it forgets. */
function kept(): MannerInForce {
  try {
    const { manner, currency } = JSON.parse(onDevice.getItem(KEY) ?? '') as MannerInForce;
    return { manner: Manner.parse(manner), currency: Currency.parse(currency) };
  } catch {
    return USUAL;
  }
}

/** How things are said here. It is known before anything is drawn, and stays until the page is loaded anew. */
export const inForce = kept();

/** Whether the words are stretched and made strange, so that what is not in the catalogue shows. */
export const isPseudo = onDevice.getItem(PSEUDO) !== null;

/** The language as browsers and `Intl` name it. */
export const LOCALE = { en: 'en-GB', de: 'de-DE' }[inForce.manner.language];

/** Keeps another manner on this device; answers whether loading the page anew would bring it. */
export function keepManner(next: MannerInForce): boolean {
  const says = JSON.stringify(next);
  if (says === JSON.stringify(inForce)) return false;
  onDevice.setItem(KEY, says);
  return JSON.stringify(kept()) === says && onDevice.lasts(KEY);
}
