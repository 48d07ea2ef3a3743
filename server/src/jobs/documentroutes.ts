/** GET and PUT of a stage's document: the same two routes for every stage. */
import { z } from 'zod';
import { withoutPrices, withPricesOf, type Right } from '@lentum/core/access';
import type { Problem } from '@lentum/core/problems';
import { checkWhereItFits } from '../compute/large.ts';
import { newestVersion, readDocument, readVersion, type DocumentKind } from '../db/documents.ts';
import type { Db } from '../db/pool.ts';
import { notFound } from '../http/errors.ts';
import { setVersion } from '../http/etag.ts';
import { route, type AnyRoute } from '../http/routes.ts';
import { sendOnce } from './answers.ts';
import { replaceDocument } from './replace.ts';

/** What somebody has to have to change one. */
const RIGHT_OF = {
  survey: 'change survey',
  'build-up': 'change build-up',
  order: 'change order',
  programme: 'change programme',
  site: 'change site',
  weather: 'change weather',
  proving: 'change handover',
} as const satisfies Record<Exclude<DocumentKind, 'job'>, Right>;

export function documentRoutes<S extends z.ZodType<object>>(spec: {
  kind: Exclude<DocumentKind, 'job'>;
  tag: string;
  name: string;
  schema: S;
  /** What is wrong with it by itself and beside another document of the job. */
  problems?: (asked: {
    readonly body: z.output<S>;
    readonly beside: object | undefined;
  }) => readonly Problem[];
  /** The other document. */
  beside?: DocumentKind;
  /** What is wrong with it by what the database has. */
  stored?: (db: Db, jobId: string, body: z.output<S>) => Promise<readonly Problem[]>;
  /** What else is kept with a new version, in the same transaction. */
  kept?: (db: Db, jobId: string, body: z.output<S>, now: Date) => Promise<void>;
}): AnyRoute[] {
  const { kind, tag, name, schema, beside, problems = () => [] } = spec;
  const problemsOf = checkWhereItFits(`problems of ${kind}`, problems);
  return [
    route({
      method: 'get',
      path: `/jobs/{jobId}/${kind}`,
      access: 'read job',
      tag,
      summary: `${name} of a job, with its version as ETag`,
      answer: schema,
      run: async ({ params, context, who, req, res }) => {
        const jobId = params['jobId'] ?? '';
        const newest = await newestVersion(context.pool, jobId, kind);
        if (!newest) throw notFound('Job', jobId);
        const { version, mark } = newest;
        setVersion(res, version);
        const seesPrices = who.may('read prices', jobId);
        const prices = seesPrices ? 'with' : 'without';
        await sendOnce(
          req,
          res,
          [context.pool.tenant, jobId, kind, version, mark, prices].join(' '),
          async () => {
            const stored = await readVersion(context.pool, jobId, kind, version);
            // A document of an earlier day lacks what came later: its defaults are filled in.
            const read = schema.safeParse(stored);
            const body: unknown = read.success ? read.data : stored;
            return seesPrices ? body : withoutPrices(body);
          },
        );
      },
    }),
    route({
      method: 'put',
      path: `/jobs/{jobId}/${kind}`,
      access: RIGHT_OF[kind],
      tag,
      summary: `Replace ${name.toLowerCase()}; If-Match names the version it was made from`,
      body: schema,
      bodyName: name,
      versioned: true,
      answer: z.object({ version: z.number() }),
      statuses: { 412: 'Somebody else saved first; the newest version is in the answer' },
      run: async ({ params, body, context, who, req, res }) => {
        const jobId = params['jobId'] ?? '';
        const seesPrices = who.may('read prices', jobId);
        const version = await replaceDocument(context, req, res, jobId, kind, body, {
          // Whoever sees no prices leaves them as they are.
          stored: seesPrices ? undefined : withPricesOf,
          problems: async (db) => {
            const other = beside && (await readDocument<object>(db, jobId, beside));
            return [
              ...(await problemsOf(req, res, { body, beside: other?.body })),
              ...((await spec.stored?.(db, jobId, body)) ?? []),
            ];
          },
          kept: (db) => spec.kept?.(db, jobId, body, context.now()),
        });
        return { version };
      },
    }),
  ];
}
