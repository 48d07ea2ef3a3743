import { randomUUID } from 'node:crypto';
import { describe, expect, inject, it } from 'vitest';
import { sentence } from '@lentum/core/problems';
import { blankZone, EMPTY_SURVEY, NO_LEVELS, surveyProblems, type Survey } from '@lentum/core/survey';
import { createPool } from '../src/db/pool.ts';
import { api, detail, HEAD, importDemo, pool, startJob, V1 } from './support/api.ts';

const zone = (name: string, w: number): Survey['zones'][number] =>
  blankZone({
    id: name.toLowerCase(),
    code: name.slice(0, 1).toUpperCase(),
    name,
    outline: {
      kind: 'points',
      origin: 'typed',
      points: [
        [0, 0],
        [w, 0],
        [w, 5],
        [0, 5],
      ],
    },
  });

/** A row of zones side by side, each with levels of its own: far more than one change of a survey brings. */
const manyZones = (n: number, levels: number): Survey => ({
  ...EMPTY_SURVEY,
  zones: Array.from({ length: n }, (_, i) => ({
    ...zone(`Q${i}`, 10),
    code: `Q${String.fromCharCode(65 + Math.floor(i / 26))}${String.fromCharCode(65 + (i % 26))}`,
    levels: {
      ...NO_LEVELS,
      points: Array.from({ length: levels }, (_, k) => ({
        id: `p${k}`,
        at: { alongM: 0.1 + k * 0.1, acrossM: 2 },
        valueM: 3,
      })),
    },
  })),
});

describe('a document that takes long to check', () => {
  it('is checked in a thread by the same rules, and stored as it is', async () => {
    const id = await startJob();
    const survey = manyZones(40, 90);
    expect(JSON.stringify(survey).length).toBeGreaterThan(150_000);
    const put = (body: object, version: number) =>
      api.put(`${V1}/jobs/${id}/survey`).set('If-Match', `"${version}"`).send(body);
    await put(survey, 1).expect(200);
    expect((await api.get(`${V1}/jobs/${id}/survey`).expect(200)).body).toEqual(survey);
    // One level off its zone; then one that is no number.
    const off = structuredClone(survey);
    off.zones[39]!.levels.points[89]!.at.alongM = 50;
    const refused = await put(off, 2).expect(422);
    expect((refused.body as { errors: object[] }).errors).toEqual(
      surveyProblems(off).map((p) => ({ ...p, sentence: sentence(p) })),
    );
    off.zones[39]!.levels.points[89]!.valueM = 'high' as unknown as number;
    const unread = await put(off, 2).expect(422);
    expect((unread.body as { errors: object[] }).errors).toMatchObject([
      { field: 'zones/39/levels/points/89/valueM' },
    ]);
    expect((await api.get(`${V1}/jobs/${id}/survey`).expect(200)).body).toEqual(survey);
  });
});

