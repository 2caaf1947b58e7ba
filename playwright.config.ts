import { defineConfig } from '@playwright/test'
import { chromiumPath } from './tools/chromium.mjs'

/**
 * Browser tests: views first; then sound, so that nothing else takes its time: what plays and what
 * hears mostly waits, and goes well side by side.
 */
export default defineConfig({
  testDir: 'e2e',
  globalSetup: './tools/seeded.mjs',
  outputDir: 'test-results',
  timeout: 90_000,
  // A slow machine with two browsers on it may take long to bring music in; who passes does not
  // wait.
  expect: { timeout: 20_000 },
  retries: 0,
  workers: 2,
  fullyParallel: false,
  reporter: [['list'], ['json', { outputFile: 'reports/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    // Nobody waits for a list to slide open.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: chromiumPath(),
      args: [
        '--no-sandbox',
        '--autoplay-policy=no-user-gesture-required',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
  projects: [
    // The service worker installs anew in every fresh browser and takes the time of the tests; the
    // sound project keeps it.
    {
      name: 'views',
      testMatch: '*.e2e.ts',
      testIgnore: '*.sound.e2e.ts',
      use: { serviceWorkers: 'block' },
    },
    { name: 'sound', testMatch: '*.sound.e2e.ts' },
  ],
})
