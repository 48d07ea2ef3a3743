import { randomUUID } from 'node:crypto';
import Papa from 'papaparse';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Entry, EntryForm, StoredEntry } from '@lentum/core/record';
import { DEMO_ENTRIES, api, detail, importDemo, NOW, owner, pool, V1 } from './support/api.ts';

const PERSON = 'p-ines';
const step = (change: Record<string, unknown> = {}, body: Record<string, unknown> = {}): Entry =>
  ({
    ...{ form: 2, kind: 'preparation', version: 1, id: randomUUID(), personId: PERSON, deviceId: 'phone' },
    ...{ madeAt: NOW.toISOString(), zoneId: 'hall', bays: [{ bayId: 'hall-12', share: 1 }], attachments: [] },
    body: { at: NOW.toISOString(), steps: [], complete: true, ...body },
    ...change,
  }) as unknown as Entry;
const put = (job: string, entry: EntryForm) => api.put(`${V1}/jobs/${job}/record/${entry.id}`).send(entry);
beforeAll(() => api.put(`${V1}/people/${PERSON}`).send({ name: 'Ines' }).expect(200));
const page = async (job: string, after = 0, limit = 200) =>
  (await api.get(`${V1}/jobs/${job}/record?after=${after}&limit=${limit}`).expect(200)).body as {
    entries: StoredEntry[];
    next?: number;
  };

describe('where a batch is', () => {
  it('every entry in force of every job, however it is written, and what may be the same', async () => {
    const [one, two] = [await importDemo(), await importDemo()];
    interface Found {
      readonly written: string[];
      readonly like: string[];
      readonly uses: { jobId: string; kind: string; bays: string[]; zone: string; entryId: string }[];
    }
    const look = async (batch: string) =>
      (await api.get(`${V1}/batches?batch=${encodeURIComponent(batch)}`).expect(200)).body as Found;
    const here = async (batch: string) =>
      (await look(batch)).uses.filter((u) => u.jobId === one || u.jobId === two);
    const found = await here('f 2240');
    // The demo's second coats: H1, H2 (as corrected), H3, H4; and the delivery that brought it. In either job.
    const coats = found.filter((u) => u.kind === 'coat' && u.jobId === one);
    expect(coats.flatMap((u) => u.bays).sort()).toEqual(['H1', 'H2', 'H3', 'H4']);
    expect(coats.every((u) => u.zone === 'Booking hall roof')).toBe(true);
    expect(found.some((u) => u.kind === 'stock')).toBe(true);
    expect(found.filter((u) => u.jobId === two)).toHaveLength(found.length / 2);
    expect((await look('F-2240')).uses).toHaveLength((await look('f 2240')).uses.length);
    // The slip that was corrected is not in force, and is told as one that may be meant.
    expect(await here('F-2204')).toEqual([]);
    expect((await look('F-2240')).like).toContain('F-2204');
    // What is taken back counts no more.
    const id = coats.find((u) => u.bays[0] === 'H3')?.entryId ?? '';
    const back = step({
      kind: 'withdrawal',
      supersedes: id,
      bays: [],
      zoneId: undefined,
      body: { reason: 'no' },
    });
    const { zoneId: _none, ...withdrawal } = back as Entry & { zoneId?: string };
    await api
      .put(`${V1}/jobs/${one}/record/${back.id}`)
      .send({ ...withdrawal, body: { reason: 'no' } })
      .expect(201);
    expect((await here('F-2240')).filter((u) => u.jobId === one && u.bays[0] === 'H3')).toEqual([]);
    expect((await look('none-such')).uses).toEqual([]);
    expect(detail(await api.get(`${V1}/batches?batch=`).expect(400))).toMatch(/batch/i);
  });
});

