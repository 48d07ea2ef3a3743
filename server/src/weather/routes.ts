import { z } from 'zod';
import { idSchema } from '@lentum/core/job';
import type { Survey } from '@lentum/core/survey';
import { fullHour, weatherDocSchema, weatherSeriesSchema, type WeatherDoc } from '@lentum/core/weather';
import { MS_PER_DAY } from '@lentum/core/units';
import { stillMay } from '../access/still.ts';
import { isStandIn } from '@lentum/core/sources';
import { readDocument } from '../db/documents.ts';
import { HttpProblem, notFound } from '../http/errors.ts';
import { route, type Context } from '../http/routes.ts';
import { documentRoutes } from '../jobs/documentroutes.ts';
import type { JobPlace } from '../sources/asking.ts';
import { jobPlace } from '../sources/routes.ts';
import { readAsked, readSources } from '../sources/store.ts';
import { readInstruments, type SiteReading } from './instruments.ts';
import { WEATHER_SQL } from './sql.ts';
import { fetchWeather, FETCHED, insertSeries, readSeries } from './store.ts';

async function requireJob(context: Context, jobId: string): Promise<WeatherDoc> {
  const doc = await readDocument<WeatherDoc>(context.pool, jobId, 'weather');
  if (!doc) throw notFound('Job', jobId);
  return weatherDocSchema.parse(doc.body);
}

const readingAnswer = z.object({
  instrument: z.string(),
  simulated: z.boolean(),
  at: z.string(),
  airC: z.number().optional(),
  humidityPct: z.number().optional(),
  windMPerS: z.number().optional(),
  surfaceC: z.number().optional(),
  /** Why it could not be read again since. */
  problem: z.string().optional(),
});

async function readNow(context: Context, jobId: string, zoneId: string | undefined): Promise<SiteReading> {
  const { doc, job } = await jobPlace(context, jobId);
  const survey = await readDocument<Survey>(context.pool, jobId, 'survey');
  const zone = survey?.body.zones.find((z) => z.id === zoneId);
  if (zoneId !== undefined && !zone) throw notFound('Zone', zoneId);
  if (doc.service === 'sources' && job) return readStation(context, job, doc);
  const reading = readInstruments(doc, context.now(), zone && { id: zone.id, substrate: zone.substrate });
  if (!reading) throw new HttpProblem(409, 'This job has no instruments: nobody tells its weather');
  return reading;
}

/** What a station of the job's sources reads; the newest where there are several. */
async function readStation(context: Context, job: JobPlace, doc: WeatherDoc): Promise<SiteReading> {
  const { pool, asker } = context;
  await asker.all(pool, job, doc.sourceIds, ['station'], context.now());
  const stations = (await readSources(pool)).filter(
    (s) => s.body.kind === 'station' && doc.sourceIds.includes(s.id),
  );
  const asked = (await readAsked(pool, job.id)).flatMap((a) => {
    const source = stations.find((s) => s.id === a.sourceId && s.version === a.version);
    return source ? [{ source: source.body, reading: a.reading, problem: a.problem }] : [];
  });
  const [newest] = asked
    .flatMap(({ source, reading, problem }) => (reading ? [{ source, reading, problem }] : []))
    .sort((a, b) => Date.parse(b.reading.at) - Date.parse(a.reading.at));
  if (!newest) {
    const why = asked.find((a) => a.problem !== null)?.problem;
    throw new HttpProblem(409, why ?? 'This job has no instruments: none of its sources is a station');
  }
  const { airC, humidityPct, windMPerS, surfaceC } = newest.reading.values;
  return {
    ...{ instrument: newest.source.name, simulated: isStandIn(newest.source.address), at: newest.reading.at },
    ...{ airC, humidityPct, windMPerS, surfaceC },
    ...(newest.problem === null ? {} : { problem: newest.problem }),
  };
}

/** Seconds between two readings of a stream. */
const STREAM_S = 10;

