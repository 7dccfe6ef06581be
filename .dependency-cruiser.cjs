// Arrows point one way: core <- render <- cli, server, web.
const APPS = '^(apps|e2e|bench)/';

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(packages/(?!core/)|apps/|demo/)' },
    },
    {
      name: 'core-does-no-io',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'render-knows-core-only',
      severity: 'error',
      from: { path: '^packages/render/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(packages/(?!core/|render/)|apps/|demo/)' },
    },
    {
      name: 'render-in-browsers',
      severity: 'error',
      from: { path: '^packages/render/src/(?!node/)', pathNot: '\\.test\\.ts$' },
      to: { path: ['^packages/render/src/node/', 'sharp', '@napi-rs'] },
    },
    {
      name: 'cli-needs-no-server',
      severity: 'error',
      from: { path: '^packages/cli/src' },
      to: { path: ['^apps/', '^demo/'] },
    },
    {
      name: 'demo-knows-core-only',
      severity: 'error',
      from: { path: '^demo/src' },
      to: { path: ['^apps/', '^packages/(?!core/)'] },
    },
    {
      name: 'server-does-not-know-web',
      severity: 'error',
      from: { path: '^apps/server/src' },
      to: { path: ['^apps/(?!server/)', APPS.replace('apps|', '')] },
    },
    {
      name: 'library-knows-the-samples-only',
      severity: 'error',
      from: { path: '^apps/library/src' },
      to: { path: ['^apps/(?!library/)', '^packages/'] },
    },
    {
      name: 'web-does-not-know-server',
      severity: 'error',
      from: { path: '^apps/web/src' },
      to: { path: ['^apps/(?!web/)', '^demo/', '^packages/render/(src|dist)/node/'] },
    },
    { name: 'nothing-unresolved', severity: 'error', from: { pathNot: '^apps/web/' }, to: { couldNotResolve: true } },
    {
      name: 'no-tests-in-code',
      severity: 'error',
      from: { pathNot: '\\.(test|spec)\\.ts$' },
      to: { path: '\\.(test|spec)\\.ts$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|\\.angular)/' },
    tsConfig: { fileName: 'tsconfig.test.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default', 'types'] },
  },
};
