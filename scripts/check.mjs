/**
 * npm run check: format, lint, types and the tests that touch what changed, for daily use. What changed is what is not committed
 * yet, else the last commit. Tests that would take too long are left to npm test, and said.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { makeState, ROOT, STATE } from './lib/paths.mjs';
import { node } from './lib/run.mjs';
import { GaveUp, say, script } from './lib/say.mjs';

/** Seconds of test files together; each file counts as it took last. */
const MOST_TEST_S = 12;
/** A file that was never timed. */
const UNKNOWN_S = 4;
const TIMES = path.join(STATE, 'testtimes.json');
const LINTED = /\.(ts|mts|mjs|cjs|js|vue)$/;

const bin = (file) => path.join(ROOT, 'node_modules', file);
const lines = (text) => text.split('\n').filter((line) => line !== '');
const git = (...args) => lines(spawnSync('git', args, { cwd: ROOT, encoding: 'utf8' }).stdout ?? '');

/** What changed, and since when. */
function changes() {
  const open = [...git('diff', '--name-only', 'HEAD'), ...git('ls-files', '--others', '--exclude-standard')];
  const since = open.length > 0 ? 'HEAD' : 'HEAD~1';
  const files = open.length > 0 ? open : git('diff', '--name-only', since, 'HEAD');
  return { since, changed: [...new Set(files)].filter((file) => existsSync(path.join(ROOT, file))) };
}

const started = Date.now();
let failed = false;
async function step(name, args, wanted = true) {
  if (!wanted) return;
  const from = Date.now();
  const { code, output } = await node(args, { quiet: true });
  say(
    `${code === 0 ? '' : `${output}\n`}${name}: ${code === 0 ? '' : 'failed, '}${((Date.now() - from) / 1000).toFixed(1)} s`,
  );
  failed ||= code !== 0;
}

const times = () => (existsSync(TIMES) ? JSON.parse(readFileSync(TIMES, 'utf8')) : {});
/** How long each file took, for the next time. */
function keepTimes(report) {
  if (!existsSync(report)) return;
  const known = times();
  for (const { name, startTime, endTime } of JSON.parse(readFileSync(report, 'utf8')).testResults)
    known[path.relative(ROOT, name)] = (endTime - startTime) / 1000;
  writeFileSync(TIMES, JSON.stringify(known));
}

/** The files of tests that reach what changed, the quickest first, as many as there is time for. */
async function tests(changed, since) {
  const code = changed.filter((file) => /\.(ts|mts|mjs|vue|json|sql|md|svg)$/.test(file));
  if (code.length === 0) return;
  const listed = path.join(STATE, 'related.json');
  const { code: found, output } = await node(
    [bin('vitest/vitest.mjs'), 'list', '--filesOnly', `--json=${listed}`, '--changed', since],
    { quiet: true },
  );
  if (found !== 0) throw new GaveUp(`The tests could not be listed:\n${output}`);
  const known = times();
  const all = [
    ...new Set(JSON.parse(readFileSync(listed, 'utf8')).map(({ file }) => path.relative(ROOT, file))),
  ]
    .map((file) => ({ file, seconds: known[file] ?? UNKNOWN_S }))
    .sort((a, b) => a.seconds - b.seconds);
  let left = MOST_TEST_S;
  const run = all.filter(({ seconds }) => (left -= seconds) >= 0).map(({ file }) => file);
  if (run.length > 0) {
    const report = path.join(STATE, 'checked.json');
    const args = ['run', ...run, '--reporter=default', '--reporter=json', `--outputFile=${report}`];
    await step(`${run.length} files of tests`, [bin('vitest/vitest.mjs'), ...args]);
    keepTimes(report);
  }
  if (run.length < all.length)
    say(`${all.length - run.length} more files of tests reach it: npm test runs them.`);
}
await script(async () => {
  await ensurePackages();
  makeState();
  for (const project of ['core', 'server', 'web']) keepTimes(path.join(STATE, `unit-${project}.json`));
  const { since, changed } = changes();
  if (changed.length === 0) {
    say('Nothing has changed.');
    return;
  }
  const linted = changed.filter((file) => LINTED.test(file));
  const lane = async (...steps) => {
    for (const one of steps) await one();
  };
  const info = (name) => ['--incremental', '--tsBuildInfoFile', path.join(STATE, `${name}.tsbuildinfo`)];
  await Promise.all([
    lane(
      () => step('format', [bin('prettier/bin/prettier.cjs'), '--check', '--ignore-unknown', ...changed]),
      () => step('types', [bin('typescript/bin/tsc'), '-p', 'tsconfig.json', ...info('types')]),
      () =>
        step('types of web', [
          bin('vue-tsc/bin/vue-tsc.js'),
          '-p',
          'web/tsconfig.json',
          ...info('types-web'),
        ]),
    ),
    lane(
      () => step('lint', [bin('eslint/bin/eslint.js'), ...linted], linted.length > 0),
      () => tests(changed, since),
    ),
  ]);
  say(`${failed ? 'Not all is well' : 'All is well'}, ${((Date.now() - started) / 1000).toFixed(0)} s.`);
  if (failed) process.exitCode = 1;
});
