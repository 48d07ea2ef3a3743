/** Input that no honest client sends: answered with a sentence, never with a fault of the server's. */
import { randomUUID } from 'node:crypto';
import { beforeAll, describe, expect, it } from 'vitest';
import { api, importDemo, V1 } from './support/api.ts';

const HEAD = { name: 'A roof', place: '', timeZone: 'Etc/GMT', units: 'metric' };
const HALF = '\ud83d';
let id: string;
beforeAll(async () => {
  id = await importDemo();
});

type Ask = () => PromiseLike<{ status: number; body: unknown; headers: Record<string, unknown> }>;
const get =
  (path: string): Ask =>
  () =>
    api.get(`${V1}${path.replace('{id}', id)}`);
const put =
  (path: string, body: unknown, version = '"1"'): Ask =>
  () =>
    api
      .put(`${V1}${path.replace('{id}', id).replace('{new}', randomUUID())}`)
      .set('If-Match', version)
      .send(body as object);
const start =
  (head: object): Ask =>
  () =>
    api.put(`${V1}/jobs/${randomUUID()}`).send(head);

describe('is refused with a sentence', () => {
  it.each<[string, Ask]>([
    ['a NUL in the name of a job', start({ ...HEAD, name: 'a\u0000b' })],
    ['half a character in the place of a job', start({ ...HEAD, place: HALF })],
    ['a NUL in a survey', put('/jobs/{id}/survey', { zones: [], primerSchool: 'always', note: '\u0000' })],
    ['a bell in the place of a job', start({ ...HEAD, place: 'Quay\u0007' })],
    ['a name in another form', start({ ...HEAD, name: 'A\u030angstro\u0308m' })],
    ['a NUL as a key', put('/jobs/{id}/order', { '\u0000': 1 })],
    ['a NUL as the id of a job', get('/jobs/%00')],
    ['a NUL as the id of a build-up', get('/library/%00')],
    ['a path that climbs', get('/library/%2e%2e')],
    ['half a character in an address', get('/jobs/%ed%a0%80')],
    ['a broken escape in an address', get('/jobs/%e0%a4%a')],
    ['a cursor that is none', get('/jobs?after=1~x')],
    ['a cursor of another day', get('/jobs?after=0000-01-01T00:00:00.000Z~x')],
    ['a cursor with a NUL', get('/jobs?after=2026-01-01T00:00:00.000Z~%00')],
    ['a number beyond the record', get('/jobs/{id}/record?after=2147483648')],
    ['a number far beyond it', get('/jobs/{id}/record?after=99999999999999999999')],
    ['a number that is none', get('/jobs/{id}/record?after=x')],
    ['the year 0', get('/jobs/{id}/today?at=0000-01-01T00:00:00Z')],
    ['a version beyond all', put('/jobs/{id}/order', {}, '"99999999999"')],
    [
      'a body that is said to be packed, and is not',
      () =>
        api
          .put(`${V1}/jobs/${randomUUID()}`)
          .set('Content-Encoding', 'gzip')
          .set('Content-Type', 'application/json')
          .send(JSON.stringify(HEAD)),
    ],
    ...['br', 'deflate'].map((packing): [string, Ask] => [
      `a body that is said to be packed as ${packing}, and is not`,
      () =>
        api
          .put(`${V1}/jobs/${randomUUID()}`)
          .set('Content-Encoding', packing)
          .set('Content-Type', 'application/json')
          .send(JSON.stringify(HEAD)),
    ]),
    [
      'a packing that nobody knows',
      () =>
        api
          .put(`${V1}/jobs/${randomUUID()}`)
          .set('Content-Encoding', 'snappy')
          .set('Content-Type', 'application/json')
          .send(JSON.stringify(HEAD)),
    ],
    [
      'JSON that breaks off',
      () => api.put(`${V1}/jobs/${randomUUID()}`).set('Content-Type', 'application/json').send('{"name":'),
    ],
  ])('%s', async (_, ask) => {
    const { status, body, headers } = await ask();
    expect(status, JSON.stringify(body).slice(0, 300)).toBeGreaterThanOrEqual(400);
    expect(status, JSON.stringify(body).slice(0, 300)).toBeLessThan(500);
    expect(headers['content-type']).toContain('application/problem+json');
    expect(JSON.stringify(body)).toMatch(/"(detail|title)":"[^"]{4,}/);
  });
  it('and the job is whole afterwards', async () => {
    await api.get(`${V1}/jobs/${id}/file`).expect(200);
    await api.get(`${V1}/health`).expect(200);
  });
});
