/** Server-side TypeScript goes through the same Babel preset as the app, so one compiler serves all. */
const node = {
  testEnvironment: 'node',
  // Published as ES modules only.
  transformIgnorePatterns: ['/node_modules/(?!(flatqueue|uuid|@noble/hashes)/)'],
  transform: {
    '\\.[jt]s$': [
      'babel-jest',
      {
        configFile: false,
        babelrc: false,
        presets: [['babel-preset-expo', { reanimated: false, worklets: false }]],
        caller: { name: 'metro', platform: 'web' },
      },
    ],
  },
};

const propertySeed = require.resolve('./scripts/propertySeed.js');

module.exports = {
  // Four people signing at once on a busy machine take longer than the five seconds Jest would wait.
  testTimeout: 30_000,
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
    '<rootDir>/app/jest.config.js',
  ],
};