describe('appending', () => {
  it('the same entry sent twice is stored once; another under its id is refused', async () => {
    const job = await importDemo();
    const entry = step();
    const first = await put(job, entry).expect(201);
    expect((await put(job, entry).expect(200)).body).toEqual(first.body);
    expect(detail(await put(job, { ...entry, madeAt: '2026-05-12T08:00:00.000Z' }).expect(409))).toContain(
      'expected an id of its own for each entry',
    );
    expect((await page(job, DEMO_ENTRIES)).entries.length).toBe(1);
  });
  it('twenty at once are numbered without gaps and chained', async () => {
    const job = await importDemo();
    const answers = await Promise.all(Array.from({ length: 20 }, () => put(job, step())));
    expect(answers.every((a) => a.status === 201)).toBe(true);
    expect((await page(job)).entries.map((e) => e.seq)).toEqual(
      Array.from({ length: DEMO_ENTRIES + 20 }, (_, i) => i + 1),
    );
    expect((await api.get(`${V1}/jobs/${job}/record-check`)).body).toMatchObject({
      whole: true,
      entries: DEMO_ENTRIES + 20,
    });
  });
  it('one entry is corrected once: of two corrections the second is told', async () => {
    const job = await importDemo();
    const entry = step();
    await put(job, entry).expect(201);
    await put(job, step({ supersedes: entry.id }, { note: 'first' })).expect(201);
    expect(detail(await put(job, step({ supersedes: entry.id }, { note: 'second' })).expect(422))).toContain(
      'was corrected or withdrawn already',
    );
  });
  it.each([
    [
      'an unknown bay',
      step({ bays: [{ bayId: 'nowhere', share: 1 }] }),
      'Entry, bay: “nowhere” is not known here',
    ],
    [
      'nobody',
      step({ personId: 'stranger' }),
      'Entry, person: “stranger” is not known here; expected somebody whose name was sent first',
    ],
    ['no device', step({ deviceId: '' }), 'The entry, deviceId:'],
    ['a form that is none', step({ form: 3 }), 'The entry, form:'],
    ['a share of nothing', step({ bays: [{ bayId: 'hall-12', share: 0 }] }), 'The entry, bays › 1 › share:'],
    ['a kind of a later day', step({ version: 2 }), 'The entry, version:'],
    [
      'a false signature',
      step({ signature: { algorithm: 'ES256', key: 'AAAA', value: 'AAAA' } }),
      'Entry, signature:',
    ],
    [
      'a time that is none',
      step({}, { at: 'noon' }),
      'The entry, body › at: “noon” does not fit; expected an instant',
    ],
  ])('%s is refused', async (_, entry, words) => {
    const job = await importDemo();
    expect(detail(await put(job, entry).expect(422))).toContain(words);
    expect((await page(job)).entries.length).toBe(DEMO_ENTRIES);
  });
  it('pages join to the whole', async () => {
    const job = await importDemo();
    const all: StoredEntry[] = [];
    for (let after: number | undefined = 0; after !== undefined;) {
      const p: { entries: StoredEntry[]; next?: number } = await page(job, after, 7);
      all.push(...p.entries);
      after = p.next;
    }
    expect(all.map((e) => e.seq)).toEqual(Array.from({ length: DEMO_ENTRIES }, (_, i) => i + 1));
  });
});

