/**
 * make [FOLDER] | daily | restore FOLDER | drill [FOLDER]. Reads DATABASE_URL, DATABASE_OWNER_URL, LENTUM_BACKUPS (the folder
 * of the backups) and LENTUM_BACKUP_PHRASE (seals them).
 */
import path from 'node:path';
import { prepare } from '../db/prepare.ts';
import { backupSettings, backupsIn, makeBackup, restoreBackup } from './backup.ts';
import { daily, isDue } from './daily.ts';
import { drill, type Drill } from './drill.ts';

const say = (text: string): void => console.log(text);
const url = process.env['DATABASE_URL'] ?? '';
const ownerUrl = process.env['DATABASE_OWNER_URL'] ?? url;
const { folder: backups, phrase } = backupSettings();
const [task = '', given] = process.argv.slice(2);

function tell(folder: string, came: Drill): void {
  say(
    came.usable
      ? `${folder} can be used: it was brought back, every table is as it was and every record is whole.`
      : `${folder} can NOT be used:`,
  );
  for (const s of came.says) say(`  ${s}`);
  if (!came.usable) process.exitCode = 1;
}

async function newest(): Promise<string> {
  const [last] = await backupsIn(backups);
  if (last === undefined) throw new Error(`There is no backup in ${backups}.`);
  return path.join(backups, last);
}

const TASKS: Readonly<Record<string, () => Promise<void>>> = {
  make: async () => {
    const made = await makeBackup(ownerUrl, { folder: given ?? backups, why: 'asked for', phrase });
    say(`Backed up into ${made}${phrase === undefined ? '' : ', sealed'}.`);
  },
  daily: async () => {
    if (!(await isDue(backups, new Date()))) return;
    const { made, came, forgotten } = await daily(ownerUrl, backups, phrase, new Date());
    tell(made, came);
    if (forgotten.length > 0) say(`${forgotten.length} earlier ones are no longer kept.`);
  },
  restore: async () => {
    if (given === undefined) throw new Error('Which one? npm run restore -- FOLDER');
    const says = await restoreBackup(ownerUrl, path.resolve(given), phrase);
    for (const s of says) say(s);
    if (says.length > 0) throw new Error('It was brought back, but it is not what was backed up.');
    await prepare({ url, ownerUrl });
    say('Brought back: every table is as it was, and every record is whole.');
  },
  drill: async () => {
    const folder = given === undefined ? await newest() : path.resolve(given);
    tell(folder, await drill(ownerUrl, folder, phrase));
  },
};

try {
  const work = TASKS[task];
  if (!work) throw new Error('make, daily, restore or drill?');
  await work();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
