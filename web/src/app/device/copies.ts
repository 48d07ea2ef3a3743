/** What the server answered last, kept for the time without a signal. */
import { shallowRef } from 'vue';
import type { Person, StoredEntry } from '@lentum/core/record';
import { device, type CopyRow } from './store.ts';

/** Since when what is shown is what was last seen, ms; undefined while the server answers. */
export const seenMs = shallowRef<number>();

/** Jobs with their documents and hours, the library, the firm's numbers. The record has rows of its own. */
const KEPT = /^\/(jobs|library|firm\/practice|instruments)(\/|\?|$)/;
const NOT_KEPT = /\/(record|record-check|today|file)(\?|$|\.)/;
export const isKept = (path: string): boolean => KEPT.test(path) && !NOT_KEPT.test(path);

/** A device that cannot keep it gives none later: what is on screen is not harmed. */
const quietly = async <T>(work: () => Promise<T>): Promise<T | undefined> => {
  try {
    return await work();
  } catch {
    return undefined;
  }
};

export const keepCopy = (path: string, body: unknown, version: number | undefined): Promise<unknown> =>
  quietly(async () => (await device()).put('copies', { path, body, version, atMs: Date.now() }));

export const copyOf = (path: string): Promise<CopyRow | undefined> =>
  quietly(async () => (await device()).get('copies', path));

const wholeJob = (jobId: string): IDBKeyRange => IDBKeyRange.bound([jobId, -Infinity], [jobId, Infinity]);
const namesPath = (jobId: string): string => `names/${jobId}`;

export interface RecordCopy {
  readonly entries: readonly StoredEntry[];
  readonly people: readonly Person[];
}

/** The record of a job as far as it was read here, without a gap. */
export async function recordCopy(jobId: string): Promise<RecordCopy> {
  const found = await quietly(async () => {
    const db = await device();
    const rows = await db.getAll('record', wholeJob(jobId));
    const people = (await db.get('copies', namesPath(jobId)))?.body as readonly Person[] | undefined;
    const stored = rows.map((r) => r.stored);
    // What could not be kept in between leaves a gap: only what lies before it is the record.
    const gap = stored.findIndex((s, i) => i > 0 && s.previousHash !== stored[i - 1]?.hash);
    return { entries: gap < 0 ? stored : stored.slice(0, gap), people: people ?? [] };
  });
  return found ?? { entries: [], people: [] };
}

/** Adds what was read; in the order of the record, so that what is there has no gap. */
export const keepRecord = (
  jobId: string,
  entries: readonly StoredEntry[],
  people: readonly Person[],
): Promise<unknown> =>
  quietly(async () => {
    const tx = (await device()).transaction(['record', 'copies'], 'readwrite');
    for (const stored of entries) void tx.objectStore('record').put({ jobId, seq: stored.seq, stored });
    void tx
      .objectStore('copies')
      .put({ path: namesPath(jobId), body: people, version: undefined, atMs: Date.now() });
    await tx.done;
  });

/** Somebody else holds the device, or nobody: what was seen of jobs is not theirs. What waits to be sent stays. */
export const forgetCopies = (): Promise<unknown> =>
  quietly(async () => {
    const tx = (await device()).transaction(['record', 'copies'], 'readwrite');
    await Promise.all([tx.objectStore('record').clear(), tx.objectStore('copies').clear(), tx.done]);
  });

/** The server has another record than the one that was read here. */
export const forgetRecord = (jobId: string): Promise<unknown> =>
  quietly(async () => (await device()).delete('record', wholeJob(jobId)));
