/** The arrows of the house (docs/house.md), held across relative paths as well as package names. */
const may = (part, allowed, name = part, from = { path: `^${part}/` }) => ({
  name: `${name}-imports`,
  severity: 'error',
  comment: `${name} may import only: ${allowed.join(', ') || 'itself'}`,
  from,
  to: { path: `^(?!${[part, ...allowed].join('/|')}/)(core|contract|server|web|cli|demo|e2e|bench)/` },
});

/** The districts, each before those that may import it (docs/house.md). */
const DISTRICTS = ['ground', 'house', 'sorting', 'measuring', 'containing', 'placing', 'labelling', 'living'];
/** Edges that cannot be turned; docs/house.md says why. */
const TURNED_BACK = {
  'core/sorting': ['core/sorting/grouping/schemes.ts', 'core/containing/containers/choose.ts'],
  'web/features/sorting': ['web/features/sorting/pile/PileScreen.vue', 'web/features/living/find/ComeInDialog.vue'],
  'web/features/measuring': ['web/features/measuring/cutting/cutting.ts', 'web/features/containing/packing/worker.ts'],
  'web/features/containing': [
    'web/features/containing/packing/.+Dialog.vue',
    'web/features/placing/placement/actions.ts',
  ],
};
const TESTS = '\\.test\\.ts$|/testing/';
const districts = (root) =>
  DISTRICTS.slice(0, -1).flatMap((district, at) => {
    const later = `^${root}/(${DISTRICTS.slice(at + 1).join('|')})/`;
    const own = `${root}/${district}`;
    const [file, target] = TURNED_BACK[own] ?? [];
    const rule = (name, from, to) => ({
      name: `${own.replace(/\//g, '-')}${name}`,
      severity: 'error',
      comment: `${own} may import only districts before it`,
      from: { path: from, pathNot: TESTS },
      to,
    });
    return file
      ? [
          rule('-before-later', `^${own}/(?!${file.slice(own.length + 1)}$)`, { path: later }),
          rule('-turned-back', `^${file}$`, { path: later, pathNot: `^${target}$` }),
        ]
      : [rule('-before-later', `^${own}/`, { path: later })];
  });
const WEB_TESTS = '^web/(testing/|.*\\.test\\.ts$)';
module.exports = {
  forbidden: [
    may('core', []),
    may('contract', ['core']),
    may('server', ['core', 'contract']),
    may('web', ['core', 'contract'], 'web', { path: '^web/', pathNot: WEB_TESTS }),
    // What a screen asks for is tested against the real server.
    may('web', ['core', 'contract', 'server'], 'web-tests', { path: WEB_TESTS }),
    may('cli', ['core']),
    may('demo', ['contract']),
    {
      name: 'core-by-its-indexes',
      severity: 'error',
      comment: 'what is public of a feature of core stands in its index.ts',
      from: { path: '^(contract|server|web|cli|demo|e2e|bench)/' },
      to: { path: '^core/', pathNot: '/index\\.ts$|/testing/' },
    },
    ...['core', 'web/features', 'server/features'].flatMap(districts),
    {
      name: 'only-db-names-tables',
      severity: 'error',
      from: { path: '^server/', pathNot: '^server/db/' },
      to: { path: '^server/db/(tables|schema/)' },
    },
    {
      name: 'db-knows-no-feature',
      severity: 'error',
      from: { path: '^server/db/', pathNot: '\\.test\\.ts$' },
      to: { path: '^server/(features|http|threads|documents)/' },
    },
    {
      name: 'one-service-names-routes-of-none',
      severity: 'error',
      from: { path: '^server/(features/.+/service|db/)' },
      to: { path: '^server/http/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'no-circular',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(dist|migrations)' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'default'],
      extensions: ['.ts', '.js', '.mjs', '.vue'],
    },
  },
};
