const preset = require('jest-expo/jest-preset');
const { ours } = require('../scripts/compiled');

module.exports = {
  displayName: 'app',
  preset: 'jest-expo',
  rootDir: __dirname,
  moduleNameMapper: {
    '^react-native-svg$': '<rootDir>/src/testing/svg.tsx',
  },
  transform: { '^(?!.*/node_modules/).*\\.tsx?$': ours, ...preset.transform },
  // Besides what the preset compiles: published as ES modules only.
  transformIgnorePatterns: preset.transformIgnorePatterns.map((pattern) =>
    pattern.replace('(?!', '(?!(flatqueue|uuid|@noble/hashes)|'),
  ),
  setupFiles: ['<rootDir>/src/testing/setup.ts'],
};
