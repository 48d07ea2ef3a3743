import { createHash, randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { blankBuildUp, catalogue, isCoat, type BuildUp } from '@lentum/core/buildup';
import { readBuildUpFile, type BuildUpFile } from '@lentum/core/library';
import { readJobFile } from '@lentum/core/jobfile';
import { api, detail, owner, pool, startJob, V1 } from './support/api.ts';

/** A whole, very small PDF of our own. */
const PDF = Buffer.from(
  '%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[]/Count 0>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n',
);
const hash = (b: Buffer): string => createHash('sha256').update(b).digest('hex');
const send = (content: Buffer, type = 'application/pdf', sha = hash(content)) =>
  api.put(`${V1}/papers/${sha}`).set('Content-Type', type).send(content);
const fresh = (): BuildUp => blankBuildUp(`own-${randomUUID().slice(0, 8)}`, 'Our own deck');
const put = (b: BuildUp, version: number) =>
  api.put(`${V1}/library/${b.id}`).set('If-Match', `"${version}"`).send(b);
const releaseIt = (id: string, version: number, note = '') =>
  api.post(`${V1}/library/${id}/revisions`).set('If-Match', `"${version}"`).send({ who: 'Ines', note });
interface Row {
  id: string;
  revision: number;
  changed: boolean;
  putAway: boolean;
  shipped: boolean;
  buildUp: BuildUp;
}
const list = async (): Promise<Row[]> =>
  ((await api.get(`${V1}/library`).expect(200)).body as { buildUps: Row[] }).buildUps;
const rowOf = async (id: string): Promise<Row | undefined> => (await list()).find((r) => r.id === id);

describe('the library', () => {
  it('holds what ships, as revision 1, until somebody makes it his own', async () => {
    const rows = await list();
    for (const b of catalogue()) expect(rows.map((r) => r.id)).toContain(b.id);
    const shipped = catalogue().find((b) => b.family === 'BITEM')!;
    const first = await api.get(`${V1}/library/${shipped.id}`).expect(200);
    expect(first.headers['etag']).toBe('"0"');
    expect(first.body).toEqual(JSON.parse(JSON.stringify(shipped)));
    await put({ ...shipped, summary: 'Ours now.' }, 0).expect(200);
    expect(await rowOf(shipped.id)).toMatchObject({
      revision: 1,
      changed: true,
      buildUp: { summary: shipped.summary },
    });
    const released = await releaseIt(shipped.id, 1, 'our own words').expect(201);
    expect(released.body).toEqual({ revision: 2, version: 2 });
    expect(await rowOf(shipped.id)).toMatchObject({
      revision: 2,
      changed: false,
      buildUp: { summary: 'Ours now.', revision: 2 },
    });
    const revisions = await api.get(`${V1}/library/${shipped.id}/revisions`).expect(200);
    expect(revisions.body).toMatchObject({
      revisions: [
        { revision: 2, who: 'Ines', note: 'our own words' },
        { revision: 1, who: 'shipped with Lentum' },
      ],
    });
    const old = await api.get(`${V1}/library/${shipped.id}/revisions/1`).expect(200);
    expect(old.body).toEqual(JSON.parse(JSON.stringify(shipped)));
  });

  it('a build-up from nothing is drafted, refused while it is wrong, released, and never changed after', async () => {
    const b = fresh();
    await put(b, 0).expect(200);
    expect(await rowOf(b.id)).toMatchObject({ revision: 0, changed: true, shipped: false });
    const bad = { ...b, layers: [...b.layers, b.layers[0]!] };
    expect(detail(await put(bad, 1).expect(422))).toContain('“coat-1” is there twice');
    const unknown = await api
      .put(`${V1}/library/${b.id}`)
      .set('If-Match', '"1"')
      .send({ ...b, colour: 'red' })
      .expect(422);
    expect(detail(unknown)).toContain('expected no such entry as “colour”.');
    expect((await api.get(`${V1}/library/${b.id}`).expect(200)).body).toMatchObject({
      layers: [{ id: 'coat-1' }],
    });
    await releaseIt(b.id, 1).expect(201);
    const again = await releaseIt(b.id, 2).expect(422);
    expect(detail(again)).toContain(
      'nothing differs from revision 1; expected a change before the next revision is released.',
    );
    await expect(
      owner.query('UPDATE library_revision SET note = $1 WHERE build_up_id = $2', ['x', b.id]),
    ).rejects.toThrow('stays as it is');
    await expect(owner.query('DELETE FROM library_revision WHERE build_up_id = $1', [b.id])).rejects.toThrow(
      'stays as it is',
    );
  });

  it('a draft that two people edit at once: the second is told, and nothing is lost', async () => {
    const b = fresh();
    await put(b, 0).expect(200);
    const both = await Promise.all([put({ ...b, summary: 'one' }, 1), put({ ...b, summary: 'two' }, 1)]);
    expect(both.map((r) => r.status).sort()).toEqual([200, 412]);
    const late = both.find((r) => r.status === 412)!;
    expect(detail(late)).toContain(
      'this was made from version 1, and version 2 is the newest; expected a change made from the newest version.',
    );
    expect((late.body as { newest: { version: number } }).newest.version).toBe(2);
    const { rows } = await pool.query<{ n: number }>(
      'SELECT count(*)::int AS n FROM library_draft WHERE build_up_id = $1',
      [b.id],
    );
    expect(rows[0]?.n).toBe(2);
    await releaseIt(b.id, 1).expect(412);
    await put({ ...b, id: 'another' }, 2).expect(412);
    expect(await rowOf('another')).toBe(undefined);
  });

  it('two releases at once: one revision each, none twice', async () => {
    const b = fresh();
    await put(b, 0).expect(200);
    const both = await Promise.all([releaseIt(b.id, 1), releaseIt(b.id, 1)]);
    expect(both.map((r) => r.status).sort()).toEqual([201, 412]);
  });

  it('an id in the address and another in the body', async () => {
    const b = fresh();
    const r = await api
      .put(`${V1}/library/other-${randomUUID().slice(0, 8)}`)
      .set('If-Match', '"0"')
      .send(b)
      .expect(422);
    expect(detail(r)).toContain(`The build-up, id: “${b.id}” does not fit`);
    expect(await rowOf(b.id)).toBe(undefined);
  });

  it('is put away and brought back, whole', async () => {
    const b = fresh();
    await put(b, 0).expect(200);
    await api.post(`${V1}/library/${b.id}/away`).send({ away: true }).expect(204);
    expect(await rowOf(b.id)).toMatchObject({ putAway: true });
    await api.post(`${V1}/library/${b.id}/away`).send({ away: false }).expect(204);
    expect(await rowOf(b.id)).toMatchObject({ putAway: false, buildUp: { name: 'Our own deck' } });
    await api.post(`${V1}/library/nowhere/away`).send({ away: true }).expect(404);
  });

  it.each([
    ['get', '/library/nowhere'],
    ['get', '/library/nowhere/revisions'],
    ['get', '/library/two-coat-silicone/revisions/99'],
    ['get', '/library/two-coat-silicone/revisions/one'],
    ['get', '/library/nowhere/file'],
  ] as const)('%s %s is not found', async (method, path) => {
    await api[method](`${V1}${path}`).expect(404);
  });
  it('a write has to say what it was made from', async () => {
    await api.put(`${V1}/library/${fresh().id}`).send(fresh()).expect(428);
  });
});

describe('papers', () => {
  it('are filed once by what is in them, and come back as they were, and are taken for nothing else', async () => {
    await send(PDF).expect(201);
    await send(PDF).expect(201);
    const back = await api
      .get(`${V1}/papers/${hash(PDF)}`)
      .buffer(true)
      .expect(200);
    expect(back.headers['content-type']).toBe('application/pdf');
    expect(back.headers['x-content-type-options']).toBe('nosniff');
    expect(hash(back.body as Buffer)).toBe(hash(PDF));
    // As a file to be saved, in which nothing runs; asked for to be read it is left to the browser's viewer.
    expect(back.headers['content-security-policy']).toBe("sandbox; default-src 'none'");
    expect(back.headers['content-disposition']).toMatch(/^attachment; filename="?paper-[0-9a-f]{12}\.pdf"?$/);
    const read = await api.get(`${V1}/papers/${hash(PDF)}?view=yes`).expect(200);
    expect(read.headers['content-disposition']).toBe(undefined);
    expect(read.headers['content-security-policy']).toBe(undefined);
    await api.get(`${V1}/papers/${hash(PDF)}?view=no`).expect(400);
    await expect(owner.query('DELETE FROM paper_file WHERE sha256 = $1', [hash(PDF)])).rejects.toThrow(
      'stays as it is',
    );
  });
  it.each<[string, Buffer, string]>([
    ['a page of script called a PDF', Buffer.from('<html><script>x()</script>'), 'application/pdf'],
    ['a program', Buffer.from('\u007fELF\u0002\u0001\u0001'), 'application/pdf'],
    ['nothing', Buffer.alloc(0), 'application/pdf'],
  ])('%s is refused', async (_, content, type) => {
    expect(detail(await send(content, type).expect(422))).toContain('expected a PDF, PNG or JPEG');
  });
  it('one that did not arrive whole is refused', async () =>
    expect(detail(await send(PDF, 'application/pdf', 'a'.repeat(64)).expect(422))).toContain(
      'expected a paper that arrived whole',
    ));
  it('too large a one is refused', async () => {
    await send(Buffer.alloc(13 * 1024 * 1024)).expect(413);
  });

  const withPaper = (b: BuildUp, sha256: string): BuildUp => {
    const coat = b.layers.find(isCoat)!;
    return {
      ...b,
      papers: [
        {
          id: 'sheet',
          kind: 'data sheet',
          title: 'Sheet of our own',
          date: '2026-03-01',
          layerIds: [coat.id],
          file: { sha256, name: 'sheet.pdf', mime: 'application/pdf', bytes: PDF.length },
        },
      ],
    };
  };
  it('one that was never sent cannot be named', async () => {
    const r = await put(withPaper(fresh(), 'b'.repeat(64)), 0).expect(422);
    expect(detail(r)).toContain(
      'Sheet of our own, file: “bbbbbbbbbbbb…” is not known here; expected a paper that was sent before it is named.',
    );
  });
  it('go along with a build-up’s file and with a job’s, which are refused without them', async () => {
    await send(PDF).expect(201);
    const b = withPaper(fresh(), hash(PDF));
    await put(b, 0).expect(200);
    const file = (await api.get(`${V1}/library/${b.id}/file`).expect(200)).body as BuildUpFile;
    expect(file.papers).toEqual([{ sha256: hash(PDF), base64: PDF.toString('base64') }]);
    expect(readBuildUpFile(JSON.stringify(file)).ok).toBe(true);
    const without = readBuildUpFile(JSON.stringify({ ...file, papers: [] }));
    expect(without.ok ? '' : without.problems[0]?.expected).toBe('the paper to be in the file');

    const id = await startJob();
    await api
      .put(`${V1}/jobs/${id}/build-up`)
      .set('If-Match', '"1"')
      .send({ buildUps: [{ ...b, taken: { revision: 1 } }], zones: [] })
      .expect(200);
    const job = await api.get(`${V1}/jobs/${id}/file`).expect(200);
    const text = JSON.stringify(job.body);
    const read = readJobFile(text);
    expect(read.ok && read.value.content.papers.map((p) => p.sha256)).toEqual([hash(PDF)]);
    await api
      .put(`${V1}/jobs/${randomUUID()}/file`)
      .set('Content-Type', 'application/json')
      .send(text)
      .expect(201);
  });
});
