/** The book over the API: people, both forms, shifts, tests brought over, databases and files of earlier days. */
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { runner } from 'node-pg-migrate';
import Papa from 'papaparse';
import { beforeAll, describe, expect, it } from 'vitest';
import type { JobContent, JobFile } from '@lentum/core/jobfile';
import { chainProblem, KINDS, type Entry, type EntryForm, type StoredEntry } from '@lentum/core/record';
import { surveyAt } from '../../demo/src/zones.ts';
import { checkChain } from '../../docs/formats/check-chain.mjs';
import { ensureDatabase, type Database } from '../../scripts/lib/postgres.mjs';
import { prepare } from '../src/db/prepare.ts';
import { createPool, type Pool } from '../src/db/pool.ts';
import { bringOverAll } from '../src/record/broughtover.ts';
import { insertEntries, readAll } from '../src/record/store.ts';
import { api, DEMO_ENTRIES, detail, importDemo, NOW, pool, startJob, V1 } from './support/api.ts';

const old = (name: string) => new URL(`../../core/test/chains/${name}`, import.meta.url);
const oldJob = (name: string): JobFile => JSON.parse(readFileSync(old(name), 'utf8')) as JobFile;
const record = async (job: string) =>
  (await api.get(`${V1}/jobs/${job}/record?limit=2000`).expect(200)).body as {
    entries: StoredEntry[];
    people: { id: string; name: string }[];
  };
const put = (job: string, entry: EntryForm) => api.put(`${V1}/jobs/${job}/record/${entry.id}`).send(entry);
const made = (kind: string, body: object, more: object = {}): Entry =>
  ({
    ...{ form: 2, kind, version: 1, id: randomUUID(), personId: 'p-book', deviceId: 'phone', bays: [] },
    ...{ madeAt: NOW.toISOString(), offsetMs: 0, zoneId: 'hall', attachments: [], body },
    ...more,
  }) as unknown as Entry;
beforeAll(() => api.put(`${V1}/people/p-book`).send({ name: 'Ada' }).expect(200));

describe('people', () => {
  it('a name is replaced and no hash is touched', async () => {
    const job = await importDemo();
    const person = randomUUID();
    await api.put(`${V1}/people/${person}`).send({ name: 'Bo' }).expect(200);
    await put(job, made('event', { at: NOW.toISOString(), what: 'rain' }, { personId: person })).expect(201);
    const before = await record(job);
    expect(before.people).toContainEqual({ id: person, name: 'Bo' });
    await api.put(`${V1}/people/${person}`).send({ name: 'Person 12' }).expect(200);
    const after = await record(job);
    expect(after.people).toContainEqual({ id: person, name: 'Person 12' });
    expect(after.entries).toEqual(before.entries);
    expect((await api.get(`${V1}/jobs/${job}/record-check`)).body).toMatchObject({ whole: true });
    expect((await api.get(`${V1}/people`)).body.people).toContainEqual({ id: person, name: 'Person 12' });
  });
  it.each([
    ['without a name', randomUUID(), { name: ' ' }, 'The person, name'],
    ['under the id of nobody', 'brought-over', { name: 'Bo' }, 'Person, id: “brought-over” does not fit'],
  ])('%s nobody is named', async (_, id, body, words) => {
    expect(detail(await api.put(`${V1}/people/${id}`).send(body).expect(422))).toContain(words);
  });
  it('names that come with a file do not replace those that are here', async () => {
    const file = (await api.get(`${V1}/jobs/${await importDemo()}/file`)).body as JobFile;
    await api.put(`${V1}/people/velmora-ines`).send({ name: 'Ines of ours' }).expect(200);
    const copy = randomUUID();
    await api.put(`${V1}/jobs/${copy}/file`).send(file).expect(201);
    // And the same file again is the same job, whatever its people are called here.
    await api.put(`${V1}/jobs/${copy}/file`).send(file).expect(200);
    expect((await record(copy)).people).toContainEqual({ id: 'velmora-ines', name: 'Ines of ours' });
    await api.put(`${V1}/people/velmora-ines`).send({ name: 'Ines' }).expect(200);
  });
});

