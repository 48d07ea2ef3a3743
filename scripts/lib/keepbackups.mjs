/** While the application runs: a backup a day of the project's own database, brought back to see whether it can be used. */
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
  if (database.cluster === undefined || process.env.LENTUM_BACKUPS === 'off') return () => undefined;
  let running;
  let timer;
  const env = { LENTUM_BACKUPS: BACKUPS, ...process.env, ...addressesOf(database) };
  const look = async () => {
    running = node(['--import', 'tsx', path.join(ROOT, 'server/src/backup/cli.ts'), 'daily'], {
      env,
      quiet: true,
      detached: true,
    });
    const { code, output } = await running;
    if (output.trim() !== '') say(output.trim());
    if (code !== 0) say('The backup of the day failed; it is tried again in an hour.');
    timer = setTimeout(look, LOOK_MS);
  };
  timer = setTimeout(look, FIRST_MS);
  return async () => {
    clearTimeout(timer);
    await running;
    clearTimeout(timer);
  };
}
