import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

// An address is text to the router: one that leads nowhere compiles, and shows a mechanic the page of what is not there.

const app = path.resolve(__dirname, '../app/src');
const sources = readdirSync(app, { recursive: true, encoding: 'utf8' }).filter(
  (file) => /^(app|screens|ui)\/.*\.tsx?$/.test(file) && !file.includes('.test.'),
);

/** The segments of every address there is: `[jobId]` stands for any one. */
const places = sources
  .filter((file) => file.startsWith('app/') && !path.basename(file).startsWith('_'))
  .map((file) =>
    file
      .replace(/^app\//, '')
      .replace(/\/index\.tsx$|\.tsx$/, '')
      .split('/'),
  );

/** An address as it is written in a screen, without what is asked or named on the page; `${…}` stands for one segment, and at the end for more. */
const ADDRESS = /(['`])(\/(?:bench|bikes|stores|reckoner|ledger|people|manner|trust)\b[^'`]*)\1/g;

const isVariable = (segment: string) => segment.includes('${');

function leadsSomewhere(address: string): boolean {
  const segments = address
    .replace(/[?#].*$/, '')
    .replaceAll(/\$\{[^}]*\}/g, '${}')
    .split('/')
    .slice(1);
  const open = isVariable(segments.at(-1)!);
  return places.some(
    (place) =>
      (place.length === segments.length || (open && place.length > segments.length)) &&
      segments.every(
        (segment, i) => isVariable(segment) || place[i]!.startsWith('[') || place[i] === segment,
      ),
  );
}

const written = sources.flatMap((file) =>
  [...readFileSync(path.join(app, file), 'utf8').matchAll(ADDRESS)].map(([, , address]) => ({
    file,
    address: address!,
  })),
);

it('finds the addresses that screens lead to', () => expect(written.length).toBeGreaterThan(100));

it('has a screen at every address that a screen leads to', () =>
  expect(written.filter(({ address }) => !leadsSomewhere(address))).toEqual([]));

it('knows an address that leads nowhere', () => {
  expect(leadsSomewhere('/stores/figures')).toBe(true);
  expect(leadsSomewhere('/bench/${job.id}/sign-off')).toBe(true);
  expect(leadsSomewhere('/stores/figure')).toBe(false);
  expect(leadsSomewhere('/stores/gauges/${gauge.id}/more')).toBe(false);
});
