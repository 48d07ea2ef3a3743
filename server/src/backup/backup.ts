/**
 * Backups: one folder each, named by its instant, with the data as pg_dump writes them (sealed where a pass phrase is given)
 * and a page of what is in it. Pictures and papers are rows of the database and come along.
 */
import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { mkdir, mkdtemp, readdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import pg from 'pg';
import { z } from 'zod';
import { brokenChains, differencesOf, figuresOf, figuresSchema, NOT_KEPT, type Figures } from './figures.ts';
import { seal, unseal } from './seal.ts';
import { runProgram } from './tools.ts';

const PAGE = 'backup.json';

const pageSchema = z.object({
  format: z.literal('lentum-backup'),
  version: z.literal(1),
  madeAt: z.string(),
  /** Why it was made: asked for, by the day, or before a change of the schema. */
  why: z.string(),
  file: z.string().regex(/^[\w.-]+$/),
  sealed: z.boolean(),
  /** Of the file as it lies there. */
  sha256: z.string(),
  figures: figuresSchema,
});
export type BackupPage = z.infer<typeof pageSchema>;

/**
 * How backups are made, as the environment says it: LENTUM_BACKUPS names their folder, or `off` for none by themselves (one
 * that is asked for goes to the usual place); LENTUM_BACKUP_PHRASE seals them.
 */
export function backupSettings(): { folder: string; phrase: string | undefined; off: boolean } {
  const said = process.env['LENTUM_BACKUPS'];
  const off = said === 'off';
  const folder = said === undefined || off ? path.resolve('.lentum/backups') : said;
  return { folder, phrase: process.env['LENTUM_BACKUP_PHRASE'], off };
}

/** Names sort by time. */
export const folderName = (now: Date): string => now.toISOString().replaceAll(/[:.]/g, '-');

async function hashOf(file: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(file)) hash.update(chunk as Buffer);
  return hash.digest('hex');
}

/** Runs work on a connection of its own. @param withinMs how long the connection is waited for; without an end where it is 0 */
export async function connected<T>(
  address: string,
  work: (db: pg.Client) => Promise<T>,
  withinMs = 0,
): Promise<T> {
  const db = new pg.Client({ connectionString: address, connectionTimeoutMillis: withinMs });
  db.on('error', () => undefined);
  await db.connect();
  try {
    return await work(db);
  } finally {
    await db.end().catch(() => undefined);
  }
}

export interface BackupOptions {
  /** Folder in which each backup gets a folder of its own. */
  readonly folder: string;
  readonly why: string;
  /** Seals it where there is one. */
  readonly phrase?: string | undefined;
  readonly now?: Date;
}

/** @returns the folder of the backup: whole, or not there at all */
export async function makeBackup(
  ownerUrl: string,
  { folder, why, phrase, now = new Date() }: BackupOptions,
): Promise<string> {
  await mkdir(folder, { recursive: true, mode: 0o700 });
  const work = await mkdtemp(path.join(folder, '.making-'));
  try {
    const plain = path.join(work, 'data.dump');
    const figures = await connected(ownerUrl, async (db): Promise<Figures> => {
      // The figures and the data are of one moment.
      await db.query('BEGIN ISOLATION LEVEL REPEATABLE READ, READ ONLY');
      const { rows } = await db.query<{ id: string }>('SELECT pg_export_snapshot() AS id');
      const found = await figuresOf(db);
      await runProgram('pg_dump', ownerUrl, [
        ...[
          '--format=custom',
          '--no-owner',
          '--no-privileges',
          ...NOT_KEPT.map((table) => `--exclude-table-data=public.${table}`),
          `--snapshot=${rows[0]?.id}`,
          `--file=${plain}`,
        ],
      ]);
      await db.query('COMMIT');
      return found;
    });
    let file = 'data.dump';
    if (phrase !== undefined) {
      file = 'data.sealed';
      await seal(plain, path.join(work, file), phrase);
      await rm(plain);
    }
    const page: BackupPage = {
      ...{ format: 'lentum-backup', version: 1, madeAt: now.toISOString(), why, file },
      ...{ sealed: phrase !== undefined, sha256: await hashOf(path.join(work, file)), figures },
    };
    await writeFile(path.join(work, PAGE), `${JSON.stringify(page, null, 2)}\n`, { mode: 0o600 });
    const to = path.join(folder, folderName(now));
    await rename(work, to);
    return to;
  } catch (error) {
    await rm(work, { recursive: true, force: true });
    throw error;
  }
}

/** @throws where the folder holds no backup, or its file is not what was written */
export async function readBackup(folder: string): Promise<BackupPage> {
  const text = await readFile(path.join(folder, PAGE), 'utf8').catch(() => {
    throw new Error(`${folder} holds no backup: ${PAGE} is missing.`);
  });
  let page: BackupPage;
  try {
    page = pageSchema.parse(JSON.parse(text));
  } catch {
    throw new Error(`${folder}: ${PAGE} is not whole.`);
  }
  const file = path.join(folder, page.file);
  const hash = await hashOf(file).catch(() => undefined);
  if (hash === undefined) throw new Error(`${folder}: ${page.file} is missing.`);
  if (hash !== page.sha256)
    throw new Error(`${folder}: ${page.file} is not what was written; it was changed or cut short.`);
  return page;
}

/**
 * Brings a backup back into an empty database and checks it: rows and digests of every table, the end of each record, and
 * each chain entry by entry.
 * @returns what differs, a sentence each; nothing where all is as it was
 * @throws where it cannot be brought back at all: then the database is as empty as before
 */
export async function restoreBackup(
  ownerUrl: string,
  folder: string,
  phrase?: string,
): Promise<readonly string[]> {
  const page = await readBackup(folder);
  return connected(ownerUrl, async (db) => {
    const { rows } = await db.query<{ n: number }>(
      `SELECT count(*)::int AS n FROM pg_tables WHERE schemaname = 'public'`,
    );
    if ((rows[0]?.n ?? 0) > 0)
      throw new Error(
        'The database is not empty: a backup is brought back into a fresh one, so that nothing is overwritten.',
      );
    let file = path.join(folder, page.file);
    let opened: string | undefined;
    try {
      if (page.sealed) {
        if (phrase === undefined)
          throw new Error('The backup is sealed: its pass phrase is needed (LENTUM_BACKUP_PHRASE).');
        opened = await mkdtemp(path.join(folder, '.open-'));
        file = path.join(opened, 'data.dump');
        await unseal(path.join(folder, page.file), file, phrase);
      }
      await runProgram('pg_restore', ownerUrl, [
        ...['--single-transaction', '--exit-on-error', '--no-owner', '--no-privileges'],
        ...[`--dbname=${new URL(ownerUrl).pathname.slice(1)}`, file],
      ]);
    } finally {
      if (opened !== undefined) await rm(opened, { recursive: true, force: true });
    }
    await db.query('BEGIN ISOLATION LEVEL REPEATABLE READ, READ ONLY');
    const figures = await figuresOf(db);
    const said = [...differencesOf(page.figures, figures), ...(await brokenChains(db, figures))];
    await db.query('COMMIT');
    return said;
  });
}

/** Folders of backups, the newest first. */
export async function backupsIn(folder: string): Promise<string[]> {
  const names = await readdir(folder).catch(() => []);
  return names
    .filter((n) => /^\d{4}-\d\d-\d\dT/.test(n))
    .sort()
    .reverse();
}
