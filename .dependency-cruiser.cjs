/** The arrows of the house (docs/house.md), held across relative paths as well as package names. */
const may = (part, allowed, name = part, from = { path: `^${part}/` }) => ({
  name: `${name}-imports`,
  severity: 'error',
  comment: `${name} may import only: ${allowed.join(', ') || 'itself'}`,
  from,
  to: { path: `^(?!${[part, ...allowed].join('/|')}/)(core|contract|server|web|cli|demo|e2e|bench)/` },
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
