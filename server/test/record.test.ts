import { randomUUID } from 'node:crypto';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import type { Entry, StoredEntry } from '@lentum/core/record';
import { DEMO_ENTRIES, api, detail, importDemo, NOW, pool, V1 } from './support/api.ts';

const step = (over: Partial<Entry> = {}): Entry =>
  ({
    kind: 'step',
    id: randomUUID(),
    madeAt: NOW.toISOString(),
    who: 'Ines',
    bayId: 'hall-12',
    step: 'prepared',
    at: NOW.toISOString(),
    note: '',
    ...over,
  }) as Entry;
const put = (job: string, entry: Entry) => api.put(`${V1}/jobs/${job}/record/${entry.id}`).send(entry);
const page = async (job: string, after = 0, limit = 200) =>
  (await api.get(`${V1}/jobs/${job}/record?after=${after}&limit=${limit}`).expect(200)).body as {
    entries: StoredEntry[];
    next?: number;
  };

describe('appending', () => {
  it('the same entry sent twice is stored once; another under its id is refused', async () => {
    const job = await importDemo();
    const entry = step();
    const first = await put(job, entry).expect(201);
    expect((await put(job, entry).expect(200)).body).toEqual(first.body);
    expect(detail(await put(job, { ...entry, who: 'Marek' }).expect(409))).toContain(
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
    await put(job, step({ supersedes: entry.id, note: 'first' } as Partial<Entry>)).expect(201);
    expect(
      detail(await put(job, step({ supersedes: entry.id, note: 'second' } as Partial<Entry>)).expect(422)),
    ).toContain('was corrected or withdrawn already');
  });
  it.each([
    [
      'an unknown bay',
      step({ bayId: 'nowhere' } as Partial<Entry>),
      'Entry, bay: “nowhere” is not known here',
    ],
    ['no name', step({ who: ' ' }), 'The entry, who:'],
    [
      'a time that is none',
      step({ at: 'noon' } as Partial<Entry>),
      'The entry, at: “noon” does not fit; expected an instant such as',
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
  it.each([
    ['UPDATE', `UPDATE record_entry SET entry = '{}' WHERE job_id = $1`],
    ['DELETE', `DELETE FROM record_entry WHERE job_id = $1`],
    ['TRUNCATE', `TRUNCATE record_entry`],
  ])('refuses %s', async (what, sql) => {
    const job = await importDemo();
    await expect(pool.query(sql, sql.includes('$1') ? [job] : [])).rejects.toThrow(
      `the record is append-only: ${what} on record_entry is refused`,
    );
  });
  it.each([
    ['a gap', DEMO_ENTRIES + 2, 'x'.repeat(64)],
    ['a false link', DEMO_ENTRIES + 1, 'a'.repeat(64)],
  ])('refuses %s in the chain', async (_, seq, previous) => {
    const job = await importDemo();
    const entry = step();
    const hash = 'b'.repeat(64);
    await expect(
      pool.query(
        `INSERT INTO record_entry (job_id, seq, id, received_at, entry, previous_hash, hash) VALUES ($1, $2, $3, now(), $4, $5, $6)`,
        [job, seq, entry.id, JSON.stringify(entry), previous.replaceAll('x', 'a'), hash],
      ),
    ).rejects.toThrow(new RegExp(`does not follow entry ${DEMO_ENTRIES}`));
  });
  it('the checker finds an entry that was changed behind the triggers', async () => {
    const job = await importDemo();
    const client = await pool.connect();
    try {
      await client.query('ALTER TABLE record_entry DISABLE TRIGGER record_no_change');
      await client.query(
        `UPDATE record_entry SET entry = jsonb_set(entry, '{who}', '"Nobody"') WHERE job_id = $1 AND seq = 40`,
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
  await put(job, step({ note: '=1+1' } as Partial<Entry>)).expect(201);
  const r = await api.get(`${V1}/jobs/${job}/record.csv`).expect(200);
  expect(r.headers['content-type']).toContain('text/csv');
  const rows = Papa.parse<Record<string, string>>(r.text, { header: true }).data;
  expect(rows.length).toBe(DEMO_ENTRIES + 1);
  expect(rows.find((x) => x['bay'] === 'H3' && x['layer'] === 'Second coat')).toMatchObject({
    outcome: 'thin',
    design_wet_mm: '0.846',
  });
  expect(rows.at(-1)?.['note']).toBe("'=1+1");
});