export const weatherRoutes = [
  ...documentRoutes({
    kind: 'weather',
    tag: 'Weather',
    name: 'The weather',
    schema: weatherDocSchema,
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/weather/series',
    access: 'read job',
    tag: 'Weather',
    summary:
      'Observations from an hour on (two weeks back if not said) and the newest forecast of each source',
    query: z.strictObject({ from: fullHour.optional() }),
    answer: z.object({ series: z.array(weatherSeriesSchema) }),
    run: async ({ params, query, context }) => {
      const jobId = params['jobId'] ?? '';
      await requireJob(context, jobId);
      const fromMs =
        query.from === undefined
          ? context.now().getTime() - FETCHED.days * MS_PER_DAY
          : Date.parse(query.from);
      return { series: await readSeries(context.pool, jobId, fromMs) };
    },
  }),
  route({
    method: 'post',
    path: '/jobs/{jobId}/weather/fetch',
    access: 'read job',
    tag: 'Weather',
    summary: 'Ask the job’s weather service, or its sources whose time it is, for what is new',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: z.object({ fresh: z.boolean() }),
    run: async ({ params, context }) => {
      const jobId = params['jobId'] ?? '';
      const { doc, job } = await jobPlace(context, jobId);
      const { pool, asker } = context;
      const fresh =
        doc.service === 'sources' && job
          ? await asker.all(pool, job, doc.sourceIds, ['forecast', 'observed'], context.now())
          : await fetchWeather(pool, jobId, context.now());
      return { fresh };
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/weather/reading',
    access: 'read job',
    tag: 'Weather',
    summary: 'What the instruments on site read now: air, humidity, wind, and the surface of a zone',
    query: z.strictObject({ zone: idSchema.optional() }),
    answer: readingAnswer,
    run: async ({ params, query, context }) => readNow(context, params['jobId'] ?? '', query.zone),
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/weather/readings',
    access: 'read job',
    tag: 'Weather',
    summary: `The same as a stream of server-sent events, one every ${STREAM_S} seconds`,
    query: z.strictObject({ zone: idSchema.optional() }),
    answerType: 'text/event-stream',
    run: async ({ params, query, context, who, req, res }) => {
      const jobId = params['jobId'] ?? '';
      const first = await readNow(context, jobId, query.zone);
      res.writeHead(200, {
        'Content-Type': 'text/event-stream',
        'Cache-Control': 'no-cache, no-transform',
        Connection: 'keep-alive',
      });
      const send = (reading: unknown): boolean => res.write(`data: ${JSON.stringify(reading)}\n\n`);
      send(first);
      const timer = setInterval(() => {
        stillMay(context, who, 'read job', jobId)
          .then(async (may) => (may ? send(await readNow(context, jobId, query.zone)) : res.end()))
          .catch(() => res.end());
      }, STREAM_S * 1000);
      await new Promise<void>((done) => {
        req.on('close', done);
        res.on('close', done);
      });
      clearInterval(timer);
    },
  }),
  route({
    method: 'put',
    path: '/jobs/{jobId}/weather/series/{seriesId}',
    access: 'change weather',
    tag: 'Weather',
    summary: 'Add a series of hours under an id made by the client; it is never changed afterwards',
    body: weatherSeriesSchema,
    bodyName: 'The weather',
    answer: z.object({ id: z.string() }),
    statuses: { 201: 'Added', 200: 'Was there already', 409: 'Another series has this id' },
    run: async ({ params, body, context, res }) => {
      const jobId = params['jobId'] ?? '';
      const seriesId = params['seriesId'] ?? '';
      await requireJob(context, jobId);
      if (body.id !== seriesId) throw new HttpProblem(409, 'The series has another id than its address');
      const fresh = await insertSeries(context.pool, jobId, body);
      if (!fresh) {
        const { rows } = await context.pool.query<{ body: { startAt: string; hours: number } }>(
          WEATHER_SQL.read,
          [jobId, seriesId],
        );
        const same = rows[0]?.body.startAt === body.startAt && rows[0].body.hours === body.hours;
        if (!same) throw new HttpProblem(409, 'There is another series under this id');
      }
      res.status(fresh ? 201 : 200);
      return { id: seriesId };
    },
  }),
  route({
    method: 'post',
    path: '/jobs/{jobId}/weather/series/{seriesId}/withdraw',
    access: 'change weather',
    tag: 'Weather',
    summary: 'A series that was added by mistake is no longer looked at',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: z.object({ id: z.string() }),
    run: async ({ params, context }) => {
      const [jobId, seriesId] = [params['jobId'] ?? '', params['seriesId'] ?? ''];
      const { rowCount } = await context.pool.query(WEATHER_SQL.withdraw, [jobId, seriesId, context.now()]);
      if (rowCount === 0) throw notFound('Weather', seriesId);
      return { id: seriesId };
    },
  }),
];
