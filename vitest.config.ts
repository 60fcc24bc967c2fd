import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

/** Tests against a running Hembix, one file after the other; scripts/test.mjs starts it. */
const onServer = (name: string) => ({
  test: {
    name,
    include: [`tests/${name}/**/*.test.ts`],
    environment: 'node' as const,
    fileParallelism: false,
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
          include: ['{core,contract,server,app,demo,scripts,tests/support}/**/*.test.ts'],
          exclude: ['**/*.dom.test.ts'],
          environment: 'node',
          // Other checks run beside these tests, on machines that are busy with others.
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
