/**
 * A document of the open job being worked on: the draft on screen, saved by itself a moment after each change,
 * with undo and redo, and with the two ways out when somebody else saved first.
 */
import { useDebounceFn } from '@vueuse/core';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import { sentence, type Problem } from '@lentum/core/problems';
import { ApiProblem, call, get, Offline, sentenceOf } from './api.ts';
import { copy } from './copy.ts';

export type SaveState = 'saved' | 'waiting' | 'saving' | 'refused' | 'conflict' | 'offline';

const DELAY_MS = 400;
const RETRY_MS = 4000;
const MOST_UNDO = 100;

export interface DocumentOptions<T> {
  readonly path: (jobId: string) => string;
  readonly empty: T;
  /** What keeps a draft from being saved; shown at once, the last good version stays on the server. */
  readonly problems: (draft: T) => readonly Problem[];
}

export function useDocument<T extends object>(jobId: Ref<string>, options: DocumentOptions<T>) {
  const draft = ref(copy(options.empty)) as Ref<T>;
  const version = ref(0);
  const state = ref<SaveState>('saved');
  const refusal = ref('');
  const newest = shallowRef<{ version: number; body: T }>();
  const past = ref<string[]>([]);
  const future = ref<string[]>([]);
  let settled = JSON.stringify(options.empty);
  let saved = settled;
  let running: Promise<void> | undefined;
  let retry: ReturnType<typeof setTimeout> | undefined;

  const text = computed(() => JSON.stringify(draft.value));
  /** The draft as plain data to reckon with: reading it costs nothing, unlike the draft, of which each part is watched. */
  const content = computed(() => JSON.parse(text.value) as T);
  const problems = computed(() => options.problems(content.value));

  async function load(): Promise<void> {
    const answer = await get<T>(options.path(jobId.value));
    draft.value = answer.body;
    settled = saved = JSON.stringify(answer.body);
    version.value = answer.version ?? 0;
    state.value = 'saved';
    refusal.value = '';
    newest.value = undefined;
    past.value = [];
    future.value = [];
  }

  async function saveOnce(): Promise<void> {
    const sent = text.value;
    if (state.value === 'conflict') return;
    if (sent === saved) {
      state.value = 'saved';
      refusal.value = '';
      return;
    }
    if (problems.value.length > 0) {
      state.value = 'refused';
      refusal.value = problems.value.map(sentence).join(' ');
      return;
    }
    state.value = 'saving';
    try {
      const answer = await call<{ version: number }>('PUT', options.path(jobId.value), {
        body: sent,
        ifMatch: version.value,
      });
      version.value = answer.version ?? answer.body.version;
      saved = sent;
      // What was changed meanwhile is still to be saved.
      state.value = text.value === sent ? 'saved' : 'waiting';
      refusal.value = '';
    } catch (error) {
      if (error instanceof ApiProblem && error.status === 412) {
        newest.value = error.body.newest as { version: number; body: T };
        state.value = 'conflict';
      } else if (error instanceof Offline) {
        state.value = 'offline';
        refusal.value = error.message;
        clearTimeout(retry);
        retry = setTimeout(() => void save(), RETRY_MS);
      } else {
        state.value = 'refused';
        refusal.value = sentenceOf(error);
      }
    }
  }

  /** Saves what is on screen; a change made meanwhile is saved after it. */
  async function save(): Promise<void> {
    await running;
    running = saveOnce();
    await running;
    running = undefined;
  }
  const saveSoon = useDebounceFn(save, DELAY_MS);

  watch(text, (now) => {
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

  /** After somebody else saved first: theirs replaces the draft, which stays one undo away. */
  function takeTheirs(): void {
    if (!newest.value) return;
    const { version: v, body } = newest.value;
    past.value = [...past.value, settled];
    version.value = v;
    draft.value = copy(body);
    settled = saved = JSON.stringify(body);
    state.value = 'saved';
    newest.value = undefined;
  }

  /** Or ours is saved as the version after theirs; theirs stays in the history. */
  async function keepOurs(): Promise<void> {
    if (!newest.value) return;
    version.value = newest.value.version;
    newest.value = undefined;
    state.value = 'waiting';
    await save();
  }

  return {
    draft,
    content,
    version,
    state,
    refusal,
    newest,
    problems,
    load,
    save,
    takeTheirs,
    keepOurs,
    undo: () => step(past, future),
    redo: () => step(future, past),
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
  };
}

/** What the frame needs of any document, as the store hands it out. */
export interface OpenDocument {
  readonly state: SaveState;
  readonly refusal: string;
  readonly version: number;
  readonly newest: { readonly version: number } | undefined;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly takeTheirs: () => void;
  readonly keepOurs: () => Promise<void>;
}
