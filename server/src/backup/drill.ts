/** A backup that nobody has brought back is a hope: it is brought back beside the data, checked, and taken away again. */
import { writeFile } from 'node:fs/promises';
import path from 'node:path';
import pg from 'pg';
import { restoreBackup } from './backup.ts';

export interface Drill {
  readonly at: string;
  readonly usable: boolean;
  /** What is wrong with it, a sentence each. */
  readonly says: readonly string[];
}

const named = (address: string, database: string): string => {
  const url = new URL(address);
  url.pathname = `/${database}`;
  return url.href;
};

async function command(address: string, sql: string): Promise<void> {
  const db = new pg.Client({ connectionString: address });
  await db.connect();
  try {
    await db.query(sql);
  } finally {
    await db.end();
  }
}

/** What came of it is written beside the backup. */
export async function drill(
  ownerUrl: string,
  folder: string,
  phrase?: string,
  now = new Date(),
): Promise<Drill> {
  const name = `lentum_drill_${process.pid}`;
  let says: readonly string[];
  try {
    await command(ownerUrl, `CREATE DATABASE ${name}`);
    try {
      says = await restoreBackup(named(ownerUrl, name), folder, phrase);
    } finally {
      await command(ownerUrl, `DROP DATABASE IF EXISTS ${name} WITH (FORCE)`);
    }
  } catch (error) {
    says = [error instanceof Error ? error.message : String(error)];
  }
  const came: Drill = { at: now.toISOString(), usable: says.length === 0, says };
  await writeFile(path.join(folder, 'drill.json'), `${JSON.stringify(came, null, 2)}\n`, { mode: 0o600 });
  return came;
}
