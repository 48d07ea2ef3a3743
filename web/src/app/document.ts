/**
 * A document of the open job being worked on: the draft on screen, saved by itself a moment after each change,
 * with undo and redo, and with the two ways out when somebody else saved first. What is not saved is kept on the device, as
 * it was typed, for the job that it belongs to: it is sent there, and is on screen again when that job is.
 */
import { useDebounceFn } from '@vueuse/core';
import { ElMessage } from 'element-plus';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import { plainValue } from '@lentum/core/job';
import { sentence, type Problem } from '@lentum/core/problems';
import { ApiProblem, call, get, isForLater, sentenceOf } from './api.ts';
import { copy } from './copy.ts';
import { isKept, keepCopy } from './device/copies.ts';
import { dropDraft, keepDraft, keptDraft, type Draft } from './device/drafts.ts';
import { useDraftTabs } from './drafttabs.ts';
import { sendFiles } from './files.ts';
import { savable } from './savable.ts';
import type { SaveState } from './opendocument.ts';
import { isSame, useSentTexts } from './senttexts.ts';

const DELAY_MS = 400;
const RETRY_MS = 4000;
const MOST_UNDO = 100;

/** What somebody else had saved first, as the server tells it; undefined for any other error. */
const newestOf = (error: unknown): { readonly version: number; readonly body: unknown } | undefined =>
  error instanceof ApiProblem && error.status === 412 ? error.body.newest : undefined;

/** What was kept on the device by an earlier version lacks what came since: that is as in an empty document. */
function filled<T extends object>(value: T, empty: T): T {
  const missing = Object.entries(empty).filter(([key]) => !(key in value));
  return missing.length === 0 ? value : { ...value, ...Object.fromEntries(missing) };
}

export interface DocumentOptions<T> {
  readonly path: (jobId: string) => string;
  readonly empty: T;
  /** What keeps a draft from being saved; shown at once, the last good version stays on the server. */
  readonly problems: (draft: T) => readonly Problem[];
  /** What is wrong with it depends on itself alone: as the server has it, it is right, and is not looked at again. */
  readonly alone?: true;
  /** Why whoever holds the device may not change it; undefined where they may. */
  readonly held?: (jobId: string) => string | undefined;
}

