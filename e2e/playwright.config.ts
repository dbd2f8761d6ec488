import { defineConfig } from '@playwright/test';
import { browserArguments } from '../scripts/browser';

/** Each worker has a server and a database of its own. */
export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  // What takes too long for every day has a configuration of its own.
  testIgnore: ['long/**', 'wholeSheet.spec.ts'],
  timeout: 120_000,
  // A busy machine may take its time over a screen; what never comes is not waited for much longer.
  expect: { timeout: 20_000 },
  // What passes only at the second try is named as such at the end.
  retries: 1,
  // One more than a small machine has cores: a hand that waits leaves its core to another.
  workers: 3,
  fullyParallel: false,
  outputDir: '../test-results',
  use: {
    // A machine that has just come up takes its time over the first page.
    actionTimeout: 30_000,
    launchOptions: {
      executablePath: process.env.CARDINEX_CHROMIUM ?? '/usr/bin/chromium',
      args: browserArguments,
    },
    // A trace of every step costs a third of the time: asked for when a test has to be looked into.
    trace: process.env.CARDINEX_TRACE ? 'retain-on-failure' : 'off',
  },
  // Each drive once, at one size: those of which the width is the matter ask for it themselves.
  projects: [{ name: 'phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true } }],
});
