import path from 'node:path';

// What the app's program leaves out of the packages it is made with (app/metro.config.js).

type Made = { type: string };
type Resolve = (context: object, name: string, platform: string) => Made;

const AS_USUAL: Made = { type: 'as usual' };

/** What becomes of a module that another asks for, in a program of this kind. */
function madeOf(program: 'production' | 'development', from: string, name: string): Made {
  const was = process.env.NODE_ENV;
  Object.assign(process.env, { NODE_ENV: program });
  try {
    let resolve!: Resolve;
    jest.isolateModules(() => {
      const config = jest.requireActual<{ resolver: { resolveRequest: Resolve } }>(
        path.resolve(__dirname, '../app/metro.config.js'),
      );
      resolve = config.resolver.resolveRequest;
    });
    const originModulePath = path.resolve(__dirname, '../node_modules', from);
    return resolve({ originModulePath, resolveRequest: () => AS_USUAL }, name, 'web');
  } finally {
    Object.assign(process.env, { NODE_ENV: was });
  }
}

const ROUTER = 'expo-router/build/';

it.each([
  [`${ROUTER}ExpoRoot.js`, './views/Sitemap'],
  [`${ROUTER}react-navigation/routers/index.js`, './TabRouter'],
  ['date-fns/locale/en-GB.js', './en-US/_lib/match.js'],
])('is left out of what is exported, and of nothing while developing: %s, %s', (from, name) => {
  expect(madeOf('production', from, name)).toEqual({ type: 'empty' });
  expect(madeOf('development', from, name)).toBe(AS_USUAL);
});

it.each([
  // The rows of the Bench are links that somebody else draws; a page that is still coming says so while developing.
  [`${ROUTER}ui/Slot.js`, '@radix-ui/react-slot'],
  [`${ROUTER}views/SuspenseFallback.js`, './Toast'],
  [`${ROUTER}react-navigation/routers/index.js`, './StackRouter'],
  ['date-fns/locale/en-GB.js', './en-US/_lib/localize.js'],
])('is never left out: %s, %s', (from, name) => {
  expect(madeOf('production', from, name)).toBe(AS_USUAL);
});
