import { defineConfig } from '@playwright/test';
import { existsSync } from 'node:fs';

/** Debian's headless build of Chromium: the same engine without a window, a third quicker to a page. */
const HEADLESS = '/usr/bin/chromium-headless-shell';
/** Files whose tests begin with an empty browser. */
const FRESH = /(dossiers|first-hour|main-job)\.spec\.ts/;
const port = Number(process.env.PORT ?? 3210);

export default defineConfig({
  testDir: './e2e',
  // Files that take long go first, so that no worker is left alone with one at the end.
  fullyParallel: true,
  workers: 2,
  // A loaded machine may be slow once; a test that needs its second try is named as such in the closing lines.
  retries: process.env.CI ? 1 : 0,
  timeout: 240_000,
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json', { outputFile: '.out/e2e.json' }]],
  outputDir: './.out/playwright',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    // What a new brief begins with hangs on it.
    locale: 'en-IE',
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: existsSync(HEADLESS) ? HEADLESS : '/usr/bin/chromium',
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
  projects: [
    { name: 'open-example', testMatch: /open-example\.setup\.ts/ },
    // What begins from nothing runs beside it.
    { name: 'fresh', testMatch: FRESH },
    {
      name: 'slow',
      testMatch: /(access|every-screen|offline|planning|verdict|weigh-up)\.spec\.ts/,
      dependencies: ['open-example'],
    },
    {
      name: 'app',
      testMatch: /\.spec\.ts/,
      testIgnore: [FRESH, /(access|every-screen|offline|planning|verdict|weigh-up)\.spec\.ts/],
      dependencies: ['open-example'],
    },
  ],
  webServer: {
    command: `./node_modules/.bin/next start -H 127.0.0.1 -p ${port}`,
    url: `http://127.0.0.1:${port}/`,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    env: { NEXT_TELEMETRY_DISABLED: '1' },
  },
});
