/** What waits on this device goes out as soon as the application is open, whichever page it is opened on. */
import { waitsFromEarlier } from './device/fromearlier.ts';
import { device } from './device/store.ts';

async function waits(): Promise<boolean> {
  return waitsFromEarlier() || (await (await device()).count('waiting')) > 0;
}

/** The outbox is fetched only where something waits: the first page stays light. */
export async function sendWaiting(): Promise<void> {
  const files = await device().then(
    (db) => db.count('files'),
    () => 0,
  );
  if (files > 0) await (await import('./files.ts')).sendFiles();
  if (!(await waits().catch(() => false))) return;
  const outbox = await import('./outbox.ts');
  await outbox.sendWaiting();
}
