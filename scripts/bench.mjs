/** npm run bench: sizes, API under load with a large record, folding, start-up. Prints each figure beside its
 * aim. `npm run bench -- imports` runs one of them. */
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { ensureDatabase, releaseServer } from './lib/postgres.mjs';
import { script } from './lib/say.mjs';
import { node } from './lib/run.mjs';
import { addressesOf } from './lib/server.mjs';
import { ensureWeb } from './lib/web.mjs';
import path from 'node:path';

let database;
const undo = async () => database && (await releaseServer(database));

await script(async () => {
  await ensurePackages();
  database = await ensureDatabase('lentum_bench', { fresh: true });
  await ensureWeb();
  const { code } = await node(
    ['--import', 'tsx', path.join(ROOT, 'scripts/bench/all.ts'), ...process.argv.slice(2)],
    {
      env: { ...process.env, ...addressesOf(database) },
    },
  );
  await releaseServer(database);
  process.exit(code);
}, undo);
