/** While the application runs, once a day: a backup of the project's own database, brought back to see whether it can be used, and a copy in its archive. */
import path from 'node:path';
import { BACKUPS, ROOT } from './paths.mjs';
import { node } from './run.mjs';
import { say } from './say.mjs';
import { addressesOf } from './server.mjs';

/** The first look comes when the start is over. */
const FIRST_MS = 60_000;
const LOOK_MS = 3_600_000;

/** @returns a function that ends it, once a backup that is being made is done */
export function keepBackups(database) {
  const wanted = process.env.LENTUM_BACKUPS !== 'off' || process.env.LENTUM_ARCHIVE;
  if (database.cluster === undefined || !wanted) return () => undefined;
  let ended = false;
  let running;
  let timer;
  const env = { LENTUM_BACKUPS: BACKUPS, ...process.env, ...addressesOf(database) };
  const daily = async (file, what) => {
    running = node(['--import', 'tsx', path.join(ROOT, file), 'daily'], { env, quiet: true, detached: true });
    const { code, output } = await running;
    if (output.trim() !== '') say(output.trim());
    if (code !== 0) say(`${what} of the day failed; it is tried again in an hour.`);
  };
  const look = async () => {
    if (process.env.LENTUM_BACKUPS !== 'off') await daily('server/src/backup/cli.ts', 'The backup');
    if (process.env.LENTUM_ARCHIVE && !ended)
      await daily('scripts/archive/cli.ts', 'The copy in the archive');
    if (!ended) timer = setTimeout(look, LOOK_MS);
  };
  timer = setTimeout(look, FIRST_MS);
  return async () => {
    ended = true;
    clearTimeout(timer);
    await running;
  };
}