describe('the database itself', () => {
  /** Past all that the server looks at. */
  const insert = (
    job: string,
    { seq = 1, id = 'sound', previous = 'a'.repeat(64), hash = 'b'.repeat(64) },
    db: Pick<typeof pool, 'query'> = pool,
  ): Promise<unknown> =>
    db.query(
      `INSERT INTO record_entry (job_id, seq, id, received_at, entry, previous_hash, hash) VALUES ($1, $2, $3, now(), $4, $5, $6)`,
      [job, seq, id, JSON.stringify({ ...step(), id }), previous, hash],
    );
  it.each([
    ['UPDATE', `UPDATE record_entry SET entry = '{}' WHERE job_id = $1`],
    ['DELETE', `DELETE FROM record_entry WHERE job_id = $1`],
    ['TRUNCATE', `TRUNCATE record_entry`],
  ])('refuses %s', async (what, sql) => {
    const job = await importDemo();
    await expect(owner.query(sql, sql.includes('$1') ? [job] : [])).rejects.toThrow(
      `the record is append-only: ${what} on record_entry is refused`,
    );
  });
  it.each([
    ['a gap', DEMO_ENTRIES + 2, 'x'.repeat(64)],
    ['a false link', DEMO_ENTRIES + 1, 'a'.repeat(64)],
  ])('refuses %s in the chain', async (_, seq, previous) => {
    const job = await importDemo();
    await expect(insert(job, { seq, previous: previous.replaceAll('x', 'a') })).rejects.toThrow(
      new RegExp(`does not follow entry ${DEMO_ENTRIES}`),
    );
  });
  it.each([
    ['a hash that is short', { hash: 'b'.repeat(63) }, 'hash_check'],
    ['a hash that is long', { hash: 'b'.repeat(65) }, 'hash_check'],
    ['a hash in capitals', { hash: 'B'.repeat(64) }, 'hash_check'],
    ['a hash with a line end', { hash: `${'b'.repeat(63)}\n` }, 'hash_check'],
    ['a link that is none', { previous: `${'a'.repeat(63)}g` }, 'previous_hash_check'],
    ['an empty id', { id: '' }, 'id_check'],
    ['a long id', { id: 'a'.repeat(65) }, 'id_check'],
    ['an id with a space', { id: 'a b' }, 'id_check'],
    ['an id with a letter of another alphabet', { id: 'é' }, 'id_check'],
    ['an id with a line end', { id: 'a\n' }, 'id_check'],
  ])('refuses %s', async (_, given, constraint) => {
    await expect(insert('none', given)).rejects.toMatchObject({
      constraint: `record_entry_${constraint}`,
    });
  });
  it('refuses an entry of a job that is not there, first or later, and keeps a job that has entries', async () => {
    await expect(insert('none', { previous: '0'.repeat(64) })).rejects.toMatchObject({
      constraint: 'record_entry_begins_job_id_fkey',
    });
    await expect(insert('none', { seq: 2 })).rejects.toThrow('does not follow entry 0');
    // A job of which nothing else keeps hold; nothing of it stays.
    const client = await owner.connect();
    try {
      await client.query(`BEGIN; INSERT INTO job (id) VALUES ('bare')`);
      await insert('bare', { previous: '0'.repeat(64) }, client);
      await expect(client.query(`DELETE FROM job WHERE id = 'bare'`)).rejects.toMatchObject({
        constraint: 'record_entry_begins_job_id_fkey',
      });
    } finally {
      await client.query('ROLLBACK');
      client.release();
    }
  });
  it('the checker finds an entry that was changed behind the triggers', async () => {
    const job = await importDemo();
    const client = await owner.connect();
    try {
      await client.query('ALTER TABLE record_entry DISABLE TRIGGER record_no_change');
      await client.query(
        `UPDATE record_entry SET entry = jsonb_set(entry, '{personId}', '"nobody"') WHERE job_id = $1 AND seq = 40`,
        [job],
      );
    } finally {
      await client.query('ALTER TABLE record_entry ENABLE TRIGGER record_no_change');
      client.release();
    }
    expect((await api.get(`${V1}/jobs/${job}/record-check`)).body).toEqual({
      whole: false,
      entries: 0,
      problem: 'The record: the chain breaks at entry 40; expected every entry unchanged and in its place.',
    });
  });
});

it('the CSV has every entry, opens in a spreadsheet, and runs no formula', async () => {
  const job = await importDemo();
  await put(job, step({}, { note: '=1+1' })).expect(201);
  const r = await api.get(`${V1}/jobs/${job}/record.csv`).expect(200);
  expect(r.headers['content-type']).toContain('text/csv');
  const rows = Papa.parse<Record<string, string>>(r.text, { header: true }).data;
  expect(new Set(rows.map((x) => x['id'])).size).toBe(DEMO_ENTRIES + 1);
  expect(rows.find((x) => x['bay'] === 'H3' && x['layer'] === 'Second coat')).toMatchObject({
    outcome: 'thin',
    design_wet_mm: '0.846',
  });
  expect(rows.at(-1)?.['note']).toBe("'=1+1");
});
