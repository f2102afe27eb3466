import { readdirSync } from 'node:fs';
import path from 'node:path';
import { atBike, atJob, type Address, type BikePage, type JobPage, type Place } from './routes';

// The addresses that compile are those of the files of app/: the compiler holds the left of each of these lists, the files the right.

const APP = path.resolve(__dirname, '../app');
const files = readdirSync(APP, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.tsx') && !/(^|\/)[_+]/.test(file))
  .map((file) => `/${file.replace(/\.tsx$/, '').replace(/\/?index$/, '')}`);
const namedIn = (folder: string) =>
  files
    .filter((file) => file.startsWith(`${folder}/`))
    .map((file) => file.slice(folder.length + 1));

const PLACES: Readonly<Record<Place, true>> = {
  '/bench': true,
  '/bench/check-in': true,
  '/bench/day': true,
  '/bikes': true,
  '/bikes/tables': true,
  '/gallery': true,
  '/ledger': true,
  '/ledger/calendar': true,
  '/ledger/due': true,
  '/ledger/outbox': true,
  '/ledger/trace': true,
  '/manner': true,
  '/people': true,
  '/reckoner': true,
  '/reckoner/air': true,
  '/reckoner/align': true,
  '/reckoner/cable': true,
  '/reckoner/face': true,
  '/reckoner/fit': true,
  '/reckoner/fluid': true,
  '/reckoner/heat': true,
  '/reckoner/hose': true,
  '/reckoner/levers': true,
  '/reckoner/life': true,
  '/reckoner/pads': true,
  '/reckoner/practice': true,
  '/reckoner/runout': true,
  '/reckoner/share': true,
  '/reckoner/stops': true,
  '/reckoner/thread': true,
  '/reckoner/trouble': true,
  '/reckoner/washers': true,
  '/reckoner/wear': true,
  '/reckoner/wrench': true,
  '/stores': true,
  '/stores/count': true,
  '/stores/feed': true,
  '/stores/figures': true,
  '/stores/rules': true,
  '/stores/sheets/import': true,
  '/stores/sheets/new': true,
  '/stores/trouble': true,
  '/trust': true,
};
const JOB_PAGES: Readonly<Record<JobPage, true>> = {
  bill: true,
  edit: true,
  found: true,
  plan: true,
  'sign-off': true,
  step: true,
  trail: true,
};
const BIKE_PAGES: Readonly<Record<BikePage, true>> = {
  correct: true,
  customer: true,
  passport: true,
};
/** One address of each page that there are many of. */
const ONE_OF_MANY: Readonly<Record<string, Address>> = {
  '/bench/[jobId]': atJob('a'),
  '/bench/[jobId]/[end]/[task]': atJob('a', 'front/bolts?fastener=rotor-bolts'),
  '/bikes/[bikeId]': atBike('a'),
  '/ledger/[recordId]': '/ledger/a',
  '/ledger/label/[recordId]': '/ledger/label/a',
  '/ledger/report/[recordId]': '/ledger/report/a',
  '/people/[personId]': '/people/a',
  '/r/[token]': '/r/a',
  '/reckoner/practice/[name]': '/reckoner/practice/a',
  '/stores/containers/[containerId]': '/stores/containers/a',
  '/stores/gauges/[gaugeId]': '/stores/gauges/a',
  '/stores/notices/[noticeId]': '/stores/notices/a',
  '/stores/sheets/[sheetId]': '/stores/sheets/a',
  '/stores/sheets/[sheetId]/edit': '/stores/sheets/a/edit',
  '/stores/stock/[stockId]': '/stores/stock/a',
  '/stores/wrenches/[wrenchId]': '/stores/wrenches/a',
};

it('has a file for every place, and a place for every file', () =>
  // The root leads on to the Bench, and is an address to nobody.
  expect(files.filter((file) => file !== '/' && !file.includes('[')).sort()).toEqual(
    Object.keys(PLACES).sort(),
  ));

it('has a file for every page of a job and of a bike', () => {
  const ofMany = (name: string) => name.includes('[');
  expect(
    namedIn('/bench/[jobId]')
      .filter((name) => !ofMany(name))
      .sort(),
  ).toEqual(Object.keys(JOB_PAGES).sort());
  expect(namedIn('/bikes/[bikeId]').sort()).toEqual(Object.keys(BIKE_PAGES).sort());
});

it('has an address for every page that there are many of', () => {
  const inJobOrBike = /^\/(bench\/\[jobId\]|bikes\/\[bikeId\])\/[a-z-]+$/;
  const many = files.filter((file) => file.includes('[') && !inJobOrBike.test(file));
  expect(many.sort()).toEqual(Object.keys(ONE_OF_MANY).sort());
  for (const [file, address] of Object.entries(ONE_OF_MANY))
    expect(address.replace(/\?.*/, '')).toMatch(
      new RegExp(`^${file.replace(/\[\w+\]/g, '[a-z-]+')}$`),
    );
});
