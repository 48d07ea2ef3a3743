/** What the survey asks of the server beside its document: pictures, instruments, its computations. */
import { createHash, randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { blankZone, type Survey } from '@lentum/core/survey';
import { api, detail, importDemo, NOW, pool, startJob, V1 } from './support/api.ts';

const zone = blankZone({
  id: 'a',
  code: 'A',
  name: 'A',
  outline: {
    kind: 'points',
    origin: 'typed',
    points: [
      [0, 0],
      [4, 0],
      [4, 3],
    ],
  },
});

const PICTURE = readFileSync(new URL('../../docs/screenshots/survey.png', import.meta.url));
const hash = (b: Buffer): string => createHash('sha256').update(b).digest('hex');
const send = (jobId: string, id: string, content: Buffer, type = 'image/png') =>
  api.put(`${V1}/jobs/${jobId}/pictures/${id}`).set('Content-Type', type).send(content);

describe('pictures', () => {
  it('are stored under their hash, once, and come back as they were', async () => {
    const id = await startJob();
    await send(id, hash(PICTURE), PICTURE).expect(201);
    await send(id, hash(PICTURE), PICTURE).expect(201);
    const { rows } = await pool.query('SELECT count(*)::int AS n FROM picture WHERE job_id = $1', [id]);
    expect(rows).toEqual([{ n: 1 }]);
    const back = await api.get(`${V1}/jobs/${id}/pictures/${hash(PICTURE)}`).expect(200);
    expect(back.headers['content-type']).toBe('image/png');
    expect(hash(back.body as Buffer)).toBe(hash(PICTURE));
  });
  it.each<[string, Buffer, string, number, string]>([
    [
      'a text called a picture',
      Buffer.from('<svg onload="x()">'),
      'image/png',
      422,
      'expected a PNG or JPEG',
    ],
    ['another kind of file', Buffer.from('%PDF-1.7'), 'image/jpeg', 422, 'expected a PNG or JPEG'],
    ['nothing', Buffer.alloc(0), 'image/png', 422, 'expected a PNG or JPEG'],
  ])('%s is refused in a sentence', async (_, content, type, status, words) => {
    const r = await send(await startJob(), hash(content), content, type).expect(status);
    expect(detail(r)).toContain(words);
  });
  it('one that did not arrive whole is refused', async () => {
    const r = await send(await startJob(), hash(PICTURE), PICTURE.subarray(0, PICTURE.length - 10)).expect(
      422,
    );
    expect(detail(r)).toContain('expected a picture that arrived whole');
  });
  it('too large a one is refused', async () => {
    const big = Buffer.alloc(13 * 1024 * 1024);
    await send(await startJob(), hash(big), big).expect(413);
  });
  it('of a job that is not there, or that is not there, is not found', async () => {
    await send(randomUUID(), hash(PICTURE), PICTURE).expect(404);
    await api.get(`${V1}/jobs/${await startJob()}/pictures/${hash(PICTURE)}`).expect(404);
  });
  it('goes along with the job file, and a file without it is refused', async () => {
    const id = await startJob();
    await send(id, hash(PICTURE), PICTURE).expect(201);
    const underlay = {
      fileId: hash(PICTURE),
      name: 'jobs.png',
      widthPx: 1280,
      heightPx: 800,
      metresPerPx: 0.01,
      xM: 0,
      yM: 0,
      opacity: 0.5,
    };
    await api
      .put(`${V1}/jobs/${id}/survey`)
      .set('If-Match', '"1"')
      .send({ zones: [], primerSchool: 'always', underlay })
      .expect(200);
    const { body: file } = await api.get(`${V1}/jobs/${id}/file`).expect(200);
    const copy = randomUUID();
    await api
      .put(`${V1}/jobs/${copy}/file`)
      .send(file as object)
      .expect(201);
    await api.get(`${V1}/jobs/${copy}/pictures/${hash(PICTURE)}`).expect(200);
    const without = structuredClone(file) as { content: { pictures: unknown[] } };
    without.content.pictures = [];
    const r = await api.put(`${V1}/jobs/${randomUUID()}/file`).send(without).expect(422);
    expect(detail(r)).toContain('The picture below the plan is missing; expected it to be in the file.');
  });
  it('those of entries go out and in with the job, as they were', async () => {
    const id = await importDemo();
    await api.put(`${V1}/people/p-ines`).send({ name: 'Ines' }).expect(200);
    await send(id, hash(PICTURE), PICTURE).expect(201);
    const entry = randomUUID();
    await api
      .put(`${V1}/jobs/${id}/record/${entry}`)
      .send({
        ...{ form: 2, kind: 'snag', version: 1, id: entry, personId: 'p-ines', deviceId: 'phone' },
        ...{ madeAt: NOW.toISOString(), zoneId: 'hall', bays: [], attachments: [hash(PICTURE)] },
        body: { step: 'found', at: NOW.toISOString(), what: 'pinhole' },
      })
      .expect(201);
    const { body: file } = await api.get(`${V1}/jobs/${id}/file`).expect(200);
    const copy = randomUUID();
    await api
      .put(`${V1}/jobs/${copy}/file`)
      .send(file as object)
      .expect(201);
    const back = await api.get(`${V1}/jobs/${copy}/pictures/${hash(PICTURE)}`).expect(200);
    expect(hash(back.body as Buffer)).toBe(hash(PICTURE));
  });
});

describe('instruments', () => {
  const places = [
    { alongM: 1, acrossM: 1 },
    { alongM: 6, acrossM: 4 },
  ];
  it('the moisture meter says that it is simulated, and reads the same twice', async () => {
    const { body: list } = await api.get(`${V1}/instruments`).expect(200);
    expect(list).toMatchObject([{ id: 'moisture-stand-in', measures: 'moisture', simulated: true }]);
    const read = async (target: string) =>
      (await api.post(`${V1}/instruments/moisture-stand-in/readings`).send({ target, places }).expect(200))
        .body as {
        takenAt: string;
        readings: { at: object; value: number }[];
      };
    const [a, b, c] = [await read('deck'), await read('deck'), await read('hall')];
    expect(a).toEqual(b);
    expect(a.readings).not.toEqual(c.readings);
    expect(a.takenAt).toBe(NOW.toISOString());
    for (const { value } of [...a.readings, ...c.readings]) {
      expect(value).toBeGreaterThanOrEqual(2.5);
      expect(value).toBeLessThanOrEqual(25);
    }
  });
  it('one that is not there is not found; a request without places is refused', async () => {
    await api.post(`${V1}/instruments/none/readings`).send({ target: 'a', places }).expect(404);
    await api
      .post(`${V1}/instruments/moisture-stand-in/readings`)
      .send({ target: 'a', places: [] })
      .expect(422);
  });
});

describe('computations', () => {
  const demo = async (): Promise<Survey> =>
    (await api.get(`${V1}/jobs/${await importDemo()}/survey`).expect(200)).body as Survey;
  it('falls of a demo zone: one pond, behind an outlet that stands proud', async () => {
    const zone = (await demo()).zones.find((z) => z.id === 'workshop')!;
    const { body } = await api.post(`${V1}/compute/falls`).send(zone).expect(200);
    expect(body).toMatchObject({
      ponds: [{ deepestM: expect.closeTo(0.0204, 3) as number }],
      outlets: [{ proudM: expect.closeTo(0.008, 6) as number }, {}],
    });
  });
  it('readiness: held for moisture, refused for silicone', async () => {
    const { zones } = await demo();
    const judge = async (id: string) => {
      const zone = zones.find((z) => z.id === id)!;
      const request = { zone, family: zone.family, primerSchool: 'always', now: NOW.toISOString() };
      return (await api.post(`${V1}/compute/readiness`).send(request).expect(200)).body as { weight: string };
    };
    expect((await judge('deck')).weight).toBe('hold');
    expect((await judge('balcony')).weight).toBe('refused');
  });
  it('a taped outline, solved; anything else is refused', async () => {
    const { outline } = (await demo()).zones.find((z) => z.id === 'garden')!;
    const { body } = await api.post(`${V1}/compute/taped`).send(outline).expect(200);
    expect(body).toMatchObject({ missing: 0, spare: 1, suspects: [] });
    const points = {
      kind: 'points',
      origin: 'typed',
      points: [
        [0, 0],
        [1, 0],
        [0, 1],
      ],
    };
    expect(detail(await api.post(`${V1}/compute/taped`).send(points).expect(422))).toContain(
      'expected “taped”',
    );
  });
});

it('a survey of an earlier day is filled in when it is read', async () => {
  const id = await startJob();
  const old = {
    zones: [{ id: zone.id, code: 'A', name: 'A', outline: zone.outline, openings: [], note: '' }],
  };
  await pool.query(`INSERT INTO document (job_id, kind, version, body) VALUES ($1, 'survey', 2, $2)`, [
    id,
    old,
  ]);
  const { body } = await api.get(`${V1}/jobs/${id}/survey`).expect(200);
  expect(body).toEqual({ zones: [zone], primerSchool: 'always' });
});

it('a test dated in the future is refused', async () => {
  const id = await startJob();
  const test = {
    id: 't',
    kind: 'moisture',
    takenAt: new Date(Date.now() + 86_400_000).toISOString(),
    instrument: 'meter',
    value: 4,
    unprimed: false,
    note: '',
  };
  const r = await api
    .put(`${V1}/jobs/${id}/survey`)
    .set('If-Match', '"1"')
    .send({ zones: [{ ...zone, tests: [test] }], primerSchool: 'always' })
    .expect(422);
  expect(detail(r)).toContain('expected a time that has been');
});
