import type { MannersWords } from '../catalogue/manners';

export const manners: MannersWords = {
  title: 'Language and units',
  language: 'Language',
  languages: { en: 'English', de: 'Deutsch' },
  units: {
    length: 'Lengths',
    torque: 'Torques',
    distance: 'Distances',
    temperature: 'Temperatures',
  },
  unit: {
    mm: 'Millimetres',
    in: 'Inches beside millimetres',
    'N·m': 'Newton metres',
    'lbf·in': 'Inch pounds beside newton metres',
    km: 'Kilometres',
    mi: 'Miles',
    '°C': 'Celsius',
    '°F': 'Fahrenheit',
  },
  own: 'Your own choice, on every device you sign in at.',
  asTheShop: 'As the shop has it. What you choose here is for you alone.',
  goWithTheShop: 'Go with the shop again',
  toTheBench: 'To the Bench',
  keptInMetric:
    'Readings are taken, kept and judged in millimetres and newton metres, whatever is shown beside them.',
  ofTheShop: 'Language, units and money of the shop',
  currency: 'Money, by its three letters',
  currencyHint: 'Such as EUR. Quotes are in it.',
};
