/**
 * Going back to a moment: a copy of all the data, and the log that PostgreSQL laid into the archive since. What comes of it is an
 * ordinary backup, which is looked at and brought back like any other.
 */
import {
  chmodSync,
  existsSync,
  mkdirSync,
  readdirSync,
  renameSync,
  rmSync,
  writeFileSync,
  appendFileSync,
} from 'node:fs';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import type pg from 'pg';
import { backupsIn, connected, folderName, makeBackup } from '../../server/src/backup/backup.ts';
import { instantOf } from '../../server/src/backup/retention.ts';
import { archiveOf, type Archive } from '../lib/archiving.mjs';
import { binFolder, command, serverUser } from '../lib/debianpg.mjs';
import { giveAway, passingFolder, PgNode } from '../lib/pgnode.ts';
import { GaveUp } from '../lib/say.mjs';

/** Copies that are kept, and the log since the older one. */
const KEPT = 2;
const LAID_MS = 120_000;
const ANSWER_MS = 5000;

const program = (name: string): string => path.join(binFolder() ?? '', name);
/** The folders, made where they are not there, for the user under whom PostgreSQL runs. */
export function readyArchive(folder: string): Archive {
  const archive = archiveOf(folder);
  mkdirSync(archive.folder, { recursive: true });
  for (const each of [archive.folder, archive.log, archive.copies]) {
    mkdirSync(each, { recursive: true, mode: 0o700 });
    giveAway(each);
  }
  return archive;
}

const asked = <R extends pg.QueryResultRow>(ownerUrl: string, sql: string): Promise<R | undefined> =>
  connected(ownerUrl, async (db) => (await db.query<R>(sql)).rows[0], ANSWER_MS);

/** All that was written so far is laid into the archive. @throws where that takes more than two minutes */
export async function layAll(ownerUrl: string, { log }: Archive): Promise<void> {
  const row = await asked<{ piece: string }>(
    ownerUrl,
    // A line of its own, so that the piece is not empty; its name before the next one is begun.
    `SELECT pg_walfile_name(pg_create_restore_point('laid')) AS piece, pg_switch_wal()`,
  );
  const until = Date.now() + LAID_MS;
  while (!existsSync(path.join(log, row?.piece ?? ''))) {
    if (Date.now() > until)
      throw new GaveUp(
        'What was written last does not come into the archive; the log of PostgreSQL says why.',
      );
    await wait(100);
  }
}

/** @returns the name of a new copy of all the data; what is older than the last two goes, and the log before them */
export async function copyNow(ownerUrl: string, archive: Archive): Promise<string> {
  const row = await asked<{ mode: string }>(ownerUrl, `SELECT current_setting('archive_mode') AS mode`);
  if (row?.mode !== 'on')
    throw new GaveUp(
      'The database does not archive. Stop everything that uses it, and start it with LENTUM_ARCHIVE set.',
    );
  const { hostname, port, username, password } = new URL(ownerUrl);
  const making = path.join(archive.copies, '.making');
  rmSync(making, { recursive: true, force: true });
  const { code, output } = command(
    serverUser(),
    program('pg_basebackup'),
    [
      '-h',
      hostname,
      '-p',
      port,
      '-U',
      decodeURIComponent(username),
      '-D',
      making,
      '-X',
      'stream',
      '-c',
      'fast',
    ],
    { env: { ...process.env, PGPASSWORD: decodeURIComponent(password) } },
  );
  if (code !== 0) throw new GaveUp(`No copy was made:\n${output}`);
  // From this moment on it can be gone back to.
  const ended = await asked<{ at: Date }>(ownerUrl, 'SELECT clock_timestamp() AS at');
  const name = folderName(ended?.at ?? new Date());
  renameSync(making, path.join(archive.copies, name));
  await layAll(ownerUrl, archive);
  await forget(archive);
  return name;
}

/** What lies before the copies that are kept. */
async function forget(archive: Archive): Promise<void> {
  const all = await backupsIn(archive.copies);
  for (const name of all.slice(KEPT)) rmSync(path.join(archive.copies, name), { recursive: true });
  // A copy says where it begins in a file of this kind, which is the name by which what lies before it is found.
  const begins = readdirSync(archive.log)
    .filter((n) => n.endsWith('.backup'))
    .sort();
  const oldest = begins.slice(-KEPT)[0];
  if (all.length >= KEPT && oldest !== undefined)
    command(serverUser(), program('pg_archivecleanup'), [archive.log, oldest]);
}

export interface Moment {
  readonly archive: Archive;
  /** Of the role that owns the data, as it was then. */
  readonly password: string;
  readonly database: string;
  /** To this moment; to the end of the archive where there is none. */
  readonly to?: Date | undefined;
  /** Folder of the backups that comes of it. */
  readonly backups: string;
  readonly phrase?: string | undefined;
}

/** @returns the folder of the backup with what was there at that moment */
export async function backTo({ archive, password, database, to, backups, phrase }: Moment): Promise<string> {
  const copy = (await backupsIn(archive.copies)).find(
    (name) => to === undefined || (instantOf(name) ?? Infinity) <= to.getTime(),
  );
  if (copy === undefined)
    throw new GaveUp(
      to === undefined
        ? `There is no copy in ${archive.copies}: npm run archive -- copy makes one.`
        : `No copy in ${archive.copies} is older than ${to.toISOString()}.`,
    );
  const folder = passingFolder('moment');
  try {
    const node = await PgNode.of('data', folder, password);
    const { code, output } = command(serverUser(), 'cp', ['-a', path.join(archive.copies, copy), node.data]);
    if (code !== 0) throw new GaveUp(`The copy could not be read:\n${output}`);
    chmodSync(node.data, 0o700);
    bringForward(node, archive, to);
    const what = to === undefined ? 'all that is archived' : `as it was at ${to.toISOString()}`;
    try {
      await begin(node, to);
      return await makeBackup(node.address(database), { folder: backups, why: what, phrase });
    } finally {
      await node.kill();
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

function bringForward(node: PgNode, { log }: Archive, to: Date | undefined): void {
  const lines = [
    `restore_command = 'cp "${log}/%f" "%p"'`,
    ...(to === undefined ? [] : [`recovery_target_time = '${to.toISOString().replace('Z', '+00')}'`]),
    `recovery_target_action = 'promote'`,
    '',
  ];
  appendFileSync(path.join(node.data, 'postgresql.auto.conf'), lines.join('\n'));
  const signal = path.join(node.data, 'recovery.signal');
  writeFileSync(signal, '');
  giveAway(signal);
}

async function begin(node: PgNode, to: Date | undefined): Promise<void> {
  try {
    node.start({ archive_mode: 'off' });
    for (;;) {
      const [row] = await node.query<{ recovers: boolean }>('SELECT pg_is_in_recovery() AS recovers');
      if (row?.recovers === false) return;
      await wait(100);
    }
  } catch (error) {
    if (to !== undefined && node.lastWords().includes('recovery ended before configured recovery target'))
      throw new GaveUp(
        `The archive ends before ${to.toISOString()}: nothing was written after that moment. Leave --to away for all of it.`,
      );
    throw error;
  }
}
