/** The interface: built when its sources changed, and only then. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { makeState, ROOT, STATE, WEB_DIST } from './paths.mjs';
import { node } from './run.mjs';
import { GaveUp, say } from './say.mjs';
import { hashOf } from './sources.mjs';

export async function ensureWeb() {
  makeState();
  const mark = path.join(STATE, 'web');
  const hash = hashOf(['web', 'core/src']);
  if (
    existsSync(mark) &&
    readFileSync(mark, 'utf8') === hash &&
    existsSync(path.join(WEB_DIST, 'index.html'))
  )
    return;
  say('Building the interface …');
  const { code, output } = await node([path.join(ROOT, 'node_modules/vite/bin/vite.js'), 'build'], {
    quiet: true,
    cwd: path.join(ROOT, 'web'),
  });
  if (code !== 0) throw new GaveUp(`The interface could not be built:\n${output.slice(-4000)}`);
  writeFileSync(mark, hash);
}
