/** Once a day: a backup, brought back to see whether it can be used; and those that are no longer needed go. */
import { rm } from 'node:fs/promises';
import path from 'node:path';
import { backupsIn, makeBackup } from './backup.ts';
import { drill, type Drill } from './drill.ts';
import { instantOf, toForget } from './retention.ts';

const EVERY_MS = 24 * 3_600_000;

export async function isDue(folder: string, now: Date): Promise<boolean> {
  const [last] = await backupsIn(folder);
  return now.getTime() - ((last === undefined ? undefined : instantOf(last)) ?? 0) >= EVERY_MS;
}

/** @returns the folder of the backup, and what came of bringing it back. Nothing goes while the newest cannot be used. */
export async function daily(
  ownerUrl: string,
  folder: string,
  phrase: string | undefined,
  now: Date,
): Promise<{ made: string; came: Drill; forgotten: readonly string[] }> {
  const made = await makeBackup(ownerUrl, { folder, why: 'by the day', phrase, now });
  const came = await drill(ownerUrl, made, phrase, now);
  const forgotten = came.usable ? toForget(await backupsIn(folder), now.getTime()) : [];
  for (const name of forgotten) await rm(path.join(folder, name), { recursive: true, force: true });
  return { made, came, forgotten };
}
