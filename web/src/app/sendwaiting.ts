/** What waits on this device goes out as soon as the application is open, whichever page it is opened on. */
import { device } from './device/store.ts';

/** What an earlier version kept. */
const EARLIER = 'lentum.outbox';

async function waits(): Promise<boolean> {
  if (localStorage.getItem(EARLIER)) return true;
  return (await (await device()).count('waiting')) > 0;
}

/** The outbox is fetched only where something waits: the first page stays light. */
export async function sendWaiting(): Promise<void> {
  if (!(await waits().catch(() => false))) return;
  const outbox = await import('./outbox.ts');
  await outbox.sendWaiting();
}