export function useDocument<T extends object>(jobId: Ref<string>, options: DocumentOptions<T>) {
  const draft = ref(copy(options.empty)) as Ref<T>;
  const version = ref(0);
  const state = ref<SaveState>('saved');
  const refusal = ref('');
  /** The same, each by itself with its place in the document. */
  const refused = shallowRef<readonly Problem[]>([]);
  /** What somebody else saved first; and from which version this was made, with what that held, where it is known. */
  const newest = shallowRef<{ version: number; body: T; from: number; base: string | undefined }>();
  const past = ref<string[]>([]);
  const future = ref<string[]>([]);
  let settled = JSON.stringify(options.empty);
  let saved = settled;
  let running: Promise<void> | undefined;
  let retry: ReturnType<typeof setTimeout> | undefined;
  /** The job that the draft belongs to; undefined while another one is being opened. */
  let owner: string | undefined;
  /** What is shown was last seen on this device: the server may have another by now. */
  let fromDevice = false;
  const sentTexts = useSentTexts();
  const left = new Map<string, Draft>();
  const sending = new Map<string, Promise<void>>();

  // Text is made plain before it is kept, compared or sent: the server takes no other.
  const text = computed(() => JSON.stringify(draft.value, plainValue));
  /** The draft as plain data to calculate with: reading it costs nothing, unlike the draft, of which each part is watched. */
  const content = computed(() => JSON.parse(text.value) as T);
  /** The text that the server has; it took it by the same rules. */
  const taken = shallowRef<string>();
  const problems = computed(() =>
    options.alone && text.value === taken.value ? [] : options.problems(content.value),
  );

  const draftNow = (): Draft => ({
    text: text.value,
    // Until somebody has chosen it is not made from what is newest.
    version: newest.value?.from ?? version.value,
    base: newest.value ? newest.value.base : saved,
    sent: owner === undefined ? [] : sentTexts.hashesOf(owner),
  });

  /** What the other tabs of this device have heard. */
  let told = settled;
  const tabs = useDraftTabs({
    shown: () =>
      owner === undefined || newest.value ? undefined : { text: text.value, version: version.value, saved },
    show: (next) => {
      if (next.text !== settled) past.value = [...past.value.slice(-MOST_UNDO), settled];
      if (next.text !== text.value) draft.value = JSON.parse(next.text) as T;
      settled = told = next.text;
      version.value = next.version;
      saved = next.saved;
      state.value = next.text === saved ? 'saved' : 'waiting';
      refusal.value = '';
      keep();
      if (state.value === 'waiting') void saveSoon();
    },
  });

  /** What the server does not have yet is on the device, whether it can be taken or not. */
  function keep(): void {
    if (owner === undefined) return;
    const path = options.path(owner);
    if (text.value === saved)
      void dropDraft(path, (kept) => isSame(kept, JSON.parse(saved)) || tabs.isKnown(kept));
    else void keepDraft(path, draftNow());
  }

  /** @returns the version that it became; the copy on the device follows it */
  async function send(of: string, body: string, ifMatch: number): Promise<number> {
    const path = options.path(of);
    // What it names goes first.
    await sendFiles();
    sentTexts.note(of, body);
    // Closed before the answer comes, it knows its own again.
    const waits = left.get(of);
    if (owner === of) keep();
    else if (waits) void keepDraft(path, { ...waits, sent: sentTexts.hashesOf(of) });
    const copied = (what: unknown, at: number): void => void (isKept(path) && keepCopy(path, what, at));
    try {
      const answer = await call<{ version: number }>('PUT', path, { body, ifMatch });
      const now = answer.version ?? answer.body.version;
      copied(JSON.parse(body), now);
      return now;
    } catch (error) {
      const theirs = newestOf(error);
      if (theirs) copied(theirs.body, theirs.version);
      throw error;
    }
  }

  /** Keeps what was not saved for the job that it belongs to, and goes on trying to save it there. */
  function leave(): void {
    const of = owner;
    keep();
    owner = undefined;
    tabs.stop();
    clearTimeout(retry);
    if (of === undefined || text.value === saved) return;
    left.set(of, draftNow());
    void Promise.resolve(running).then(() => sendLeft(of));
  }

  function sendLeft(of: string): Promise<void> {
    const known = sending.get(of);
    if (known) return known;
    const sent = trySending(of).finally(() => sending.delete(of));
    sending.set(of, sent);
    return sent;
  }

  async function trySending(of: string): Promise<void> {
    const it = left.get(of);
    if (!it || options.problems(JSON.parse(it.text) as T).length > 0) return;
    try {
      await send(of, it.text, it.version);
      if (left.get(of) !== it) return;
      left.delete(of);
      if (owner !== of) void dropDraft(options.path(of));
    } catch (error) {
      // What is newest had come from here, and only its answer was late or lost: this follows it.
      const newer = newestOf(error);
      const own = newer && sentTexts.ownOf(of, newer.body);
      if (newer && own !== undefined) {
        if (left.get(of) === it) left.set(of, { ...it, version: newer.version, base: own });
        await trySending(of);
        return;
      }
      // Anything else that does not pass by itself is settled by whoever opens that job again.
      if (isForLater(error)) setTimeout(() => void sendLeft(of), RETRY_MS);
    }
  }

  async function load(): Promise<void> {
    const id = jobId.value;
    leave();
    await sending.get(id);
    const [answer, kept] = await Promise.all([get<T>(options.path(id)), keptDraft(options.path(id))]);
    if (jobId.value !== id) return;
    leave();
    owner = id;
    const body = filled(answer.body, options.empty);
    draft.value = body;
    settled = saved = JSON.stringify(body);
    taken.value = saved;
    version.value = answer.version ?? 0;
    fromDevice = answer.fromDevice === true;
    state.value = 'saved';
    refusal.value = '';
    newest.value = undefined;
    past.value = [];
    future.value = [];
    if (kept?.sent) sentTexts.noteBefore(id, kept.sent);
    takeUp(left.get(id) ?? kept, body);
    left.delete(id);
    keep();
    told = text.value;
    tabs.begin(options.path(id));
  }

  /**
   * What the server has now, where nothing was changed here: after a time without a signal, and when others have saved.
   * @param to the version that others saved; 0 where that is not known
   */
  async function refresh(to = 0): Promise<void> {
    const id = owner;
    if (id === undefined || !(fromDevice || to > version.value)) return;
    const answer = await get<T>(options.path(id));
    if (owner !== id || answer.fromDevice) return;
    const now = answer.version ?? 0;
    // What was changed here is saved under its version, and meets what others saved there.
    if (text.value !== saved || (fromDevice ? now === version.value : now <= version.value)) {
      fromDevice = false;
      return;
    }
    fromDevice = false;
    version.value = now;
    draft.value = answer.body;
    settled = saved = told = JSON.stringify(answer.body);
    taken.value = saved;
    // Steps back from here would take back what others did.
    past.value = [];
    future.value = [];
  }

  /** What was left unsaved is on screen again; where somebody else saved meanwhile, both are shown. */
  function takeUp(it: Draft | undefined, body: T): void {
    if (!it || isSame(it.text, body)) return;
    past.value = [saved];
    const typed = filled(JSON.parse(it.text) as T, options.empty);
    settled = JSON.stringify(typed);
    draft.value = typed;
    // What the server has had come from here, and only its answer was lost: no conflict with oneself.
    if (it.version === version.value || (owner !== undefined && sentTexts.ownOf(owner, body) !== undefined)) {
      state.value = 'waiting';
      void saveSoon();
      return;
    }
    newest.value = { version: version.value, body, from: it.version, base: it.base };
    state.value = 'conflict';
  }

  async function saveOnce(): Promise<void> {
    const now = text.value;
    const of = owner;
    if (of === undefined || state.value === 'conflict') return;
    if (now === saved) {
      state.value = 'saved';
      refusal.value = '';
      return;
    }
    if (problems.value.length > 0) {
      await saveRest(of);
      return;
    }
    await put(of, now);
  }

  /** Some of it cannot be taken: the rest is saved, and what is wrong is said. */
  async function saveRest(of: string): Promise<void> {
    const rest = savable(content.value, JSON.parse(saved) as T, options.problems);
    const part = rest && JSON.stringify(rest);
    if (part !== undefined && part !== saved) await put(of, part);
    if (owner !== of || problems.value.length === 0 || !['waiting', 'saved', 'saving'].includes(state.value))
      return;
    state.value = 'refused';
    refused.value = problems.value;
    refusal.value = problems.value.map(sentence).join(' ');
  }

  /** The server has it as this version; what was changed meanwhile is still to be saved. */
  function savedAs(sent: string, now: number): void {
    version.value = now;
    saved = taken.value = sent;
    state.value = text.value === sent ? 'saved' : 'waiting';
    refusal.value = '';
    keep();
    tabs.tell();
  }

  async function put(of: string, sent: string): Promise<void> {
    state.value = 'saving';
    try {
      const now = await send(of, sent, version.value);
      if (owner !== of) {
        savedMeanwhile(of, sent, now);
        return;
      }
      // Another tab may have been further on already, and told so.
      if (now > version.value) savedAs(sent, now);
    } catch (error) {
      // What was left of it is sent by itself.
      if (owner !== of) return;
      const theirs = newestOf(error);
      if (theirs && theirs.version === version.value && isSame(saved, theirs.body)) {
        // Another tab of this device had saved that, and told so meanwhile.
        void saveSoon();
      } else if (theirs) {
        const own = sentTexts.ownOf(of, theirs.body);
        if (own !== undefined) {
          // What was sent from here had arrived, and only its answer was lost: the rest follows it.
          savedAs(own, theirs.version);
          void saveSoon();
          return;
        }
        newest.value = { version: theirs.version, body: theirs.body as T, from: version.value, base: saved };
        state.value = 'conflict';
      } else if (isForLater(error)) {
        state.value = 'offline';
        refusal.value = sentenceOf(error);
        clearTimeout(retry);
        retry = setTimeout(() => void save(), RETRY_MS);
      } else {
        state.value = 'refused';
        refused.value = error instanceof ApiProblem ? (error.body.errors ?? []) : [];
        refusal.value = sentenceOf(error);
      }
    }
  }

  /** A save that ended after another job was opened: what is left of the first goes on from there. */
  function savedMeanwhile(of: string, sent: string, now: number): void {
    const it = left.get(of);
    if (!it) return;
    if (it.text === sent) left.delete(of);
    else left.set(of, { ...it, version: now });
  }

  /** Saves what is on screen; a change made meanwhile is saved after it. */
  async function save(): Promise<void> {
    await running;
    running = saveOnce();
    await running;
    running = undefined;
  }
  const saveSoon = useDebounceFn(save, DELAY_MS);

  /** What they may not change is put back as it was, and why is said. */
  function putBack(): boolean {
    const why = owner === undefined || text.value === settled ? undefined : options.held?.(owner);
    if (why === undefined) return false;
    draft.value = JSON.parse(settled) as T;
    ElMessage({ message: `${why} Nothing was changed.`, type: 'warning', grouping: true, showClose: true });
    return true;
  }

  watch(text, (now) => {
    if (putBack()) return;
    keep();
    if (now !== told) {
      told = now;
      tabs.tell();
    }
    if (now === settled) return;
    past.value = [...past.value.slice(-MOST_UNDO), settled];
    future.value = [];
    settled = now;
    if (state.value !== 'conflict') state.value = 'waiting';
    void saveSoon();
  });

  function step(from: Ref<string[]>, to: Ref<string[]>): void {
    const earlier = from.value[from.value.length - 1];
    if (earlier === undefined) return;
    from.value = from.value.slice(0, -1);
    to.value = [...to.value, settled];
    settled = earlier;
    draft.value = JSON.parse(earlier) as T;
    state.value = 'waiting';
    void saveSoon();
  }

  /** After somebody else saved first: the document goes on from theirs as this; what was on screen is one undo away. */
  async function settleAs(chosen: T): Promise<void> {
    if (!newest.value) return;
    const { version: v, body } = newest.value;
    const now = JSON.stringify(chosen);
    if (now !== settled) past.value = [...past.value, settled];
    version.value = v;
    saved = JSON.stringify(body);
    draft.value = copy(chosen);
    settled = now;
    newest.value = undefined;
    state.value = now === saved ? 'saved' : 'waiting';
    refusal.value = '';
    keep();
    if (state.value === 'waiting') await save();
  }

  return {
    draft,
    content,
    version,
    state,
    refusal,
    refused,
    newest,
    problems,
    load,
    refresh,
    save,
    settleAs,
    undo: () => step(past, future),
    redo: () => step(future, past),
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
  };
}
