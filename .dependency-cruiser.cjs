// Who may import whom. docs/architecture.md draws the same in words.
const model =
  '(fit|mass|engine|fuel|suspension|suitability|licence|money|tyre|facts|donor|sheet|gearing|road-load|electrics|service|season)';
const rule = (name, from, to) => ({ name, severity: 'error', from, to });

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    rule('no-circles', {}, { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } }),
    rule('core-is-pure', { path: '^src/core' }, { pathNot: '^src/core' }),
    rule('units-stand-alone', { path: '^src/core/units' }, { path: '^src/core/(?!units)' }),
    rule(
      'numeric-on-units-only',
      { path: '^src/core/numeric' },
      { path: '^src/core/(?!numeric|units)' },
    ),
    rule(
      'readings-below-models',
      { path: '^src/core/readings' },
      { path: '^src/core/(?!readings|numeric|units)' },
    ),
    rule(
      'models-below-assessment',
      { path: `^src/core/${model}` },
      { path: '^src/core/(assessment|preference|planning|cautions)' },
    ),
    rule(
      'assessment-below-preference',
      { path: '^src/core/assessment' },
      { path: '^src/core/(preference|planning)' },
    ),
    rule(
      'planning-knows-no-motorcycle',
      { path: '^src/core/planning' },
      { path: '^src/core/(?!planning|numeric)' },
    ),
    rule(
      'doubt-knows-no-motorcycle',
      { path: '^src/core/doubt' },
      { path: '^src/core/(?!doubt|numeric)' },
    ),
    rule(
      'spec-text-reads-sheets-only',
      { path: '^src/core/(spec-text|tables)' },
      { path: '^src/core/(assessment|preference|planning|cautions|checks|part/apply)' },
    ),
    rule('workers-call-core', { path: '^src/workers' }, { path: '^src/(?!workers|core)' }),
    rule(
      'store-below-screens',
      { path: '^src/store' },
      { path: '^src/(features|ui|app|demo|cli)' },
    ),
    rule(
      'only-running-starts-workers',
      { path: '^src/store/(?!running)' },
      { path: '^src/workers' },
    ),
    rule('ui-below-screens', { path: '^src/ui' }, { path: '^src/(features|app|demo|cli)' }),
    rule(
      'only-messages-know-the-store',
      { path: '^src/ui/(?!messages|stored)' },
      { path: '^src/store' },
    ),
    rule(
      'only-messages-know-the-models',
      { path: '^src/ui/(?!messages|stored)' },
      { path: '^src/core/(?!units|readings)' },
    ),
    rule(
      'features-stand-apart',
      { path: '^src/features/([^/]+)/' },
      { path: '^src/features/', pathNot: '^src/features/$1/' },
    ),
    rule(
      'enter-core-by-the-index',
      { path: '^src/(?!core)' },
      { path: '^src/core/[^/]+/(?!index)' },
    ),
    rule(
      'enter-between-core-rooms-by-the-index',
      { path: '^src/core/([^/]+)/' },
      { path: '^src/core/[^/]+/(?!index)', pathNot: '^src/core/$1/' },
    ),
    rule('resolvable', {}, { couldNotResolve: true }),
    rule(
      'no-development-packages',
      { path: '^src/(?!sw|cli)' },
      { dependencyTypes: ['npm-dev'], dependencyTypesNot: ['type-only'] },
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      mainFields: ['module', 'main', 'types'],
    },
  },
};
