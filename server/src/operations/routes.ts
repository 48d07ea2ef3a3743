/** How the server does, for whoever looks after it. */
import { z } from 'zod';
import { route } from '../http/routes.ts';
import { LOST_MS } from './presence.ts';
import { OPERATIONS_SQL } from './sql.ts';

const instant = z.string();

export const operationsRoutes = [
  route({
    method: 'get',
    path: '/server',
    access: 'look after server',
    tag: 'Server',
    summary: 'The servers that are at work, what waits for them or failed, and how much is kept',
    answer: z.object({
      /** Null where they serve several firms. */
      servers: z
        .array(
          z.object({
            ...{ host: z.string(), pid: z.number(), does: z.enum(['all', 'pages', 'tasks']) },
            ...{ begunAt: instant, seenAt: instant, streams: z.number() },
            /** How many tasks it works on. */
            tasks: z.number(),
            /** It was told to end, and takes no more work. */
            ends: z.boolean(),
            /** It has said nothing for a while: it was killed, or its line is cut. */
            lost: z.boolean(),
          }),
        )
        .nullable(),
      tasks: z.array(
        z.object({
          ...{ id: z.string(), kind: z.string(), job: z.string().nullable(), askedAt: instant },
          state: z.enum(['waiting', 'working', 'failed']),
          /** 0 to 1. */
          share: z.number(),
          doing: z.string(),
          /** Why it failed. */
          says: z.string().nullable(),
        }),
      ),
      /** Of all that is kept; null where the database holds several firms. */
      databaseBytes: z.number().nullable(),
      jobs: z.number(),
      entries: z.number(),
      /** When a record was last signed. */
      signedAt: instant.nullable(),
    }),
    run: async ({ context: { pool } }) => {
      // The servers of several firms, and their database, are the business of whoever looks after all of them.
      const alone = pool.tenant === undefined;
      const [servers, size, tasks, kept] = await Promise.all([
        alone ? pool.query(OPERATIONS_SQL.servers, [LOST_MS]) : undefined,
        alone ? pool.query<{ databaseBytes: number }>(OPERATIONS_SQL.size) : undefined,
        pool.query<{ finishedAt: Date | null; begun: boolean }>(OPERATIONS_SQL.tasks),
        pool.query<{ jobs: number; entries: number; signedAt: Date | null }>(OPERATIONS_SQL.kept),
      ]);
      return {
        servers: servers?.rows ?? null,
        tasks: tasks.rows.map(({ finishedAt, begun, ...task }) => ({
          ...(task as unknown as { id: string }),
          state: finishedAt ? 'failed' : begun ? 'working' : 'waiting',
        })) as never[],
        databaseBytes: size?.rows[0]?.databaseBytes ?? null,
        ...kept.rows[0],
      } as never;
    },
  }),
];
