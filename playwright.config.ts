import { defineConfig } from '@playwright/test'

/** Browser tests: views first, two at a time; then sound, alone, so that nothing else takes its time. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  timeout: 60_000,
  retries: 0,
  workers: 2,
  fullyParallel: false,
  reporter: [['list'], ['json', { outputFile: 'reports/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--autoplay-policy=no-user-gesture-required', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'],
    },
  },
  projects: [
    // The service worker installs anew in every fresh browser and takes the time of the tests; the sound project keeps it.
    { name: 'views', testMatch: '*.e2e.ts', testIgnore: '*.sound.e2e.ts', use: { serviceWorkers: 'block' } },
    { name: 'sound', testMatch: '*.sound.e2e.ts', dependencies: [], fullyParallel: false },
  ],
})
