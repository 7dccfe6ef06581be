// Arrows point one way: core <- render, formats, contract <- export <- cli, server; web takes core, render and the types of the contract.
const APPS = '^(apps|e2e|bench)/';
/** Rooms of the renderer: each may use those before it. */
const RENDER_ROOMS = [
  'kept',
  'canvas',
  'photo',
  'outline',
  'fill',
  'finish',
  'opening',
  'subject',
  'compose',
  'sheet',
  'findings',
  'node',
];
const renderRoom = (names) => `^packages/render/src/(${names.join('|')})/`;

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
      name: 'formats-know-core-only',
      severity: 'error',
      from: { path: '^packages/formats/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(packages/(?!core/|formats/)|apps/|demo/)' },
    },
    {
      name: 'export-knows-no-app',
      severity: 'error',
      from: { path: '^packages/export/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(packages/cli/|apps/|demo/)' },
    },
    {
      name: 'contract-knows-core-only',
      severity: 'error',
      from: { path: '^packages/contract/src' },
      to: { path: '^(packages/(?!core/|contract/)|apps/|demo/)' },
    },
    {
      // Its schemas are the server's; a window needs their types only.
      name: 'web-takes-types-of-the-contract',
      severity: 'error',
      from: { path: '^apps/web/src' },
      to: { path: '^packages/contract/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'cutout-knows-no-editor',
      severity: 'error',
      from: { path: '^apps/web/src/app/(cutout|interface|photos|lettering|outlines|api)/' },
      to: { path: '^apps/web/src/app/(editor|projects|templates)/' },
    },
    {
      name: 'stage-knows-no-panel',
      severity: 'error',
      from: { path: '^apps/web/src/app/editor/(stage|modes|session)/' },
      to: { path: '^apps/web/src/app/editor/(tabs|panel|header|frame)/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'page-knows-the-frame-only',
      severity: 'error',
      from: { path: '^apps/web/src/app/editor/(?!frame/|editor-page|editor\\.routes)' },
      to: { path: '^apps/web/src/app/editor/(frame/|editor-page)' },
    },
    ...RENDER_ROOMS.slice(0, -1).map((room, index) => ({
      name: `render-room-${room}`,
      severity: 'error',
      from: { path: renderRoom([room]), pathNot: '\\.test\\.ts$' },
      to: { path: renderRoom(RENDER_ROOMS.slice(index + 1)) },
    })),
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
