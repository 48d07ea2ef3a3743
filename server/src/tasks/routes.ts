/** Tasks over the API: how far one is, its file, taken back, tried again. */
import { pipeline } from 'node:stream/promises';
import { z } from 'zod';
import { sentence } from '@lentum/core/problems';
import { HttpProblem, notFound } from '../http/errors.ts';
import { route, type Context, type RouteInput } from '../http/routes.ts';
import { fileOf, readTask, sizeOf, type Task } from './store.ts';
import type { FirmTasks } from './firmtasks.ts';

export const taskPut = z.object({ task: z.string() });

const taskAnswer = z.object({
  id: z.string(),
  state: z.enum(['waiting', 'working', 'done', 'failed', 'cancelled']),
  /** 0 to 1. */
  share: z.number(),
  doing: z.string(),
  /** Why it failed. */
  says: z.string().optional(),
  file: z.object({ name: z.string(), mediaType: z.string(), bytes: z.number() }).optional(),
  answer: z.unknown(),
});

/** @throws 503 where this server does no tasks */
export function tasksOf({ tasks }: Context): FirmTasks {
  if (!tasks) throw new HttpProblem(503, 'This server does no tasks');
  return tasks;
}

type Asking = Pick<RouteInput<unknown, unknown>, 'params' | 'context' | 'who'>;

/** @throws 404 where there is none, or none that concerns whoever asks */
async function found({ params, context, who }: Asking): Promise<Task> {
  const id = params['taskId'] ?? '';
  const task = await readTask(context.pool, id);
  const concerns = task && (task.jobId === null ? who.may('change job') : who.may('read job', task.jobId));
  if (!task || concerns !== true) throw notFound('Task', id);
  return task;
}

async function told(context: Context, task: Task): Promise<z.input<typeof taskAnswer>> {
  const { id, share, doing, problem, fileName, mediaType } = task;
  const state = await tasksOf(context).stateOf(task);
  const says = problem
    ? [...problem.problems.map(sentence), ...(problem.problems.length > 0 ? [] : [problem.title])].join(' ')
    : 'The server ended while it was made. Ask for it again.';
  return {
    ...{ id, state, share, doing, answer: task.answer },
    ...(state === 'failed' ? { says } : {}),
    ...(state === 'done' && fileName !== null && mediaType !== null
      ? { file: { name: fileName, mediaType, bytes: await sizeOf(context.pool, id) } }
      : {}),
  };
}

export const taskRoutes = [
  route({
    method: 'get',
    path: '/tasks/{taskId}',
    access: 'signed in',
    tag: 'Tasks',
    summary: 'How far a task is: its share of the whole, what is done now, and its file once it is there',
    answer: taskAnswer,
    run: async (asking) => told(asking.context, await found(asking)),
  }),
  route({
    method: 'get',
    path: '/tasks/{taskId}/file',
    access: 'signed in',
    tag: 'Tasks',
    summary: 'The file that a task made; it is kept for a day',
    answerType: 'application/octet-stream',
    statuses: { 409: 'It is not made yet' },
    run: async (asking) => {
      const { context, res } = asking;
      const task = await found(asking);
      if (!task.finishedAt || task.fileName === null || task.mediaType === null)
        throw new HttpProblem(409, 'There is no file of this task');
      res.attachment(task.fileName).type(task.mediaType);
      res.setHeader('Content-Length', await sizeOf(context.pool, task.id));
      await pipeline(fileOf(context.pool, task.id, 'made'), res);
    },
  }),
  route({
    method: 'post',
    path: '/tasks/{taskId}/cancel',
    access: 'signed in',
    tag: 'Tasks',
    summary: 'Takes a task back; one that is done stays done',
    answer: taskAnswer,
    run: async (asking) => {
      const { context } = asking;
      const task = await found(asking);
      await tasksOf(context).cancel(task);
      return told(context, await found(asking));
    },
  }),
  route({
    method: 'post',
    path: '/tasks/{taskId}/again',
    access: 'signed in',
    tag: 'Tasks',
    summary: 'Begins a task again that failed or was taken back',
    answer: taskAnswer,
    statuses: { 409: 'It is on its way, or done' },
    run: async (asking) => {
      const { context } = asking;
      const task = await found(asking);
      const state = await tasksOf(context).stateOf(task);
      if (state !== 'failed' && state !== 'cancelled')
        throw new HttpProblem(409, state === 'done' ? 'It is done' : 'It is on its way');
      await tasksOf(context).again(task);
      return told(context, await found(asking));
    },
  }),
];
