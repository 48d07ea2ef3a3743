/** npm run archive -- copy, and npm run archive -- back --to INSTANT: the database as it was at a moment, as a backup. */
import path from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { BACKUPS, ROOT } from './lib/paths.mjs';
import { ensureDatabase, releaseServer } from './lib/postgres.mjs';
import { node } from './lib/run.mjs';
import { GaveUp, script } from './lib/say.mjs';
import { addressesOf } from './lib/server.mjs';

let database;
const undo = async () => database && (await releaseServer(database));

await script(async () => {
  if (!process.env.LENTUM_ARCHIVE)
    throw new GaveUp('LENTUM_ARCHIVE is not set; expected the folder of the archive, as npm start has it.');
  await ensurePackages();
  database = await ensureDatabase(process.env.LENTUM_DATABASE ?? 'lentum');
  if (database.cluster === undefined)
    throw new GaveUp('DATABASE_URL names a database of somebody else: it is archived by its own means.');
  const cli = path.join(ROOT, 'scripts/archive/cli.ts');
  const { code } = await node(['--import', 'tsx', cli, ...process.argv.slice(2)], {
    env: { LENTUM_BACKUPS: BACKUPS, ...process.env, ...addressesOf(database) },
  });
  await undo();
  process.exit(code);
}, undo);
