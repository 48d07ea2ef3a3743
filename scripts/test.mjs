/** npm test: sets everything up, then format, lint, import rules, types, unit and API tests, end-to-end tests. */
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureDebian } from './lib/debian.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT, STATE } from './lib/paths.mjs';
import { ensureDatabase, releaseServer } from './lib/postgres.mjs';
import { node } from './lib/run.mjs';
import { GaveUp, say, script } from './lib/say.mjs';
import { choosePort } from './lib/server.mjs';
import { ensureWeb } from './lib/web.mjs';

const bin = (file) => path.join(ROOT, 'node_modules', file);
const UNIT = path.join(STATE, 'unit.json');
const E2E = path.join(STATE, 'e2e.json');

async function step(name, work) {
  const from = Date.now();
  const { code, output } = await work();
  const seconds = ((Date.now() - from) / 1000).toFixed(1);
  if (code !== 0) throw new GaveUp(`${output ?? ''}\n${name}: failed after ${seconds} s`);
  say(`${name}: ${seconds} s`);
}
const quietly =
  (file, ...args) =>
  () =>
    node([bin(file), ...args], { quiet: true });

let database;
const undo = async () => database && (await releaseServer(database));

await script(async () => {
  await ensurePackages();
  await ensureDebian(['chromium'], () => existsSync(process.env.CHROMIUM ?? '/usr/bin/chromium'), 'Chromium');
  database = await ensureDatabase('lentum_test');
  mkdirSync(STATE, { recursive: true });
  for (const file of [UNIT, E2E]) rmSync(file, { force: true });

  /** Checks that only read, two at a time and the longest first, so that neither core waits. */
  const CHECKS = [
    ['types of web', quietly('vue-tsc/bin/vue-tsc.js', '-p', 'web/tsconfig.json')],
    ['lint', quietly('eslint/bin/eslint.js', '.')],
    ['types of core, server, demo, scripts, e2e', quietly('typescript/bin/tsc', '-p', 'tsconfig.json')],
    ['format', quietly('prettier/bin/prettier.cjs', '--check', '.')],
    [
      'import directions',
      quietly(
        'dependency-cruiser/bin/dependency-cruise.mjs',
        '--config',
        '.dependency-cruiser.cjs',
        'core/src',
        'server/src',
        'web/src',
        'demo',
        'scripts',
        'e2e',
      ),
    ],
  ];
  async function checks() {
    for (let next = CHECKS.shift(); next; next = CHECKS.shift()) await step(...next);
  }
  await Promise.all([checks(), checks()]);
  await step('unit and API tests', () =>
    // Said only when something failed: two thousand dots tell nobody anything.
    node([bin('vitest/vitest.mjs'), 'run', '--reporter=default', '--reporter=json', `--outputFile=${UNIT}`], {
      quiet: true,
    }),
  );
  await step('faults, the short form', () =>
    node([path.join(ROOT, 'scripts/faults.mjs'), '--short'], { quiet: true }),
  );
  await ensureWeb();
  const port = await choosePort(4190);
  await step('end-to-end tests', () =>
    node([bin('@playwright/test/cli.js'), 'test'], {
      cwd: path.join(ROOT, 'e2e'),
      env: { ...process.env, E2E_PORT: String(port), E2E_REPORT: E2E },
    }),
  );
  await releaseServer(database);

  const unit = JSON.parse(readFileSync(UNIT, 'utf8'));
  const e2e = JSON.parse(readFileSync(E2E, 'utf8')).stats;
  say(`${unit.numPassedTests + e2e.expected} passed, ${unit.numFailedTests + e2e.unexpected} failed`);
}, undo);
