/** The directions in which the parts of the product may know each other; see docs/architecture.md. */
const core = '^src/core/';
module.exports = {
  forbidden: [
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'core-knows-only-core',
      severity: 'error',
      from: { path: core, pathNot: '\\.test\\.ts$' },
      to: { path: '^(src/(?!core/)|bin/|demo/|tests/)' },
    },
    {
      name: 'core-packages',
      comment: 'computing packages only; shapes of marks are checked with zod',
      severity: 'error',
      from: { path: core, pathNot: '(\\.test\\.ts$|^src/core/marks/)' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core'],
        pathNot: 'node_modules/(jstat|fastest-levenshtein|double-metaphone|@internationalized/date)/',
      },
    },
    {
      name: 'kernel-knows-nothing',
      severity: 'error',
      from: { path: '^src/core/kernel/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^(src/core/kernel/|node_modules/@internationalized/date/)' },
    },
    {
      name: 'data-knows-core',
      severity: 'error',
      from: { path: '^src/data/' },
      to: { path: '^src/(?!core/|data/|log/)' },
    },
    {
      name: 'forms-know-core-terms-ui',
      severity: 'error',
      from: { path: '^src/forms/' },
      to: { path: '^src/(?!core/|terms/|ui/|forms/)' },
    },
    {
      name: 'session-knows-only-core',
      comment: 'and no React: it is a model that pages watch',
      severity: 'error',
      from: { path: '^src/session/', pathNot: '\\.test\\.ts$' },
      to: { path: '^(src/(?!core/|session/)|node_modules/)' },
    },
    {
      name: 'sync-below-pages',
      severity: 'error',
      from: { path: '^src/sync/', pathNot: '\\.test\\.ts$' },
      to: { path: '^(src/(?!core/|session/|sync/|offline/|server/marks/marksInput)|node_modules/(react|next)/)' },
    },
    { name: 'log-knows-nothing', severity: 'error', from: { path: '^src/log/' }, to: { path: '^src/(?!log/)' } },
    {
      name: 'log-on-the-server-only',
      severity: 'error',
      from: { path: '^src/(core|features|ui|player|offline|session|sync|terms)/' },
      to: { path: '^src/log/' },
    },
    {
      name: 'pg-only-in-data',
      severity: 'error',
      from: { path: '^src/(?!data/)' },
      to: { path: 'node_modules/pg/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'server-below-interface',
      severity: 'error',
      from: { path: '^src/server/' },
      to: { path: '^src/(app|features|ui|workers)/' },
    },
    {
      name: 'terms-know-only-core',
      severity: 'error',
      from: { path: '^src/terms/' },
      to: { path: '^src/(?!core/|terms/)' },
    },
    {
      name: 'player-knows-core-and-ui',
      severity: 'error',
      from: { path: '^src/player/' },
      to: { path: '^src/(?!core/|ui/|player/)' },
    },
    {
      name: 'offline-knows-only-core',
      severity: 'error',
      from: { path: '^src/offline/' },
      to: { path: '^src/(?!core/|offline/)' },
    },
    { name: 'ui-knows-no-product', severity: 'error', from: { path: '^src/ui/' }, to: { path: '^src/(?!ui/)' } },
    {
      name: 'aria-only-in-ui',
      severity: 'error',
      from: { path: '^src/(?!ui/)' },
      to: {
        path: 'node_modules/(react-aria|react-stately|@react-aria)',
        pathNot: 'react-aria-components/(dist/)?(exports/)?Form',
      },
    },
    {
      name: 'features-and-server-doors',
      severity: 'error',
      from: { path: '^src/features/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/server/', pathNot: '(Actions|Input)\\.ts$' },
    },
    {
      name: 'features-not-data',
      severity: 'error',
      from: { path: '^src/features/' },
      to: { path: '^src/(data|app)/' },
    },
    {
      name: 'no-feature-knows-another',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/$1/' },
    },
    { name: 'nothing-knows-app', severity: 'error', from: { pathNot: '^src/app/' }, to: { path: '^src/app/' } },
    { name: 'app-not-data', severity: 'error', from: { path: '^src/app/' }, to: { path: '^src/data/' } },
    {
      name: 'workers-are-doors-to-core',
      severity: 'error',
      from: { path: '^src/workers/' },
      to: { path: '^src/(?!core/|workers/)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '^(\\.next|data)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.cjs', '.json'],
    },
  },
};
