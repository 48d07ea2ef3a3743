/** What the server makes by a task: begun, looked after, taken back, begun again. */
import { computed, onScopeDispose, shallowRef } from 'vue';
import { api, get, isForLater, sentenceOf } from '../../app/api.ts';

export interface TaskTold {
  readonly id: string;
  readonly state: 'waiting' | 'working' | 'done' | 'failed' | 'cancelled';
  /** 0 to 1. */
  readonly share: number;
  readonly doing: string;
  readonly says?: string;
  readonly file?: { readonly name: string; readonly bytes: number };
  readonly answer?: unknown;
}

/** So often it is asked how far it is. */
const ASK_MS = 400;
const OVER: readonly TaskTold['state'][] = ['done', 'failed', 'cancelled'];
const pause = (): Promise<void> => new Promise((done) => setTimeout(done, ASK_MS));

/** @param done called with a task that is done, while whoever asked for it is still here */
export function useTask(done: (told: TaskTold) => void) {
  const told = shallowRef<TaskTold>();
  const trouble = shallowRef('');
  const busy = shallowRef(false);
  let gone = false;
  onScopeDispose(() => (gone = true));

  /** A line that is away for a moment loses nothing: the task goes on. */
  async function look(id: string): Promise<TaskTold | undefined> {
    try {
      return (await get<TaskTold>(`/tasks/${id}`)).body;
    } catch (error) {
      if (!isForLater(error)) throw error;
      return undefined;
    }
  }
  async function follow(id: string): Promise<void> {
    for (; !gone; await pause()) {
      const now = await look(id);
      if (now) told.value = now;
      if (now && OVER.includes(now.state)) break;
    }
    if (gone || told.value === undefined) return;
    if (told.value.state === 'done') done(told.value);
    else if (told.value.state === 'failed') trouble.value = told.value.says ?? 'It failed.';
  }
  async function doing(begin: () => Promise<string>): Promise<void> {
    if (busy.value) return;
    busy.value = true;
    trouble.value = '';
    told.value = undefined;
    try {
      await follow(await begin());
    } catch (error) {
      trouble.value = sentenceOf(error);
    }
    busy.value = false;
  }

  return {
    busy,
    trouble,
    told: computed(() => told.value),
    /** @param begin asks for it. @returns its id */
    begin: doing,
    again: (): Promise<void> => {
      const id = told.value?.id ?? '';
      return doing(async () => {
        await api.POST('/tasks/{taskId}/again', { params: { path: { taskId: id } } });
        return id;
      });
    },
    cancel: async (): Promise<void> => {
      const id = told.value?.id;
      if (id === undefined) return;
      await api.POST('/tasks/{taskId}/cancel', { params: { path: { taskId: id } } }).catch(() => undefined);
    },
  };
}

/** Where the file of a task is fetched. */
const taskFile = (id: string): string => `/api/v1/tasks/${id}/file`;

/** Has the browser fetch it, by the name that the server gives it. */
export function fetchTaskFile({ id, file }: TaskTold): void {
  const link = document.createElement('a');
  link.href = taskFile(id);
  link.download = file?.name ?? '';
  link.click();
}
