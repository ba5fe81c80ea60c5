/** The arrows of the architecture: web → contract → core ← server; demo → contract, core. */
module.exports = {
  forbidden: [
    {
      name: 'core-stands-alone',
      comment: 'The computation imports nothing of ours outside core.',
      severity: 'error',
      from: { path: '^src/core' },
      to: { path: '^src/', pathNot: '^src/core' },
    },
    {
      name: 'core-is-pure',
      comment: 'No React, no DOM, no server, no database, no Node in core (its tests may).',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$|/testing/' },
      to: {
        path: 'node_modules/(react|express|knex|better-sqlite3|@chakra-ui|d3|class-validator)|^(fs|path|http|node:.*)$',
      },
    },
    {
      name: 'contract-knows-only-core',
      severity: 'error',
      from: { path: '^src/contract' },
      to: { path: '^src/', pathNot: '^src/(contract|core)' },
    },
    {
      name: 'web-never-reaches-server-or-demo',
      severity: 'error',
      from: { path: '^src/web' },
      to: { path: '^src/(server|demo|cli)' },
    },
    {
      name: 'server-never-reaches-web',
      severity: 'error',
      from: { path: '^src/server' },
      to: { path: '^src/(web|cli)' },
    },
    {
      name: 'only-main-composes-the-demo',
      comment: 'The demo is plugged in where the program is put together, nowhere else.',
      severity: 'error',
      from: { path: '^src/server', pathNot: '^src/server/main\\.ts$|\\.test\\.ts$' },
      to: { path: '^src/demo' },
    },
    {
      name: 'demo-knows-contract-and-core',
      severity: 'error',
      from: { path: '^src/demo' },
      to: { path: '^src/', pathNot: '^src/(demo|contract|core)' },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-circles-between-folders',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
    {
      name: 'product-never-imports-tests',
      severity: 'error',
      from: { path: '^src', pathNot: '\\.test\\.tsx?$' },
      to: { path: '\\.test\\.tsx?$|^e2e|^bench' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.json'] },
  },
};
