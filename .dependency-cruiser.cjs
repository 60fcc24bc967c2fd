module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'core uses itself and small pure packages',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: {
        pathNot: [
          '^core/',
          'node_modules/(@noble/hashes|culori|franc|fractional-indexing|intl-messageformat|@formatjs|papaparse|saxes|stopword|xmlchars|yup|property-expr|tiny-case|toposort)/',
          '^(node_modules/)?@orama/stemmers/',
          '^node_modules/@types/(papaparse|culori)/',
        ],
      },
    },
    {
      name: 'core-areas-by-their-door',
      severity: 'error',
      comment: 'core/<area> is entered by its index.ts',
      from: { path: '^core/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^core/([^/]+)/',
        pathNot: ['^core/$1/', '^core/[^/]+/(commands/)?index\\.ts$', '^core/[^/]+\\.ts$'],
      },
    },
    {
      name: 'outside-core-by-the-door',
      severity: 'error',
      from: { pathNot: '^(core|tests)/' },
      to: { path: '^core/[^/]+/', pathNot: '^core/[^/]+/(commands/)?index\\.ts$' },
    },
    {
      name: 'database-packages-only-in-db',
      severity: 'error',
      from: { pathNot: '^(server/db|tests)/' },
      to: { path: 'node_modules/(sequelize|pg|pg-boss)/' },
    },
    {
      name: 'documents-are-opened-in-processes',
      severity: 'error',
      comment: 'what opens a document runs in a process of its own (server/workers); others may know its types only',
      from: { path: '^(server|app|contract|core)/', pathNot: ['^server/extract/', '\\.test\\.ts$'] },
      to: { path: '^server/extract/', dependencyTypesNot: ['type-only'] },
    },
    { name: 'app-not-server', severity: 'error', from: { path: '^app/' }, to: { path: '^server/' } },
    { name: 'server-not-app', severity: 'error', from: { path: '^server/' }, to: { path: '^app/' } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.ts$' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.tools.json' },
  },
}
