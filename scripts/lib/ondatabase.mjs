/** A program of TypeScript on one of the project's own databases, which is let go when it ends. */
import path from 'node:path';
import { ensurePackages } from './packages.mjs';
import { BACKUPS, ROOT } from './paths.mjs';
import { ensureDatabase, releaseServer } from './postgres.mjs';
import { node } from './run.mjs';
import { script } from './say.mjs';
import { addressesOf } from './server.mjs';

/**
 * Ends this process with what the program ends with.
 * @param file from the project's root
 * @param name of the database
 * @param needs fails where the database is not of the right sort
 */
export async function runOnDatabase(
  file,
  {
    args = process.argv.slice(2),
    name = process.env.LENTUM_DATABASE ?? 'lentum',
    needs = () => undefined,
  } = {},
) {
  let database;
  const undo = async () => database && (await releaseServer(database));
  await script(async () => {
    await ensurePackages();
    database = await ensureDatabase(name);
    needs(database);
    const { code } = await node(['--import', 'tsx', path.join(ROOT, file), ...args], {
      env: { LENTUM_BACKUPS: BACKUPS, ...process.env, ...addressesOf(database) },
    });
    await undo();
    process.exit(code);
  }, undo);
}
