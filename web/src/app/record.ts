/** The record of the open job: what the server has of it, read to its end, and the book that follows from it. */
import { computed, shallowRef, type Ref } from 'vue';
import { EMPTY_BOOK, foldRecord, namesOf, type Person, type StoredEntry } from '@lentum/core/record';
import { get } from './api.ts';
import { copy } from './copy.ts';
import { peopleHere } from './signing.ts';

/** Entries asked for at a time. */
const PAGE = 2000;

interface RecordPage {
  readonly entries: StoredEntry[];
  readonly people: Person[];
  readonly next?: number;
}

export function useRecord(jobId: Ref<string>) {
  const entries = shallowRef<readonly StoredEntry[]>([]);
  const book = shallowRef(EMPTY_BOOK);
  const people = shallowRef<readonly Person[]>([]);
  /** Those of the record, and those who are named on this device. */
  const everybody = computed<readonly Person[]>(() => [...people.value, ...copy(peopleHere())]);
  const names = computed(() => namesOf(everybody.value));
  /**
   * So far the record has been read, without a gap. An entry of one's own that the server has just stored is no sign of
   * this: others may have entered something before it.
   */
  let readTo = 0;
  /** Counts the jobs that were opened: what was asked for an earlier one is left. */
  let opened = 0;

  /** A name that is new, or another one, is read into the whole book. */
  function meet(met: readonly Person[]): void {
    const fresh = met.filter((p) => !people.value.some((q) => q.id === p.id && q.name === p.name));
    if (fresh.length === 0) return;
    const known = people.value.filter((p) => !fresh.some((f) => f.id === p.id));
    people.value = [...known, ...fresh];
    if (entries.value.length > 0) book.value = foldRecord(EMPTY_BOOK, entries.value, names.value);
  }
  /** Takes entries that are stored into the book; those it has are passed over. */
  function take(stored: readonly StoredEntry[]): void {
    const fresh = stored.filter((s) => !book.value.seen.has(s.entry.id));
    if (fresh.length === 0) return;
    entries.value = [...entries.value, ...fresh].sort((a, b) => a.seq - b.seq);
    book.value = foldRecord(book.value, fresh, names.value);
  }

  return {
    entries,
    book,
    everybody,
    names,
    take,
    clear(): void {
      entries.value = [];
      book.value = EMPTY_BOOK;
      people.value = [];
      readTo = 0;
      opened += 1;
    },
    /** Reads what the server has since the last time. What arrives after another job was opened is left. */
    async load(): Promise<void> {
      const asked = opened;
      for (;;) {
        const { body } = await get<RecordPage>(`/jobs/${jobId.value}/record?after=${readTo}&limit=${PAGE}`);
        if (opened !== asked) return;
        meet(body.people);
        take(body.entries);
        readTo = Math.max(readTo, body.entries.at(-1)?.seq ?? 0);
        if (body.next === undefined) return;
      }
    },
  };
}
