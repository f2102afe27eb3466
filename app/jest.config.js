module.exports = {
  displayName: 'app',
  preset: 'jest-expo',
  rootDir: __dirname,
  moduleNameMapper: {
    // The browser build of uuid is no CommonJS.
    '^uuid$': require.resolve('uuid'),
    '^react-native-svg$': '<rootDir>/src/testing/svg.tsx',
  },
  // Besides what the preset compiles: published as ES modules only.
  transformIgnorePatterns: require('jest-expo/jest-preset').transformIgnorePatterns.map((pattern) =>
    pattern.replace('(?!', '(?!(flatqueue)|'),
  ),
  setupFiles: ['<rootDir>/src/testing/setup.ts'],
};
