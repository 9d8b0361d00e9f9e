import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** The rooms of the core in the order of the arrows: a room may use those before it, never those after. */
const ROOMS = [
  ['units', 'air', 'colour'],
  ['pieces', 'shelf'],
  ['job'],
  ['forecasting'],
  ['proving'],
  ['build-up'],
  ['quantities'],
  ['strokes'],
  ['planning'],
  ['choosing'],
  ['pricing'],
  ['running'],
  ['hanging'],
  ['checking'],
  ['handing-over'],
  ['exchange'],
];

/** The first rooms stand beside each other and may look sideways; so may pieces and shelf. */
const arrows = ROOMS.flatMap((storey, index) =>
  storey.map((room) => ({
    files: [`core/${room}/**/*.ts`],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: [
                '**/app/**',
                ...ROOMS.slice(index + 1).flatMap((later) => later.map((other) => `**/${other}/**`)),
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

export default tseslint.config(
  { ignores: ['dist/', '.nivel/', '.astro/', 'node_modules/', 'test-results/', 'playwright-report/'] },
  ...tseslint.configs.strictTypeChecked,
  {
    languageOptions: {
      // One project for all: the service that looks for each file's own takes half as long again.
      parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': [
        'error',
        { ignoreArrowShorthand: true, ignoreVoidOperator: true },
      ],
      '@typescript-eslint/unbound-method': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      'max-lines': ['error', { max: 450, skipBlankLines: true }],
      'no-console': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  ...arrows,
  { files: ['app/**/*.{ts,tsx}'], ...hooks.configs.flat['recommended-latest'] },
  { files: ['app/**/*.{ts,tsx}'], rules: { 'react-hooks/refs': 'off', 'react-hooks/set-state-in-effect': 'off' } },
  {
    files: ['**/*.test.ts', 'core/testing/**/*.ts', 'e2e/**/*.ts'],
    rules: {
      '@typescript-eslint/no-floating-promises': 'off',
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unnecessary-condition': 'off',
      '@typescript-eslint/no-unnecessary-type-assertion': 'off',
      '@typescript-eslint/no-confusing-void-expression': 'off',
    },
  },
  { files: ['**/*.{js,mjs}'], ...tseslint.configs.disableTypeChecked },
);