describe('both forms in one record', () => {
  it('what still waited on a device in the first form is taken behind the second, and chained', async () => {
    const job = await importDemo();
    const first = {
      ...{ kind: 'step', id: randomUUID(), madeAt: NOW.toISOString(), who: 'Ines', bayId: 'hall-12' },
      ...{ step: 'prepared', at: NOW.toISOString(), note: '' },
    } as EntryForm;
    await put(job, first).expect(201);
    const better = { at: NOW.toISOString(), steps: ['wash'], complete: true };
    const bays = [{ bayId: 'hall-12', share: 1 }];
    await put(job, made('preparation', better, { supersedes: first.id, bays })).expect(201);
    const { entries } = await record(job);
    expect(entries.slice(-2).map((s) => 'form' in s.entry)).toEqual([false, true]);
    expect(checkChain(entries)).toMatchObject({ whole: true, entries: DEMO_ENTRIES + 2 });
  });
  it('six bays are prepared by one entry; bays and revisions that it names stay as they are', async () => {
    const job = await importDemo();
    const bays = [12, 5, 6].map((n) => ({ bayId: `hall-${n}`, share: 10 + n }));
    await put(
      job,
      made('preparation', { at: NOW.toISOString(), steps: [], complete: true }, { bays }),
    ).expect(201);
    const site = await api.get(`${V1}/jobs/${job}/site`);
    const less = { ...site.body, bays: site.body.bays.filter((b: { id: string }) => b.id !== 'hall-12') };
    const r = await api
      .put(`${V1}/jobs/${job}/site`)
      .set('If-Match', site.headers['etag'] as string)
      .send(less);
    expect(r.status).toBe(422);
    expect(detail(r)).toContain('Bay H12: 1 record entry refers to it');
  });
  it('a closing needs its opening in the same record', async () => {
    const [job, other] = [await importDemo(), await importDemo()];
    const opened = made('permit', {
      ...{ step: 'opened', at: '2026-05-12T06:00:00.000Z', number: '7', issuedBy: 'Ada', work: 'torching' },
      until: '2026-05-12T16:00:00.000Z',
    });
    await put(job, opened).expect(201);
    const closing = () =>
      made('permit', { step: 'closed', at: NOW.toISOString(), permitId: opened.id, closedBy: 'Ada' });
    expect(detail(await put(other, closing()).expect(422))).toContain(
      'expected one that was opened in this record',
    );
    await put(job, closing()).expect(201);
  });
  it('the CSV has every kind that was entered, in words, with what is to be minded', async () => {
    const job = await importDemo();
    const coat = {
      ...{ buildUpId: 'reinforced-polyurethane', revision: 1, layerId: 'first', gauge: 'deep', readings: [] },
      ...{ startedAt: '2026-05-12T08:00:00.000Z', finishedAt: '2026-05-12T09:00:00.000Z' },
      containers: [{ containerId: 'pail-25', opened: 1, batch: '=F-1' }],
      leftOver: { basis: 'mass', value: 20 },
    };
    const bays = [
      { bayId: 'hall-7', share: 1 },
      { bayId: 'hall-10', share: 3 },
    ];
    await put(job, made('coat', coat, { bays })).expect(201);
    const { text } = await api.get(`${V1}/jobs/${job}/record.csv`).expect(200);
    const rows = Papa.parse<Record<string, string>>(text, { header: true }).data;
    const wanted = KINDS.filter((k) => k !== 'gauge' && k !== 'withdrawal');
    expect([...new Set(rows.map((r) => r['kind']))].sort()).toEqual([...wanted].sort());
    const shift = rows.filter((r) => r['part_pct'] === '25' || r['part_pct'] === '75').slice(-2);
    expect(shift.map((r) => [r['bay'], r['who'], r['batches']])).toEqual([
      ['H7', 'Ada', "'=F-1"],
      ['H10', 'Ada', "'=F-1"],
    ]);
    expect(shift[0]!['flags']).toContain('Batch =F-1 is on no delivery.');
    expect(shift[0]!['says']).toContain('H7, H10 · First coat');
  });
});

