import { KM_PER_UNIT } from '@hold-fast/core/units/distance';
import { inchesFromMm } from '@hold-fast/core/units/length';
import { fahrenheit } from '@hold-fast/core/units/temperature';
import { torqueIn } from '@hold-fast/core/units/torque';
import { inForce, LOCALE } from './manner';
import { whenAsked } from './whenAsked';

// Numbers as they are written in the language in use, and quantities in the units in use.

const { manner, currency } = inForce;

const fixers = new Map<number, Intl.NumberFormat>();
/** A number with this many decimals, no thousands parted. */
function fixed(value: number, decimals = 0): string {
  let fixer = fixers.get(decimals);
  if (!fixer) {
    fixer = new Intl.NumberFormat(LOCALE, {
      minimumFractionDigits: decimals,
      maximumFractionDigits: decimals,
      useGrouping: false,
    });
    fixers.set(decimals, fixer);
  }
  return fixer.format(value).replace('-', '−');
}

const tenths = whenAsked(
  () => new Intl.NumberFormat(LOCALE, { maximumFractionDigits: 1, useGrouping: false }),
);
const point = whenAsked(() => fixed(0.1, 1).charAt(1));
const count = whenAsked(() => new Intl.NumberFormat(LOCALE, { maximumFractionDigits: 0 }));
const list = whenAsked(() => new Intl.ListFormat(LOCALE, { type: 'conjunction' }));
const money = whenAsked(() => new Intl.NumberFormat(LOCALE, { style: 'currency', currency }));
const plural = whenAsked(() => new Intl.PluralRules(LOCALE));

/** Millimetres as the bench reads them; gauges and records are metric. */
const mm = (value: number, decimals = 2) => fixed(value, decimals);
const inches = (valueMm: number) => `${fixed(inchesFromMm(valueMm), 4)}\u00a0in`;

/** A number of newton metres, with one decimal at least and two at most. */
const nm = (value: number) => fixed(value, 2).replace(/0$/, '');
const poundInches = (valueNm: number) => fixed(torqueIn('lbf·in', valueNm), 0);

/** A torque with its unit: a wrench is set by it, so another unit never stands without the newton metres. */
const torque = (valueNm: number) =>
  manner.torque === 'N·m'
    ? `${nm(valueNm)} N·m`
    : `${poundInches(valueNm)} lbf·in (${nm(valueNm)} N·m)`;
/** A window of torque with its unit. */
const torques = (loNm: number, hiNm: number, to: string) => {
  const window = `${nm(loNm)} ${to} ${nm(hiNm)} N·m`;
  return manner.torque === 'N·m'
    ? window
    : `${poundInches(loNm)} ${to} ${poundInches(hiNm)} lbf·in (${window})`;
};

/** A distance with its unit, never broken between them. */
const distance = (valueKm: number) =>
  `${count().format(valueKm / KM_PER_UNIT[manner.distance])}\u00a0${manner.distance}`;

const temperature = (celsius: number) =>
  manner.temperature === '°C'
    ? `${count().format(celsius)} °C`
    : `${count().format(fahrenheit(celsius))} °F`;

/** What a wrench is set to in the other unit, beside its newton metres; nothing where there is no other. */
const torqueBeside = (...valuesNm: number[]) =>
  manner.torque === 'N·m' ? null : `${valuesNm.map(poundInches).join('–')} lbf·in`;

export const format = {
  fixed,
  /** At most one decimal, and none where it is whole. */
  tenths: (value: number) => tenths().format(value),
  /** Digits as they are keyed, with the sign that parts decimals here. */
  keyed: (digits: string) => digits.replace('.', point()),
  count: (value: number) => count().format(value),
  mm,
  inches,
  nm,
  torque,
  torques,
  torqueBeside,
  distance,
  /** What distances are said and written down in. */
  distanceUnit: manner.distance,
  /** Kilometres in one of it. */
  unitKm: KM_PER_UNIT[manner.distance],
  /** What speeds are said and written down in. */
  speedUnit: { km: 'km/h', mi: 'mph' }[manner.distance],
  temperature,
  /** Hundredths of the shop's money, as a price. */
  money: (cents: number) => money().format(cents / 100),
  percent: (share: number) => `${count().format(share * 100)} %`,
  list: (items: readonly string[]) => list().format(items),
  /** One of two texts, by how many there are. */
  plural: (how: number, one: string, others: string) =>
    plural().select(how) === 'one' ? one : others,
};
