import { defineConfig } from 'oxlint';

/** Rooms of core in the order of their imports: each may import only those before it. */
const CORE_ROOMS = [
  'quantity',
  'ambient',
  'ingredients',
  'parser',
  'formula',
  'pretreatment',
  'gel',
  'boil',
  'method',
  'chain',
  'yield',
  'forecast',
  'process',
  'canner',
  'label',
  'evaluate',
  'advice',
  'plan',
  'calibration',
  'solve',
  'troubleshooting',
  'prepare',
  'formats',
  'stove',
  'jars',
  'kitchen',
  'learning',
  'book',
  'season',
  'today',
  'schedule',
  'practice',
  'validation',
];
const HOUSE_ROOMS = ['contract', 'server', 'web', 'cli'];

/**
 * Rooms that the files of a folder may not import from.
 * @param {string} folder @param {readonly string[]} rooms @param {string} message
 * @returns {import('oxlint').OxlintOverride}
 */
const closed = (folder, rooms, message) => ({
  files: [`${folder}/**/*.{ts,tsx}`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          { regex: `^(\\.\\./)+(${rooms.join('|')})(/|$)`, message },
          { regex: `^@idle-kettle/(${rooms.join('|')})(/|$)`, message },
        ],
      },
    ],
  },
});

const coreZones = CORE_ROOMS.map((room, index) =>
  closed(
    `core/${room}`,
    [...CORE_ROOMS.slice(index + 1), ...HOUSE_ROOMS],
    `core/${room} comes before it; imports go one way.`,
  ),
);

const houseZones = [
  closed('core', HOUSE_ROOMS, 'The computing knows of no interface.'),
  closed('contract', ['server', 'web', 'cli'], 'The contract is what they share.'),
  closed('web', ['server'], 'The browser’s side and the server’s meet in the contract.'),
  closed('server', ['web'], 'The browser’s side and the server’s meet in the contract.'),
];

export default defineConfig({
  ignorePatterns: ['**/dist/', '.kettle/', 'test-results/'],
  plugins: ['typescript', 'import', 'react'],
  options: { typeAware: true, maxWarnings: 0, reportUnusedDisableDirectives: 'error' },
  // Everything that is wrong or useless, and what is listed here besides.
  categories: { correctness: 'error' },
  rules: {
    'import/no-cycle': ['error', { ignoreTypes: false }],
    'no-array-constructor': 'error',
    'no-case-declarations': 'error',
    'no-empty': 'error',
    'no-fallthrough': 'error',
    'no-prototype-builtins': 'error',
    'no-regex-spaces': 'error',
    'no-unexpected-multiline': 'error',
    // What is taken out of an object is named, and not used.
    'no-unused-vars': ['error', { ignoreRestSiblings: true }],
    'no-useless-assignment': 'error',
    'no-var': 'error',
    'prefer-const': 'error',
    'prefer-rest-params': 'error',
    'prefer-spread': 'error',
    'preserve-caught-error': 'error',
    // The shapes of the contract are classes for their decorators alone.
    'typescript/no-misused-spread': 'off',
    // A boundary tries again once what it draws is other.
    'react/no-did-update-set-state': 'off',
  },
  overrides: [
    {
      files: ['**/*.{ts,tsx}'],
      rules: {
        'typescript/ban-ts-comment': 'error',
        'typescript/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
        'typescript/no-empty-object-type': 'error',
        'typescript/no-explicit-any': 'error',
        'typescript/no-misused-promises': 'error',
        'typescript/no-namespace': 'error',
        'typescript/no-require-imports': 'error',
        'typescript/no-unnecessary-type-assertion': 'error',
        'typescript/no-unnecessary-type-constraint': 'error',
        'typescript/no-unsafe-argument': 'error',
        'typescript/no-unsafe-assignment': 'error',
        'typescript/no-unsafe-call': 'error',
        'typescript/no-unsafe-enum-comparison': 'error',
        'typescript/no-unsafe-function-type': 'error',
        'typescript/no-unsafe-member-access': 'error',
        'typescript/no-unsafe-return': 'error',
        'typescript/only-throw-error': 'error',
        'typescript/prefer-promise-reject-errors': 'error',
        'typescript/require-await': 'error',
        'typescript/restrict-plus-operands': 'error',
      },
    },
    {
      // What decorators read at run time is imported as a value.
      files: ['server/**/*.ts', 'contract/**/*.ts'],
      rules: { 'typescript/consistent-type-imports': 'off' },
    },
    {
      // What the compiler tells of typed code.
      files: ['**/*.mjs'],
      env: { node: true },
      rules: { 'no-redeclare': 'error', 'no-undef': 'error' },
    },
    // What these evaluate runs in the page.
    {
      files: [
        'bench/book.mjs',
        'bench/season.mjs',
        'bench/seen.mjs',
        'bench/typing.mjs',
        'e2e/monkey.mjs',
      ],
      env: { browser: true },
    },
    ...houseZones,
    ...coreZones,
    {
      files: ['core/**/*.ts'],
      excludeFiles: ['**/*.test.ts'],
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
      files: ['web/**/*.{ts,tsx}'],
      rules: {
        'react/error-boundaries': 'error',
        'react/exhaustive-deps': 'error',
        'react/globals': 'error',
        'react/immutability': 'error',
        'react/incompatible-library': 'error',
        'react/preserve-manual-memoization': 'error',
        'react/purity': 'error',
        'react/refs': 'error',
        'react/rules-of-hooks': 'error',
        'react/set-state-in-effect': 'error',
        'react/set-state-in-render': 'error',
        'react/static-components': 'error',
        'react/unsupported-syntax': 'error',
        'react/use-memo': 'error',
      },
    },
    // How much of the tests is run.
    {
      files: ['core/test/runs.ts'],
      rules: { 'no-restricted-globals': 'off', 'no-restricted-properties': 'off' },
    },
  ],
});