describe('jobs', () => {
  it('are started once, however often that is sent', async () => {
    const id = randomUUID();
    await api.put(`${V1}/jobs/${id}`).send(HEAD).expect(201);
    await api.put(`${V1}/jobs/${id}`).send(HEAD).expect(200);
    const other = await api
      .put(`${V1}/jobs/${id}`)
      .send({ ...HEAD, name: 'Other' })
      .expect(409);
    expect(detail(other)).toContain('another job under this id');
  });
  it('change their head under If-Match', async () => {
    const id = await startJob();
    const changed = await api
      .put(`${V1}/jobs/${id}`)
      .set('If-Match', '"1"')
      .send({ ...HEAD, units: 'us' })
      .expect(200);
    expect(changed.headers['etag']).toBe('"2"');
    await api.put(`${V1}/jobs/${id}`).set('If-Match', '"1"').send(HEAD).expect(412);
    expect((await api.get(`${V1}/jobs/${id}`).expect(200)).body).toMatchObject({
      version: 2,
      job: { units: 'us' },
    });
  });
  it('are listed newest first by cursor, each once, and put away and brought back', async () => {
    const ids = [await startJob(), await startJob(), await startJob()];
    const seen: string[] = [];
    let after = '';
    do {
      const page = await api.get(`${V1}/jobs?limit=2${after}`).expect(200);
      const body = page.body as { jobs: { id: string }[]; next?: string };
      seen.push(...body.jobs.map((j) => j.id));
      after = body.next ? `&after=${encodeURIComponent(body.next)}` : '';
    } while (after);
    expect(new Set(seen).size).toBe(seen.length);
    for (const id of ids) expect(seen).toContain(id);
    await api.put(`${V1}/jobs/${ids[0]}/archived`).send({ archived: true }).expect(200);
    const away = await api.get(`${V1}/jobs?archived=true&limit=200`).expect(200);
    expect((away.body as { jobs: { id: string }[] }).jobs.map((j) => j.id)).toContain(ids[0]);
  });
  it.each([
    [
      'a wrong time zone',
      { ...HEAD, timeZone: 'Roof/Top' },
      'The job, timeZone: “Roof/Top” does not fit; expected a time zone such as Europe/Lisbon.',
    ],
    ['no name', { ...HEAD, name: ' ' }, 'The job, name is missing; expected a few words'],
    ['an unknown key', { ...HEAD, colour: 1 }, 'expected no such entry as “colour”.'],
    ['not an object', [], 'The job: [] does not fit; expected an object.'],
  ])('%s is refused in a sentence', async (_, body, words) => {
    const r = await api.put(`${V1}/jobs/${randomUUID()}`).send(body).expect(422);
    expect(r.headers['content-type']).toContain('application/problem+json');
    expect(detail(r).replace('“[]”', '[]')).toContain(words);
  });
});

