/** Weather of a job: its place and service, hours fetched and added, and what is refused. */
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { describe, expect, it } from 'vitest';
import type { JobFile } from '@lentum/core/jobfile';
import { DEFAULT_WEATHER, type WeatherSeries } from '@lentum/core/weather';
import { weatherAt } from '@lentum/demo';
import { createApp } from '../src/http/app.ts';
import { api, detail, importDemo, NOW, pool, startJob, V1 } from './support/api.ts';

const HOUR = 3_600_000;
const path = (job: string, rest = ''): string => `${V1}/jobs/${job}/weather${rest}`;
const seriesOf = async (job: string, query = ''): Promise<WeatherSeries[]> =>
  ((await api.get(path(job, `/series${query}`)).expect(200)).body as { series: WeatherSeries[] }).series;
const hours = (over: Partial<WeatherSeries> = {}): WeatherSeries => ({
  id: randomUUID(),
  kind: 'observed',
  source: 'Site log',
  simulated: false,
  issuedAt: NOW.toISOString(),
  startAt: new Date(Math.floor(NOW.getTime() / HOUR) * HOUR - 3 * HOUR).toISOString(),
  hours: 3,
  columns: { airC: [11, 12, null], rainMm: [0, 0, 0.4] },
  ...over,
});

describe('the weather service', () => {
  it('is nobody until somebody is chosen; then it tells two weeks back and ten days ahead in fifty ways', async () => {
    const id = await startJob();
    expect((await api.get(path(id)).expect(200)).body).toEqual(DEFAULT_WEATHER);
    expect((await api.post(path(id, '/fetch')).send({}).expect(200)).body).toEqual({ fresh: false });
    expect(await seriesOf(id)).toEqual([]);
    await api.put(path(id)).set('If-Match', '"1"').send(weatherAt(NOW)).expect(200);
    expect((await api.post(path(id, '/fetch')).send({}).expect(200)).body).toEqual({ fresh: true });
    const series = await seriesOf(id);
    const forecast = series.filter((s) => s.kind === 'forecast');
    expect(forecast).toHaveLength(1);
    expect(forecast[0]).toMatchObject({ simulated: true, hours: 240, source: 'Weather service (simulated)' });
    expect(forecast[0]!.members).toHaveLength(50);
    const seen = series.filter((s) => s.kind === 'observed');
    expect(seen.reduce((sum, s) => sum + s.hours, 0)).toBeGreaterThan(14 * 24);
    // Nothing is observed that has not been.
    for (const s of seen)
      expect(Date.parse(s.startAt) + (s.hours - 1) * HOUR).toBeLessThanOrEqual(NOW.getTime());
    // The same hour again is nothing new, and adds nothing.
    expect((await api.post(path(id, '/fetch')).send({}).expect(200)).body).toEqual({ fresh: false });
    expect(await seriesOf(id)).toHaveLength(series.length);
  });
  it('what the stand-in made up is not looked at once somebody else is asked, and is again when it is', async () => {
    const id = await startJob();
    const doc = weatherAt(NOW);
    await api.put(path(id)).set('If-Match', '"1"').send(doc).expect(200);
    await api.post(path(id, '/fetch')).send({}).expect(200);
    const mine = hours();
    await api
      .put(path(id, `/series/${mine.id}`))
      .send(mine)
      .expect(201);
    const all = (await seriesOf(id)).length;
    for (const [from, service] of [
      [2, 'sources'],
      [3, 'none'],
    ] as const) {
      await api
        .put(path(id))
        .set('If-Match', `"${from}"`)
        .send({ ...doc, service })
        .expect(200);
      expect((await seriesOf(id)).map((s) => s.id)).toEqual([mine.id]);
    }
    await api.put(path(id)).set('If-Match', '"4"').send(doc).expect(200);
    expect(await seriesOf(id)).toHaveLength(all);
  });
  it('a job that moves to another place leaves its weather there and is told that of the new one', async () => {
    const id = await startJob();
    const doc = weatherAt(NOW);
    await api.put(path(id)).set('If-Match', '"1"').send(doc).expect(200);
    await api.post(path(id, '/fetch')).send({}).expect(200);
    const mine = hours();
    await api
      .put(path(id, `/series/${mine.id}`))
      .send(mine)
      .expect(201);
    const here = await seriesOf(id);
    const there = { latitudeDeg: -41.5, longitudeDeg: 12.25 };
    await api
      .put(path(id))
      .set('If-Match', '"2"')
      .send({ ...doc, place: there })
      .expect(200);
    expect((await api.post(path(id, '/fetch')).send({}).expect(200)).body).toEqual({ fresh: true });
    const moved = await seriesOf(id);
    expect(moved).toHaveLength(here.length);
    // What a person added stays.
    expect(moved.filter((s) => s.simulated).map((s) => s.place)).toEqual(
      Array.from({ length: here.length - 1 }, () => there),
    );
    expect(moved).toContainEqual(mine);
    // And back within the same hour.
    await api.put(path(id)).set('If-Match', '"3"').send(doc).expect(200);
    expect((await api.post(path(id, '/fetch')).send({}).expect(200)).body).toEqual({ fresh: true });
    expect(await seriesOf(id)).toEqual(here);
  });
  it('goes out with the job file and comes back in', async () => {
    const id = await importDemo();
    await api.post(path(id, '/fetch')).send({}).expect(200);
    const file = (await api.get(`${V1}/jobs/${id}/file`).expect(200)).body as JobFile;
    expect(file.content.weather.service).toBe('simulated');
    const copy = randomUUID();
    await api.put(`${V1}/jobs/${copy}/file`).send(file).expect(201);
    await api.put(`${V1}/jobs/${copy}/file`).send(file).expect(200);
    expect(await seriesOf(copy)).toEqual(await seriesOf(id));
  });
});

