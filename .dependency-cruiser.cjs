/** Imports go down the floors of docs/architecture.md; the core imports only itself and zod. */
const floors = ['^src/core/', '^src/content/', '^src/(server|workers)/', '^src/ui/', '^(src/app|cli)/']

const upward = floors.slice(0, -1).map((path, floor) => ({
  name: `floor-${floor + 1}-imports-only-down`,
  severity: 'error',
  from: { path },
  to: { path: floors.slice(floor + 1) },
}))

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    ...upward,
    {
      name: 'core-imports-only-itself-and-zod',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: ['^src/core/', '^node_modules/zod/'] },
    },
    {
      name: 'content-is-data',
      severity: 'error',
      from: { path: '^src/content/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: ['^src/content/', '^src/core/'] },
    },
    { name: 'workers-call-core-only', severity: 'error', from: { path: '^src/workers/' }, to: { path: '^src/(server|ui)/' } },
    {
      name: 'ui-reaches-the-server-through-actions',
      severity: 'error',
      from: { path: '^src/ui/' },
      to: { path: '^src/server/', pathNot: '^src/server/actions/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default', 'types'] },
  },
}
