/** Backups: whole or not there, brought back into a fresh place, checked there figure for figure and chain by chain. */
import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { tmpdir } from 'node:os';
import path from 'node:path';
import fc from 'fast-check';
import { afterAll, describe, expect, inject, it } from 'vitest';
import { ensureDatabase, type Database } from '../../scripts/lib/postgres.mjs';
import { backupsIn, makeBackup, readBackup, restoreBackup } from '../src/backup/backup.ts';
import { daily, isDue } from '../src/backup/daily.ts';
import { drill } from '../src/backup/drill.ts';
import { brokenChains, differencesOf, figuresOf } from '../src/backup/figures.ts';
import { instantOf, KEEP, toForget } from '../src/backup/retention.ts';
import { seal, unseal } from '../src/backup/seal.ts';
import { createPool, transaction, type Pool } from '../src/db/pool.ts';
import { prepare } from '../src/db/prepare.ts';
import { api, importDemo, startJob, V1 } from './support/api.ts';

const folder = mkdtempSync(path.join(tmpdir(), 'lentum-backup-'));
afterAll(() => rmSync(folder, { recursive: true }));
const ownerUrl = inject('ownerUrl');
const make = (options: { phrase?: string; now?: Date } = {}): Promise<string> =>
  makeBackup(ownerUrl, { folder: mkdtempSync(path.join(folder, 'in-')), why: 'asked for', ...options });

let count = 0;
const fresh = (): Promise<Database> => ensureDatabase(`lentum_test_back_${(count += 1)}`, { fresh: true });
async function within<T>(database: Database, work: (db: Pool) => Promise<T>): Promise<T> {
  const db = createPool(database.ownerUrl);
  try {
    return await work(db);
  } finally {
    await db.end();
  }
}
const tablesOf = (database: Database): Promise<number> =>
  within(database, async (db) => {
    const { rows } = await db.query<{ n: number }>(
      `SELECT count(*)::int AS n FROM pg_tables WHERE schemaname = 'public'`,
    );
    return rows[0]?.n ?? -1;
  });

