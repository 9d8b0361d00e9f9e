import { readdirSync } from 'node:fs';
import { ROOMS, STOREYS } from './lint/rooms.mjs';

// What lint refuses. Types, arrows, hooks and import circles in one run of a native linter; no other looks at the code.

/** Each screen by itself: what two of them need is a part. */
const SCREENS = readdirSync(new URL('app/screens', import.meta.url), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);

/** Refuses imports that climb to one of these folders, whatever comes before it. */
const climbingTo = (folders, message) => ({ regex: `^(\\.\\./)+(${folders.join('|')})/`, message });

const laterStoreys = (index) =>
  climbingTo(
    STOREYS.slice(index + 1).flat(),
    'This storey is below that one: arrows run one way (docs/architecture.md).',
  );

const appArrows = [
  ...STOREYS.slice(0, -1).flatMap((storey, index) =>
    storey.map((folder) => ({
      files: [`app/${folder}/**/*.{ts,tsx}`],
      rules: { 'no-restricted-imports': ['error', { patterns: [laterStoreys(index)] }] },
    })),
  ),
  ...SCREENS.map((screen) => ({
    files: [`app/screens/${screen}/**/*.{ts,tsx}`],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            laterStoreys(STOREYS.findIndex((storey) => storey.includes('screens'))),
            climbingTo(
              SCREENS.filter((other) => other !== screen),
              'Screens do not import each other: what two of them need is a part.',
            ),
          ],
        },
      ],
    },
  })),
];

/** The first rooms stand beside each other and may look sideways; so may pieces and shelf. */
const arrows = ROOMS.flatMap((storey, index) =>
  storey.map((room) => ({
    files: [`core/${room}/**/*.ts`],
    excludeFiles: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: [
                '**/app/**',
                ...ROOMS.slice(index + 1).flatMap((later) => later.map((other) => `**/${other.split('/').at(-1)}/**`)),
              ],
              message: `core/${room} comes before this room: arrows run one way (docs/architecture.md).`,
            },
            {
              group: ['node:*', 'react', 'react-dom', 'dexie', '@mui/*', 'astro', 'astro:*', '**/demo/**'],
              message: 'The core knows no screen, no store and no machine.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'localStorage',
        'process',
        'fetch',
        'performance',
        'setTimeout',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Time comes in as an argument.' },
        { object: 'Math', property: 'random', message: 'Randomness comes in as an argument.' },
        { object: 'DateTime', property: 'now', message: 'Time comes in as an argument.' },
      ],
    },
  })),
);

const allOf = (plugin, names) => Object.fromEntries(names.map((name) => [`${plugin}/${name}`, 'error']));

/** What needs no types. */
const SYNTAX = allOf('typescript', [
  'consistent-type-imports',
  'no-duplicate-enum-values',
  'no-dynamic-delete',
  'no-empty-object-type',
  'no-explicit-any',
  'no-extra-non-null-assertion',
  'no-extraneous-class',
  'no-invalid-void-type',
  'no-misused-new',
  'no-namespace',
  'no-non-null-asserted-nullish-coalescing',
  'no-non-null-asserted-optional-chain',
  'no-non-null-assertion',
  'no-require-imports',
  'no-this-alias',
  'no-unnecessary-type-constraint',
  'no-unsafe-declaration-merging',
  'no-unsafe-function-type',
  'no-wrapper-object-types',
  'prefer-as-const',
  'prefer-literal-enum-member',
  'prefer-namespace-keyword',
  'triple-slash-reference',
  'unified-signatures',
]);

