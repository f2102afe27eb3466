const appProject = require('./app/jestProject');

/**
 * How our own TypeScript is compiled for tests: its types left out and its imports resolved, and no more. Babel, by which a browser
 * gets it, took a third of the time that the tests take.
 */
const ours = ['@sucrase/jest-plugin', { jsxRuntime: 'automatic', production: true }];

const node = {
  testEnvironment: 'node',
  // Published as ES modules only.
  transformIgnorePatterns: ['/node_modules/(?!(flatqueue|uuid|@noble/hashes)/)'],
  transform: { '\\.[jt]s$': ours },
};

const propertySeed = require.resolve('./scripts/propertySeed.js');

module.exports = {
  // Four people signing at once on a busy machine take longer than the five seconds Jest would wait.
  testTimeout: 30_000,
  maxWorkers: '100%',
  projects: [
    { ...node, displayName: 'core', rootDir: 'core', setupFiles: [propertySeed] },
    { ...node, displayName: 'contract', rootDir: 'contract', setupFiles: [propertySeed] },
    {
      ...node,
      displayName: 'server',
      rootDir: 'server',
      globalSetup: '<rootDir>/src/testing/startDatabase.ts',
      globalTeardown: '<rootDir>/src/testing/stopDatabase.ts',
    },
    { ...node, displayName: 'demo', rootDir: 'demo' },
    { ...node, displayName: 'standins', rootDir: 'standins' },
    { ...node, displayName: 'scripts', rootDir: 'scripts' },
    appProject(ours),
  ],
};
