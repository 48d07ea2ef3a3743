/** The state of a job that the server does not hold: from a job file, at any instant. */
import { jobState } from '@lentum/core/state';
import { toldState } from '@lentum/core/words';
import { notationOf } from '@lentum/core/units';
import { wordingOf } from '@lentum/core/wording';
import { route } from '../http/routes.ts';
import { toldStateSchema } from '../site/today.ts';
import { fileAsked, readFileAsked } from './filejob.ts';
import { atThread } from './runs.ts';
import { answerFromThread } from './threads.ts';

atThread('state', (bytes: Uint8Array) => {
  const { content, inputs } = readFileAsked(fileAsked, bytes);
  const state = jobState(inputs);
  const { timeZone } = content.job;
  return toldState(state, { timeZone, written: notationOf(content.job), wording: wordingOf(content.job) });
});

export const stateRoute = route({
  method: 'post',
  path: '/compute/state',
  access: 'compute',
  tag: 'Compute',
  summary:
    'Every bay of a job file at an instant: its gates, what can be done, and the sentences that say so',
  // Read in the thread too, where the core checks the file: it tells a foreign file from a broken one.
  raw: { types: ['application/json'], limit: '64mb' },
  answer: toldStateSchema,
  run: ({ req, res }) => {
    const bytes: unknown = req.body;
    return answerFromThread(res, 'state', Buffer.isBuffer(bytes) ? bytes : Buffer.alloc(0));
  },
});
