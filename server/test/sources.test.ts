/** Sources that answer over HTTP: stand-ins of several shapes, a server of the test's own over TLS, and what is refused. */
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:https';
import type { IncomingMessage, ServerResponse } from 'node:http';
import type { AddressInfo, LookupFunction } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Papa from 'papaparse';
import request from 'supertest';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { guessAnswerMap, likelyTable, tablesOf, type AnswerMap, type SourceKind } from '@lentum/core/sources';
import type { WeatherSeries } from '@lentum/core/weather';
import { authority } from '../../scripts/lib/authority.ts';
import { warmThreads } from '../src/compute/threads.ts';
import { createApp } from '../src/http/app.ts';
import { Fetcher } from '../src/sources/fetcher.ts';
import { standInsAt } from '../src/standins/weatherserver.ts';
import { detail, HEAD, NOW, pool, V1 } from './support/api.ts';
import { openFirm } from './support/firm.ts';

const HOUR = 3_600_000;
const PLACE = { latitudeDeg: 47.5, longitudeDeg: 8.5 };
/** Where the names of the tests lie; what is inside is named so that nobody is ever asked there. */
const LIES_AT: Readonly<Record<string, string>> = {
  'weather.test': '127.0.0.1',
  'other.test': '127.0.0.1',
  'private.test': '10.0.0.1',
  'mapped.test': '::ffff:10.0.0.1',
  'meta.test': '169.254.169.254',
  'loop.test': '127.0.0.2',
  'nought.test': '0.0.0.0',
  'local6.test': 'fd00::1',
};
const lookup: LookupFunction = (name, options, done) => {
  const address = LIES_AT[name];
  if (address === undefined) done(Object.assign(new Error('not found'), { code: 'ENOTFOUND' }), '', 4);
  else if (options.all === true) done(null, [{ address, family: address.includes(':') ? 6 : 4 }]);
  else done(null, address, address.includes(':') ? 6 : 4);
};

let folder = '';
let server: Server;
let port = 0;
let now = NOW;
let answer: (req: IncomingMessage, res: ServerResponse) => void;
/** Addresses that the server of the test was asked at, with the key that came along. */
const asked: { url: string; key: string | undefined; host: string | undefined }[] = [];
let api: ReturnType<typeof request>;

beforeAll(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'lentum-sources-'));
  const trusted = authority(folder);
  const pem = readFileSync(trusted.certify('weather.test'), 'utf8');
  server = createServer({ cert: pem, key: pem }, (req, res) => {
    asked.push({
      url: req.url ?? '',
      key: req.headers['x-key'] as string | undefined,
      host: req.headers.host,
    });
    answer(req, res);
  });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  port = (server.address() as AddressInfo).port;
  const ca = readFileSync(trusted.file, 'utf8');
  const fetcher = new Fetcher({ standIns: standInsAt(() => now), lookup, inside: ['127.0.0.1'], ca });
  api = request(createApp({ pool, now: () => now, fetcher }));
});
afterAll(() => {
  server.closeAllConnections();
  server.close();
  rmSync(folder, { recursive: true });
});
beforeEach(() => {
  now = NOW;
  asked.length = 0;
});

const json =
  (body: unknown, headers: Record<string, string> = {}, status = 200) =>
  (_req: IncomingMessage, res: ServerResponse): void => {
    res.writeHead(status, { 'content-type': 'application/json', ...headers }).end(JSON.stringify(body));
  };
const hoursFrom = (ms: number, airC: readonly (number | null)[]) => ({
  hours: airC.map((air, h) => ({ at: new Date(ms + h * HOUR).toISOString(), air, rain_mm: 0 })),
});
const thisHour = (): number => Math.floor(now.getTime() / HOUR) * HOUR;

