/** Drafts of documents on this device: as they stand on screen, taken or not, until the server has them. */
import { shallowRef } from 'vue';
import { device, THROUGH, type DraftRow } from './store.ts';
import { keepUnread } from './unread.ts';

export type Draft = Pick<DraftRow, 'text' | 'version' | 'base' | 'sent'>;

/** Why a draft is not kept on this device; undefined while all of them are. */
export const draftsNotKept = shallowRef<string>();

/** Whether the draft that is kept may go: another tab may have kept a newer one meanwhile. */
type MayGo = (text: string) => boolean;
/** What is to be written next, by path. */
const next = new Map<string, Draft | MayGo>();
const writing = new Map<string, Promise<void>>();

async function write(path: string): Promise<void> {
  while (next.has(path)) {
    const draft = next.get(path);
    next.delete(path);
    try {
      const tx = (await device()).transaction('drafts', 'readwrite', THROUGH);
      if (typeof draft === 'object') await tx.store.put({ path, ...draft, atMs: Date.now() });
      else {
        const kept = await tx.store.get(path);
        if (kept && (!isDraft(kept) || draft?.(kept.text) !== false)) await tx.store.delete(path);
      }
      await tx.done;
      draftsNotKept.value = undefined;
    } catch (error) {
      // What is taken away needs no room: only what cannot be kept is said.
      if (typeof draft === 'object')
        draftsNotKept.value = error instanceof Error ? error.message : String(error);
    }
  }
}

/** While one is being written, only the newest of those that follow is written after it. */
function soon(path: string, draft: Draft | MayGo): Promise<void> {
  next.set(path, draft);
  const known = writing.get(path);
  if (known) return known;
  const mine = write(path).finally(() => writing.delete(path));
  writing.set(path, mine);
  return mine;
}

export const keepDraft = (path: string, draft: Draft): Promise<void> => soon(path, draft);
/** @param mayGo whether the draft that is kept may go; absent: whatever it is */
export const dropDraft = (path: string, mayGo: MayGo = () => true): Promise<void> => soon(path, mayGo);

const isJson = (text: unknown): boolean => {
  try {
    return typeof text === 'string' && typeof JSON.parse(text) === 'object';
  } catch {
    return false;
  }
};
function isDraft(row: unknown): row is DraftRow {
  const { text, version, base, sent } = (row ?? {}) as Partial<Record<keyof DraftRow, unknown>>;
  return (
    isJson(text) &&
    typeof version === 'number' &&
    (base === undefined || isJson(base)) &&
    (sent === undefined || Array.isArray(sent))
  );
}

/** The texts under all paths that begin like this. */
export async function keptTexts(begin: string): Promise<ReadonlyMap<string, string>> {
  try {
    const rows: unknown[] = await (
      await device()
    ).getAll('drafts', IDBKeyRange.bound(begin, `${begin}\uffff`));
    return new Map(rows.filter(isDraft).map((row) => [row.path, row.text]));
  } catch {
    return new Map();
  }
}

/** @returns undefined where none is kept, or nothing can be read here; what cannot be read is set apart */
export async function keptDraft(path: string): Promise<Draft | undefined> {
  try {
    await writing.get(path);
    const kept: unknown = await (await device()).get('drafts', path);
    if (kept === undefined || isDraft(kept)) return kept;
    keepUnread(JSON.stringify(kept));
    await dropDraft(path);
    return undefined;
  } catch {
    return undefined;
  }
}
