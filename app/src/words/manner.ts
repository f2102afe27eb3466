import type { MannerInForce } from '@hold-fast/contract/manner';
import { LANGUAGES, UNITS, USUAL_CURRENCY, USUAL_MANNER } from '@hold-fast/core/rules/manner';
import { onDevice } from '../remembered';

const KEY = 'hold-fast.manner';
const PSEUDO = 'hold-fast.pseudo';

const USUAL: MannerInForce = {
  manner: USUAL_MANNER,
  own: false,
  currency: USUAL_CURRENCY,
};

/** What a browser writes a price in without failing. */
const CURRENCY = /^[A-Z]{3}$/;

const isOneOf = (choices: readonly string[], chosen: string) => choices.includes(chosen);

/** What this device last heard of how things are said; what it cannot read it forgets. */
function kept(): MannerInForce {
  const text = onDevice.getItem(KEY);
  if (text === null) return structuredClone(USUAL);
  try {
    const heard = JSON.parse(text) as MannerInForce;
    const { manner } = heard;
    const known =
      CURRENCY.test(heard.currency) &&
      isOneOf(LANGUAGES, manner.language) &&
      Object.entries(UNITS).every(([kind, units]) =>
        isOneOf(units, manner[kind as keyof typeof UNITS]),
      );
    return known ? heard : structuredClone(USUAL);
  } catch {
    return structuredClone(USUAL);
  }
}

/** How things are said here. It is known before anything is drawn, and stays until the page is loaded anew. */
export const inForce = kept();

/** Whether the words are stretched and made strange, so that what is not in the catalogue shows. */
export const isPseudo = onDevice.getItem(PSEUDO) !== null;

/** The language as browsers and `Intl` name it. */
export const LOCALE = { en: 'en-GB', de: 'de-DE' }[inForce.manner.language];

/** What of it is seen; whose choice it is, is not. */
const seen = ({ manner, currency }: MannerInForce) => JSON.stringify([manner, currency]);

/** Keeps another manner on this device; answers whether loading the page anew would bring it. */
export function keepManner(next: MannerInForce): boolean {
  if (seen(next) === seen(inForce)) return false;
  onDevice.setItem(KEY, JSON.stringify(next));
  return seen(kept()) === seen(next) && onDevice.lasts(KEY);
}

/** Stretches every word from the next time the page is loaded, or no longer. */
export function stretchWords(on: boolean): void {
  if (on) onDevice.setItem(PSEUDO, '');
  else onDevice.removeItem(PSEUDO);
}
