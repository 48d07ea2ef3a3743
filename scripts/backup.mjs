/** npm run backup, restore and drill. `--into NAME` for another database of the project's own; start it with LENTUM_DATABASE. */
import path from 'node:path';
import { parseArgs } from 'node:util';
import { ensurePackages } from './lib/packages.mjs';
import { BACKUPS, ROOT } from './lib/paths.mjs';
import { ensureDatabase, releaseServer } from './lib/postgres.mjs';
import { node } from './lib/run.mjs';
import { script } from './lib/say.mjs';
import { addressesOf } from './lib/server.mjs';

let database;
const undo = async () => database && (await releaseServer(database));

await script(async () => {
  await ensurePackages();
  const { positionals, values } = parseArgs({
    allowPositionals: true,
    options: { into: { type: 'string', default: process.env.LENTUM_DATABASE ?? 'lentum' } },
  });
  database = await ensureDatabase(values.into);
  const { code } = await node(
    ['--import', 'tsx', path.join(ROOT, 'server/src/backup/cli.ts'), ...positionals],
    { env: { LENTUM_BACKUPS: BACKUPS, ...process.env, ...addressesOf(database) } },
  );
  await undo();
  process.exit(code);
}, undo);