describe('a backup', () => {
  it('is brought back whole, and the application goes on from it', async () => {
    const job = await importDemo();
    const made = await make();
    const back = await fresh();
    expect(await restoreBackup(back.ownerUrl, made)).toEqual([]);
    await prepare(back);
    await within(back, async (db) => {
      const { rows } = await db.query<{ n: number }>(
        'SELECT count(*)::int AS n FROM record_entry WHERE job_id = $1',
        [job],
      );
      expect(rows[0]?.n).toBe((await readBackup(made)).figures.records[job]?.entries);
    });
  });

  it('is of one moment while others write', async () => {
    const id = await startJob();
    let writing = true;
    const writer = (async () => {
      for (let i = 0; writing; i += 1) await api.put(`${V1}/people/p${i % 7}`).send({ name: `N${i}` });
    })();
    const made = await make();
    writing = false;
    await writer;
    const back = await fresh();
    expect(await restoreBackup(back.ownerUrl, made)).toEqual([]);
    expect(id).toBeTruthy();
  });

  it('shows what was changed behind it, by table and by record', async () => {
    const job = await importDemo();
    const made = await make();
    const back = await fresh();
    await restoreBackup(back.ownerUrl, made);
    const { figures: was } = await readBackup(made);
    await within(back, async (db) => {
      await db.query('ALTER TABLE record_entry DISABLE TRIGGER record_no_change');
      await db.query(
        `UPDATE record_entry SET entry = jsonb_set(entry, '{personId}', '"nobody"') WHERE job_id = $1 AND seq = 7`,
        [job],
      );
      await db.query(`UPDATE document SET body = body || '{"more": 1}' WHERE job_id = $1 AND kind = 'job'`, [
        job,
      ]);
      // What another test put there may be drawn smaller as well.
      await db.query(`DELETE FROM picture_scaled; DELETE FROM picture`);
      const now = await transaction(db, figuresOf);
      expect(differencesOf(was, now)).toEqual(
        expect.arrayContaining([
          'record_entry: the rows hold something else than was backed up.',
          'document: the rows hold something else than was backed up.',
        ]),
      );
      expect((await brokenChains(db, now)).join()).toMatch(new RegExp(`^Record of ${job}: .*entry 7`));
    });
  });

  it('is refused where its file was changed, cut short or is missing', async () => {
    const made = await make();
    const file = path.join(made, 'data.dump');
    const whole = readFileSync(file);
    const back = await fresh();
    for (const spoilt of [whole.subarray(0, whole.length - 5), Buffer.concat([whole, Buffer.from('x')])]) {
      writeFileSync(file, spoilt);
      await expect(restoreBackup(back.ownerUrl, made)).rejects.toThrow(
        'data.dump is not what was written; it was changed or cut short.',
      );
    }
    // With a page that fits it: pg_restore finds it out, and nothing of it stays.
    const cut = whole.subarray(0, Math.floor(whole.length / 2));
    writeFileSync(file, cut);
    const page = path.join(made, 'backup.json');
    const text = readFileSync(page, 'utf8');
    const hash = createHash('sha256').update(cut).digest('hex');
    writeFileSync(page, text.replace(/"sha256": "\w+"/, `"sha256": "${hash}"`));
    await expect(restoreBackup(back.ownerUrl, made)).rejects.toThrow(/^pg_restore ended with/);
    expect(await tablesOf(back)).toBe(0);
    rmSync(file);
    await expect(restoreBackup(back.ownerUrl, made)).rejects.toThrow('data.dump is missing.');
    rmSync(page);
    await expect(restoreBackup(back.ownerUrl, made)).rejects.toThrow('backup.json is missing.');
  });

  it('of a database that was never started says so, and leaves nothing behind', async () => {
    const empty = await fresh();
    const into = mkdtempSync(path.join(folder, 'in-'));
    await expect(makeBackup(empty.ownerUrl, { folder: into, why: 'asked for' })).rejects.toThrow(
      'The database holds nothing yet: it gets its tables when the server is started once.',
    );
    expect(await backupsIn(into)).toEqual([]);
  });

  it('overwrites nothing, and one that fails leaves nothing behind', async () => {
    const made = await make();
    await expect(restoreBackup(ownerUrl, made)).rejects.toThrow('The database is not empty');
    const place = mkdtempSync(path.join(folder, 'fails-'));
    const nowhere = new URL(ownerUrl);
    nowhere.pathname = '/nowhere';
    await expect(makeBackup(nowhere.href, { folder: place, why: 'x' })).rejects.toThrow();
    expect(readdirSync(place)).toEqual([]);
  });
});

describe('a sealed backup', () => {
  it('opens with its pass phrase only', async () => {
    const made = await make({ phrase: 'three gulls on a quay' });
    expect(readdirSync(made).sort()).toEqual(['backup.json', 'data.sealed']);
    expect(statSync(path.join(made, 'data.sealed')).mode & 0o077).toBe(0);
    const back = await fresh();
    await expect(restoreBackup(back.ownerUrl, made)).rejects.toThrow('its pass phrase is needed');
    await expect(restoreBackup(back.ownerUrl, made, 'two gulls')).rejects.toThrow(
      'the pass phrase is another one',
    );
    expect(await tablesOf(back)).toBe(0);
    expect(await restoreBackup(back.ownerUrl, made, 'three gulls on a quay')).toEqual([]);
    expect(readdirSync(made).sort()).toEqual(['backup.json', 'data.sealed']);
  });
  it('of any content opens as it was; a changed bit anywhere is found', async () => {
    const [plain, sealed, opened] = ['plain', 'sealed', 'opened'].map((n) => path.join(folder, n)) as [
      string,
      string,
      string,
    ];
    await fc.assert(
      fc.asyncProperty(fc.uint8Array({ maxLength: 300 }), fc.nat(), fc.nat(7), async (bytes, at, bit) => {
        writeFileSync(plain, bytes);
        await seal(plain, sealed, 'x');
        await unseal(sealed, opened, 'x');
        expect(readFileSync(opened).equals(Buffer.from(bytes))).toBe(true);
        const spoilt = readFileSync(sealed);
        const i = at % spoilt.length;
        spoilt[i] = (spoilt[i] ?? 0) ^ (1 << bit);
        writeFileSync(sealed, spoilt);
        await expect(unseal(sealed, opened, 'x')).rejects.toThrow();
      }),
      { numRuns: 15 },
    );
  });
});

