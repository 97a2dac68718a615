/** Imports go one way: core ← model ← app, server, lab, demo. */
const only = (name, allowed) => ({
  name: `${name}-imports`,
  severity: 'error',
  comment: `${name} may import only ${['itself', ...allowed].join(', ')}`,
  from: { path: `^${name}/` },
  to: { path: '^(core|model|app|server|lab|demo|e2e)/', pathNot: `^(${[name, ...allowed].join('|')})/` },
});

/**
 * Arrows run one way between the folders of a package: each may import those named for it and nothing else of its package. Tests may import all, and
 * so may what is only for tests.
 *
 * @param root the folder the others lie in
 * @param allowed for each folder (or file) in it, the ones it may import besides itself
 */
const arrows = (root, allowed) => {
  const within = (names) => `^${root}/(${names.join('|')})(/|\\.)`;
  return Object.entries(allowed).map(([folder, others]) => ({
    name: `${root.replace('/src', '')}/${folder}-imports`,
    severity: 'error',
    comment: `${root}/${folder} may import only ${['itself', ...others].join(', ')}`,
    from: { path: within([folder]), pathNot: '\\.test\\.tsx?$' },
    to: { path: `^${root}/`, pathNot: within([folder, ...others]) },
  }));
};

const APP = {
  base: [],
  clock: ['base'],
  ui: ['base'],
  data: ['base', 'clock'],
  workers: ['base', 'data'],
  features: ['base', 'clock', 'ui', 'data', 'workers'],
  views: ['base', 'clock', 'ui', 'data', 'workers', 'features'],
  shell: ['base', 'clock', 'ui', 'data', 'workers', 'features', 'views'],
};
const DATA = {
  tables: [],
  edits: ['tables'],
  changes: ['edits', 'tables'],
  whole: ['edits', 'tables'],
};
const PLANNER = {
  problem: [],
  place: ['problem'],
  judge: ['problem', 'place'],
  search: ['problem', 'place', 'judge'],
  play: ['problem', 'place'],
  surest: ['problem', 'place', 'judge', 'search', 'play'],
  shop: ['problem', 'play'],
  shopPlan: ['problem', 'judge', 'search', 'play', 'surest', 'shop'],
  ideas: ['problem', 'surest', 'shop', 'shopPlan'],
  verify: ['shop', 'shopPlan'],
};
const SURFACE = {
  mesh: [],
  measure: ['mesh'],
  drawing: ['mesh'],
  forecast: ['measure'],
  grit: [],
};
const WEATHER = {
  places: [],
  region: ['places'],
  field: ['places', 'region'],
  deposit: ['places', 'field'],
  seat: ['places', 'field', 'deposit'],
  draw: ['places', 'field', 'deposit'],
  seen: ['field', 'deposit'],
  technique: ['deposit', 'seen'],
  story: ['seen', 'technique'],
  hand: [],
  photograph: [],
};
const GATHER = {
  film: [],
  light: ['film'],
  shelf: ['film', 'light'],
  plan: ['film', 'shelf'],
  grow: ['film', 'plan'],
  reference: [],
  twins: ['film', 'grow'],
  gatherAir: [],
  gatherWeather: ['film'],
};

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
    ...arrows('app/src', APP),
    ...arrows('app/src/data', DATA),
    ...arrows('core/src/plan', PLANNER),
    ...arrows('core/src/surface', SURFACE),
    ...arrows('core/src/weather', WEATHER),
    ...arrows('model/src/gather', GATHER),
    {
      name: 'no-view-takes-from-another',
      severity: 'error',
      comment: 'what several views share stands in app/src/features',
      from: { path: '^app/src/views/([^/]+)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^app/src/views/', pathNot: '^app/src/views/$1/' },
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
