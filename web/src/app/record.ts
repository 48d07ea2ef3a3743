/** The record of the open job: what the server has of it, read to its end, and the book that follows from it. */
import { computed, shallowRef, type Ref } from 'vue';
import { EMPTY_BOOK, foldRecord, namesOf, type Person, type StoredEntry } from '@lentum/core/record';
import { get, isForLater } from './api.ts';
import { copy } from './copy.ts';
import { forgetRecord, keepRecord, recordCopy } from './device/copies.ts';
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
  let readTo: StoredEntry | undefined;
  /** What the device has of it was taken up. */
  let fromDevice = false;
  /** What the device has was found to be what the server has. */
  let checked = false;
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
  function forget(): void {
    entries.value = [];
    book.value = EMPTY_BOOK;
    readTo = undefined;
  }
  const further = (last: StoredEntry | undefined): void => {
    if (last && last.seq > (readTo?.seq ?? 0)) readTo = last;
  };

  async function takeUp(asked: number): Promise<void> {
    if (fromDevice) return;
    const kept = await recordCopy(jobId.value);
    if (opened !== asked || fromDevice) return;
    fromDevice = true;
    checked = kept.entries.length === 0;
    try {
      meet(kept.people);
      take(kept.entries);
      further(kept.entries.at(-1));
    } catch {
      // What the device has is no record: the server's is read from its beginning.
      void forgetRecord(jobId.value);
      forget();
      checked = true;
    }
  }

  /** Until the two were compared, the last entry that is here is asked for once more. */
  const after = (): number => Math.max(0, (readTo?.seq ?? 0) - (checked ? 0 : 1));

  async function read(asked: number): Promise<void> {
    for (;;) {
      const from = after();
      const { body } = await get<RecordPage>(`/jobs/${jobId.value}/record?after=${from}&limit=${PAGE}`);
      if (opened !== asked) return;
      if (!checked && readTo && body.entries[0]?.hash !== readTo.hash) {
        // The record that was read here is another one, of a server that was set up anew: it is read from its beginning.
        void forgetRecord(jobId.value);
        forget();
        checked = true;
        continue;
      }
      checked = true;
      meet(body.people);
      take(body.entries);
      further(body.entries.at(-1));
      if (body.entries.length > 0) void keepRecord(jobId.value, body.entries, copy(people.value));
      if (body.next === undefined) return;
    }
  }

  return {
    entries,
    book,
    everybody,
    names,
    take,
    clear(): void {
      forget();
      people.value = [];
      fromDevice = false;
      checked = false;
      opened += 1;
    },
    /**
     * Reads what the server has since the last time. What arrives after another job was opened is left; without a signal
     * what the device has of it stands.
     */
    async load(): Promise<void> {
      const asked = opened;
      await takeUp(asked);
      if (opened !== asked) return;
      try {
        await read(asked);
      } catch (error) {
        if (!isForLater(error) || !readTo) throw error;
      }
    },
  };
}