describe('documents', () => {
  it('two people saving the same survey: the second is told, with the newest version, and nothing is overwritten', async () => {
    const id = await startJob();
    await api
      .put(`${V1}/jobs/${id}/survey`)
      .set('If-Match', '"1"')
      .send({ zones: [zone('Mine', 4)] })
      .expect(200);
    const late = await api
      .put(`${V1}/jobs/${id}/survey`)
      .set('If-Match', '"1"')
      .send({ zones: [zone('Theirs', 9)] })
      .expect(412);
    expect(detail(late)).toBe(
      'The survey: this was made from version 1, and version 2 is the newest; expected a change made from the newest version.',
    );
    expect(late.body).toMatchObject({ newest: { version: 2, body: { zones: [{ name: 'Mine' }] } } });
    expect((await api.get(`${V1}/jobs/${id}/survey`)).body).toMatchObject({ zones: [{ name: 'Mine' }] });
  });
  it('many at once: one wins each version, every other is told', async () => {
    const id = await startJob();
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, i) =>
        api
          .put(`${V1}/jobs/${id}/survey`)
          .set('If-Match', '"1"')
          .send({ zones: [zone('Zone', i + 1)] }),
      ),
    );
    expect(answers.map((a) => a.status).sort()).toEqual([200, 412, 412, 412, 412, 412, 412, 412]);
  });
  it('every version is kept', async () => {
    const id = await startJob();
    await api
      .put(`${V1}/jobs/${id}/survey`)
      .set('If-Match', '"1"')
      .send({ zones: [zone('Mine', 4)] })
      .expect(200);
    const { rows } = await pool.query<{ n: number }>(
      `SELECT count(*)::int AS n FROM document WHERE job_id = $1 AND kind = 'survey'`,
      [id],
    );
    expect(rows[0]?.n).toBe(2);
  });
  it('a write without If-Match is asked for it, a wrong one is told', async () => {
    const id = await startJob();
    await api.put(`${V1}/jobs/${id}/survey`).send({ zones: [] }).expect(428);
    expect(
      detail(
        await api.put(`${V1}/jobs/${id}/survey`).set('If-Match', 'three').send({ zones: [] }).expect(400),
      ),
    ).toContain('If-Match: “three” does not fit; expected a version in quotes');
  });
  it.each([
    [
      'a crossing outline',
      {
        zones: [
          {
            ...zone('Bow', 4),
            outline: {
              kind: 'points',
              origin: 'typed',
              points: [
                [0, 0],
                [4, 4],
                [4, 0],
                [0, 4],
              ],
            },
          },
        ],
      },
      'Bow, outline: sides 1 and 3 cross; expected sides that meet only at corners.',
    ],
    [
      'a negative length',
      {
        zones: [
          {
            ...zone('Neg', 4),
            outline: {
              kind: 'walk',
              adjustmentAccepted: false,
              legs: [
                { lengthM: -2, turnDeg: 90, turn: 'left' },
                { lengthM: 1, turnDeg: 90, turn: 'left' },
                { lengthM: 1, turnDeg: 90, turn: 'left' },
              ],
            },
          },
        ],
      },
      'legs › 1 › lengthM: -2 is out of range; expected more than 0.',
    ],
    [
      'text in a number',
      {
        zones: [
          {
            ...zone('Txt', 4),
            outline: {
              kind: 'points',
              origin: 'typed',
              points: [
                [0, 'x'],
                [4, 0],
                [4, 4],
              ],
            },
          },
        ],
      },
      'points › 1 › 2: “x” does not fit; expected a number.',
    ],
  ])('%s is refused and the saved survey stays', async (_, body, words) => {
    const id = await startJob();
    await api
      .put(`${V1}/jobs/${id}/survey`)
      .set('If-Match', '"1"')
      .send({ zones: [zone('Good', 4)] })
      .expect(200);
    expect(
      detail(await api.put(`${V1}/jobs/${id}/survey`).set('If-Match', '"2"').send(body).expect(422)),
    ).toContain(words);
    expect((await api.get(`${V1}/jobs/${id}/survey`)).body).toMatchObject({ zones: [{ name: 'Good' }] });
  });
  it('a revision and a bay that the record refers to are frozen', async () => {
    const id = await importDemo();
    const buildUps = (await api.get(`${V1}/jobs/${id}/build-up`)).body as {
      buildUps: { id: string; layers: { rate?: { value: number } }[] }[];
    };
    buildUps.buildUps[0]!.layers[0]!.rate!.value = 0.5;
    expect(
      detail(await api.put(`${V1}/jobs/${id}/build-up`).set('If-Match', '"1"').send(buildUps).expect(422)),
    ).toMatch(
      /Reinforced polyurethane, fabric throughout, revision 1: \d+ record entries refer to it; expected it unchanged, and the change as revision 2\./,
    );
    const site = (await api.get(`${V1}/jobs/${id}/site`)).body as { bays: { id: string }[]; cuts: unknown[] };
    expect(
      detail(
        await api
          .put(`${V1}/jobs/${id}/site`)
          .set('If-Match', '"1"')
          .send({ ...site, bays: site.bays.slice(1) })
          .expect(422),
      ),
    ).toContain('Bay H1:');
    const survey = (await api.get(`${V1}/jobs/${id}/survey`)).body as Survey;
    expect(
      detail(
        await api
          .put(`${V1}/jobs/${id}/survey`)
          .set('If-Match', '"1"')
          .send({ zones: survey.zones.slice(1) })
          .expect(422),
      ),
    ).toContain('expected its bays to be removed first');
  });
});

