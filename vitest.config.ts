import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

/** Tests against a running Hembix, one file after the other; scripts/test.mjs starts it. */
const onServer = (name: string) => ({
  test: {
    name,
    include: [`tests/${name}/**/*.test.ts`],
    environment: 'node' as const,
    fileParallelism: false,
    isolate: false,
    testTimeout: 300_000,
    hookTimeout: 300_000,
    expect: { poll: { timeout: 60_000 } },
  },
})

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'unit',
          include: ['{core,contract,server,demo,scripts,tests/support}/**/*.test.ts'],
          environment: 'node',
          // None of them changes what others import: files share the modules of a process, which takes half the time.
          isolate: false,
          // Other checks run beside these tests, on machines that are busy with others.
          testTimeout: 120_000,
        },
      },
      {
        test: {
          name: 'app',
          include: ['app/**/*.test.ts'],
          exclude: ['**/*.dom.test.ts'],
          environment: 'node',
          testTimeout: 120_000,
        },
      },
      {
        plugins: [vue()],
        test: {
          name: 'components',
          include: ['app/**/*.dom.test.ts'],
          environment: 'happy-dom',
          testTimeout: 60_000,
          server: { deps: { inline: ['vuetify'] } },
        },
      },
      { test: { name: 'layers', include: ['tests/layers/**/*.test.ts'], environment: 'node', testTimeout: 300_000 } },
      onServer('integration'),
      onServer('processes'),
    ],
  },
})
