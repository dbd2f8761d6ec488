import { defineConfig } from '@playwright/test';

const args = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Phone first, and wide; each worker has a server and a database of its own. */
export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  timeout: 120_000,
  expect: { timeout: 10_000 },
  workers: 2,
  fullyParallel: false,
  outputDir: '../test-results',
  use: {
    launchOptions: { executablePath: process.env.CARDINEX_CHROMIUM ?? '/usr/bin/chromium', args },
    trace: 'retain-on-failure',
  },
  projects: [
    { name: 'phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true } },
    {
      name: 'wide',
      use: { viewport: { width: 1280, height: 800 } },
      testMatch: ['screens.spec.ts', 'live.spec.ts'],
    },
  ],
});
