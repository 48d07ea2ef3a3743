/** The book with what waits on this device: an entry counts where it was made from the moment in which it is kept. */
import { computed, type Ref } from 'vue';
import { foldRecord, type BookEntry, type Names, type SiteBook, type StoredEntry } from '@lentum/core/record';
import type { Waiting } from './device/store.ts';

interface Facts {
  /** As the server has it. */
  readonly book: Ref<SiteBook>;
  readonly waiting: Ref<readonly Waiting[]>;
  readonly names: Ref<Names>;
}

/** Entries that wait, numbered after all that is known; the server gives them their numbers. */
export function useKeptHere({ book, waiting, names }: Facts) {
  let known = new Map<string, StoredEntry>();
  const entries = computed<readonly StoredEntry[]>(() => {
    const fresh = waiting.value.filter((w) => !book.value.seen.has(w.entry.id));
    const before = known;
    known = new Map(
      fresh.map(({ entry }, i) => {
        const seq = book.value.lastSeq + 1 + i;
        const same = before.get(entry.id);
        const it: StoredEntry =
          same?.seq === seq ? same : { seq, entry, receivedAt: entry.madeAt, previousHash: '', hash: '' };
        return [entry.id, it];
      }),
    );
    return [...known.values()];
  });
  return {
    entries,
    book: computed(() =>
      entries.value.length === 0 ? book.value : foldRecord(book.value, entries.value, names.value),
    ),
    /** By the entry's id: it waits here, and nobody else knows of it. */
    ids: computed(() => new Set(entries.value.map((s) => s.entry.id))),
  };
}

/** The same may be entered again after this long without a question. */
const TWICE_MS = 10 * 60_000;
/** Readings may well be the same twice. */
const READINGS: readonly string[] = ['conditions', 'test', 'dry film', 'flood', 'mix', 'melt', 'withdrawal'];

const timeless = (body: object): string =>
  JSON.stringify(
    Object.entries(body)
      .filter(([key]) => !/(^at|At|until)$/.test(key))
      .sort(([a], [b]) => a.localeCompare(b, 'en')),
  );
const placeOf = (e: Pick<BookEntry, 'zoneId' | 'bays' | 'supersedes'>): string =>
  JSON.stringify([e.zoneId, e.bays.map((b) => b.bayId).sort(), e.supersedes]);

/** The entry that says the same of the same place, made just before; undefined where there is none. */
export function saidJustNow(
  book: SiteBook,
  entry: Pick<BookEntry, 'kind' | 'zoneId' | 'bays' | 'supersedes' | 'body' | 'madeAt'>,
): BookEntry | undefined {
  if (READINGS.includes(entry.kind)) return undefined;
  const sinceMs = Date.parse(entry.madeAt) - TWICE_MS;
  const said = timeless(entry.body);
  const place = placeOf(entry);
  return book.kinds
    .get(entry.kind)
    ?.entries.findLast(
      (e) => Date.parse(e.madeAt) >= sinceMs && placeOf(e) === place && timeless(e.body) === said,
    );
}
