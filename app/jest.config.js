const preset = require('jest-expo/jest-preset');

const [compiled] = Object.keys(preset.transform).filter((files) => 'x.ts'.match(files));
const [babel, options] = preset.transform[compiled];

module.exports = {
  displayName: 'app',
  preset: 'jest-expo',
  rootDir: __dirname,
  moduleNameMapper: {
    '^react-native-svg$': '<rootDir>/src/testing/svg.tsx',
  },
  // What comes later in a browser is at hand here.
  transform: {
    [compiled]: [babel, { ...options, plugins: ['@babel/plugin-transform-dynamic-import'] }],
  },
  // Besides what the preset compiles: published as ES modules only.
  transformIgnorePatterns: preset.transformIgnorePatterns.map((pattern) =>
    pattern.replace('(?!', '(?!(flatqueue|uuid|@noble/hashes)|'),
  ),
  setupFiles: ['<rootDir>/src/testing/setup.ts'],
};
