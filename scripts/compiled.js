/**
 * How our own TypeScript is compiled for tests: its types left out and its imports resolved, and no more. Babel, by which a browser
 * gets it, took a third of the time that the tests take.
 */
module.exports.ours = ['@sucrase/jest-plugin', { jsxRuntime: 'automatic', production: true }];
