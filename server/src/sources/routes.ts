/** Sources of weather over the API: which hosts may be asked, what is asked of them, and how it went for a job. */
import { z } from 'zod';
import type { JobHead } from '@lentum/core/job';
import {
  hostOf,
  hostProblem,
  isStandIn,
  SOURCE_KINDS,
  sourceAskedSchema,
  weatherSourceSchema,
} from '@lentum/core/sources';
import { MS_PER_MINUTE } from '@lentum/core/units';
import { placeSchema, weatherDocSchema, type WeatherDoc } from '@lentum/core/weather';
import { logAccess } from '../access/log.ts';
import type { Who } from '../access/who.ts';
import { readDocument } from '../db/documents.ts';
import { HttpProblem, notFound, unprocessable } from '../http/errors.ts';
import { expectedVersion, setVersion } from '../http/etag.ts';
import { route, type Context } from '../http/routes.ts';
import { requestOf, type JobPlace } from './asking.ts';
import { SOURCES_SQL } from './sql.ts';
import {
  allowedHosts,
  readAsked,
  readHosts,
  readSource,
  readSources,
  sourceToChange,
  writeSource,
  type KeptSource,
} from './store.ts';

const hostSchema = z.string().superRefine((host, context) => {
  const odd = hostProblem(host);
  if (odd !== undefined) context.addIssue({ code: 'custom', message: odd, input: host });
});
const secretSchema = z
  .string()
  .min(1)
  .max(500)
  .regex(/^[\x21-\x7e]+$/, 'letters, digits and signs without spaces');

const sourceIdSchema = z.string().regex(/^[A-Za-z0-9_-]{1,36}$/, 'at most 36 letters, digits, - and _');
const sourceAnswer = z.object({
  id: z.string(),
  version: z.number(),
  source: weatherSourceSchema,
  /** Whether a key is kept for it; what it is is told to nobody. */
  hasKey: z.boolean(),
  simulated: z.boolean(),
});
const told = ({ id, version, body, secret }: KeptSource): z.input<typeof sourceAnswer> => ({
  ...{ id, version, source: body, hasKey: secret !== null, simulated: isStandIn(body.address) },
});

const sourceWrite = z.strictObject({
  source: weatherSourceSchema,
  /** A new key; null forgets the one that is kept; absent leaves it. */
  key: secretSchema.nullable().optional(),
});

const tryRequest = z.strictObject({
  source: sourceAskedSchema,
  place: placeSchema,
  key: secretSchema.optional(),
  /** A source whose kept key is used where none is sent, if it is still at the same host. */
  sourceId: sourceIdSchema.optional(),
});

const hostsAnswer = z.object({ hosts: z.array(z.object({ host: z.string(), allowedAt: z.string() })) });

async function hostList(context: Context): Promise<z.output<typeof hostsAnswer>> {
  const hosts = await readHosts(context.pool);
  return { hosts: hosts.map((h) => ({ host: h.host, allowedAt: h.allowedAt.toISOString() })) };
}

async function logHost(
  context: Context,
  who: Who,
  what: 'host allowed' | 'host no longer allowed',
  host: string,
) {
  await logAccess(context.pool, { what, at: context.now(), accountId: who.account?.id, detail: { host } });
}

/** A source may only ask a host that is allowed. */
async function needAllowed(context: Context, address: string): Promise<void> {
  if (isStandIn(address)) return;
  const host = hostOf(address) ?? '';
  if ((await allowedHosts(context.pool)).has(host)) return;
  throw unprocessable([
    {
      kind: 'unfinished',
      field: 'source/address',
      label: 'The source, address',
      actual: `${host} is not among the hosts that may be asked`,
      expected: 'one that the owner allowed',
    },
  ]);
}

/** Where a job lies and by which clock it goes. */
export async function jobPlace(
  context: Context,
  jobId: string,
): Promise<{ doc: WeatherDoc; job: JobPlace | undefined }> {
  const [weather, head] = await Promise.all([
    readDocument<WeatherDoc>(context.pool, jobId, 'weather'),
    readDocument<JobHead>(context.pool, jobId, 'job'),
  ]);
  if (!weather || !head) throw notFound('Job', jobId);
  const doc = weatherDocSchema.parse(weather.body);
  return {
    doc,
    job: doc.place && { id: jobId, timeZone: head.body.timeZone, place: doc.place },
  };
}

const hostRequest = z.strictObject({ host: hostSchema });

