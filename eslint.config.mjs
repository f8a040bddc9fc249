import js from '@eslint/js';
import importX, { createNodeResolver } from 'eslint-plugin-import-x';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** Rooms of core in the order of their imports: each may import only those before it. */
const CORE_ROOMS = [
  'quantity',
  'ambient',
  'larder',
  'reader',
  'formula',
  'before',
  'gel',
  'boil',
  'method',
  'chain',
  'yield',
  'forecast',
  'process',
  'label',
  'work',
  'advice',
  'plan',
  'calibration',
  'solve',
  'prepare',
  'formats',
  'stove',
  'jars',
  'practice',
  'trials',
];

const coreZones = CORE_ROOMS.flatMap((room, index) =>
  CORE_ROOMS.slice(index + 1).map((later) => ({
    target: `./core/${room}`,
    from: `./core/${later}`,
    message: `core/${room} comes before core/${later}; imports go one way.`,
  })),
);

/** Who may not import whom between the rooms of the house. */
const houseZones = [
  { target: './core', from: ['./contract', './server', './web', './cli'] },
  { target: './contract', from: ['./server', './web', './cli'] },
  { target: './web', from: './server' },
  { target: './server', from: './web' },
];

export default tseslint.config(
  { ignores: ['**/dist/', '**/node_modules/', '.kettle/', 'test-results/'] },
  js.configs.recommended,
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: {
      parserOptions: {
        project: ['./tsconfig.json', './web/tsconfig.json'],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      // What is taken out of an object is named, and not used.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
    },
  },
  {
    // Nest reads constructor types at run time, so they must stay value imports.
    files: ['server/**/*.ts'],
    rules: { '@typescript-eslint/consistent-type-imports': 'off' },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    plugins: { 'import-x': importX },
    settings: {
      'import-x/extensions': ['.ts', '.tsx'],
      'import-x/parsers': { '@typescript-eslint/parser': ['.ts', '.tsx'] },
      'import-x/resolver-next': [
        createNodeResolver({ extensions: ['.ts', '.tsx'], conditionNames: ['source'] }),
      ],
    },
    rules: {
      'import-x/no-restricted-paths': ['error', { zones: [...houseZones, ...coreZones] }],
      'import-x/no-cycle': 'error',
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'process',
        'console',
        'setTimeout',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Seeds come in; see forecast/random.ts.' },
        { object: 'Date', property: 'now', message: 'Time comes in.' },
      ],
    },
  },
  {
    files: ['web/**/*.ts', 'web/**/*.tsx'],
    plugins: { 'react-hooks': reactHooks },
    languageOptions: { globals: globals.browser },
    rules: { ...reactHooks.configs.recommended.rules },
  },
  { files: ['**/*.mjs'], languageOptions: { globals: globals.node } },
  // What a bench evaluates runs in the page.
  { files: ['bench/typing.mjs'], languageOptions: { globals: globals.browser } },
);
