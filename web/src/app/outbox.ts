/**
 * Entries on their way: kept on this device until the server has stored them, and sent in the order in which they were made,
 * by one tab at a time, whichever made them.
 */
import type { IDBPTransaction } from 'idb';
import { computed, shallowRef, watch, type Ref } from 'vue';
import type { EntryForm, StoredEntry } from '@lentum/core/record';
import { ApiProblem, call, isForLater, Offline, sentenceOf } from './api.ts';
import { bringOver, setApart } from './device/fromearlier.ts';
import { isItem } from './device/unread.ts';
import { device, THROUGH, type DeviceSchema, type SetAside, type Waiting } from './device/store.ts';
import { inTurn, onChange, tell } from './device/tabs.ts';
import { showKey, signedHere } from './devicekey.ts';
import { signedPerson } from './session.ts';
import { peopleHere } from './signing.ts';

export type { SetAside, Waiting } from './device/store.ts';

const RETRY_MS = 4000;
/** As often as this the server may fail on an entry before it steps aside. */
const MOST_FAULTS = 3;

/** As the device has them, of every job. */
const waiting = shallowRef<readonly Waiting[]>([]);
const aside = shallowRef<readonly SetAside[]>([]);
/** Entries whose form is open and hears the refusal itself. */
const heard = new Map<string, unknown>();
/** How often the server itself failed on an entry. */
const faults = new Map<string, { readonly times: number; readonly atMs: number }>();
/** Names that the server has, by id, as they were sent. */
const named = new Map<string, string>();
/** Told of each entry that this tab brought to the server. */
const arrivals = new Set<(jobId: string, stored: StoredEntry) => void>();
/** What was refused to a form, by what it was told: a form that has gone since hands it back. */
const refusals = new WeakMap<object, SetAside>();
/** Of those that somebody waits for: what this tab brought there. */
const arrived = new Set<string>();

/** Reads anew what is kept: another tab may have changed it. */
async function readAnew(): Promise<void> {
  const db = await device();
  const [all, refused] = await Promise.all([db.getAll('waiting'), db.getAll('aside')]);
  // What is no entry is looked at the next time the application is opened.
  waiting.value = all.filter(isItem);
  aside.value = refused.filter(isItem).sort((a, b) => a.entry.madeAt.localeCompare(b.entry.madeAt));
}

let begun: Promise<void> | undefined;
/** What an earlier version kept is brought over before anything is read. */
function begin(): Promise<void> {
  begun ??= (async () => {
    await bringOver(await device());
    await setApart(await device());
    await readAnew();
    onChange(readAnew);
    addEventListener('online', () => void sendWaiting());
  })().catch((error: unknown) => {
    begun = undefined;
    throw error;
  });
  return begun;
}

type Lists = IDBPTransaction<DeviceSchema, ('waiting' | 'aside')[], 'readwrite'>;

/** Changes both lists in one step, written through; then every tab has them as they are. */
async function change<T>(work: (lists: Lists) => Promise<T>): Promise<T> {
  const tx = (await device()).transaction(['waiting', 'aside'], 'readwrite', THROUGH);
  const done = await work(tx);
  await tx.done;
  await tell();
  return done;
}

async function keep({ jobId, entry }: Waiting): Promise<void> {
  await begin();
  await change((lists) => lists.objectStore('waiting').add({ jobId, entry }));
}

/** Takes one off the list; where it was refused and nobody hears it, it is set aside in the same step. */
const settle = (n: number, refused?: SetAside): Promise<void> =>
  change(async (lists) => {
    await lists.objectStore('waiting').delete(n);
    if (refused) await lists.objectStore('aside').put(refused);
  });

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
  // Whoever is signed in is known there.
  if (!person || person.id === signedPerson()?.id || named.get(person.id) === person.name) return;
  await call('PUT', `/people/${person.id}`, { body: { name: person.name } });
  named.set(person.id, person.name);
}

async function bring({ jobId, entry }: Waiting): Promise<void> {
  await sendName(entry);
  const { body } = await call<StoredEntry>('PUT', `/jobs/${jobId}/record/${entry.id}`, { body: entry });
  if (heard.has(entry.id)) arrived.add(entry.id);
  arrivals.forEach((hear) => hear(jobId, body));
}

/** Signed once, and kept so before it goes out: whatever becomes of the line, what is sent again is the same. */
async function signedRow(row: Waiting, n: number): Promise<Waiting> {
  const entry = await signedHere(row.jobId, row.entry);
  if (entry === row.entry) return row;
  const signed = { ...row, entry };
  await change((lists) => lists.objectStore('waiting').put({ ...signed, n }));
  return signed;
}

/** An entry goes out under the name of whoever made it: those of others wait until they sign in here again. */
function isOfSomebodyElse({ entry }: Waiting): boolean {
  const signed = signedPerson();
  return signed !== undefined && 'personId' in entry && entry.personId !== signed.id;
}

