module.exports = {
  displayName: 'app',
  preset: 'jest-expo',
  rootDir: __dirname,
  moduleNameMapper: { '^react-native-svg$': '<rootDir>/src/testing/svg.tsx' },
  setupFiles: ['<rootDir>/src/testing/setup.ts'],
};
