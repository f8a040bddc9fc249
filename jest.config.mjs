import { WORLDS } from './launcher/worlds.mjs';

/** One Jest project a room. `server` needs a PostgreSQL server, which `./kettle test` starts. */
const base = {
  transform: {
    '^.+\\.tsx?$': [
      '<rootDir>/../launcher/plainExports.mjs',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true, decorators: true },
          transform: {
            legacyDecorator: true,
            decoratorMetadata: true,
            react: { runtime: 'automatic' },
          },
          target: 'es2022',
          keepClassNames: true,
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  testEnvironment: 'node',
  testEnvironmentOptions: { customExportConditions: ['source', 'node', 'node-addons'] },
  modulePathIgnorePatterns: ['/dist/'],
};

/** Whether many files are tried in one world, as `./kettle test` does: see launcher/worlds.mjs. */
const inWorlds = process.env.KETTLE_WORLDS !== undefined;
const WORLD = `<rootDir>/${WORLDS}/*.test.ts`;
const ONE_BY_ONE = ['<rootDir>/**/*.test.ts', '<rootDir>/**/*.test.tsx'];

/** @param {string} name */
const room = (name) => ({
  ...base,
  displayName: name,
  rootDir: `./${name}`,
  testMatch: inWorlds ? [WORLD] : ONE_BY_ONE,
  testPathIgnorePatterns: ['/node_modules/', ...(inWorlds ? [] : [`/\\${WORLDS}/`])],
});

/**
 * What every line of computing asks for: looked up in the test’s own world, each costs as much as
 * the line.
 */
const EVERYWHERE = ['Math', 'Number', 'Object', 'Array', 'Map', 'Set'];

export default {
  testSequencer: './launcher/longFirst.mjs',
  projects: [
    room('words'),
    { ...room('core'), sandboxInjectedGlobals: EVERYWHERE },
    room('contract'),
    room('cli'),
    {
      ...room('web'),
      // An icon of the web’s is called Map.
      sandboxInjectedGlobals: EVERYWHERE.filter((name) => name !== 'Map'),
      // It offers its own source under the name that our rooms use.
      transformIgnorePatterns: ['/node_modules/(?!compute-scroll-into-view/)'],
    },
    {
      ...room('server'),
      // A package that reads certificates calls a class of its own Set.
      sandboxInjectedGlobals: EVERYWHERE.filter((name) => name !== 'Set'),
    },
    { ...room('launcher'), testMatch: ONE_BY_ONE },
  ],
};
