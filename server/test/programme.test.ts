/** The programme over the API: its document, its plan from the database and from a file, its calendar. */
import { randomUUID } from 'node:crypto';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { writeJobFile } from '@lentum/core/jobfile';
import { DEFAULT_PROGRAMME, type ProgrammeDoc } from '@lentum/core/planning';
import { climateOf, hourFloor, SimulatedWeather, type WeatherSeries } from '@lentum/core/weather';
import { workEventId, type ToldPlan } from '@lentum/core/words';
import { velmora } from '@lentum/demo';
import { api, detail, importDemo, NOW, startJob, V1 } from './support/api.ts';

const demo = velmora(NOW);
const HOUR = 3_600_000;

/** The demo's file with ten days of its made-up weather. */
function withWeather() {
  const climate = climateOf(demo.weather);
  if (!climate) throw new Error('the demo has a climate');
  const sky = new SimulatedWeather(climate);
  const start = hourFloor(NOW.getTime());
  const { columns, members } = sky.forecast(start, start, 240, 6);
  const head = { source: 'made up', simulated: true, issuedAt: new Date(start).toISOString() } as const;
  const series: WeatherSeries[] = [
    {
      ...{ id: 'seen', kind: 'observed', ...head },
      ...{ startAt: new Date(start - 336 * HOUR).toISOString(), hours: 336 },
      columns: sky.columns(start - 336 * HOUR, 336),
    },
    { ...{ id: 'ahead', kind: 'forecast', ...head, startAt: head.issuedAt, hours: 240 }, columns, members },
  ];
  return writeJobFile({ ...demo, weatherSeries: series }, NOW.toISOString());
}
const file = withWeather();
const plan = (body: object) => api.post(`${V1}/compute/programme`).send(body);
interface Line {
  readonly progress?: { readonly share: number };
  readonly answer?: ToldPlan;
}
const put = async (job: string, change: Partial<ProgrammeDoc>, version = 1) =>
  api
    .put(`${V1}/jobs/${job}/programme`)
    .set('If-Match', `"${version}"`)
    .send({ ...DEFAULT_PROGRAMME, ...change });

describe('the programme of a job', () => {
  it('is there with a new job, is saved, and says what is wrong with it in one sentence', async () => {
    const job = await startJob();
    expect((await api.get(`${V1}/jobs/${job}/programme`).expect(200)).body).toEqual(DEFAULT_PROGRAMME);
    const crew = { id: 'a', name: 'Crew A', people: 3, names: [], skills: [], off: [], only: [] };
    expect((await put(job, { crews: [crew] })).status).toBe(200);
    expect((await api.get(`${V1}/jobs/${job}/programme`)).body.crews).toEqual([crew]);
    expect(detail(await put(job, { crews: [{ ...crew, people: 0 }] }, 2))).toMatch(/people.*0.*1/);
    expect(detail(await put(job, { crews: [crew, { ...crew, id: 'b' }] }, 2))).toBe(
      'Crew: “Crew A” is there twice; expected another one for each.',
    );
    expect((await put(job, {}, 1)).status).toBe(412);
  });

  it('goes along with the job file, and comes back with it', async () => {
    const job = await importDemo();
    const { content } = (await api.get(`${V1}/jobs/${job}/file`).expect(200)).body as typeof file;
    expect(content.programme).toEqual(demo.programme);
    expect(content.programme.crews.map((c) => c.name)).toEqual(['Quay crew', 'Mole crew']);
  });
});

