/** The interface: built when its sources changed, and only then. */
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { makeState, ROOT, STATE, WEB_DIST } from './paths.mjs';
import { node } from './run.mjs';
import { GaveUp, say } from './say.mjs';

function* files(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true }).sort((a, b) =>
    a.name < b.name ? -1 : 1,
  )) {
    if (entry.name === 'dist' || entry.name === 'node_modules' || entry.name === 'test') continue;
    const full = path.join(folder, entry.name);
    if (entry.isDirectory()) yield* files(full);
    else yield full;
  }
}

function sourceHash() {
  const hash = createHash('sha256');
  const sources = ['web', 'core/src'].flatMap((f) => [...files(path.join(ROOT, f))]);
  for (const file of [...sources, path.join(ROOT, 'package-lock.json')]) {
    hash.update(path.relative(ROOT, file)).update('\0').update(readFileSync(file)).update('\0');
  }
  return hash.digest('hex');
}

export async function ensureWeb() {
  makeState();
  const mark = path.join(STATE, 'web');
  const hash = sourceHash();
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
