import { defineConfig } from '@playwright/test'

const chromium = [
  '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync',
]

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'test-results/browser',
  globalSetup: './tests/browser/support/setup.ts',
  // One for each core; each has its own servers and databases (support/test.ts). Tests of one file take turns.
  workers: 2,
  timeout: 60_000,
  expect: { timeout: 20_000 },
  retries: 0,
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: '/usr/bin/chromium', args: chromium },
    // Recording slows every test; it is for looking into one that fails: TRACE=1 npx playwright test -g …
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
  },
})
