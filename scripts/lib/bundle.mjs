/**
 * The server as a few files of JavaScript, made when its sources changed: it starts sooner than one that reads TypeScript, and
 * its threads need no compiler of their own. Packages stay where they are installed.
 */
import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { ROOT } from './paths.mjs';
import { hashOf } from './sources.mjs';

/** Beside server/node_modules, so that packages are found from there as from the sources. */
const DIST = path.join(ROOT, 'server/dist');
/** So many are kept: a server that runs may still read of its own. */
const KEPT = 4;
const ENTRIES = ['main.ts', 'compute/thread.ts', 'jobfile/importthread.ts'];
/** It asks where it runs from. */
const ASKS_WHERE = path.join(ROOT, 'server/src/operations/ownthread.ts');

/** Files that are read beside a source stay beside it. */
const places = {
  name: 'places of sources',
  setup(build) {
    build.onLoad({ filter: /\.ts$/ }, async ({ path: file }) => {
      if (file === ASKS_WHERE) return undefined;
      const text = await readFile(file, 'utf8');
      if (!text.includes('import.meta.url')) return undefined;
      const place = JSON.stringify(pathToFileURL(file).href);
      return { contents: text.replaceAll('import.meta.url', place), loader: 'ts' };
    });
  },
};
const packages = {
  name: 'packages stay apart',
  setup(build) {
    build.onResolve({ filter: /^[^./]/ }, ({ path: name, kind }) =>
      kind === 'entry-point' || name.startsWith('@lentum/') ? undefined : { path: name, external: true },
    );
  },
};

function leaveOld() {
  const known = readdirSync(DIST).map((name) => path.join(DIST, name));
  const newestFirst = known.map((p) => ({ p, at: statSync(p).mtimeMs })).sort((a, b) => b.at - a.at);
  for (const { p } of newestFirst.slice(KEPT)) rmSync(p, { recursive: true, force: true });
}

/** @returns the file that starts the server */
export async function ensureServer() {
  const hash = hashOf(['server', 'core/src', 'demo/src']);
  const folder = path.join(DIST, hash.slice(0, 16));
  const main = path.join(folder, 'main.js');
  if (existsSync(main)) return main;
  const { build } = await import('esbuild');
  mkdirSync(DIST, { recursive: true });
  const making = mkdtempSync(`${folder}.`);
  try {
    await build({
      entryPoints: ENTRIES.map((file) => ({
        in: path.join(ROOT, 'server/src', file),
        out: path.basename(file, '.ts'),
      })),
      outdir: making,
      bundle: true,
      splitting: true,
      format: 'esm',
      platform: 'node',
      target: 'node20',
      logLevel: 'warning',
      plugins: [places, packages],
    });
    // Other users read it as well.
    chmodSync(making, 0o755);
    renameSync(making, folder);
  } catch (error) {
    // Somebody else may have been first with the same.
    if (!existsSync(main)) throw error;
  } finally {
    rmSync(making, { recursive: true, force: true });
  }
  leaveOld();
  return main;
}