const MAP: AnswerMap = {
  ...{
    format: 'json',
    list: 'hours',
    shape: 'rows',
    time: 'at',
    timeIs: 'text',
    order: 'day first',
    zone: 'UTC',
  },
  rainOf: 'hour after',
  columns: [
    { name: 'air', as: 'airC', unit: '°C', members: false },
    { name: 'rain_mm', as: 'rainMm', unit: 'mm', members: false },
  ],
};
const allow = (host: string) => api.post(`${V1}/firm/weather-hosts/allow`).send({ host }).expect(200);
const source = (over: object = {}) => ({
  ...{ name: `Source ${randomUUID()}`, kind: 'forecast', leastMinutes: 60, map: MAP },
  address: `https://weather.test:${port}/w?lat={latitude}&lon={longitude}&from={from}&n={hours}`,
  ...over,
});
async function add(over: object = {}, key?: string): Promise<string> {
  const id = randomUUID();
  await api
    .put(`${V1}/firm/weather-sources/${id}`)
    .set('If-Match', '"0"')
    .send({ source: source(over), ...(key === undefined ? {} : { key }) })
    .expect(200);
  return id;
}
async function jobWith(...sourceIds: string[]): Promise<string> {
  const id = randomUUID();
  await api.put(`${V1}/jobs/${id}`).send(HEAD).expect(201);
  const doc = { place: PLACE, service: 'sources', sourceIds };
  await api.put(`${V1}/jobs/${id}/weather`).set('If-Match', '"1"').send(doc).expect(200);
  return id;
}
const fetchOf = async (job: string): Promise<boolean> =>
  ((await api.post(`${V1}/jobs/${job}/weather/fetch`).send({}).expect(200)).body as { fresh: boolean }).fresh;
const seriesOf = async (job: string): Promise<WeatherSeries[]> =>
  ((await api.get(`${V1}/jobs/${job}/weather/series`).expect(200)).body as { series: WeatherSeries[] })
    .series;
interface State {
  readonly chosen: boolean;
  readonly problem?: string;
  readonly goodAt?: string;
  readonly nextAt?: string;
}
async function stateOf(job: string, id: string): Promise<State> {
  const { body } = await api.get(`${V1}/jobs/${job}/weather/sources`).expect(200);
  const found = (body as { sources: (State & { id: string })[] }).sources.find((s) => s.id === id);
  if (!found) throw new Error('no such source');
  return found;
}
const trying = (address: string, over: object = {}) =>
  api
    .post(`${V1}/firm/weather-sources/try`)
    .send({ source: { kind: 'forecast', address, ...over }, place: PLACE });

describe('stand-ins, each in a shape of its own, over HTTP', () => {
  const csv = (text: string): string[][] => Papa.parse<string[]>(text, { skipEmptyLines: true }).data;
  /** As a person does: tried, its guess taken, and kept. */
  async function kept(address: string, kind: SourceKind, format: 'json' | 'csv'): Promise<string> {
    const { body } = await trying(address, { kind }).expect(200);
    const tables = tablesOf((body as { text: string }).text, format, csv);
    const table = tables.ok ? likelyTable(tables.value, kind) : undefined;
    if (!table) throw new Error('no table');
    const least = kind === 'meter' ? 0 : 15;
    return add({ kind, address, leastMinutes: least, map: guessAnswerMap(table, format, kind) });
  }

  it('columns with ways it may go, and rows: the same place, two shapes, each read by its guess alone', async () => {
    const where = '?lat={latitude}&lon={longitude}&from={from}&hours={hours}';
    const columns = await kept(`stand-in://columns${where}`, 'forecast', 'json');
    const rows = await kept(`stand-in://rows${where}`, 'forecast', 'json');
    const table = await kept(`stand-in://table${where}`, 'observed', 'csv');
    const job = await jobWith(columns, rows, table);
    expect(await fetchOf(job)).toBe(true);
    const series = await seriesOf(job);
    const forecasts = series.filter((s) => s.kind === 'forecast');
    expect(forecasts.map((s) => [s.hours, s.members?.length ?? 0]).sort()).toEqual([
      [240, 0],
      [240, 20],
    ]);
    expect(series.every((s) => s.simulated)).toBe(true);
    const [inColumns, inRows] = [forecasts.find((s) => s.members), forecasts.find((s) => !s.members)];
    // °F and mph became °C and m/s; a share became per cent.
    for (const s of [inColumns, inRows]) {
      const air = s?.columns.airC ?? [];
      expect(Math.min(...air.map(Number))).toBeGreaterThan(-5);
      expect(Math.max(...air.map(Number))).toBeLessThan(40);
      expect(Object.keys(s?.columns ?? {}).sort()).toEqual(
        expect.arrayContaining(['airC', 'cloudPct', 'humidityPct', 'rainMm', 'windMPerS']),
      );
    }
    expect(Math.max(...(inRows?.columns.cloudPct ?? []).map(Number))).toBeGreaterThan(1);
    const seen = series.filter((s) => s.kind === 'observed');
    expect(seen.reduce((sum, s) => sum + s.hours, 0)).toBeGreaterThan(14 * 24);
    for (const s of seen)
      expect(Date.parse(s.startAt) + (s.hours - 1) * HOUR).toBeLessThanOrEqual(NOW.getTime());
  });

  it('a station is read as instruments are, a meter at one place', async () => {
    const station = await kept('stand-in://station', 'station', 'json');
    const job = await jobWith(station);
    const { body } = await api.get(`${V1}/jobs/${job}/weather/reading`).expect(200);
    expect(body).toMatchObject({
      simulated: true,
      airC: expect.any(Number),
      humidityPct: expect.any(Number),
    });
    expect(body).not.toHaveProperty('surfaceC');
    const meter = await kept('stand-in://meter', 'meter', 'json');
    expect((await api.get(`${V1}/instruments`).expect(200)).body).toContainEqual(
      expect.objectContaining({ id: meter, measures: 'moisture', onePlace: true, simulated: true }),
    );
    const read = (places: number) =>
      api.post(`${V1}/instruments/${meter}/readings`).send({
        target: 'hall',
        places: Array.from({ length: places }, (_, i) => ({ alongM: i, acrossM: 1 })),
      });
    const { body: one } = await read(1).expect(200);
    expect((one as { readings: unknown[] }).readings).toEqual([
      { at: { alongM: 0, acrossM: 1 }, value: expect.any(Number) },
    ]);
    expect(detail(await read(2).expect(422))).toMatch(/places: 2 is out of range; expected one/);
    await api.post(`${V1}/firm/weather-sources/${meter}/put-away`).send({}).expect(200);
    await read(1).expect(404);
  });
});