export const sourceRoutes = [
  route({
    method: 'get',
    path: '/firm/weather-hosts',
    access: 'read practice',
    tag: 'Weather sources',
    summary: 'Hosts that may be asked for weather and readings',
    answer: hostsAnswer,
    run: ({ context }) => hostList(context),
  }),
  route({
    method: 'post',
    path: '/firm/weather-hosts/allow',
    access: 'allow hosts',
    tag: 'Weather sources',
    summary:
      'Allow a host to be asked, over HTTPS; one that lies at an address inside is never asked all the same',
    body: hostRequest,
    bodyName: 'The host',
    answer: hostsAnswer,
    run: async ({ body, context, who }) => {
      const added = await context.pool.query(SOURCES_SQL.allow, [
        body.host,
        who.account?.id ?? null,
        context.now(),
      ]);
      if (added.rowCount === 1) await logHost(context, who, 'host allowed', body.host);
      return hostList(context);
    },
  }),
  route({
    method: 'post',
    path: '/firm/weather-hosts/disallow',
    access: 'allow hosts',
    tag: 'Weather sources',
    summary: 'A host is no longer asked; what it told stays',
    body: hostRequest,
    bodyName: 'The host',
    answer: hostsAnswer,
    run: async ({ body, context, who }) => {
      const gone = await context.pool.query(SOURCES_SQL.disallow, [body.host]);
      if (gone.rowCount === 0) throw notFound('Host', body.host);
      await logHost(context, who, 'host no longer allowed', body.host);
      return hostList(context);
    },
  }),
  route({
    method: 'get',
    path: '/firm/weather-sources',
    access: 'read practice',
    tag: 'Weather sources',
    summary: 'The firm’s sources of weather and readings, without their keys',
    answer: z.object({ sources: z.array(sourceAnswer) }),
    run: async ({ context }) => ({ sources: (await readSources(context.pool)).map(told) }),
  }),
  route({
    method: 'put',
    path: '/firm/weather-sources/{sourceId}',
    access: 'change sources',
    tag: 'Weather sources',
    summary: 'Add a source under an id made by the client (If-Match "0"), or change it',
    body: sourceWrite,
    bodyName: 'The source',
    versioned: true,
    answer: sourceAnswer,
    statuses: { 409: 'Another source has this name', 412: 'Somebody else changed it' },
    run: async ({ params, body, context, req, res }) => {
      const id = sourceIdSchema.safeParse(params['sourceId']);
      if (!id.success) throw notFound('Source', params['sourceId'] ?? '');
      await needAllowed(context, body.source.address);
      const before = async (): Promise<number> => (await readSource(context.pool, id.data))?.version ?? 0;
      const from = await expectedVersion(req, before);
      const version = await writeSource(context.pool, {
        ...{ id: id.data, from, body: body.source, secret: body.key },
      });
      setVersion(res, version);
      const now = await sourceToChange(context.pool, id.data);
      return told({ id: id.data, version, body: now.body, secret: now.secret });
    },
  }),
  route({
    method: 'post',
    path: '/firm/weather-sources/{sourceId}/put-away',
    access: 'change sources',
    tag: 'Weather sources',
    summary:
      'A source is no longer asked and no longer offered; its key is forgotten, and what it told stays',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: z.object({ id: z.string() }),
    run: async ({ params, context }) => {
      const id = params['sourceId'] ?? '';
      const { version, body } = await sourceToChange(context.pool, id);
      await writeSource(context.pool, { id, from: version, body, putAway: true });
      return { id };
    },
  }),
  route({
    method: 'post',
    path: '/firm/weather-sources/try',
    access: 'change sources',
    tag: 'Weather sources',
    summary: 'Ask a source once as it stands, and give its answer back; nothing is kept',
    body: tryRequest,
    bodyName: 'The source',
    answer: z.object({
      /** As it was asked; the key is not in it. */
      address: z.string(),
      text: z.string(),
      bytes: z.number(),
      goodForMinutes: z.number(),
    }),
    statuses: { 502: 'It did not answer, or not with 200' },
    run: async ({ body, context }) => {
      const { source, place, key, sourceId } = body;
      await needAllowed(context, source.address);
      const kept =
        key === undefined && sourceId !== undefined ? await readSource(context.pool, sourceId) : undefined;
      // A kept key goes to its own host only.
      const same = kept && hostOf(kept.body.address) === hostOf(source.address);
      const job = { id: '', timeZone: 'UTC', place };
      const secret = key ?? (same ? kept.secret : null);
      const now = context.now();
      const answer = await context.asker.fetcher.ask({
        ...requestOf(source, job, now, secret),
        allowed: await allowedHosts(context.pool),
      });
      if (!answer.ok) throw new HttpProblem(502, answer.problem);
      return {
        address: requestOf(source, job, now, secret === null ? null : '…').address,
        text: answer.text ?? '',
        bytes: answer.bytes,
        goodForMinutes: Math.round(answer.goodForMs / MS_PER_MINUTE),
      };
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/weather/sources',
    access: 'read job',
    tag: 'Weather',
    summary: 'Sources that this job may ask, which it asks, and how that went last',
    answer: z.object({
      sources: z.array(
        z.object({
          id: z.string(),
          name: z.string(),
          kind: z.enum(SOURCE_KINDS),
          simulated: z.boolean(),
          chosen: z.boolean(),
          askedAt: z.string().optional(),
          /** It is not asked again before. */
          nextAt: z.string().optional(),
          /** When it last gave an answer that could be read. */
          goodAt: z.string().optional(),
          /** Why the last time it did not. */
          problem: z.string().optional(),
        }),
      ),
    }),
    run: async ({ params, context }) => {
      const jobId = params['jobId'] ?? '';
      const { doc } = await jobPlace(context, jobId);
      const asked = new Map((await readAsked(context.pool, jobId)).map((a) => [a.sourceId, a]));
      const sources = (await readSources(context.pool)).filter((s) => s.body.kind !== 'meter');
      return {
        sources: sources.map((s) => {
          const then = asked.get(s.id);
          const last = then?.version === s.version ? then : undefined;
          return {
            ...{ id: s.id, name: s.body.name, kind: s.body.kind, simulated: isStandIn(s.body.address) },
            chosen: doc.service === 'sources' && doc.sourceIds.includes(s.id),
            ...(last && { askedAt: last.askedAt.toISOString(), nextAt: last.nextAt.toISOString() }),
            ...(last?.goodAt && { goodAt: last.goodAt.toISOString() }),
            ...(typeof last?.problem === 'string' && { problem: last.problem }),
          };
        }),
      };
    },
  }),
];
