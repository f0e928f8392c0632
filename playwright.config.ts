import { defineConfig } from '@playwright/test'

const port = Number(process.env.E2E_PORT ?? 4179)

export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'test-results/browser',
  workers: 1,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ? [['list'], ['json']] : [['list']],
  // The journey comes first, on the notebook as it is when new; the other checks come after it, on the same one.
  projects: [
    { name: 'journey', testMatch: 'journey.spec.ts' },
    { name: 'screens', testIgnore: 'journey.spec.ts', dependencies: ['journey'] },
  ],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: `node scripts/serve-for-tests.mjs ${port}`,
    url: `http://127.0.0.1:${port}/`,
    reuseExistingServer: false,
    timeout: 60_000,
  },
})
