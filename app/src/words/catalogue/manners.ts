import type { Manner, UNITS } from '@hold-fast/core/rules/manner';

export interface MannersWords {
  title: string;
  language: string;
  /** Each language in its own words, the same in every catalogue. */
  languages: Record<Manner['language'], string>;
  units: Record<keyof typeof UNITS, string>;
  unit: Record<(typeof UNITS)[keyof typeof UNITS][number], string>;
  own: string;
  asTheShop: string;
  goWithTheShop: string;
  toTheBench: string;
  keptInMetric: string;
  /** Where the shop’s own choice is made, among its rules. */
  ofTheShop: string;
  currency: string;
  currencyHint: string;
}
