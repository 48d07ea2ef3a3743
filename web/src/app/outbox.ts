/** Entries on their way: kept on this device until the server has stored them, in the order in which they were made. */
import { computed, type Ref } from 'vue';
import type { EntryForm, StoredEntry } from '@lentum/core/record';
import { ApiProblem, call, isForLater, sentenceOf } from './api.ts';
import { peopleHere } from './signing.ts';
import { storedList } from './waitinglist.ts';

const RETRY_MS = 4000;
/** As often as this the server may fail on one entry before it steps aside. */
const MOST_FAULTS = 3;

interface Waiting {
  readonly jobId: string;
  readonly entry: EntryForm;
}
/** An entry that waited here and was then not accepted: it stays until somebody decides about it. */
export interface SetAside extends Waiting {
  readonly why: string;
}

const without = <T extends Waiting>(list: readonly T[], id: string): T[] =>
  list.filter((one) => one.entry.id !== id);

export function useOutbox(jobId: Ref<string>, stored: (entry: StoredEntry) => void) {
  const waiting = storedList<Waiting>('lentum.outbox');
  const aside = storedList<SetAside>('lentum.refused');
  /** Entries whose form is open and hears the refusal itself. */
  const heard = new Map<string, unknown>();
  let running: Promise<boolean> | undefined;
  /** How often the server itself failed on an entry. */
  const faults = new Map<string, { readonly times: number; readonly atMs: number }>();
  /** Names that the server has, by id, as they were sent. */
  const named = new Map<string, string>();

  let retry: ReturnType<typeof setTimeout> | undefined;

  const wait = (one: Waiting): void => {
    waiting.value = [...waiting.value, { jobId: one.jobId, entry: one.entry }];
  };
  const done = (id: string): void => {
    waiting.value = without(waiting.value, id);
  };
  const drop = (id: string): void => {
    aside.value = without(aside.value, id);
  };

  /** The server itself fails on an entry, again and again: it steps aside, so that the others behind it go on. */
  function failsAlways(id: string, error: unknown): boolean {
    if (!(error instanceof ApiProblem) || error.status !== 500) return false;
    const before = faults.get(id) ?? { times: 0, atMs: -Infinity };
    // Each further entry asks again at once: only what was waited for counts.
    if (Date.now() - before.atMs < RETRY_MS) return false;
    const times = before.times + 1;
    faults.set(id, { times, atMs: Date.now() });
    if (times < MOST_FAULTS) return false;
    faults.delete(id);
    return true;
  }

  /** An entry names a person whose name the server has to know first. */
  async function sendName(entry: EntryForm): Promise<void> {
    const person = 'personId' in entry ? peopleHere().find((p) => p.id === entry.personId) : undefined;
    if (!person || named.get(person.id) === person.name) return;
    await call('PUT', `/people/${person.id}`, { body: { name: person.name } });
    named.set(person.id, person.name);
  }

  /** @returns whether all is sent; false when there is no signal, and it is tried again by itself */
  async function sendAll(): Promise<boolean> {
    for (let next = waiting.value[0]; next; next = waiting.value[0]) {
      const { jobId: id, entry } = next;
      try {
        await sendName(entry);
        const { body } = await call<StoredEntry>('PUT', `/jobs/${id}/record/${entry.id}`, { body: entry });
        done(entry.id);
        if (id === jobId.value) stored(body);
      } catch (error) {
        if (isForLater(error) && !failsAlways(entry.id, error)) {
          clearTimeout(retry);
          retry = setTimeout(() => void flush(), RETRY_MS);
          return false;
        }
        if (heard.has(entry.id)) heard.set(entry.id, error);
        else aside.value = [...aside.value, { ...next, why: sentenceOf(error) }];
        done(entry.id);
      }
    }
    return true;
  }

  /** Sends what waits. What the server does not accept is set aside with its reason, and the rest goes on. */
  function flush(): Promise<boolean> {
    running ??= sendAll().finally(() => (running = undefined));
    return running;
  }

  /** Keeps an entry and sends it. Resolves when it is stored, or kept for later; rejects when it is refused. */
  async function send(entry: EntryForm): Promise<void> {
    heard.set(entry.id, undefined);
    wait({ jobId: jobId.value, entry });
    try {
      // A round that was at its end already is followed by another.
      while (waiting.value.some((w) => w.entry.id === entry.id)) if (!(await flush())) break;
      const refused = heard.get(entry.id);
      if (refused !== undefined) throw refused;
    } finally {
      heard.delete(entry.id);
    }
  }

  return {
    send,
    flush,
    waiting: computed(() => waiting.value.filter((w) => w.jobId === jobId.value)),
    aside: computed(() => aside.value.filter((a) => a.jobId === jobId.value)),
    /** Sends one that was set aside again, as it is. */
    again: async (one: SetAside): Promise<void> => {
      drop(one.entry.id);
      wait(one);
      await flush();
    },
    drop,
  };
}