describe('what may be asked', () => {
  it('a host that is not allowed is neither asked nor kept', async () => {
    const { status, body } = await api
      .put(`${V1}/firm/weather-sources/${randomUUID()}`)
      .set('If-Match', '"0"')
      .send({ source: source({ address: 'https://nobody.test/w' }) });
    expect([status, detail({ body })]).toEqual([
      422,
      'The source, address: nobody.test is not among the hosts that may be asked; expected one that the owner allowed.',
    ]);
    expect(detail(await trying('https://nobody.test/w').expect(422))).toMatch(/not among the hosts/);
  });

  it.each(['private.test', 'mapped.test', 'meta.test', 'loop.test', 'nought.test', 'local6.test'])(
    '%s lies inside: it is never asked, allowed or not',
    async (host) => {
      await allow(host);
      expect(detail(await trying(`https://${host}/w`).expect(502))).toBe(
        `${host} lies at an address inside, which is never asked; expected a host on the open network.`,
      );
    },
  );

  it.each([
    'http://weather.test/w',
    'https://127.0.0.1/w',
    'https://[::1]/w',
    'https://0x7f000001/w',
    'https://weather.test@private.test/w',
    'https://weather.test\\@private.test/w',
    'file:///etc/passwd',
    'stand-in://columns@private.test/',
  ])('%s is no address', async (address) => {
    const { status } = await trying(address);
    expect(status).toBe(422);
  });

  it('no name of a host is allowed that is an address, and none is allowed twice', async () => {
    for (const host of ['10.0.0.1', 'localhost', '[::1]', 'Weather.Test', 'a b.test', '*.test'])
      await api.post(`${V1}/firm/weather-hosts/allow`).send({ host }).expect(422);
    await allow('twice.test');
    const { body } = await allow('twice.test');
    expect((body as { hosts: { host: string }[] }).hosts.filter((h) => h.host === 'twice.test')).toHaveLength(
      1,
    );
    await api.post(`${V1}/firm/weather-hosts/disallow`).send({ host: 'twice.test' }).expect(200);
    await api.post(`${V1}/firm/weather-hosts/disallow`).send({ host: 'twice.test' }).expect(404);
  });

  it('whoever sends on is not followed; who does not prove its name is not believed', async () => {
    await allow(`weather.test:${port}`);
    await allow(`other.test:${port}`);
    answer = (_req, res) => void res.writeHead(302, { location: 'https://private.test/inner' }).end();
    expect(detail(await trying(`https://weather.test:${port}/w`).expect(502))).toMatch(
      /sends on to https:\/\/private\.test\/inner; expected an answer/,
    );
    expect(asked).toHaveLength(1);
    expect(detail(await trying(`https://other.test:${port}/w`).expect(502))).toMatch(
      /does not prove that it is this host/,
    );
    expect(asked).toHaveLength(1);
  });

  it.each([
    [401, /refuses with 401; expected a key/],
    [404, /nothing at this address \(404\)/],
    [429, /asked too often/],
    [500, /failed with 500/],
    [204, /answers with 204; expected 200/],
  ])('a status of %i is said in words', async (status, says) => {
    await allow(`weather.test:${port}`);
    answer = (_req, res) => void res.writeHead(status).end();
    expect(detail(await trying(`https://weather.test:${port}/w`).expect(502))).toMatch(says);
  });

  it('an answer without end is cut off', async () => {
    await allow(`weather.test:${port}`);
    const block = Buffer.alloc(1_000_000, 32);
    let sent = 0;
    answer = (_req, res) => {
      const more = (): void => {
        if (res.destroyed) return;
        sent += 1;
        res.write(block, more);
      };
      more();
    };
    expect(detail(await trying(`https://weather.test:${port}/w`).expect(502))).toMatch(/more than 5 MB/);
    expect(sent).toBeLessThan(200);
  });
});

