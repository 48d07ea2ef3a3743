import { defineConfig } from '@playwright/test';
import { BROWSER } from '../scripts/lib/browser.mjs';

const port = process.env['E2E_PORT'] ?? '4188';
process.env['E2E_PORT'] = port;
const address = `http://127.0.0.1:${port}`;

/** What its pages begin with. */
export const PAGES = {
  baseURL: address,
  locale: 'en-GB',
  timezoneId: 'Europe/Lisbon',
  viewport: { width: 1280, height: 800 },
  acceptDownloads: true,
  // What a test puts in the place of an answer is seen by the page; the tests without a signal allow it for themselves.
  serviceWorkers: 'block' as const,
  // A list that still unfolds on a busy machine moves away between the press and the release of the button.
  reducedMotion: 'reduce' as const,
};

export default defineConfig({
  testDir: '.',
  testMatch: process.env['LENTUM_PICTURES'] ? '*.pictures.ts' : '*.spec.ts',
  outputDir: '../test-results',
  fullyParallel: true,
  workers: 2,
  retries: 0,
  // A slow machine is no failure: speed is looked at in the benchmark.
  timeout: 180_000,
  expect: { timeout: 40_000 },
  reporter: process.env['E2E_REPORT']
    ? [['line'], ['json', { outputFile: process.env['E2E_REPORT'] }]]
    : 'line',
  use: { ...PAGES, contextOptions: { reducedMotion: PAGES.reducedMotion }, launchOptions: BROWSER },
  webServer: {
    command: 'node server.mjs',
    url: `${address}/api/v1/health`,
    timeout: 120_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 10_000 },
    stdout: 'ignore',
  },
});
