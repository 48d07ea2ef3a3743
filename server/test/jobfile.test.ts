import { randomUUID } from 'node:crypto';
import { describe, expect, inject, it } from 'vitest';
import { catalogue } from '@lentum/core/buildup';
import type { JobFile } from '@lentum/core/jobfile';
import { contentChecksum } from '@lentum/core/jobfile';
import { takeoff } from '@lentum/core/order';
import {
  bayStatus,
  EMPTY_BOOK,
  foldRecord,
  link,
  recordTable,
  namesOf,
  type EntryForm,
  type StoredEntry,
} from '@lentum/core/record';
import { zoneQuantities } from '@lentum/core/survey';
import { startApp } from '../../scripts/lib/server.mjs';
import { DEMO_ENTRIES, api, detail, importDemo, NOW, pool, V1 } from './support/api.ts';

const fileOf = async (id: string): Promise<JobFile> =>
  (await api.get(`${V1}/jobs/${id}/file`).expect(200)).body as JobFile;

/** Every figure that the interface shows of a job. */
function figures({ content }: JobFile): unknown {
  const names = namesOf(content.people);
  const book = foldRecord(EMPTY_BOOK, content.record, names);
  return JSON.parse(
    JSON.stringify({
      zones: content.survey.zones.map(zoneQuantities),
      order: takeoff(content.survey, content.buildUp, content.order),
      bays: content.site.bays.map((b) => bayStatus(b, content.buildUp, book, NOW.getTime())),
      table: recordTable(content.record, {
        ...{ buildUps: content.buildUp, site: content.site, names },
        says: (e) => e.kind,
        flags: () => '',
      }),
    }),
  );
}

describe('export and import', () => {
  it('gives the same job elsewhere, figure for figure', async () => {
    const first = await fileOf(await importDemo());
    const copy = randomUUID();
    await api.put(`${V1}/jobs/${copy}/file`).send(first).expect(201);
    const second = await fileOf(copy);
    expect(second.content).toEqual(first.content);
    expect(figures(second)).toEqual(figures(first));
    expect((await api.get(`${V1}/jobs/${copy}/record-check`)).body).toMatchObject({
      whole: true,
      entries: DEMO_ENTRIES,
    });
  });
  it('the same file sent twice to one id is stored once', async () => {
    const file = await fileOf(await importDemo());
    const id = randomUUID();
    await api.put(`${V1}/jobs/${id}/file`).send(file).expect(201);
    await api.put(`${V1}/jobs/${id}/file`).send(file).expect(200);
  });
  it('of an earlier day comes in with its text in the form it had then', async () => {
    const file = await fileOf(await importDemo());
    const job = { ...file.content.job, place: 'A\u030angstro\u0308m' };
    const content = { ...file.content, job };
    const id = randomUUID();
    await api
      .put(`${V1}/jobs/${id}/file`)
      .send({ ...file, content, checksum: contentChecksum(content) })
      .expect(201);
    expect((await fileOf(id)).content.job.place).toBe(job.place);
  });
  it.each<[string, (f: JobFile) => unknown, number, string]>([
    [
      'a changed entry',
      (f) => {
        f.content.record[3]!.entry.madeAt = '2026-01-01T00:00:00.000Z';
        return f;
      },
      422,
      'the chain breaks at entry 4',
    ],
    ['another format', () => ({ type: 'FeatureCollection' }), 422, 'expected “lentum-job”'],
    [
      'a cut-off text',
      (f) => JSON.stringify(f).slice(0, 900),
      400,
      'it is not JSON, or it is cut short; expected whole JSON text',
    ],
  ])('%s is refused and nothing is half stored', async (_, change, status, words) => {
    const file = await fileOf(await importDemo());
    const id = randomUUID();
    const r = await api
      .put(`${V1}/jobs/${id}/file`)
      .set('Content-Type', 'application/json')
      .send(change(file) as object)
      .expect(status);
    expect(detail(r)).toContain(words);
    await api.get(`${V1}/jobs/${id}`).expect(404);
    const { rowCount } = await pool.query('SELECT 1 FROM document WHERE job_id = $1', [id]);
    expect(rowCount).toBe(0);
  });
});

/** A job with many entries, so that storing it takes a while. */
async function large(entries: number): Promise<JobFile> {
  const file = await fileOf(await importDemo());
  const record: StoredEntry[] = [...file.content.record];
  for (let i = record.length; i < entries; i += 1) {
    const entry: EntryForm = {
      kind: 'conditions',
      id: `many-${i}`,
      madeAt: NOW.toISOString(),
      who: 'Ines',
      zoneId: 'hall',
      at: NOW.toISOString(),
      airC: 20,
      humidityPct: 50,
      surfaceC: 20,
    };
    record.push(link(record.at(-1), entry, NOW.toISOString()));
  }
  const content = { ...file.content, record };
  return { ...file, content, checksum: contentChecksum(content) };
}

