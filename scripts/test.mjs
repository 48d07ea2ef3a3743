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
/** Tests of units, and of the API on a database of its own: the longest first, so that two of them fill two cores. */
const PROJECTS = ['server', 'web', 'core'];
/** A proxy, a browser's list of authorities, certificates, and what reads units. */
const DEPLOYING = ['/usr/sbin/haproxy', '/usr/bin/certutil', '/usr/bin/openssl', '/usr/bin/systemd-analyze'];
const unitReport = (project) => path.join(STATE, `unit-${project}.json`);
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
  await ensureDebian(
    ['haproxy', 'libnss3-tools', 'openssl', 'systemd'],
    () => DEPLOYING.every((program) => existsSync(program)),
    'What the examples of docs/deploy are tried with',
  );
  database = await ensureDatabase('lentum_test');
  mkdirSync(STATE, { recursive: true });
  for (const file of [...PROJECTS.map(unitReport), E2E]) rmSync(file, { force: true });

  /** Two at a time, so that neither core waits. */
  async function twoAtATime(list) {
    const lane = async () => {
      for (let next = list.shift(); next; next = list.shift()) await step(...next);
    };
    await Promise.all([lane(), lane()]);
  }
  await twoAtATime([
    ['types of web', quietly('vue-tsc/bin/vue-tsc.js', '-p', 'web/tsconfig.json')],
    ['lint', quietly('eslint/bin/eslint.js', '.')],
    ['types of core, server, demo, scripts, e2e', quietly('typescript/bin/tsc', '-p', 'tsconfig.json')],
    ['format', quietly('prettier/bin/prettier.cjs', '--check', '.')],
    ['what nothing uses', quietly('knip/bin/knip.js', '--no-progress')],
    [
      'import directions',
      quietly(
        'dependency-cruiser/bin/dependency-cruise.mjs',
        '--config',
        '.dependency-cruiser.cjs',
        'core/src',
        'server/src',
        'web/src',
        'client/src',
        'demo',
        'scripts',
        'e2e',
      ),
    ],
    ...PROJECTS.map((project) => [
      `unit tests of ${project}`,
      // Said only when something failed: two thousand dots tell nobody anything.
      quietly(
        'vitest/vitest.mjs',
        'run',
        '--project',
        project,
        '--reporter=default',
        '--reporter=json',
        `--outputFile=${unitReport(project)}`,
      ),
    ]),
    // On a cluster of its own, which it kills.
    [
      'faults, the short form',
      () => node([path.join(ROOT, 'scripts/faults.mjs'), '--short'], { quiet: true }),
    ],
  ]);
  await ensureWeb();
  // Programs that keep to the Fetch Standard do not ask port 4190.
  const port = await choosePort(4290);
  await step('end-to-end tests', () =>
    node([bin('@playwright/test/cli.js'), 'test'], {
      cwd: path.join(ROOT, 'e2e'),
      env: { ...process.env, E2E_PORT: String(port), E2E_REPORT: E2E },
    }),
  );
  await releaseServer(database);

  const e2e = JSON.parse(readFileSync(E2E, 'utf8')).stats;
  const units = PROJECTS.map((project) => JSON.parse(readFileSync(unitReport(project), 'utf8')));
  const sum = (key) => units.reduce((n, u) => n + u[key], 0);
  say(`${sum('numPassedTests') + e2e.expected} passed, ${sum('numFailedTests') + e2e.unexpected} failed`);
}, undo);
