/** What is kept of jobs that nobody opened here for a long time goes; what waits here, and what was not accepted, stays. */
import { MS_PER_DAY } from '@lentum/core/units';
import { device } from './store.ts';

/** So long a copy stays after it was last seen. */
export const KEPT_DAYS = 60;

const jobOf = (path: string): string | undefined => /^(?:\/jobs|names|fields)\/([^/?]+)/.exec(path)?.[1];

/**
 * @param nowMs the present, by the device's clock
 * @returns the jobs of which nothing is kept any more
 */
export async function prune(nowMs: number): Promise<string[]> {
  const db = await device();
  const stores = ['waiting', 'aside', 'drafts', 'copies', 'record', 'files', 'bytes'] as const;
  const tx = db.transaction(stores, 'readwrite');
  const of = <S extends (typeof stores)[number]>(name: S) => tx.objectStore(name);
  const needed = new Set<string | undefined>([
    ...[...(await of('waiting').getAll()), ...(await of('aside').getAll())].map((row) => row.jobId),
    ...(await of('drafts').getAllKeys()).map(jobOf),
  ]);
  const seenMs = new Map<string, number>();
  for (const { path, atMs } of await of('copies').getAll()) {
    const jobId = jobOf(path);
    if (jobId !== undefined) seenMs.set(jobId, Math.max(seenMs.get(jobId) ?? 0, atMs));
  }
  const files = await of('files').getAll();
  for (const file of files) if (!file.sent) needed.add(jobOf(file.path));
  const gone = [...seenMs].flatMap(([jobId, ms]) =>
    nowMs - ms > KEPT_DAYS * MS_PER_DAY && !needed.has(jobId) ? [jobId] : [],
  );
  for (const path of await of('copies').getAllKeys())
    if (gone.includes(jobOf(path) ?? '')) await of('copies').delete(path);
  for (const jobId of gone)
    await of('record').delete(IDBKeyRange.bound([jobId, -Infinity], [jobId, Infinity]));
  for (const { path, sent, atMs } of files)
    if (sent && (gone.includes(jobOf(path) ?? '') || nowMs - atMs > KEPT_DAYS * MS_PER_DAY)) {
      await of('files').delete(path);
      await of('bytes').delete(path);
    }
  await tx.done;
  return gone;
}
