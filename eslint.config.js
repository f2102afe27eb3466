const expo = require('eslint-config-expo/flat');
const prettier = require('eslint-config-prettier');

/** Rules about React have nothing to find outside the app, nor in its tests. */
const REACT_OFF = Object.fromEntries(
  expo
    .flatMap(({ rules = {} }) => Object.keys(rules))
    .filter((rule) => /^react(-hooks)?\//.test(rule))
    .map((rule) => [rule, 'off']),
);

/** Arrows point one way: app and server → contract → core; demo → contract. Core imports nothing of ours. */
const zone = (target, from, message) => ({ target, from, message });
const DIRECTION = [
  zone(
    './core',
    ['./contract', './server', './app', './demo', './standins'],
    'core imports nothing of ours',
  ),
  zone(
    './contract',
    ['./server', './app', './demo', './standins'],
    'contract may import core alone',
  ),
  zone('./server/src', ['./app', './standins'], 'server may import contract and core'),
  zone(
    './server/src/platform',
    './server/src/!(platform|testing)/**',
    'the platform knows no resource: server/src/server.ts puts them together',
  ),
  zone(
    './server/src/*/**',
    './server/src/*/routes.ts',
    'a resource may ask another’s store, and never its routes',
  ),
  zone('./app/src', ['./server', './demo', './standins'], 'app may import contract and core'),
  zone('./demo', ['./server', './app'], 'demo may import contract alone'),
  zone('./standins', ['./core', './server', './app'], 'standins may import contract alone'),
  zone(
    './app/src/ui',
    ['./app/src/screens', './app/src/data', './app/src/instruments'],
    'ui serves screens',
  ),
  zone(
    './app/src/instruments',
    ['./app/src/screens', './app/src/data'],
    'instruments serve screens',
  ),
  zone(
    './app/src/data',
    ['./app/src/screens', './app/src/ui', './app/src/instruments'],
    'data serves screens',
  ),
];

/** Props, and fields of options, that people read. */
const READ =
  '/^(says|title|label|hint|over|placeholder|back|lead|alt|accessibilityLabel|aria-label)$/';
const LETTERS = '/[A-Za-z]{2}/';
const BARE = 'What people read stands in the catalogue, app/src/words.';
/** Words in the code of a screen: no second language would know them. */
const BARE_WORDS = [
  `JSXText[value=${LETTERS}]`,
  `JSXAttribute[name.name=${READ}] > Literal[value=${LETTERS}]`,
  `JSXAttribute[name.name=${READ}] :matches(ConditionalExpression, LogicalExpression, TemplateLiteral, ArrayExpression) > Literal[value=${LETTERS}]`,
  `JSXAttribute[name.name=${READ}] TemplateElement[value.raw=${LETTERS}]`,
  `JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > Literal[value=/[A-Za-z]{2} /]`,
  `Property[key.name=${READ}] > Literal[value=${LETTERS}]`,
].map((selector) => ({ selector, message: BARE }));

module.exports = [
  {
    ignores: [
      '**/node_modules',
      '.cache',
      '.data*',
      'app/dist',
      'app/.expo',
      'server/dist',
      'app/public',
    ],
  },
  ...expo,
  prettier,
  {
    settings: {
      'import/resolver': {
        typescript: {
          project: ['tsconfig.json', 'app/tsconfig.json'],
          noWarnOnMultipleProjects: true,
        },
      },
    },
    rules: {
      'import/no-restricted-paths': ['error', { basePath: __dirname, zones: DIRECTION }],
      // The compiler holds these already; circles are found by scripts/circles.ts, from the module graph.
      'import/namespace': 'off',
      'import/no-cycle': 'off',
      'import/no-named-as-default': 'off',
      'no-console': 'error',
      eqeqeq: 'error',
      'import/no-named-as-default-member': 'off',
      // A schema and the type it gives share one name.
      '@typescript-eslint/no-redeclare': 'off',
    },
  },
  { files: ['**/*'], ignores: ['app/**'], rules: REACT_OFF },
  { files: ['app/**/*.test.{ts,tsx}', 'app/src/{words,testing}/**'], rules: REACT_OFF },
  {
    files: ['app/src/{screens,instruments,ui,app}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.*', 'app/src/screens/Gallery.tsx'],
    rules: {
      'no-restricted-syntax': ['error', ...BARE_WORDS],
      // A component fits on a few screens; what it knows moves to where it belongs.
      'max-lines-per-function': ['error', { max: 150, skipBlankLines: true, skipComments: true }],
    },
  },
  { files: ['*.js', 'app/*.js'], languageOptions: { globals: { __dirname: 'readonly' } } },
  { files: ['scripts/**', 'e2e/**', 'standins/src/main.ts'], rules: { 'no-console': 'off' } },
  {
    files: ['core/src/**'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'Date',
        'process',
        'fetch',
        'window',
        'document',
        'performance',
      ],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
      'no-restricted-imports': ['error', { patterns: ['node:*', 'react', 'react-*'] }],
    },
  },
];