describe('a plan over the API', () => {
  it('is the same for a file asked twice, follows the cure, and says what is not planned', async () => {
    const ask = { file, at: NOW.toISOString(), tries: 3 };
    const told = (await plan(ask).expect(200)).body as ToldPlan;
    expect((await plan(ask)).body).toEqual(told);
    expect(told.ways).toBe(6);
    expect(told.tasks.length).toBeGreaterThan(100);
    for (const bay of new Set(told.tasks.map((t) => t.bayId))) {
      const own = told.tasks.filter((t) => t.bayId === bay);
      own.forEach((t, i) => {
        const below = own[i - 1];
        if (below?.kind === 'layer' && t.kind === 'layer')
          expect(Date.parse(t.start)).toBeGreaterThanOrEqual(Date.parse(below.overcoatFrom ?? below.end));
      });
    }
    expect(told.notPlanned.find((n) => n.bays.includes('B1'))?.why).toContain('silicone');
    expect(told.sentences[0]).toMatch(/Eight in ten|In none/);
    // What it costs is the sum of its lines, each once; deliveries have the first work that is laid of them.
    const { price, deliveries } = told;
    expect(price.total).toBeGreaterThan(0);
    expect(price.lines.reduce((n, l) => n + l.amount, 0)).toBeCloseTo(price.total, 6);
    expect(price.lines.map((l) => l.kind)).toEqual(expect.arrayContaining(['labor', 'material']));
    expect(deliveries.map((d) => d.name)).toEqual(demo.order.deliveries.map((d) => d.name));
    for (const { first, last } of deliveries)
      if (first !== undefined) expect(Date.parse(first)).toBeLessThanOrEqual(Date.parse(last ?? ''));
  });

  it('answers a file that is none, an instant that is none and too many tries with a sentence', async () => {
    expect(detail(await plan({ file: {}, at: NOW.toISOString() }).expect(422))).toContain(
      'The job file, format',
    );
    expect(detail(await plan({ file, at: 'soon' }).expect(422))).toContain('at');
    expect(detail(await plan({ file, at: NOW.toISOString(), tries: 4000 }).expect(422))).toContain('tries');
  });

  it('is told line by line how far it is to those who ask for lines', async () => {
    const ask = { file, at: NOW.toISOString(), tries: 12 };
    const { body, headers } = await plan(ask)
      .set('Accept', 'application/x-ndjson')
      .buffer(true)
      .parse((res, done) => {
        let text = '';
        res.on('data', (part: Buffer) => (text += part.toString('utf8')));
        res.on('end', () => done(null, text));
      });
    expect(headers['content-type']).toContain('application/x-ndjson');
    const lines = String(body)
      .trim()
      .split('\n')
      .map((l) => JSON.parse(l) as Line);
    const shares = lines.flatMap((l) => l.progress?.share ?? []);
    expect(shares.length).toBeGreaterThan(1);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(lines.at(-1)?.answer).toEqual((await plan(ask)).body);
    // What is refused before anything is told is refused as ever.
    const refused = await plan({ file: {}, at: NOW.toISOString() }).set('Accept', 'application/x-ndjson');
    expect(refused.status).toBe(422);
  });

  it('of a job without weather says what it waits for', async () => {
    const job = await importDemo();
    expect(detail(await api.get(`${V1}/jobs/${job}/days`).expect(422))).toBe(
      'Weather of the days ahead is missing; expected a place of the job, and hours that are fetched or read in.',
    );
    await api.get(`${V1}/jobs/${randomUUID()}/days`).expect(404);
  });

  it('of a job with weather is made from what the database holds', async () => {
    const job = randomUUID();
    await api.put(`${V1}/jobs/${job}/file`).send(file).expect(201);
    const told = (await api.get(`${V1}/jobs/${job}/days?tries=3&at=${NOW.toISOString()}`).expect(200))
      .body as ToldPlan;
    expect(told.tasks).toEqual(
      ((await plan({ file, at: NOW.toISOString(), tries: 3 })).body as ToldPlan).tasks,
    );
  });
});

describe('the calendar of the plan that was kept', () => {
  const kept = {
    plannedAt: NOW.toISOString(),
    tasks: [
      ...[
        ['hall-12/primer', 'quay', 24],
        ['hall-12/prepare', 'mole', 5],
      ].map(([taskId, crewId, h]) => ({
        taskId: String(taskId),
        crewId: String(crewId),
        startAt: new Date(NOW.getTime() + Number(h) * HOUR).toISOString(),
        endAt: new Date(NOW.getTime() + (Number(h) + 1) * HOUR).toISOString(),
      })),
    ],
  };

  it('has each work once under an id that stays, with a number that rises, for all or for one crew', async () => {
    const job = await importDemo();
    const events = async (query = '') => {
      const { text, headers } = await api.get(`${V1}/jobs/${job}/programme.ics${query}`).expect(200);
      expect(headers['content-type']).toContain('text/calendar');
      // Read back by a reader written by others.
      return new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((e) => ({
        uid: e.getFirstPropertyValue('uid'),
        sequence: Number(e.getFirstPropertyValue('sequence')),
        summary: e.getFirstPropertyValue('summary'),
        start: (e.getFirstPropertyValue('dtstart') as ICAL.Time).toJSDate().toISOString(),
      }));
    };
    expect(await events()).toEqual([]);
    expect((await put(job, { ...demo.programme, kept })).status).toBe(200);
    const first = await events();
    expect(first.map((e) => e.summary)).toEqual(['H12 preparation', 'H12 primer']);
    expect(first.map((e) => e.start)).toEqual(kept.tasks.map((t) => t.startAt).sort());
    expect((await events('?crew=quay')).map((e) => e.summary)).toEqual(['H12 primer']);
    // The client is told of roofs and of dates, in words that ask for nothing else.
    const client = await events('?for=client');
    expect(client.map((e) => e.summary)).toEqual([
      'Booking hall roof: work, keep off',
      ...demo.programme.deadlines.map(() => expect.stringMatching('date to keep$') as unknown),
    ]);
    const moved = { ...kept, tasks: kept.tasks.map((t) => ({ ...t, crewId: 'quay' })) };
    expect((await put(job, { ...demo.programme, kept: moved }, 2)).status).toBe(200);
    const second = await events();
    expect(second.map((e) => e.uid)).toEqual(first.map((e) => e.uid));
    // The page gives its works the same ones.
    expect(new Set(first.map((e) => e.uid))).toEqual(
      new Set(kept.tasks.map((t) => workEventId(job, t.taskId))),
    );
    expect(second.every((e, i) => e.sequence > (first[i]?.sequence ?? Infinity))).toBe(true);
    expect(detail(await api.get(`${V1}/jobs/${job}/programme.ics?crew=nobody`).expect(422))).toContain(
      'one of quay, mole',
    );
  });
});