describe('hours added by a person', () => {
  it('are stored once, however often they are sent, and can be withdrawn', async () => {
    const id = await startJob();
    const mine = hours();
    await api
      .put(path(id, `/series/${mine.id}`))
      .send(mine)
      .expect(201);
    await api
      .put(path(id, `/series/${mine.id}`))
      .send(mine)
      .expect(200);
    expect(await seriesOf(id)).toEqual([mine]);
    const other = await api
      .put(path(id, `/series/${mine.id}`))
      .send({ ...mine, hours: 2, columns: { airC: [1, 2] } })
      .expect(409);
    expect(detail(other)).toContain('another series under this id');
    await api
      .post(path(id, `/series/${mine.id}/withdraw`))
      .send({})
      .expect(200);
    expect(await seriesOf(id)).toEqual([]);
    await api
      .post(path(id, `/series/${mine.id}/withdraw`))
      .send({})
      .expect(404);
  });
  it.each([
    ['half an hour', { startAt: '2026-05-12T08:30:00.000Z' }, 'a full hour of UTC'],
    ['too few values', { columns: { airC: [1, 2] } }, 'as many values in every column as it has hours'],
    ['110 % humidity', { columns: { humidityPct: [50, 110, 60] } }, 'at most 100'],
    ['an hour of −90 °C', { columns: { airC: [1, -90, 2] } }, 'at least -60'],
    ['no hours', { hours: 0, columns: {} }, 'at least 1'],
  ])('with %s are refused in a sentence', async (_, over, words) => {
    const id = await startJob();
    const wrong = hours(over as Partial<WeatherSeries>);
    const answer = await api
      .put(path(id, `/series/${wrong.id}`))
      .send(wrong)
      .expect(422);
    expect(JSON.stringify(answer.body)).toContain(words);
    expect(await seriesOf(id)).toEqual([]);
  });
  it('a place off the globe and a job that is none are refused', async () => {
    const id = await startJob();
    const off = await api
      .put(path(id))
      .set('If-Match', '"1"')
      .send({ ...DEFAULT_WEATHER, place: { latitudeDeg: 97, longitudeDeg: 0 } })
      .expect(422);
    expect(JSON.stringify(off.body)).toContain('at most 90');
    await api.get(path('none', '/series')).expect(404);
  });
});

describe('the instruments on site', () => {
  it('read what the made-up weather is: near its own hours, and the surface of a zone', async () => {
    const id = await importDemo();
    await api.post(path(id, '/fetch')).send({}).expect(200);
    const read = (await api.get(path(id, '/reading?zone=hall')).expect(200)).body as Record<string, number>;
    const series = await seriesOf(id);
    const today = series.filter((s) => s.kind === 'observed').at(-1)!;
    expect(Math.abs(read['airC']! - today.columns.airC!.at(-1)!)).toBeLessThan(2);
    expect(read['surfaceC']).toBeGreaterThan(0);
    // The same minute gives the same reading; a roof of metal in the sun is another surface.
    expect((await api.get(path(id, '/reading?zone=hall')).expect(200)).body).toEqual(read);
    const metal = (await api.get(path(id, '/reading?zone=canopy')).expect(200)).body as Record<
      string,
      number
    >;
    expect(metal['surfaceC']).not.toBe(read['surfaceC']);
    await api.get(path(id, '/reading?zone=nowhere')).expect(404);
    await api.get(path(await startJob(), '/reading')).expect(409);
  });
  it('stream one reading after the other', async () => {
    const id = await importDemo();
    const server = createApp({ pool, now: () => NOW }).listen(0, '127.0.0.1');
    await once(server, 'listening');
    const { port } = server.address() as AddressInfo;
    const stop = new AbortController();
    const answer = await fetch(`http://127.0.0.1:${port}${path(id, '/readings?zone=hall')}`, {
      signal: stop.signal,
    });
    expect(answer.headers.get('content-type')).toContain('text/event-stream');
    const first = await answer.body?.getReader().read();
    const text = new TextDecoder().decode(first?.value as Uint8Array);
    stop.abort();
    server.closeAllConnections();
    server.close();
    expect(JSON.parse(text.replace(/^data: /, ''))).toMatchObject({ simulated: true });
  });
});