describe('a source of the firm', () => {
  beforeAll(() => allow(`weather.test:${port}`));

  it('is asked with place, hours and key; the key is told to nobody else', async () => {
    answer = json(hoursFrom(thisHour(), [10, 11, 12]));
    const id = await add({ keyHeader: 'X-Key', address: `${source().address}&k={key}` }, 'not-to-be-told');
    const job = await jobWith(id);
    expect(await fetchOf(job)).toBe(true);
    const from = encodeURIComponent(new Date(thisHour()).toISOString().replace('.000Z', 'Z'));
    expect(asked).toEqual([
      {
        url: `/w?lat=47.5&lon=8.5&from=${from}&n=240&k=not-to-be-told`,
        key: 'not-to-be-told',
        host: `weather.test:${port}`,
      },
    ]);
    const [forecast] = await seriesOf(job);
    expect(forecast).toMatchObject({ kind: 'forecast', hours: 3, simulated: false, place: PLACE });
    expect(forecast?.columns).toEqual({ airC: [10, 11, 12], rainMm: [0, 0, 0] });
    const said = [
      await api.get(`${V1}/firm/weather-sources`),
      await api.get(`${V1}/jobs/${job}/weather/sources`),
      await api.get(`${V1}/jobs/${job}/file`),
    ];
    for (const { text } of said) expect(text).not.toContain('not-to-be-told');
    expect(said[0]?.text).toContain('"hasKey":true');
    // Sent elsewhere, it forgets its key: that was meant for the host that it was entered for.
    await allow(`other.test:${port}`);
    const moved = { ...source({ keyHeader: 'X-Key' }), address: `https://other.test:${port}/w` };
    const put = api.put(`${V1}/firm/weather-sources/${id}`).set('If-Match', '"1"').send({ source: moved });
    expect((await put.expect(200)).body).toMatchObject({ hasKey: false, version: 2 });
  });

  it('is not asked again before its time, and several who would ask at once ask once', async () => {
    answer = json(hoursFrom(thisHour(), [10, 11, 12]));
    const job = await jobWith(await add({ leastMinutes: 30 }));
    const fresh = await Promise.all(Array.from({ length: 6 }, () => fetchOf(job)));
    expect(fresh.filter(Boolean)).toHaveLength(1);
    expect(asked).toHaveLength(1);
    now = new Date(NOW.getTime() + 29 * 60_000);
    expect(await fetchOf(job)).toBe(false);
    now = new Date(NOW.getTime() + 30 * 60_000);
    expect(await fetchOf(job)).toBe(true);
    expect(asked).toHaveLength(2);
  });

  it('says itself how long its answer is good, and is asked whether there is a newer one', async () => {
    const body = hoursFrom(thisHour(), [10, 11, 12]);
    answer = (req, res) => {
      if (req.headers['if-none-match'] === '"a"')
        res.writeHead(304, { etag: '"a"', 'cache-control': 'max-age=7200' }).end();
      else json(body, { etag: '"a"', 'cache-control': 'max-age=7200' })(req, res);
    };
    const id = await add({ address: `https://weather.test:${port}/same`, leastMinutes: 10 });
    const job = await jobWith(id);
    expect(await fetchOf(job)).toBe(true);
    now = new Date(NOW.getTime() + 119 * 60_000);
    expect(await fetchOf(job)).toBe(false);
    expect(asked).toHaveLength(1);
    now = new Date(NOW.getTime() + 121 * 60_000);
    expect(await fetchOf(job)).toBe(false);
    expect(asked).toHaveLength(2);
    expect(await stateOf(job, id)).toMatchObject({ goodAt: now.toISOString() });
    expect(await seriesOf(job)).toHaveLength(1);
  });

  it('that fails keeps its last good answer, says why, and is left alone for a while', async () => {
    answer = json(hoursFrom(thisHour(), [10, 11, 12]));
    const id = await add({ leastMinutes: 10 });
    const job = await jobWith(id);
    await fetchOf(job);
    now = new Date(NOW.getTime() + 20 * 60_000);
    answer = (_req, res) => void res.writeHead(503, { 'retry-after': '1800' }).end();
    expect(await fetchOf(job)).toBe(false);
    expect((await seriesOf(job))[0]?.columns.airC).toEqual([10, 11, 12]);
    const state = await stateOf(job, id);
    expect(state).toMatchObject({
      goodAt: NOW.toISOString(),
      problem: expect.stringMatching(/failed with 503/),
    });
    expect(Date.parse(state.nextAt ?? '')).toBe(now.getTime() + 1800_000);
    now = new Date(now.getTime() + 1799_000);
    await fetchOf(job);
    expect(asked).toHaveLength(2);
    now = new Date(now.getTime() + 1000);
    answer = json({ nothing: 'of it' });
    await fetchOf(job);
    expect((await stateOf(job, id)).problem).toMatch(
      /The answer, its list: .*expected hours, as when it was matched/,
    );
    expect(await seriesOf(job)).toHaveLength(1);
  });

  it.each([
    [
      'hours that have been only',
      () => hoursFrom(thisHour() - 5 * HOUR, [1, 2, 3]),
      /nothing of an hour to come/,
    ],
    ['air of 300 °C', () => hoursFrom(thisHour(), [300, 300, 300]), /°F as its unit/],
    ['text', () => 'sorry', /no list of values/],
  ])('%s: said, and nothing of it is kept', async (_, body, says) => {
    answer = json(body());
    const id = await add();
    const job = await jobWith(id);
    expect(await fetchOf(job)).toBe(false);
    expect((await stateOf(job, id)).problem).toMatch(says);
    expect(await seriesOf(job)).toEqual([]);
  });

  it('of hours that have been in a forecast, and hours to come in an observation, nothing is kept', async () => {
    answer = json(hoursFrom(thisHour() - 2 * HOUR, [1, 2, 3, 4, 5]));
    const [forecast, observed] = [await add(), await add({ kind: 'observed' })];
    const job = await jobWith(forecast, observed);
    await fetchOf(job);
    const series = await seriesOf(job);
    expect(series.find((s) => s.kind === 'forecast')?.columns.airC).toEqual([3, 4, 5]);
    expect(series.filter((s) => s.kind === 'observed').flatMap((s) => s.columns.airC)).toEqual([1, 2, 3]);
  });

  it('that is changed leaves what it told before, and so does a job that is moved', async () => {
    answer = json(hoursFrom(thisHour(), [10, 11, 12]));
    const id = await add();
    const job = await jobWith(id);
    await fetchOf(job);
    const inF = { ...MAP, columns: [{ name: 'air', as: 'airC', unit: '°F', members: false }] };
    const changed = { source: source({ map: inF }) };
    await api.put(`${V1}/firm/weather-sources/${id}`).set('If-Match', '"1"').send(changed).expect(200);
    expect(await fetchOf(job)).toBe(true);
    const after = await seriesOf(job);
    expect(after.map((s) => s.columns.airC)).toEqual([[-12.22, -11.67, -11.11]]);
    const there = { latitudeDeg: 10, longitudeDeg: 20 };
    const doc = { place: there, service: 'sources', sourceIds: [id] };
    await api.put(`${V1}/jobs/${job}/weather`).set('If-Match', '"2"').send(doc).expect(200);
    expect(await fetchOf(job)).toBe(true);
    expect((await seriesOf(job)).map((s) => s.place)).toEqual([there]);
  });

  it('has a name of its own, a version to change from, and is put away', async () => {
    const name = `Named ${randomUUID()}`;
    const id = await add({ name });
    const again = (key: string, from: string) =>
      api
        .put(`${V1}/firm/weather-sources/${key}`)
        .set('If-Match', from)
        .send({ source: source({ name }) });
    expect(detail(await again(randomUUID(), '"0"').expect(409))).toContain(
      `Another source is called ${name}`,
    );
    await again(id, '"0"').expect(412);
    await again(id, '"7"').expect(412);
    const job = await jobWith(id);
    await api.post(`${V1}/firm/weather-sources/${id}/put-away`).send({}).expect(200);
    await api.post(`${V1}/firm/weather-sources/${id}/put-away`).send({}).expect(404);
    answer = json(hoursFrom(thisHour(), [1, 2]));
    expect(await fetchOf(job)).toBe(false);
    expect(asked).toEqual([]);
    const other = await add({ name });
    expect(other).not.toBe(id);
  });

  it('an instrument that has gone quiet gives its last reading with its time, and says why', async () => {
    const map: AnswerMap = {
      ...{
        format: 'json',
        list: '',
        shape: 'one',
        timeIs: 'text',
        order: 'day first',
        zone: 'UTC',
        rainOf: 'hour after',
      },
      columns: [{ name: 't', as: 'airC', unit: '°C', members: false }],
    };
    const id = await add({
      kind: 'station',
      leastMinutes: 1,
      map,
      address: `https://weather.test:${port}/s`,
    });
    const job = await jobWith(id);
    answer = json({ t: 21.5 });
    const read = () => api.get(`${V1}/jobs/${job}/weather/reading`).expect(200);
    expect((await read()).body).toMatchObject({ airC: 21.5, at: NOW.toISOString(), simulated: false });
    now = new Date(NOW.getTime() + 60_000);
    answer = json({ t: 'broken' });
    expect((await read()).body).toMatchObject({
      airC: 21.5,
      at: NOW.toISOString(),
      problem: expect.stringMatching(/“broken” is not a number/),
    });
  });

  it('a large answer is read in a thread, and is read the same', async () => {
    // What a thread takes to begin is not counted: the reading has a deadline.
    await warmThreads();
    const long = Array.from({ length: 4000 }, (_, h) => (h % 300) / 10);
    answer = json({ ...hoursFrom(thisHour(), long), padding: 'x'.repeat(200_000) });
    const job = await jobWith(await add());
    expect(await fetchOf(job)).toBe(true);
    const [forecast] = await seriesOf(job);
    expect([forecast?.hours, forecast?.columns.airC]).toEqual([4000, long]);
  });
});

describe('who may', () => {
  it('only an owner allows hosts, which is logged; an estimator changes sources', async () => {
    const firm = await openFirm('lentum_test_sources');
    const estimator = (await firm.join('ed', 'estimator')).agent;
    const foreman = (await firm.join('fay', 'foreman')).agent;
    const host = { host: 'weather.test' };
    await estimator.post(`${V1}/firm/weather-hosts/allow`).send(host).expect(403);
    await firm.owner.post(`${V1}/firm/weather-hosts/allow`).send(host).expect(200);
    const id = randomUUID();
    const put = (agent: typeof estimator) =>
      agent
        .put(`${V1}/firm/weather-sources/${id}`)
        .set('If-Match', '"0"')
        .send({ source: source({ address: 'https://weather.test/w' }) });
    await put(foreman).expect(403);
    await put(estimator).expect(200);
    const { text } = await firm.owner.get(`${V1}/security-log`).expect(200);
    expect(text).toContain('host allowed');
    await firm.end();
  });
});