describe('HTTP as others rely on it', () => {
  it('a known address says what it takes when it is asked otherwise', async () => {
    const id = await startJob();
    const refused = await api.patch(`${V1}/jobs/${id}/survey`).send({}).expect(405);
    expect(refused.headers['allow']).toBe('GET, HEAD, PUT, OPTIONS');
    expect(refused.headers['content-type']).toContain('application/problem+json');
    expect(detail(refused)).toContain('GET, HEAD, PUT, OPTIONS');
    expect((await api.options(`${V1}/jobs/${id}/survey`).expect(204)).headers['allow']).toBe(
      'GET, HEAD, PUT, OPTIONS',
    );
    expect((await api.delete(`${V1}/jobs`).expect(405)).headers['allow']).toContain('GET');
    await api.patch(`${V1}/no-such-address`).expect(404);
  });
  it('HEAD tells the tag of a document and no body; compressed or not, it is one strong tag', async () => {
    const id = await startJob();
    const head = await api.head(`${V1}/jobs/${id}/survey`).expect(200);
    const plain = await api.get(`${V1}/jobs/${id}/survey`).set('Accept-Encoding', 'identity').expect(200);
    const small = await api.get(`${V1}/jobs/${id}/survey`).set('Accept-Encoding', 'gzip').expect(200);
    expect(head.text ?? '').toBe('');
    expect(new Set([head, plain, small].map((r) => r.headers['etag']))).toEqual(new Set(['"1"']));
  });
  it('If-Match takes several tags, and * for whichever is there', async () => {
    const id = await startJob();
    const put = (match: string, body: object = { zones: [] }) =>
      api.put(`${V1}/jobs/${id}/survey`).set('If-Match', match).send(body);
    expect((await put('*').expect(200)).headers['etag']).toBe('"2"');
    expect((await put('"7", "2"').expect(200)).headers['etag']).toBe('"3"');
    await put('"1", "2"').expect(412);
    await put('"3", three').expect(400);
    await put('').expect(400);
    // The firm has said nothing yet, or has: * is whichever is there, and nothing where nothing is.
    const practice = await api.get(`${V1}/firm/practice`).expect(200);
    const any = await api.put(`${V1}/firm/practice`).set('If-Match', '*').send([]);
    expect(any.status).toBe(practice.headers['etag'] === '"0"' ? 412 : 200);
    await api.put(`${V1}/jobs/no-such-job/survey`).set('If-Match', '*').send({ zones: [] }).expect(404);
  });
});

describe('a document that is read again', () => {
  it('comes packed or plain as it is asked for, and is another after each change', async () => {
    const id = await startJob();
    const path = `${V1}/jobs/${id}/survey`;
    const one = { ...EMPTY_SURVEY, zones: Array.from({ length: 8 }, (_, i) => zone(`Q${'ABCDEFGH'[i]}`, 5)) };
    const put = (body: object, version: number) =>
      api.put(path).set('If-Match', `"${version}"`).send(body).expect(200);
    await put({ ...one, zones: one.zones.map((z, i) => ({ ...z, code: `Q${'ABCDEFGH'[i]}` })) }, 1);
    const read = async (encoding: string) => {
      const { body, headers } = await api.get(path).set('Accept-Encoding', encoding).expect(200);
      return { body: body as Survey, packed: headers['content-encoding'], tag: headers['etag'] };
    };
    for (let again = 0; again < 2; again += 1) {
      const [plain, packed] = [await read('identity'), await read('gzip')];
      expect([plain.packed, packed.packed]).toEqual([undefined, 'gzip']);
      expect(plain.body).toEqual(packed.body);
      expect(plain.body.zones).toHaveLength(8);
      expect([plain.tag, packed.tag]).toEqual(['"2"', '"2"']);
      await api.get(path).set('If-None-Match', '"2"').expect(304);
    }
    await put({ ...EMPTY_SURVEY, zones: [zone('Quay', 7)] }, 2);
    expect((await read('gzip')).body.zones.map((z) => z.name)).toEqual(['Quay']);
    await api.get(path).set('If-None-Match', '"2"').expect(200);
  });

  it('is read again where somebody with the rights of the owner wrote into its row', async () => {
    const id = await startJob();
    const path = `${V1}/jobs/${id}/survey`;
    await api.get(path).expect(200);
    const owner = createPool(inject('ownerUrl'));
    await owner.query(`UPDATE document SET body = $2 WHERE job_id = $1 AND kind = 'survey'`, [
      id,
      { ...EMPTY_SURVEY, zones: [zone('Quay', 7)] },
    ]);
    await owner.end();
    const { body } = (await api.get(path).expect(200)) as { body: Survey };
    expect(body.zones.map((z) => z.name)).toEqual(['Quay']);
  });
});
