/** Imports go one way: core ← model ← app, server, lab, demo. */
const only = (name, allowed) => ({
  name: `${name}-imports`,
  severity: 'error',
  comment: `${name} may import only ${['itself', ...allowed].join(', ')}`,
  from: { path: `^${name}/` },
  to: { path: '^(core|model|app|server|lab|demo|e2e)/', pathNot: `^(${[name, ...allowed].join('|')})/` },
});

module.exports = {
  forbidden: [
    only('core', []),
    only('model', ['core']),
    only('app', ['core', 'model']),
    only('server', ['core', 'model']),
    only('lab', ['core', 'model']),
    only('demo', ['core', 'model']),
    only('e2e', []),
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
    { name: 'core-is-pure', severity: 'error', from: { path: '^core/src', pathNot: '\\.test\\.ts$' }, to: { dependencyTypes: ['core'] } },
    { name: 'core-has-no-interface', severity: 'error', from: { path: '^core/src' }, to: { path: 'node_modules/(react|dexie|echarts)' } },
    {
      name: 'views-use-data',
      severity: 'error',
      comment: 'engine and data know nothing of views',
      from: { path: '^app/src/(data|engine|ui)/' },
      to: { path: '^app/src/views/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.run.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'],
    },
    exclude: { path: '(^|/)(dist|node_modules)/' },
  },
};
