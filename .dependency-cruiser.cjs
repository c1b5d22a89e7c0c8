/** Who may import whom: the rooms of the house, enforced. */
const forbid = (name, from, to, comment) => ({ name, severity: 'error', comment, from, to });
const inside = (...rooms) => `^(${rooms.join('|')})/`;

/** The one way through core: each room imports only those before it. */
const ONE_WAY = ['knowledge', 'evidence', 'belief', 'planning', 'judgement'];
const oneWay = ONE_WAY.slice(0, -1).map((room, at) => ({
  name: `one-way-${room}`,
  severity: 'error',
  comment: 'knowledge → evidence → belief → planning → judgement: never back',
  from: { path: `^core/${room}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/(${ONE_WAY.slice(at + 1).join('|')})/` },
}));

module.exports = {
  forbidden: [
    ...oneWay,
    forbid('no-cycles', {}, { circular: true }, 'import cycles are zero, types included'),
    forbid(
      'core-imports-nobody',
      { path: inside('core') },
      { path: inside('bench', 'app', 'server', 'cli', 'tools', 'journeys') },
      'core is the judgement alone',
    ),
    forbid(
      'bench-imports-core',
      { path: inside('bench') },
      { path: inside('app', 'server', 'cli', 'tools', 'journeys') },
      'the stand-ins know only core',
    ),
    forbid(
      'cli-imports-core-and-bench',
      { path: inside('cli') },
      { path: inside('app', 'server', 'journeys') },
      'the command line has no screen',
    ),
    forbid(
      'server-imports-core-and-bench',
      { path: inside('server') },
      { path: inside('app', 'cli', 'journeys') },
      'the server serves built files',
    ),
    forbid(
      'app-imports-core-and-bench',
      { path: inside('app') },
      { path: inside('server', 'cli', 'tools', 'journeys') },
      'the app runs alone in a browser',
    ),
    forbid(
      'shared-imports-no-feature',
      { path: '^app/shared/' },
      { path: '^app/(features|pages)/' },
      'shared parts know no feature',
    ),
    forbid(
      'features-do-not-import-each-other',
      { path: '^app/features/([^/]+)/' },
      { path: '^app/features/', pathNot: '^app/features/$1/' },
      'what two features need is shared',
    ),
    forbid(
      'only-storage-imports-dexie',
      { path: inside('app'), pathNot: '^app/storage/' },
      { path: 'node_modules/dexie' },
      'one door to the database',
    ),
    forbid(
      'core-is-pure',
      { path: inside('core', 'bench'), pathNot: '\\.(test|bench)\\.ts$' },
      { dependencyTypes: ['core'] },
      'no node modules in core',
    ),
    forbid(
      'no-tests-in-code',
      { pathNot: '\\.(test|bench)\\.ts$|^(tests|journeys|tools)/' },
      { path: '\\.(test|bench)\\.ts$' },
      'code does not import tests',
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    extraExtensionsToScan: [],
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.js', '.mjs', '.json'] },
  },
};
