/**
 * The arrows of the application, written once. Each room of core uses only rooms that stand before it; the server and
 * the application use core; nothing uses them. `npm run check:arrows` tests it.
 */
const ROOMS = [
  'settings',
  'model',
  'place',
  'library',
  'almanac',
  'match',
  'coverage',
  'layout',
  'plan',
  'season',
  'raise',
  'work',
  'log',
  'why',
  'garden',
  'words',
];
const room = (name) => `^core/${name}(/|\\.ts$)`;
const TESTS = '(^|/)testing/';

module.exports = {
  forbidden: [
    {
      name: 'no-ring-of-files',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-ring-of-folders',
      comment: 'Types that everybody needs belong to core/model.',
      severity: 'error',
      scope: 'folder',
      from: { path: '^core/' },
      to: { circular: true },
    },
    ...ROOMS.map((name, at) => ({
      name: `core-${name}-uses-what-stands-before-it`,
      severity: 'error',
      from: { path: room(name), pathNot: TESTS },
      to: { path: '^core/', pathNot: ROOMS.slice(0, at + 1).map(room) },
    })),
    {
      name: 'core-is-alone',
      severity: 'error',
      from: { path: '^core/', pathNot: TESTS },
      to: { path: '^(app|server|scripts|bench|e2e)/' },
    },
    {
      name: 'core-is-free-of-platform',
      severity: 'error',
      from: { path: '^core/', pathNot: TESTS },
      to: { path: '(^|/)(vue|pinia|h3|better-sqlite3|nuxt|comlink)(/|$)', dependencyTypesNot: ['type-only'] },
    },
    { name: 'server-and-app-are-apart', severity: 'error', from: { path: '^server/' }, to: { path: '^app/' } },
    { name: 'app-and-server-are-apart', severity: 'error', from: { path: '^app/' }, to: { path: '^server/' } },
    {
      name: 'nothing-uses-tests',
      severity: 'error',
      from: { pathNot: [TESTS, '^(e2e|bench|scripts|reference)/'] },
      to: { path: TESTS },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.tools.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.mjs', '.js', '.json'] },
    exclude: { path: '(^|/)(\\.nuxt|\\.output|node_modules)/|\\.test\\.ts$' },
  },
};