describe('the backup of the day', () => {
  it('is made, tried, and makes room; one that cannot be used takes nothing away', async () => {
    const place = mkdtempSync(path.join(folder, 'daily-'));
    const from = Date.parse('2026-03-01T06:00:00.000Z');
    expect(await isDue(place, new Date(from))).toBe(true);
    const first = await daily(ownerUrl, place, undefined, new Date(from));
    expect(first.came).toMatchObject({ usable: true, says: [] });
    expect(JSON.parse(readFileSync(path.join(first.made, 'drill.json'), 'utf8'))).toEqual(first.came);
    expect(await isDue(place, new Date(from + 23 * 3_600_000))).toBe(false);
    expect(await isDue(place, new Date(from + 24 * 3_600_000))).toBe(true);
    expect(await backupsIn(place)).toEqual(['2026-03-01T06-00-00-000Z']);
    // No database of the drill stays.
    await within(await fresh(), async (db) => {
      const { rows } = await db.query(`SELECT 1 FROM pg_database WHERE datname LIKE 'lentum_drill%'`);
      expect(rows).toEqual([]);
    });
  });
  it('that cannot be brought back is said to be useless', async () => {
    const made = await make({ phrase: 'x' });
    const came = await drill(ownerUrl, made);
    expect(came).toMatchObject({ usable: false });
    expect(came.says[0]).toContain('pass phrase');
  });
});

describe('what is kept', () => {
  const DAY = 86_400_000;
  const name = (ms: number): string => new Date(ms).toISOString().replaceAll(/[:.]/g, '-');
  const now = Date.parse('2026-11-28T06:00:00.000Z');
  it('of a year of days: a week of days, five weeks and twelve months', () => {
    const all = Array.from({ length: 400 }, (_, i) => name(now - i * DAY));
    const gone = new Set(toForget(all, now));
    const kept = all.filter((n) => !gone.has(n));
    expect(kept.slice(0, 8)).toEqual(all.slice(0, 8));
    expect(kept.length).toBeGreaterThanOrEqual(20);
    expect(kept.length).toBeLessThanOrEqual(KEEP.last + KEEP.days + 1 + KEEP.weeks + 1 + KEEP.months + 1);
    // The oldest of them is eleven to twelve months old.
    expect(now - (instantOf(kept.at(-1)!) ?? 0)).toBeGreaterThan(330 * DAY);
  });
  it('the newest always; what is no backup is left alone; forgetting twice forgets nothing more', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat(500 * 24), { minLength: 1, maxLength: 60 }), (hours) => {
        const all = hours.map((h) => name(now - h * 3_600_000));
        const newest = [...all].sort().at(-1)!;
        const gone = toForget([...all, 'notes', '.making-x'], now);
        expect(gone).not.toContain(newest);
        expect(all).toEqual(expect.arrayContaining(gone));
        const left = all.filter((n) => !gone.includes(n));
        expect(toForget(left, now)).toEqual([]);
        // Of each month of the last year that had a backup there is one left.
        for (const n of all.filter((a) => now - (instantOf(a) ?? 0) < 300 * DAY))
          expect(left.some((l) => l.slice(0, 7) === n.slice(0, 7))).toBe(true);
      }),
    );
  });
  it.each(['2026-13-01T00-00-00-000Z', 'x', '2026-01-01'])('%s is the name of no backup', (n) => {
    expect(instantOf(n)).toBe(undefined);
  });
});
