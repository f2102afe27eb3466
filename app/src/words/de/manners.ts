import type { MannersWords } from '../catalogue/manners';

export const manners: MannersWords = {
  title: 'Sprache und Einheiten',
  language: 'Sprache',
  languages: { en: 'English', de: 'Deutsch' },
  units: {
    length: 'Längen',
    torque: 'Drehmomente',
    distance: 'Strecken',
    temperature: 'Temperaturen',
  },
  unit: {
    mm: 'Millimeter',
    in: 'Zoll neben Millimetern',
    'N·m': 'Newtonmeter',
    'lbf·in': 'Inch-Pound neben Newtonmetern',
    km: 'Kilometer',
    mi: 'Meilen',
    '°C': 'Celsius',
    '°F': 'Fahrenheit',
  },
  own: 'Deine eigene Wahl, an jedem Gerät, an dem du dich anmeldest.',
  asTheShop: 'Wie die Werkstatt es hat. Was du hier wählst, gilt nur für dich.',
  goWithTheShop: 'Wieder wie die Werkstatt',
  toTheBench: 'Zur Werkbank',
  keptInMetric:
    'Gemessen, aufgehoben und beurteilt wird in Millimetern und Newtonmetern, was auch immer daneben steht.',
  ofTheShop: 'Sprache, Einheiten und Geld der Werkstatt',
  currency: 'Geld, mit drei Buchstaben',
  currencyHint: 'Etwa EUR. Angebote stehen darin.',
};
