import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import comments from '@eslint-community/eslint-plugin-eslint-comments'
import vitest from '@vitest/eslint-plugin'
import boundaries from 'eslint-plugin-boundaries'
import sonarjs from 'eslint-plugin-sonarjs'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import tseslint from 'typescript-eslint'

const layer = (type, pattern) => ({ type, pattern, partialMatch: false })
const may = (from, ...to) => ({
  from: { element: { type: from } },
  allow: { to: { element: { types: { anyOf: [from, ...to] } } } },
})

// What Nuxt gives to pages without an import (imports.scan is off, so our own names are never among them).
const nuxtNames = Object.fromEntries(
  [
    'defineNuxtRouteMiddleware',
    'definePageMeta',
    'navigateTo',
    'useRoute',
    'useRouter',
    'useHead',
    'defineNuxtConfig',
  ].map(name => [name, 'readonly']),
)

const resolver = {
  typescript: {
    alwaysTryTypes: true,
    project: ['.nuxt/tsconfig.app.json', '.nuxt/tsconfig.server.json', 'tsconfig.tools.json'],
    noWarnOnMultipleProjects: true,
  },
}

const BEGINS = 'It takes the keys again later: mark where one begins with data-begins (components/base/begins)'
export default tseslint.config(
  {
    ignores: [
      '.nuxt/**',
      '.output/**',
      '.data/**',
      '.test/**',
      'node_modules/**',
      'test-results/**',
      '*.config.{ts,mjs}',
      '.dependency-cruiser.cjs',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: tseslint.parser } } },
  {
    files: ['scripts/**/*.mjs'],
    languageOptions: { globals: globals.node },
    rules: { 'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }] },
  },
  {
    files: ['**/*.{ts,vue}'],
    languageOptions: {
      globals: { ...globals.browser, ...globals.node, ...nuxtNames },
      parserOptions: { projectService: true, extraFileExtensions: ['.vue'] },
    },
    plugins: { boundaries, sonarjs, '@eslint-community/eslint-comments': comments },
    settings: {
      'boundaries/elements': [
        layer('core', 'core/**'),
        layer('contract', 'contract/**'),
        layer('route', 'server/{api,routing,middleware,plugins,entry}/**'),
        layer('http', 'server/http/**'),
        layer('service', 'server/services/**'),
        layer('log', 'server/log/**'),
        layer('db', 'server/db/**'),
        layer('client', 'app/api/**'),
        layer('store', 'app/stores/**'),
        layer('worker', 'app/workers/**'),
        layer('composable', 'app/composables/**'),
        layer('act', 'app/acts/**'),
        layer('component', 'app/components/**'),
        layer('job', 'server/{jobs,workers,extract,standins}/**'),
        layer('page', 'app/{pages,layouts,middleware,plugins}/**'),
        layer('theme', 'app/theme/**'),
        layer('script', '{scripts,demo}/**'),
        layer('test', 'tests/**'),
      ],
      'import/resolver': resolver,
    },
    rules: {
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          checkAllOrigins: true,
          policies: [
            may('core'),
            may('contract', 'core'),
            may('db', 'core'),
            may('log'),
            may('service', 'db', 'core', 'contract', 'log'),
            may('http', 'core', 'contract', 'log'),
            may('route', 'service', 'http', 'contract', 'core', 'job', 'log'),
            may('client', 'contract', 'core'),
            may('worker', 'contract', 'core'),
            may('store', 'client', 'worker', 'contract', 'core'),
            may('composable', 'store', 'client', 'contract', 'core'),
            may('job', 'service', 'core', 'contract', 'log'),
            may('act', 'composable', 'store', 'contract', 'core'),
            may('component', 'act', 'composable', 'store', 'contract', 'core'),
            may('page', 'component', 'act', 'composable', 'store', 'contract', 'core'),
            may('script', 'service', 'db', 'contract', 'core'),
            may(
              'test',
              'log',
              'core',
              'contract',
              'db',
              'service',
              'http',
              'route',
              'job',
              'client',
              'store',
              'composable',
              'act',
              'component',
              'page',
              'script',
            ),
            { from: { element: { type: '!core' } }, allow: { to: { module: { origin: ['external', 'core'] } } } },
            // core may use pure packages: keys between keys, tables as text, reading XML, shapes, stems of words.
            {
              from: { element: { type: 'core' } },
              allow: {
                to: {
                  module: {
                    origin: 'external',
                    source: [
                      'culori',
                      'franc',
                      'fractional-indexing',
                      'intl-messageformat',
                      'papaparse',
                      'saxes',
                      'stopword',
                      'yup',
                      '@noble/hashes',
                      '@orama/stemmers',
                    ],
                  },
                },
              },
            },
            // The queue and the stream of events are the database's; starting them is a plug-in's affair.
            {
              from: { element: { type: 'job' } },
              allow: { to: { element: { type: 'db' }, file: { path: 'server/db/queue.ts' } } },
            },
            {
              from: { element: { type: '!db' } },
              disallow: { to: { module: { origin: 'external', source: ['sequelize', 'pg', 'pg-boss'] } } },
            },
            {
              from: { element: { types: { anyOf: ['service', 'db'] } } },
              disallow: { to: { module: { origin: 'external', source: 'h3' } } },
            },
          ],
        },
      ],
      'boundaries/no-unknown-files': 'error',
      'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }],
      complexity: ['error', 28],
      'no-empty': ['error', { allowEmptyCatch: false }],
      'no-useless-catch': 'error',
      'sonarjs/no-commented-code': 'error',
      '@eslint-community/eslint-comments/require-description': 'error',
      '@eslint-community/eslint-comments/no-unlimited-disable': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-unnecessary-condition': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-console': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      // Types say more: what is a ref where a value is meant does not compile, or is always true.
      'vue/no-ref-as-operand': 'off',
      'vue/max-lines-per-block': ['error', { script: 160, template: 120, style: 80, skipBlankLines: true }],
      'vue/block-order': ['error', { order: ['script', 'template', 'style'] }],
      'vue/define-props-declaration': ['error', 'type-based'],
      'vue/define-emits-declaration': ['error', 'type-based'],
      // Types say which props may be left out; undefined is what they then are.
      'vue/require-default-prop': 'off',
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch', 'setTimeout'],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Take the time as an argument' },
        { object: 'Math', property: 'random', message: 'Take a random source as an argument' },
      ],
    },
  },
  {
    files: ['app/stores/**/*.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'CallExpression[callee.name="defineStore"] > ArrowFunctionExpression > BlockStatement > ' +
            'ReturnStatement > ObjectExpression[properties.length>12]',
          message: 'A store gives at most 12 names; divide it',
        },
      ],
    },
  },
  {
    files: ['app/**/*.vue'],
    rules: {
      'vue/no-restricted-static-attribute': ['error', { key: 'autofocus', message: BEGINS }],
      'vue/no-restricted-v-bind': ['error', { argument: 'autofocus', message: BEGINS }],
    },
  },
  {
    files: ['app/**/*.vue'],
    ignores: ['app/components/base/**'],
    rules: {
      'vue/no-restricted-html-elements': [
        'error',
        ...['button', 'input', 'select', 'textarea'].map(element => ({
          element,
          message: `Use the framework's part, or ours in components/base, for <${element}>`,
        })),
      ],
    },
  },
  { files: ['app/{pages,layouts}/**/*.vue'], rules: { 'vue/multi-word-component-names': 'off' } },
  {
    files: ['app/app.vue', 'app/error.vue'],
    rules: {
      'boundaries/no-unknown-files': 'off',
      'boundaries/dependencies': 'off',
      'vue/multi-word-component-names': 'off',
    },
  },
  { files: ['tests/**/*.ts'], rules: { 'boundaries/dependencies': 'off' } },
  { files: ['scripts/**/*.ts', 'tests/{bench,soak}/**/*.ts'], rules: { 'no-console': 'off' } },
  {
    files: ['tests/e2e/**'],
    rules: { 'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }] },
  },
  {
    files: ['**/*.test.ts'],
    ignores: ['tests/e2e/**'], // Playwright's own runner
    plugins: { vitest },
    rules: {
      ...vitest.configs.recommended.rules,
      'vitest/no-focused-tests': 'error',
      'vitest/expect-expect': ['error', { assertFunctionNames: ['expect', 'expect*', 'assert*', 'fc.assert'] }],
      'vitest/no-identical-title': 'error',
      'vitest/valid-title': ['error', { allowArguments: true }],
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': 'off',
      'boundaries/dependencies': 'off',
    },
  },
  // The formatter decides on layout; what it cannot break are strings.
  prettier,
  { files: ['**/*.{ts,vue,mjs}'], rules: { 'max-len': ['error', { code: 120 }] } },
  { files: ['**/*.vue'], rules: { 'vue/html-self-closing': 'off' } },
)
