import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier/flat';

/** Imports run one way: app, server, instruments → contract, words → drawings → core. */
const barredFrom = {
  core: ['drawings', 'words', 'contract', 'server', 'app', 'demo', 'instruments'],
  drawings: ['words', 'contract', 'server', 'app', 'demo', 'instruments'],
  words: ['contract', 'server', 'app', 'demo', 'instruments'],
  contract: ['server', 'app', 'demo', 'instruments'],
  demo: ['server', 'app', 'instruments'],
  instruments: ['server', 'app', 'demo'],
  server: ['app', 'instruments'],
  app: ['server', 'demo', 'instruments'],
};

const oneWay = Object.entries(barredFrom).map(([module, barred]) => ({
  files: [`${module}/**/*.{ts,tsx}`],
  // A test may stand on the demo shop's engines.
  ignores: ['**/*.test.ts', '**/*.test.tsx', '**/tests/**'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: barred.flatMap((other) => [
          {
            group: [`@cardinex/${other}/*`, `**/../${other}/*`],
            message: `${module} may not import ${other}.`,
          },
        ]),
      },
    ],
  },
}));

/** One place turns shapes into the app's surface: what is drawn stands in drawings/, for paper and files too. */
const drawnInOnePlace = {
  files: ['app/**/*.{ts,tsx}'],
  // The slant of a card's tab is no drawing, and the empty app has none.
  ignores: ['app/ui/drawing/**', 'app/ui/TabbedCard.tsx', 'app/empty/**'],
  rules: {
    '@typescript-eslint/no-restricted-imports': [
      'error',
      {
        paths: [
          { name: 'react-native-svg', message: 'Draw it in drawings/, show it by DrawingView.' },
        ],
      },
    ],
  },
};

/** One place formats figures: what is shown elsewhere would miss the reader's unit and language. */
const figures = {
  selector: "MemberExpression[property.name='toFixed']",
  message: 'Figures are formatted in words/: use its kit, or its quantities.',
};

const figuresInWords = {
  files: [
    'app/**/*.{ts,tsx}',
    'drawings/**/*.ts',
    'server/**/*.ts',
    'contract/**/*.ts',
    'words/**/*.ts',
  ],
  ignores: ['**/*.test.ts', '**/*.test.tsx'],
  rules: { 'no-restricted-syntax': ['error', figures] },
};

const pureCore = {
  files: ['core/**/*.ts'],
  ignores: ['core/**/*.test.ts'],
  rules: {
    'no-restricted-globals': [
      'error',
      'window',
      'document',
      'fetch',
      'process',
      'setTimeout',
      'localStorage',
    ],
    'no-restricted-syntax': [
      'error',
      figures,
      {
        selector: "NewExpression[callee.name='Date'][arguments.length=0]",
        message: 'The core has no clock: take the time as a parameter.',
      },
      {
        selector: "MemberExpression[object.name='Date'][property.name='now']",
        message: 'The core has no clock: take the time as a parameter.',
      },
      {
        selector: "MemberExpression[object.name='Math'][property.name='random']",
        message: 'Randomness in the core is seeded.',
      },
    ],
  },
};

/** React's rules follow every function to see whether it is a component: nothing outside the app is one. */
const noComponents = {
  files: Object.keys(barredFrom)
    .filter((module) => module !== 'app')
    .map((module) => `${module}/**/*.ts`)
    .concat('e2e/**/*.ts', 'scripts/**/*.ts', 'bench/**/*.ts'),
  rules: Object.fromEntries(
    expo
      .flatMap(({ rules = {} }) => Object.keys(rules))
      .filter((rule) => rule.startsWith('react'))
      .map((rule) => [rule, 'off']),
  ),
};

export default [
  {
    ignores: [
      '**/node_modules/**',
      '**/dist/**',
      '.data/**',
      'app/.expo/**',
      'test-results/**',
      'words/pseudo/**',
      'app/*-env.d.ts',
    ],
  },
  ...expo,
  {
    settings: {
      'import/resolver': {
        typescript: { project: ['tsconfig.json', 'app/tsconfig.json'] },
        node: true,
      },
    },
    rules: {
      'no-console': ['error', { allow: ['warn', 'error'] }],
      eqeqeq: 'error',
      // The compiler says the same of these, and they took half of the time.
      'import/namespace': 'off',
      'import/no-unresolved': 'off',
      // fast-check and axe are used by their default export, as their own guides do.
      'import/no-named-as-default': 'off',
      'import/no-named-as-default-member': 'off',
    },
  },
  {
    files: ['**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      // So it does of these, of what it compiles.
      '@typescript-eslint/no-unused-vars': 'off',
      '@typescript-eslint/no-redeclare': 'off',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { requireDefaultForNonUnion: true },
      ],
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/no-unnecessary-condition': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
    },
  },
  noComponents,
  { files: ['scripts/**', 'bench/**', 'server/main.ts', 'e2e/**'], rules: { 'no-console': 'off' } },
  ...oneWay,
  drawnInOnePlace,
  figuresInWords,
  pureCore,
  prettier,
];
