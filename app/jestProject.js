const preset = require('jest-expo/jest-preset');

/** The app's tests, in what Expo makes of a browser. @param ours how our own TypeScript is compiled */
module.exports = (ours) => ({
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
});
