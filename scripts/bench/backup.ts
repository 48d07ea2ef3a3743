/** A backup of a gigabyte of pictures that no packing makes smaller, and bringing it back. */
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import pg from 'pg';
import { makeBackup, restoreBackup } from '../../server/src/backup/backup.ts';
import { createPool, transaction } from '../../server/src/db/pool.ts';
import { prepare } from '../../server/src/db/prepare.ts';
import { insertJob } from '../../server/src/jobs/routes.ts';
import { storePicture } from '../../server/src/pictures/store.ts';
import type { Row } from './table.ts';

const PICTURES = 256;
const BYTES = 4 * 1024 * 1024;
const AIM_S = 180;
const BACK = 'lentum_bench_back';

/** Random bytes that begin as a picture does. */
function picture(): Buffer {
  const bytes = randomBytes(BYTES);
  bytes.set([0xff, 0xd8, 0xff, 0xe0]);
  return bytes;
}

export async function benchBackup(): Promise<Row[]> {
  const url = process.env['DATABASE_URL'] ?? '';
  const ownerUrl = process.env['DATABASE_OWNER_URL'] ?? url;
  await prepare({ url, ownerUrl });
  const pool = createPool(url);
  const job = randomUUID();
  const head = { name: 'A roof', place: '', timeZone: 'Etc/GMT', units: 'metric' } as const;
  await transaction(pool, (db) => insertJob(db, job, head as Parameters<typeof insertJob>[2], new Date()));
  for (let n = 0; n < PICTURES; n += 1) {
    const content = picture();
    await storePicture(pool, job, createHash('sha256').update(content).digest('hex'), content);
  }
  await pool.end();
  const admin = new pg.Client({ connectionString: ownerUrl });
  await admin.connect();
  await admin.query(`DROP DATABASE IF EXISTS ${BACK} WITH (FORCE)`);
  await admin.query(`CREATE DATABASE ${BACK}`);
  const folder = mkdtempSync(path.join(tmpdir(), 'lentum-bench-'));
  const seconds = async <T>(work: () => Promise<T>): Promise<[number, T]> => {
    const from = performance.now();
    const came = await work();
    return [(performance.now() - from) / 1000, came];
  };
  try {
    const [making, made] = await seconds(() => makeBackup(ownerUrl, { folder, why: 'measured' }));
    const to = new URL(ownerUrl);
    to.pathname = `/${BACK}`;
    const [back, says] = await seconds(() => restoreBackup(to.href, made));
    const row = (what: string, took: number, held: boolean): Row => ({
      ...{ what, measured: `${took.toFixed(1)} s`, aim: `< ${AIM_S} s`, held },
    });
    return [
      row('back up 1 GB of pictures', making, making < AIM_S),
      row(`bring it back and check it, ${says.length} differences`, back, back < AIM_S && says.length === 0),
    ];
  } finally {
    rmSync(folder, { recursive: true, force: true });
    await admin.query(`DROP DATABASE IF EXISTS ${BACK} WITH (FORCE)`);
    await admin.end();
  }
}