describe('tests of the survey', () => {
  const survey = surveyAt(NOW);
  const count = survey.zones.flatMap((z) => z.tests).length;
  it('that come with a survey are brought over once, whoever sends it', async () => {
    const job = await startJob();
    const send = (version: number) =>
      api.put(`${V1}/jobs/${job}/survey`).set('If-Match', `"${version}"`).send(survey).expect(200);
    await send(1);
    await send(2);
    const { entries, people } = await record(job);
    expect(entries.length).toBe(count);
    expect(entries.every((s) => s.entry.kind === 'test')).toBe(true);
    expect(people).toEqual([{ id: 'brought-over', name: 'brought over from the survey' }]);
    expect(checkChain(entries).whole).toBe(true);
  });
  it.each(['job-early.json', 'job-late.json'])(
    'a file of earlier days, %s, is taken with them; sent twice it is stored once',
    async (name) => {
      const file = oldJob(name);
      const job = randomUUID();
      await api.put(`${V1}/jobs/${job}/file`).send(file).expect(201);
      await api.put(`${V1}/jobs/${job}/file`).send(file).expect(200);
      const { entries } = await record(job);
      expect(entries.slice(0, file.content.record.length)).toEqual(file.content.record);
      expect(entries.length).toBe(file.content.record.length + 27);
      // What leaves again is a job file of today, and the same job.
      const again = (await api.get(`${V1}/jobs/${job}/file`)).body as JobFile;
      const copy = randomUUID();
      await api.put(`${V1}/jobs/${copy}/file`).send(again).expect(201);
      expect((await record(copy)).entries).toEqual(entries);
    },
  );
});

/** Migrations before people had a table: every state of the database that ever held entries. */
const EARLIER = [1, 2, 3, 4] as const;
describe('a database of earlier days', () => {
  async function databaseAt(count: number): Promise<{ database: Database; db: Pool }> {
    const database = await ensureDatabase(`lentum_test_old_${count}`, { fresh: true });
    const { ownerUrl } = database;
    await runner({
      ...{
        databaseUrl: ownerUrl,
        direction: 'up',
        migrationsTable: 'migration',
        count,
        log: () => undefined,
      },
      dir: fileURLToPath(new URL('../migrations', import.meta.url)),
    });
    return { database, db: createPool(ownerUrl) };
  }
  async function fill(db: Pool, content: JobContent): Promise<void> {
    await db.query(`INSERT INTO job (id) VALUES ('then')`);
    for (const [kind, body] of [
      ['job', content.job],
      ['survey', content.survey],
      ['build-up', content.buildUp],
      ['order', content.order],
      ['site', content.site],
    ] as const)
      await db.query(`INSERT INTO document (job_id, kind, version, body) VALUES ('then', $1, 1, $2)`, [
        kind,
        body,
      ]);
    await insertEntries(db, 'then', content.record);
  }
  const entriesOf = async (db: Pool): Promise<StoredEntry[]> => {
    const all: StoredEntry[] = [];
    for await (const page of readAll(db, 'then')) all.push(...page);
    return all;
  };
  it.each(EARLIER)(
    'after migration %i: goes on whole, with the same hashes; its tests are brought over once',
    async (count) => {
      const { database, db } = await databaseAt(count);
      try {
        const { content } = oldJob('job-late.json');
        await fill(db, content);
        await prepare(database);
        expect(await entriesOf(db)).toEqual(content.record);
        const days = await db.query(`SELECT version, body FROM document WHERE kind = 'programme'`);
        expect(days.rows).toEqual([{ version: 1, body: {} }]);
        await bringOverAll(db, NOW);
        await bringOverAll(db, NOW);
        const all = await entriesOf(db);
        expect(all.slice(0, content.record.length)).toEqual(content.record);
        expect(all.length).toBe(content.record.length + 27);
        expect(chainProblem(all)).toBe(undefined);
        expect(checkChain(all).whole).toBe(true);
        await expect(db.query(`UPDATE record_entry SET entry = '{}'`)).rejects.toThrow('append-only');
      } finally {
        await db.end();
      }
    },
  );
  it('each of these states was one: a migration that came later is not there yet', async () => {
    const { rows } = await pool.query<{ name: string }>('SELECT name FROM migration ORDER BY name');
    expect(rows.map((r) => r.name)).toEqual([
      '0001_jobs_and_record',
      '0002_pictures',
      '0003_library',
      '0004_weather',
      '0005_people',
      '0006_firm_practice',
      '0007_live',
      '0008_chain_at_once',
      '0009_programme',
      '0010_proving',
      '0011_scaled_pictures',
      '0012_tasks',
      '0013_handed_over',
      '0014_access',
      '0015_receipts',
      '0016_devices',
      '0017_shared_links',
      '0018_servers',
      '0019_forgotten',
      '0020_first_entries',
      '0021_signatures',
      '0022_sessions',
      '0023_passkeys',
      '0024_several_firms',
      '0025_access_told',
      '0026_weather_sources',
      '0027_quick_checks',
      '0028_job_by_first_entry',
    ]);
  });
});
