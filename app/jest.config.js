module.exports = {
  displayName: 'app',
  preset: 'jest-expo',
  rootDir: __dirname,
  moduleNameMapper: {
    '^react-native-svg$': '<rootDir>/src/testing/svg.tsx',
  },
  // Besides what the preset compiles: published as ES modules only.
  transformIgnorePatterns: require('jest-expo/jest-preset').transformIgnorePatterns.map((pattern) =>
    pattern.replace('(?!', '(?!(flatqueue|uuid|@noble/hashes)|'),
  ),
  setupFiles: ['<rootDir>/src/testing/setup.ts'],
};
