import { existsSync } from 'node:fs'
import { defineConfig } from '@playwright/test'

const WITHOUT_WINDOWS = '/usr/bin/chromium-headless-shell'

// Debian's Chromium; the server is started by scripts/test.mjs, with the demo plan.
export default defineConfig({
  testDir: 'tests/e2e',
  workers: 1,
  retries: 1,
  timeout: 240_000,
  reporter: [['list'], ['json', { outputFile: process.env.HEMBIX_E2E_REPORT ?? '.test/reports/e2e.json' }]],
  outputDir: '.test/traces',
  // Long enough for a machine that is busy with others: a journey shows that something comes, not how fast.
  expect: { timeout: 20_000 },
  use: {
    actionTimeout: 20_000,
    baseURL: process.env.HEMBIX_TEST_URL,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: existsSync(WITHOUT_WINDOWS) ? WITHOUT_WINDOWS : '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // A microphone that hums, for what is recorded.
        '--use-fake-device-for-media-stream',
        '--use-fake-ui-for-media-stream',
      ],
    },
  },
})
