/** Making an entry of what was typed: envelope, clock, person, device; and taking back what was tapped by mistake. */
import { shallowRef, type Ref } from 'vue';
import type { Place } from '@lentum/core/survey';
import {
  bodyOfDevice,
  cleanText,
  type Body,
  type Entry,
  type Kind,
  type PictureMark,
  type Share,
} from '@lentum/core/record';
import { sure } from './asking.ts';
import { clockOffsetMs } from './righttime.ts';
import { whyNotEnter } from './session.ts';
import { deviceId, personNamed } from './signing.ts';

export interface Where {
  readonly zoneId?: string | undefined;
  readonly bays?: readonly Share[];
  readonly place?: Place | undefined;
  /** Pictures and papers, by the SHA-256 of their content. */
  readonly attachments?: readonly string[] | undefined;
  /** What is drawn on them. */
  readonly marks?: readonly PictureMark[] | undefined;
  readonly supersedes?: string | undefined;
}

/** What was entered just now and can still be taken back. */
export interface JustEntered {
  readonly ids: readonly string[];
  readonly says: string;
}

/** So long a mis-tap can be taken back where it was made. */
export const TAKE_BACK_MS = 10_000;

/** Text as the record takes it, and nothing where nothing was typed. */
export function tidied<T>(value: T): T {
  if (typeof value === 'string') return cleanText(value) as T;
  if (Array.isArray(value)) return value.map((v: unknown) => tidied(v)) as T;
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, v]) => v !== undefined)
      .map(([k, v]) => [k, tidied<unknown>(v)]),
  ) as T;
}

/** For an entry that is only looked at while it is typed. */
export const NOBODY_YET = 'nobody-yet';

/**
 * An entry made here and now, of a person by their id. What was typed is in the right time, as the pages show it; the entry
 * carries its times as the device's clock shows them, and by how much that is off.
 */
export function makeEntry<K extends Kind>(personId: string, kind: K, where: Where, body: Body<K>): Entry {
  const { zoneId, bays = [], place, attachments = [], marks = [], supersedes } = where;
  const offsetMs = clockOffsetMs.value;
  return {
    ...{ form: 2, id: crypto.randomUUID(), kind, version: 1 },
    ...{ personId, deviceId: deviceId(), madeAt: new Date().toISOString() },
    ...(offsetMs === undefined ? {} : { offsetMs }),
    ...(zoneId === undefined ? {} : { zoneId }),
    bays: [...bays],
    ...(place === undefined ? {} : { place }),
    attachments: [...attachments],
    ...(marks.length === 0 ? {} : { marks: tidied(marks) }),
    ...(supersedes === undefined ? {} : { supersedes }),
    body: bodyOfDevice(tidied(body), offsetMs),
  } as unknown as Entry;
}

/**
 * @param send keeps an entry and sends it
 * @param said the entry that says the same of the same place, made just before
 * @param time an instant, ms, as the job says it
 */
export function useEntering(
  who: Ref<string>,
  jobId: Ref<string>,
  send: (entry: Entry) => Promise<void>,
  said: (entry: Entry) => { readonly who: string; readonly madeAt: string } | undefined,
  time: (ms: number) => string,
) {
  const just = shallowRef<JustEntered>();
  let forget: ReturnType<typeof setTimeout> | undefined;

  async function enter<K extends Kind>(kind: K, where: Where, body: Body<K>): Promise<Entry> {
    const entry = makeEntry(personNamed(who.value).id, kind, where, body);
    const why = whyNotEnter(entry, jobId.value);
    if (why !== undefined) throw new Error(why);
    const before = said(entry);
    if (before) {
      const when = `${before.who} entered the same here at ${time(Date.parse(before.madeAt))}.`;
      if (!(await sure('Enter it twice?', when, 'Enter it again', 'Leave it')))
        throw new Error(`${when} It is not entered again.`);
    }
    await send(entry);
    return entry;
  }

  /** Offers to take entries back, for a while. */
  function offer(ids: readonly string[], says: string): void {
    just.value = { ids, says };
    clearTimeout(forget);
    forget = setTimeout(() => (just.value = undefined), TAKE_BACK_MS);
  }

  return {
    just,
    enter,
    /** The same for a tap: it can be taken back for a while, where it was made. */
    tap: async <K extends Kind>(says: string, kind: K, where: Where, body: Body<K>): Promise<Entry> => {
      const entry = await enter(kind, where, body);
      offer([entry.id], says);
      return entry;
    },
    offer,
    takeBack: async (): Promise<void> => {
      const { value } = just;
      if (!value) return;
      just.value = undefined;
      for (const id of value.ids)
        await enter(
          'withdrawal',
          { supersedes: id },
          { reason: 'Taken back at once: a mis-tap.', undone: true },
        );
    },
  };
}
