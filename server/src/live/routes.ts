import { stillMay } from '../access/still.ts';
import { readDocument } from '../db/documents.ts';
import { HttpProblem, notFound } from '../http/errors.ts';
import { route } from '../http/routes.ts';

/** Streams that one address may have open; a browser has one a job, whatever its tabs. */
export const MOST_STREAMS = 40;
/** So that nothing on the way takes a quiet line for a dead one. */
const BEAT_MS = 20_000;

const open = new Map<string, number>();

export const liveRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/live',
    access: 'read job',
    tag: 'Jobs',
    summary: 'What others change, as it happens (server-sent events: part and version)',
    answerType: 'text/event-stream',
    statuses: { 429: 'Too many streams', 503: 'No stream just now' },
    run: async ({ params, context, who, req, res }) => {
      const jobId = params['jobId'] ?? '';
      const { live, pool } = context;
      if (!live) throw new HttpProblem(503, 'This server tells no changes; ask again now and then');
      const from = req.ip ?? '';
      const there = open.get(from) ?? 0;
      if (there >= MOST_STREAMS)
        throw new HttpProblem(429, `More than ${MOST_STREAMS} streams are open from this address`);
      open.set(from, there + 1);
      let done = false;
      const ends: (() => void)[] = [];
      const close = (): void => {
        if (done) return;
        done = true;
        const left = (open.get(from) ?? 1) - 1;
        if (left > 0) open.set(from, left);
        else open.delete(from);
        for (const end of ends) end();
      };
      res.once('close', close);
      try {
        if (!(await readDocument(pool, jobId, 'job'))) throw notFound('Job', jobId);
      } catch (error) {
        close();
        throw error;
      }
      if (done) return;
      // Not packed: each line goes out at once.
      res.writeHead(200, {
        'Content-Type': 'text/event-stream',
        'Cache-Control': 'no-store, no-transform',
        'X-Accel-Buffering': 'no',
      });
      res.write('retry: 3000\n\n');
      ends.push(
        live.hear(
          jobId,
          (change) => res.write(change ? `data: ${JSON.stringify(change)}\n\n` : 'event: look\ndata: {}\n\n'),
          pool.tenant,
        ),
      );
      const end = (): void => void res.end();
      const beat = setInterval(() => {
        res.write(': still here\n\n');
        void stillMay(context, who, 'read job', jobId).then((may) => may || end());
      }, BEAT_MS);
      live.closing.add(end);
      ends.push(
        () => clearInterval(beat),
        () => live.closing.delete(end),
      );
    },
  }),
];
