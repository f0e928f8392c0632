import { existsSync, readdirSync } from 'node:fs'
import { defineConfig } from '@playwright/test'
import { chromium } from './scripts/debian.json'

const specs = readdirSync('tests/e2e').filter((name) => name.endsWith('.spec.ts'))

export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'test-results/browser',
  workers: 2,
  // A busy machine is slow, not wrong.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ? [['list'], ['json']] : [['list']],
  // A project a spec: each has a worker of its own, and so a server with a notebook of its own.
  projects: specs.map((name) => ({ name: name.replace('.spec.ts', ''), testMatch: name })),
  use: {
    locale: 'en-GB',
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? chromium.map((name) => `/usr/bin/${name}`).find(existsSync),
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
})
