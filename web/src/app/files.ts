/**
 * Pictures and papers on their way: kept on this device under the hash of their content until the server has them, and there
 * to be looked at without a signal. What names them is sent after them.
 */
import { computed, shallowRef } from 'vue';
import { ApiProblem, isForLater, Offline, sendFile, sentenceOf } from './api.ts';
import { device, THROUGH, type FileRow } from './device/store.ts';
import { inTurn } from './device/tabs.ts';

export type WaitingFile = FileRow;

const RETRY_MS = 4000;
/** Those that the server does not have; with the reason where it did not accept one. */
const waiting = shallowRef<readonly WaitingFile[]>([]);
/** Each file once as an address that the browser shows. */
const shown = new Map<string, string>();

async function readAnew(): Promise<void> {
  waiting.value = (await (await device()).getAll('files')).filter((r) => !r.sent);
}

async function put(row: FileRow, bytes?: ArrayBuffer): Promise<void> {
  const tx = (await device()).transaction(['files', 'bytes'], 'readwrite', THROUGH);
  if (bytes) await tx.objectStore('bytes').put(bytes, row.path);
  await tx.objectStore('files').put(row);
  await tx.done;
}

/** The file as it is on this device. */
export async function fileHere(path: string): Promise<Blob | undefined> {
  try {
    const db = await device();
    const [row, bytes] = await Promise.all([db.get('files', path), db.get('bytes', path)]);
    return row && bytes && new Blob([bytes], { type: row.type });
  } catch {
    return undefined;
  }
}

let retry: ReturnType<typeof setTimeout> | undefined;
async function sendAll(): Promise<void> {
  for (const row of await (await device()).getAll('files')) {
    if (row.sent || row.why !== undefined) continue;
    try {
      const file = await fileHere(row.path);
      if (!file) throw new Error('The file is not on this device any more.');
      await sendFile(row.path, file);
      await put({ ...row, sent: true });
    } catch (error) {
      if (isForLater(error)) {
        clearTimeout(retry);
        retry = setTimeout(() => void sendFiles(), RETRY_MS);
        return;
      }
      await put({ ...row, why: sentenceOf(error) });
    }
  }
}

let begun = false;
/** Sends what waits, one tab at a time. What the server does not accept stays, with its reason, for somebody to decide. */
export async function sendFiles(): Promise<void> {
  if (!begun) {
    begun = true;
    addEventListener('online', () => void sendFiles());
  }
  // What this tab keeps it knows of.
  else if (waiting.value.length === 0) return;
  try {
    await readAnew();
    if (waiting.value.some((w) => w.why === undefined)) await inTurn('files', sendAll);
    await readAnew();
  } catch {
    // Nothing can be read here: what could not be kept was sent at once, or said.
  }
}

/**
 * Keeps a file and sends it. Resolves when it is stored, or kept for later.
 * @throws with a sentence where it is not accepted, or can neither be kept nor sent
 */
export async function keepFile(path: string, file: Blob): Promise<void> {
  const row: FileRow = { path, type: file.type, sent: false, atMs: Date.now() };
  let unkept: unknown;
  try {
    await put(row, await file.arrayBuffer());
  } catch (error) {
    unkept = error;
  }
  try {
    await sendFile(path, file);
    if (unkept === undefined) await put({ ...row, sent: true });
  } catch (error) {
    if (unkept !== undefined && error instanceof Offline)
      throw new Error(
        `No signal, and this device cannot keep the file (${sentenceOf(unkept)}). Take it again when there is a signal.`,
        { cause: error },
      );
    if (error instanceof ApiProblem && !isForLater(error)) {
      await dropFile(path);
      throw error;
    }
    if (unkept !== undefined) throw error;
    clearTimeout(retry);
    retry = setTimeout(() => void sendFiles(), RETRY_MS);
  }
  await readAnew().catch(() => undefined);
}

export async function dropFile(path: string): Promise<void> {
  try {
    const tx = (await device()).transaction(['files', 'bytes'], 'readwrite');
    await tx.objectStore('files').delete(path);
    await tx.objectStore('bytes').delete(path);
    await tx.done;
    await readAnew();
  } catch {
    // It is not there.
  }
}

/**
 * Where the browser finds a file: on this device, else on the server.
 * @param query how the server answers it
 */
export async function fileUrl(path: string, query = ''): Promise<string> {
  const known = shown.get(path);
  if (known !== undefined) return known;
  const here = await fileHere(path);
  if (!here) return `/api/v1${path}${query}`;
  const url = URL.createObjectURL(here);
  shown.set(path, url);
  return url;
}

export const useWaitingFiles = () => ({
  /** On their way. */
  waiting: computed(() => waiting.value.filter((w) => w.why === undefined)),
  /** Not accepted. */
  aside: computed(() => waiting.value.filter((w) => w.why !== undefined)),
});
