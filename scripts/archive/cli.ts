/** copy | daily | back [--to INSTANT]. Reads DATABASE_OWNER_URL, LENTUM_ARCHIVE, LENTUM_BACKUPS and LENTUM_BACKUP_PHRASE. */
import path from 'node:path';
import { parseArgs } from 'node:util';
import { backupSettings } from '../../server/src/backup/backup.ts';
import { isDue } from '../../server/src/backup/daily.ts';
import { instantOf } from '../../server/src/backup/retention.ts';
import { GaveUp, say } from '../lib/say.mjs';
import { backTo, copyNow, layAll, readyArchive } from './archive.ts';

const ownerUrl = process.env['DATABASE_OWNER_URL'] ?? '';
const archive = readyArchive(process.env['LENTUM_ARCHIVE'] ?? '');
const { folder, phrase } = backupSettings();

/** @throws where it is no instant, or one that is still to come */
function instant(said: string): Date {
  const at = new Date(said);
  if (!/^\d{4}-\d\d-\d\dT.*(Z|[+-]\d\d:\d\d)$/.test(said) || Number.isNaN(at.getTime()))
    throw new GaveUp(
      `--to: “${said}” does not fit; expected an instant with its zone, such as 2026-07-01T10:15:00Z.`,
    );
  if (at.getTime() > Date.now()) throw new GaveUp(`--to: ${said} is still to come.`);
  return at;
}

try {
  const { positionals, values } = parseArgs({ allowPositionals: true, options: { to: { type: 'string' } } });
  const [task] = positionals;
  if (task === 'copy') {
    const from = new Date(instantOf(await copyNow(ownerUrl, archive)) ?? NaN);
    say(
      `Copied. From ${from.toISOString()} on every moment can be gone back to, as long as the log is there.`,
    );
  } else if (task === 'daily') {
    if (await isDue(archive.copies, new Date())) await copyNow(ownerUrl, archive);
  } else if (task === 'back') {
    const to = values.to === undefined ? undefined : instant(values.to);
    await layAll(ownerUrl, archive);
    const { pathname, password } = new URL(ownerUrl);
    const made = await backTo({
      ...{ archive, to, phrase, password: decodeURIComponent(password), database: pathname.slice(1) },
      // Beside those of each day, which it does not count among.
      backups: path.join(folder, 'moments'),
    });
    say(`What was there then is in ${made}.`);
    say(
      `Look at it beside what is there now: npm run restore -- ${made} --into lentum_then, then LENTUM_DATABASE=lentum_then npm start.`,
    );
  } else throw new GaveUp('copy, or back?');
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
