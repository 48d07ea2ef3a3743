/** Going back to a moment: a copy, the log that was archived since, and a backup of what was there then. */
import { readdirSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import type { Server } from 'node:http';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { backTo, copyNow, layAll, readyArchive } from '../../scripts/archive/archive.ts';
import { Caller } from '../../scripts/faults/caller.ts';
import { delivery } from '../../scripts/faults/writers.ts';
import { archivingSettings, type Archive } from '../../scripts/lib/archiving.mjs';
import { passingFolder, PgNode } from '../../scripts/lib/pgnode.ts';
import { ensureDatabase } from '../../scripts/lib/postgres.mjs';
import { backupsIn, readBackup, restoreBackup } from '../src/backup/backup.ts';
import { isDue } from '../src/backup/daily.ts';
import { createPool, type Pool } from '../src/db/pool.ts';
import { prepare } from '../src/db/prepare.ts';
import { createApp } from '../src/http/app.ts';

const DATABASE = 'lentum';
const password = randomUUID();
const folder = passingFolder('test-moment');
let archive: Archive;
let node: PgNode;
let ownerUrl: string;
let pool: Pool;
let server: Server;
let caller: Caller;
let job: string;

beforeAll(async () => {
  archive = readyArchive(path.join(folder, 'an archive'));
  node = await PgNode.make('data', folder, password, archivingSettings(archive.folder));
  node.start();
  await node.query(`CREATE DATABASE ${DATABASE}`);
  ownerUrl = node.address(DATABASE);
  await prepare({ url: ownerUrl, ownerUrl });
  pool = createPool(ownerUrl);
  server = createApp({ pool }).listen(0, '127.0.0.1');
  await new Promise((r) => server.once('listening', r));
  caller = new Caller(`http://127.0.0.1:${(server.address() as AddressInfo).port}/api/v1`);
  expect(await caller.ask('PUT', '/people/ines', { name: 'Ines' })).toBe(200);
  job = await caller.job();
});
afterAll(async () => {
  server.closeAllConnections();
  await new Promise((r) => server.close(r));
  await pool.end();
  await node.kill();
  rmSync(folder, { recursive: true, force: true });
});

async function enter(count: number): Promise<void> {
  for (let i = 0; i < count; i += 1) {
    const entry = delivery('ines');
    expect(await caller.ask('PUT', `/jobs/${job}/record/${entry.id}`, entry)).toBe(201);
  }
}
const entriesIn = async (backup: string): Promise<number | undefined> =>
  (await readBackup(backup)).figures.records[job]?.entries;
const back = (to?: Date): Promise<string> =>
  backTo({ archive, password, database: DATABASE, to, backups: path.join(folder, 'backups') });

it('is exact to the moment, whatever somebody did afterwards', { timeout: 180_000 }, async () => {
  const before = new Date();
  await enter(2);
  await expect(back()).rejects.toThrow(/There is no copy/);
  await copyNow(ownerUrl, archive);
  await expect(back(before)).rejects.toThrow(/No copy .* is older than/);
  await enter(3);
  const { rows } = await pool.query<{ now: Date }>('SELECT clock_timestamp() AS now');
  const moment = rows[0]?.now;
  await wait(20);
  // What a backup of the night would not have, and what nothing but this brings back.
  await enter(4);
  await pool.query('ALTER TABLE record_entry DISABLE TRIGGER record_no_change');
  await pool.query('DELETE FROM record_entry WHERE job_id = $1 AND seq <= 3', [job]);
  await pool.query('DROP TABLE picture CASCADE');
  await layAll(ownerUrl, archive);

  const made = await back(moment);
  expect(await entriesIn(made)).toBe(5);
  expect((await readBackup(made)).why).toBe(`as it was at ${moment?.toISOString()}`);
  // Every chain is walked and every table compared when it is brought back.
  const fresh = await ensureDatabase('lentum_test_moment', { fresh: true });
  expect(await restoreBackup(fresh.ownerUrl, made)).toEqual([]);

  // The live one goes on as it was left.
  expect((await pool.query('SELECT FROM record_entry WHERE job_id = $1', [job])).rowCount).toBe(6);
  await expect(back(new Date())).rejects.toThrow(/The archive ends before/);
});

it('keeps two copies, and the log since the older one', { timeout: 180_000 }, async () => {
  const pieces = (): string[] =>
    readdirSync(archive.log)
      .filter((n) => /^[0-9A-F]{24}$/.test(n))
      .sort();
  const first = pieces()[0];
  const older = (await backupsIn(archive.copies)).at(-1);
  expect(older).toBeDefined();
  await copyNow(ownerUrl, archive);
  await copyNow(ownerUrl, archive);
  expect(await backupsIn(archive.copies)).toHaveLength(2);
  expect(await isDue(archive.copies, new Date())).toBe(false);
  expect(await isDue(archive.copies, new Date(Date.now() + 86_400_000))).toBe(true);
  expect(await backupsIn(archive.copies)).not.toContain(older);
  expect(pieces()).not.toContain(first);
  expect(readdirSync(archive.log).filter((n) => n.endsWith('.part'))).toEqual([]);
});

it('does not archive where nobody asked for it', async () => {
  const other = await ensureDatabase('lentum_test_moment');
  await expect(copyNow(other.ownerUrl, archive)).rejects.toThrow(/does not archive/);
  expect(() => archivingSettings(`/var/'; rm -rf`)).toThrow(/does not fit/);
});
