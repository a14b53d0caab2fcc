// The boundary table of the rooms, and the core's inner order. Run by ./oddment test.
const rooms = {
  core: [],
  contracts: ['core'],
  drawing: ['core'],
  server: ['core', 'contracts', 'drawing'],
  web: ['core', 'contracts', 'drawing'],
  cli: ['core', 'contracts', 'drawing'],
  simulators: ['core', 'contracts'],
  tools: [],
};
const knowledge = ['quantity', 'sources', 'geometry', 'climate', 'cure', 'injection', 'mixing', 'finishing', 'color', 'safety', 'shelf', 'schools'];
const stages = ['survey', 'match', 'method', 'schedule', 'record'];
const all = ['core', 'contracts', 'drawing', 'server', 'web', 'cli', 'simulators', 'e2e', 'bench', 'tools'];

module.exports = {
  forbidden: [
    ...Object.entries(rooms).map(([room, may]) => ({
      name: `${room}-imports-only-its-own`,
      comment: `${room}/ may import ${may.length === 0 ? 'nothing of ours' : may.join(', ')}`,
      severity: 'error',
      from: { path: `^${room}/`, pathNot: '\\.(test|check)\\.tsx?$' },
      to: { path: `^(${all.filter((r) => r !== room && !may.includes(r)).join('|')})/` },
    })),
    {
      name: 'core-knows-no-stage',
      comment: 'rooms of knowledge serve every stage and know none of them; the shape of a job is all that schools may see',
      severity: 'error',
      from: { path: `^core/src/(${knowledge.join('|')})/`, pathNot: '\\.test\\.ts$' },
      to: { path: `^core/src/(${stages.join('|')}|plan|quick|offer)/`, pathNot: '^core/src/survey/job\\.ts$' },
    },
    ...stages.map((stage, i) => ({
      name: `core-${stage}-reaches-no-later-stage`,
      comment: 'stages run one way: survey, match, method, schedule, record',
      severity: 'error',
      from: { path: `^core/src/${stage}/`, pathNot: '\\.test\\.ts$' },
      to: { path: `^core/src/(${[...stages.slice(i + 1), 'plan', 'quick', 'offer'].join('|')})/` },
    })),
    {
      name: 'plan-knows-no-offer',
      comment: 'an offer is made of plans, and no plan of an offer',
      severity: 'error',
      from: { path: '^core/src/(plan|quick)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/src/offer/' },
    },
    {
      name: 'quick-knows-no-stage',
      comment: 'figures without a job come from the rooms of knowledge alone',
      severity: 'error',
      from: { path: '^core/src/quick/', pathNot: '\\.test\\.ts$' },
      to: { path: `^core/src/(${stages.join('|')}|plan)/` },
    },
    {
      name: 'core-is-pure',
      comment: 'the core has no file, network or package of its own',
      severity: 'error',
      from: { path: '^core/src/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core', 'npm', 'npm-dev', 'npm-optional', 'npm-peer'] },
    },
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
    {
      name: 'no-deep-imports',
      comment: 'another room is entered by its index, or by a file that its package exports for the page, to keep the rest from being loaded',
      severity: 'error',
      from: { path: '^(contracts|drawing|server|web|cli|simulators|bench)/', pathNot: '\\.(test|check)\\.tsx?$' },
      to: { path: '^(core|contracts|drawing)/src/(?!index\\.ts|photoLimits\\.ts|roles\\.ts|daysCalendar\\.ts)', dependencyTypesNot: ['local'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'node', 'default'], extensions: ['.ts', '.tsx', '.js'] },
  },
};