let retry: ReturnType<typeof setTimeout> | undefined;
/** @returns whether all is sent; false when it is for later, and it is tried again by itself */
async function sendAll(): Promise<boolean> {
  await begin();
  for (;;) {
    let cursor = await (await device()).transaction('waiting').store.openCursor();
    let passedOver = false;
    while (cursor && (!isItem(cursor.value) || isOfSomebodyElse(cursor.value))) {
      passedOver ||= isItem(cursor.value);
      cursor = await cursor.continue();
    }
    if (!cursor) return !passedOver;
    const n = cursor.primaryKey;
    let next: Waiting = cursor.value;
    try {
      next = await signedRow(next, n);
      // The server knows the key by now; where it was withdrawn meanwhile, there is another one.
      if (await showKey()) next = await signedRow(next, n);
      await bring(next);
      await settle(n);
    } catch (error) {
      if (isForLater(error) && !failsAlways(next.entry.id, error)) {
        clearTimeout(retry);
        retry = setTimeout(() => void sendWaiting(), RETRY_MS);
        return false;
      }
      const hears = heard.has(next.entry.id);
      if (hears) heard.set(next.entry.id, error);
      const { jobId, entry } = next;
      await settle(n, hears ? undefined : { jobId, entry, why: sentenceOf(error) });
    }
  }
}

let running: Promise<boolean> | undefined;
/** Sends what waits. What the server does not accept is set aside with its reason, and the rest goes on. */
function flush(): Promise<boolean> {
  running ??= inTurn('send', sendAll).finally(() => (running = undefined));
  return running;
}

/** The same by itself: what the device cannot give now is tried again. */
export async function sendWaiting(): Promise<void> {
  try {
    await flush();
  } catch {
    clearTimeout(retry);
    retry = setTimeout(() => void sendWaiting(), RETRY_MS);
  }
}

/** Nothing can be kept here: it goes to the server at once, or stays with whoever typed it. */
async function sendAtOnce(one: Waiting, why: unknown): Promise<void> {
  try {
    await bring({ ...one, entry: await signedHere(one.jobId, one.entry) });
  } catch (error) {
    if (!(error instanceof Offline)) throw error;
    throw new Error(
      `No signal, and this device cannot keep it (${sentenceOf(why)}). It is not entered: leave it open here and keep it again.`,
      { cause: error },
    );
  }
}

/** Another tab sent it and was told that it is not accepted: whoever typed it is still there to hear it. */
const refusedElsewhere = (id: string): Promise<SetAside | undefined> =>
  change(async (lists) => {
    const found = await lists.objectStore('aside').get(id);
    if (found) await lists.objectStore('aside').delete(id);
    return found;
  });

/** Keeps an entry and sends it. Resolves when it is stored, or kept for later; rejects when it is refused. */
async function send(one: Waiting): Promise<void> {
  try {
    await sendHeard(one);
  } catch (error) {
    const why = error instanceof Error ? error : new Error(String(error));
    refusals.set(why, { jobId: one.jobId, entry: one.entry, why: why.message });
    throw why;
  }
}
async function sendHeard(one: Waiting): Promise<void> {
  const { id } = one.entry;
  heard.set(id, undefined);
  try {
    try {
      await keep(one);
    } catch (why) {
      await sendAtOnce(one, why);
      return;
    }
    // A round that was at its end already is followed by another.
    while (waiting.value.some((w) => w.entry.id === id)) if (!(await flush())) break;
    const refused = heard.get(id);
    if (refused !== undefined) throw refused;
    if (arrived.has(id) || waiting.value.some((w) => w.entry.id === id)) return;
    const elsewhere = await refusedElsewhere(id);
    if (elsewhere) throw new Error(elsewhere.why);
  } finally {
    heard.delete(id);
    arrived.delete(id);
  }
}

/** Nobody is there any more to hear a refusal: the entry is set aside. False where it was no refusal of an entry. */
async function setAside(error: unknown): Promise<boolean> {
  const refused = typeof error === 'object' && error !== null ? refusals.get(error) : undefined;
  if (!refused) return false;
  await change((lists) => lists.objectStore('aside').put(refused));
  return true;
}

const drop = (id: string): Promise<void> => change((lists) => lists.objectStore('aside').delete(id));

/** Sends one that was set aside again, as it is. */
async function again({ jobId, entry }: SetAside): Promise<void> {
  await change(async (lists) => {
    await lists.objectStore('waiting').add({ jobId, entry });
    await lists.objectStore('aside').delete(entry.id);
  });
  await flush();
}

/**
 * The outbox as a job sees it.
 * @param stored called with each entry of the job that this tab brought to the server
 * @param gone called with those that no longer wait, whichever tab sent them
 */
export function useOutbox(
  jobId: Ref<string>,
  stored: (entry: StoredEntry) => void,
  gone: (ids: readonly string[]) => void = () => undefined,
) {
  // What was told to a server earlier is told again: it costs little, and it may be another one.
  named.clear();
  arrivals.add((id, entry) => {
    if (id === jobId.value) stored(entry);
  });
  void begin().catch(() => undefined);
  watch(waiting, (now, before) => {
    const left = before.filter((w) => w.jobId === jobId.value && !now.some((n) => n.entry.id === w.entry.id));
    if (left.length > 0) gone(left.map((w) => w.entry.id));
  });
  return {
    send: (entry: EntryForm): Promise<void> => send({ jobId: jobId.value, entry }),
    flush,
    waiting: computed(() => waiting.value.filter((w) => w.jobId === jobId.value)),
    /** Those of people who are not signed in here now. */
    ofOthers: computed(() => waiting.value.filter((w) => w.jobId === jobId.value && isOfSomebodyElse(w))),
    aside: computed(() => aside.value.filter((a) => a.jobId === jobId.value)),
    again,
    setAside,
    drop,
  };
}
