import { defineConfig } from '@playwright/test';

// One name for the whole run, which its workers inherit: they share what was loaded for it.
process.env.OWL_TEST_RUN ??= String(Date.now());

const isRoot = process.getuid?.() === 0;

export default defineConfig({
  testDir: './tests',
  // The longest files are begun first: they run beside the others and not after them.
  projects: [
    { name: 'longest', testMatch: 'journeys/session.spec.ts' },
    { name: 'security', testMatch: 'security/**/*.spec.ts' },
    { name: 'journeys', testMatch: 'journeys/**/*.spec.ts', testIgnore: 'journeys/session.spec.ts' },
  ],
  outputDir: './test-results',
  // Only what hangs is given up: a busy machine must not fail what is right.
  timeout: 900_000,
  workers: 2,
  expect: { timeout: 300_000 },
  reporter: [['list']],
  use: {
    viewport: { width: 1280, height: 800 },
    actionTimeout: 120_000,
    // A trace of every step makes the journeys a third slower: `OWL_TRACE=1 bin/owl test NAME` keeps one.
    trace: process.env.OWL_TRACE ? 'on' : 'off',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      chromiumSandbox: !isRoot,
      args: [
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--autoplay-policy=no-user-gesture-required',
        // A made-up microphone that beeps: the machine of the tests has none.
        '--use-fake-device-for-media-stream',
        '--use-fake-ui-for-media-stream',
        '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1',
      ],
    },
  },
});
