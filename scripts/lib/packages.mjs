/** npm packages: installed from the lock file when it changed, and only then. */
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { makeState, ROOT, STATE } from './paths.mjs';
import { run } from './run.mjs';
import { GaveUp, say } from './say.mjs';

const MARK = () => path.join(STATE, 'packages');

export async function ensurePackages() {
  makeState();
  const lock = createHash('sha256')
    .update(readFileSync(path.join(ROOT, 'package-lock.json')))
    .digest('hex');
  const done = existsSync(MARK()) && readFileSync(MARK(), 'utf8') === lock;
  if (done && existsSync(path.join(ROOT, 'node_modules', 'tsx'))) return;
  // What builds and starts it is among the packages that NODE_ENV=production would leave out.
  say('Installing packages (a minute or so, once) …');
  const { code, output } = await run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund'], {
    quiet: true,
  });
  if (code !== 0) throw new GaveUp(`npm ci failed:\n${output.slice(-3000)}`);
  writeFileSync(MARK(), lock);
}
