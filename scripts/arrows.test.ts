import path from 'node:path';
import { circles, roomsIn, wrongWays } from './arrows';

const of = (graph: Record<string, string[]>) => circles(new Map(Object.entries(graph)));

it('finds none where arrows point one way', () =>
  expect(of({ app: ['contract', 'core'], contract: ['core'], core: [] })).toEqual([]));

it('names the modules of a circle in the order they import', () =>
  expect(of({ start: ['a'], a: ['b'], b: ['c'], c: ['a'] })).toEqual([['a', 'b', 'c', 'a']]));

it('finds a module that imports itself', () => expect(of({ a: ['a'] })).toEqual([['a', 'a']]));

describe('the rooms of a house', () => {
  const at = (module: string) => path.resolve(__dirname, '..', module);
  const between = (graph: Record<string, string[]>) =>
    circles(
      roomsIn(
        'server/src',
        new Map(Object.entries(graph).map(([module, others]) => [at(module), others.map(at)])),
      ),
    ).map((circle) => circle.map((room) => path.basename(room)));

  it('stand in a circle by different modules, where no module does', () =>
    expect(
      between({
        'server/src/jobs/store.ts': ['server/src/bikes/store.ts'],
        'server/src/bikes/routes.ts': ['server/src/jobs/bench.ts'],
      }),
    ).toEqual([['jobs', 'bikes', 'jobs']]));

  it('may use their own modules, what lies beside them, and in their tests anything', () =>
    expect(
      between({
        'server/src/jobs/store.ts': ['server/src/bikes/store.ts', 'server/src/jobs/bench.ts'],
        'server/src/bikes/bikes.test.ts': ['server/src/jobs/bench.ts'],
        'server/src/server.ts': ['server/src/jobs/store.ts'],
        'server/src/bikes/store.ts': ['server/src/server.ts', 'core/src/ends.ts'],
      }),
    ).toEqual([]));
});

describe('an arrow the wrong way', () => {
  const wrong = (module: string, other: string) => wrongWays(new Map([[module, [other]]]));

  it.each([
    ['core/src/ends.ts', 'contract/src/fields.ts'],
    ['contract/src/fields.ts', 'server/src/server.ts'],
    ['server/src/jobs/store.ts', 'app/src/data/api.ts'],
    ['server/src/platform/pool.ts', 'server/src/jobs/store.ts'],
    ['server/src/jobs/rules.ts', 'server/src/bikes/routes.ts'],
    ['server/src/jobs/store.ts', 'server/src/bikes/rules.ts'],
    ['server/src/trace/routes.ts', 'server/src/jobs/restore.ts'],
    ['app/src/data/api.ts', 'app/src/ui/Button.tsx'],
    ['app/src/ui/Button.tsx', 'app/src/data/api.ts'],
    ['demo/src/visits.ts', 'server/src/jobs/store.ts'],
  ])('%s → %s is named', (module, other) =>
    expect(wrong(module, other)).toEqual([expect.stringContaining(`${module} → ${other}: `)]),
  );

  it.each([
    ['app/src/screens/routes.ts', 'app/src/data/api.ts'],
    ['server/src/server.ts', 'server/src/jobs/routes.ts'],
    ['server/src/jobs/routes.ts', 'server/src/jobs/store.ts'],
    ['server/src/jobs/store.ts', 'server/src/bikes/store.ts'],
    ['server/src/jobs/rules.ts', 'server/src/stores/usedPartStore.ts'],
    ['server/src/people/access.test.ts', 'server/src/jobs/rules.ts'],
    ['server/src/platform/pool.ts', 'server/src/platform/refusal.ts'],
    ['contract/src/fields.ts', 'core/src/ends.ts'],
  ])('%s → %s is none', (module, other) => expect(wrong(module, other)).toEqual([]));
});
