/**
 * npm run faults: odd input over every address, the server killed while it writes, the database killed below it. Prints what
 * was lost, how it answered and how long it took to come back. On a database of its own, on loopback.
 */
import { existsSync } from 'node:fs';
import path from 'node:path';
import { BROWSER } from './lib/browser.mjs';
import { ensureDebian } from './lib/debian.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { ensureDatabase, releaseServer } from './lib/postgres.mjs';
import { script } from './lib/say.mjs';
import { node } from './lib/run.mjs';
import { addressesOf } from './lib/server.mjs';
import { ensureWeb } from './lib/web.mjs';

let database;
const undo = async () => database && (await releaseServer(database));

await script(async () => {
  await ensurePackages();
  await ensureDebian(['chromium'], () => existsSync(BROWSER.executablePath), 'Chromium');
  await ensureWeb();
  database = await ensureDatabase('lentum_faults', { fresh: true, cluster: 'faults' });
  const { code } = await node(
    ['--import', 'tsx', path.join(ROOT, 'scripts/faults/all.ts'), ...process.argv.slice(2)],
    {
      env: { ...process.env, ...addressesOf(database) },
    },
  );
  await releaseServer(database);
  process.exit(code);
}, undo);
