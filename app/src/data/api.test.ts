import { askAll, NoConnection } from './api';

const PAGES: Record<string, object> = {
  '/api/gauges': { items: [{ id: 'a' }, { id: 'b' }], after: 'b' },
  '/api/gauges?after=b': { items: [{ id: 'c' }], after: null },
  '/api/broken': { items: [{ id: 'a' }], after: 'a' },
};
beforeEach(() => {
  globalThis.fetch = jest.fn((path: string) =>
    path in PAGES
      ? Promise.resolve({ ok: true, status: 200, json: () => Promise.resolve(PAGES[path]) })
      : Promise.reject(new TypeError('Failed to fetch')),
  ) as unknown as typeof fetch;
});

it('asks for a list page after page, until it is through', async () => {
  expect(await askAll('/gauges')).toEqual([{ id: 'a' }, { id: 'b' }, { id: 'c' }]);
});

it('half a list is none: the bench must not choose among some of its gauges', async () => {
  await expect(askAll('/broken')).rejects.toBeInstanceOf(NoConnection);
});
