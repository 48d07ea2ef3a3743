/** A task as a page follows it, answered by a server that stands in. */
import { afterEach, describe, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import { useTask, type TaskTold } from '../src/shared/tasks/task.ts';

const told = (state: TaskTold['state'], share: number, more: Partial<TaskTold> = {}): TaskTold => ({
  ...{ id: 't', state, share, doing: '' },
  ...more,
});
const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

/** @param answers of GET /tasks/t, one after the other, the last one for ever; nothing: no line */
function standing(...answers: (TaskTold | undefined)[]) {
  const posted: string[] = [];
  vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
    if (init?.method === 'POST') {
      posted.push(path);
      return Promise.resolve(json({}));
    }
    const next = answers.length > 1 ? answers.shift() : answers[0];
    return next ? Promise.resolve(json(next)) : Promise.reject(new TypeError('no line'));
  });
  return posted;
}
function followed() {
  const done: TaskTold[] = [];
  const scope = effectScope();
  const task = scope.run(() => useTask((t) => done.push(t)));
  if (!task) throw new Error('no scope');
  return { task, done, scope };
}
afterEach(() => vi.unstubAllGlobals());

describe('a task that is followed', () => {
  it('is told until it is done, over a line that breaks off, and done once', async () => {
    standing(told('waiting', 0), undefined, told('working', 0.5), told('done', 1));
    const { task, done } = followed();
    await task.begin(() => Promise.resolve('t'));
    expect(done).toEqual([told('done', 1)]);
    expect([task.busy.value, task.trouble.value]).toEqual([false, '']);
  });
  it('that fails says why, and is begun again', async () => {
    const posted = standing(told('failed', 0.2, { says: 'Zone: attic is unknown.' }), told('done', 1));
    const { task, done } = followed();
    await task.begin(() => Promise.resolve('t'));
    expect([task.trouble.value, done.length]).toEqual(['Zone: attic is unknown.', 0]);
    await task.again();
    expect(posted).toEqual(['/api/v1/tasks/t/again']);
    expect([task.trouble.value, done.length]).toEqual(['', 1]);
  });
  it('that is taken back hands nothing out', async () => {
    const posted = standing(told('working', 0.1), told('cancelled', 0.1));
    const { task, done } = followed();
    const over = task.begin(() => Promise.resolve('t'));
    await vi.waitFor(() => expect(task.told.value?.state).toBe('working'));
    await task.cancel();
    await over;
    expect(posted).toEqual(['/api/v1/tasks/t/cancel']);
    expect([task.told.value?.state, task.trouble.value, done.length]).toEqual(['cancelled', '', 0]);
  });
  it('is left alone once the page has gone, and not asked for twice at a time', async () => {
    standing(told('working', 0.1));
    const { task, done, scope } = followed();
    const begin = vi.fn(() => Promise.resolve('t'));
    const over = task.begin(begin);
    await task.begin(begin);
    expect(begin).toHaveBeenCalledTimes(1);
    scope.stop();
    await over;
    expect(done).toEqual([]);
  });
});
