import { circles } from './circles';

const of = (graph: Record<string, string[]>) => circles(new Map(Object.entries(graph)));

it('finds none where arrows point one way', () =>
  expect(of({ app: ['contract', 'core'], contract: ['core'], core: [] })).toEqual([]));

it('names the modules of a circle in the order they import', () =>
  expect(of({ start: ['a'], a: ['b'], b: ['c'], c: ['a'] })).toEqual([['a', 'b', 'c', 'a']]));

it('finds a module that imports itself', () => expect(of({ a: ['a'] })).toEqual([['a', 'a']]));
