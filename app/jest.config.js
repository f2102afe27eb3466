module.exports = {
  displayName: 'app',
  preset: 'jest-expo',
  rootDir: __dirname,
  moduleNameMapper: {
    // The browser build of uuid is no CommonJS.
    '^uuid$': require.resolve('uuid'),
    '^react-native-svg$': '<rootDir>/src/testing/svg.tsx',
  },
  setupFiles: ['<rootDir>/src/testing/setup.ts'],
};