/** What is known only by types. */
const TYPED = {
  ...allOf('typescript', [
    'await-thenable',
    'no-array-delete',
    'no-base-to-string',
    'no-deprecated',
    'no-duplicate-type-constituents',
    'no-floating-promises',
    'no-for-in-array',
    'no-generated-empty-object-type',
    'no-implied-eval',
    'no-meaningless-void-operator',
    'no-misused-promises',
    'no-misused-spread',
    'no-mixed-enums',
    'no-redundant-type-constituents',
    'no-unnecessary-boolean-literal-compare',
    'no-unnecessary-condition',
    'no-unnecessary-template-expression',
    'no-unnecessary-type-arguments',
    'no-unnecessary-type-assertion',
    'no-unnecessary-type-conversion',
    'no-unnecessary-type-parameters',
    'no-unsafe-argument',
    'no-unsafe-assignment',
    'no-unsafe-call',
    'no-unsafe-enum-assignment',
    'no-unsafe-enum-comparison',
    'no-unsafe-member-access',
    'no-unsafe-return',
    'no-unsafe-unary-minus',
    'no-useless-default-assignment',
    'only-throw-error',
    'prefer-promise-reject-errors',
    'prefer-reduce-type-parameter',
    'prefer-return-this-type',
    'related-getter-setter-pairs',
    'require-await',
    'use-unknown-in-catch-callback-variable',
  ]),
  'typescript/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true, ignoreVoidOperator: true }],
  'typescript/restrict-plus-operands': [
    'error',
    {
      allowAny: false,
      allowBoolean: false,
      allowNullish: false,
      allowNumberAndString: false,
      allowRegExp: false,
    },
  ],
  'typescript/restrict-template-expressions': [
    'error',
    { allowAny: false, allowBoolean: false, allowNullish: false, allowNumber: true, allowRegExp: false },
  ],
  'typescript/return-await': ['error', 'error-handling-correctness-only'],
};

/** The rules of hooks, and what the compiler for React knows of them. */
const HOOKS = allOf('react', [
  'error-boundaries',
  'exhaustive-deps',
  'globals',
  'immutability',
  'incompatible-library',
  'preserve-manual-memoization',
  'purity',
  'rules-of-hooks',
  'set-state-in-render',
  'static-components',
  'unsupported-syntax',
  'use-memo',
  'void-use-memo',
]);

export default {
  jsPlugins: ['./lint/house.mjs'],
  plugins: ['typescript', 'react', 'import', 'oxc'],
  categories: { correctness: 'off' },
  options: { typeAware: true, reportUnusedDisableDirectives: 'error' },
  ignorePatterns: ['dist/', '.nivel/', '.astro/', 'test-results/', 'playwright-report/'],
  rules: {
    ...SYNTAX,
    ...TYPED,
    'typescript/ban-ts-comment': ['error', { minimumDescriptionLength: 10 }],
    'no-array-constructor': 'error',
    'no-unused-expressions': 'error',
    'no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', caughtErrors: 'all' }],
    'no-useless-constructor': 'error',
    'no-var': 'error',
    'prefer-const': 'error',
    'prefer-rest-params': 'error',
    'prefer-spread': 'error',
    eqeqeq: ['error', 'always', { null: 'ignore' }],
    'max-lines': ['error', { max: 450, skipBlankLines: true }],
    // Types that look at each other count as well: they show that one of them lies in the wrong file.
    'import/no-cycle': ['error', { ignoreTypes: false }],
  },
  overrides: [
    ...arrows,
    ...appArrows,
    // A function is read without scrolling; a component is a tree of what it shows, and may take two screens.
    ...Object.entries({ 'core/**/*.ts': 80, 'app/**/*.ts': 80, 'app/**/*.tsx': 120 }).map(([files, max]) => ({
      files: [files],
      excludeFiles: ['**/*.test.ts', 'core/fixtures/**'],
      rules: { 'max-lines-per-function': ['error', { max, skipBlankLines: true }] },
    })),
    { files: ['app/**/*.{ts,tsx}'], rules: HOOKS },
    {
      // Which system of units is set is asked in one room; everywhere else a measure writes and reads its figures.
      files: ['{app,core}/**/*.{ts,tsx}'],
      excludeFiles: ['core/units/**', '**/*.test.ts', 'core/fixtures/**'],
      rules: {
        'house/unit-system': 'error',
        'house/moment': 'error',
        'house/voice': 'error',
      },
    },
    {
      // What these say is read by developers.
      files: ['**/*.test.ts', 'core/fixtures/**/*.ts', '{e2e,bench,scripts}/**/*.ts'],
      rules: { 'typescript/restrict-template-expressions': ['error', { allowNumber: true }] },
    },
    {
      files: ['**/*.test.ts', 'core/fixtures/**/*.ts', 'e2e/**/*.ts'],
      rules: {
        'typescript/no-floating-promises': 'off',
        'typescript/no-non-null-assertion': 'off',
        'typescript/no-unnecessary-condition': 'off',
        'typescript/no-unnecessary-type-assertion': 'off',
        'typescript/no-confusing-void-expression': 'off',
      },
    },
    { files: ['**/*.{js,mjs}'], rules: Object.fromEntries(Object.keys(TYPED).map((name) => [name, 'off'])) },
  ],
};