describe('a server killed in the middle of a write', () => {
  it('leaves each job whole or absent', async () => {
    const body = JSON.stringify(await large(8000));
    const outcomes = new Set<string>();
    for (const delay of [150, 700, 1600]) {
      const { child: server, port } = await startApp(
        { url: inject('databaseUrl'), ownerUrl: inject('ownerUrl') },
        { env: { LENTUM_DEMO: 'off' }, quiet: true },
      );
      const id = randomUUID();
      const sent = fetch(`http://127.0.0.1:${port}${V1}/jobs/${id}/file`, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json' },
        body,
      }).then(
        (r) => r.status,
        () => 'cut',
      );
      await new Promise((r) => setTimeout(r, delay));
      server.kill('SIGKILL');
      await sent;
      await new Promise((r) => setTimeout(r, 300));
      const { rows } = await pool.query<{ n: number }>(
        'SELECT count(*)::int AS n FROM record_entry WHERE job_id = $1',
        [id],
      );
      const { rows: jobs } = await pool.query<{ n: number }>(
        'SELECT count(*)::int AS n FROM job WHERE id = $1',
        [id],
      );
      const state = jobs[0]!.n === 0 ? 'absent' : 'whole';
      outcomes.add(state);
      expect(rows[0]!.n).toBe(state === 'absent' ? 0 : 8000);
      if (state === 'whole')
        expect((await api.get(`${V1}/jobs/${id}/record-check`)).body).toMatchObject({ whole: true });
    }
    expect(outcomes).toContain('absent');
  }, 240_000);
});

describe('who may call', () => {
  it.each([
    ['a foreign host name', { Host: 'evil.example' }],
    ['a foreign origin', { Origin: 'https://evil.example' }],
    ['another site that leaves its origin out', { 'Sec-Fetch-Site': 'cross-site' }],
    ['another site of the same family', { 'Sec-Fetch-Site': 'same-site' }],
  ])('%s is turned away', async (_, headers) => {
    const r = await api.put(`${V1}/demo/${randomUUID()}`).set(headers);
    expect(r.status).toBe(403);
  });
  it('a form post is not JSON', async () => {
    await api.post(`${V1}/compute/dew-point`).type('form').send({ airC: '1' }).expect(415);
  });
  it('an unknown address and a broken escape are answered in words', async () => {
    expect(detail(await api.get(`${V1}/nothing`).expect(404))).toContain(
      'Address: “/api/v1/nothing” is not known here',
    );
    await api.get(`${V1}/jobs/%E0%A4%A`).expect(400);
  });
  it('what goes wrong inside is not told outside', async () => {
    const r = await api.get(`${V1}/jobs/${encodeURIComponent("x' OR '1'='1")}`).expect(404);
    expect(JSON.stringify(r.body)).not.toMatch(/node_modules|SELECT/);
  });
});

describe('compute and its description', () => {
  it('answers as the core does', async () => {
    const r = await api
      .post(`${V1}/compute/dew-point`)
      .send({ airC: 20, humidityPct: 50, surfaceC: 14 })
      .expect(200);
    expect((r.body as { dewPoint: { value: number } }).dewPoint.value).toBeCloseTo(9.26, 1);
    expect(detail(await api.post(`${V1}/compute/rate`).send({ text: '5 °C' }).expect(422))).toContain(
      'in a unit that does not fit here',
    );
    expect(
      (await api.post(`${V1}/compute/rate`).send({ text: '90 ft2/gal' }).expect(200)).body,
    ).toMatchObject({ basis: 'volume' });
    expect((await api.post(`${V1}/compute/build-up`).send(catalogue()[0]).expect(200)).body).toHaveProperty(
      'membraneDry.value',
    );
  });
  it.each([
    // A film is a film, whatever the density: 17 mil are 0.4318 mm.
    [{ text: '17 mil', densityKgPerL: 1.3 }, 'wetFilm', 0.4318],
    [{ text: '0.5 mm dry', densityKgPerL: 1.3 }, 'dryFilm', undefined],
    [{ text: '0.5 mm dry', volumeSolids: 0.8 }, 'dryFilm', 0.625],
    [{ text: '1.3 kg/m2', densityKgPerL: 1.3 }, 'mass', 1],
    [{ text: '1.3 kg/m2' }, 'mass', undefined],
    [{ text: '0.75 L/m2', densityKgPerL: 1.3 }, 'volume', 0.75],
  ])('a rate as people write it: %j', async (asked, basis, wetFilmMm) => {
    const answer = await api.post(`${V1}/compute/rate`).send(asked).expect(200);
    const rate = answer.body as { basis: string; wetFilmMm?: number };
    expect(rate.basis).toBe(basis);
    if (wetFilmMm === undefined) expect(rate.wetFilmMm).toBeUndefined();
    else expect(rate.wetFilmMm).toBeCloseTo(wetFilmMm, 9);
  });
  it('every route is in the OpenAPI document, and every reference in it leads somewhere', async () => {
    const doc = (await api.get(`${V1}/openapi.json`).expect(200)).body as {
      openapi: string;
      paths: Record<string, object>;
    };
    expect(doc.openapi).toBe('3.1.0');
    expect(Object.keys(doc.paths)).toEqual(
      expect.arrayContaining(['/jobs/{jobId}/record/{entryId}', '/compute/takeoff', '/jobs/{jobId}/file']),
    );
    for (const [, ref] of JSON.stringify(doc).matchAll(/"\$ref":"(#\/components[^"]*)"/g)) {
      const found = ref!
        .slice(2)
        .split('/')
        .reduce<unknown>((at, key) => (at as Record<string, unknown>)[key], doc);
      expect(found, ref).toBeDefined();
    }
    expect((await api.get(`${V1}/docs`).expect(200)).text).toContain('/compute/takeoff');
  });
});
