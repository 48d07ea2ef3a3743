/**
 * A PostgreSQL of the project's own: Debian's server, data in .lentum/, loopback only, own port, own passwords.
 * As root it runs as the user postgres. Where that user may not reach the project folder the data lie under
 * /var/tmp in a folder named after the project's path. One role owns the data, another one serves.
 */
import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { archiveOf, archivingSettings } from './archiving.mjs';
import { ensureDebian } from './debian.mjs';
import {
  binFolder,
  command,
  freePort,
  giveTo,
  makeData,
  reachable,
  serverUser,
  startOn,
} from './debianpg.mjs';
import { makeState, PROJECT_HASH, STATE } from './paths.mjs';
import { GaveUp, say } from './say.mjs';

/** Owns the schema: migrations, rights. */
export const OWNER = 'lentum';
/** Serves: reads and appends; cannot change a table, a trigger or what is in the record. */
export const RUNNER = 'lentum_app';

/** The one that keeps the data, and further ones by name for what would disturb it. */
export const MAIN = 'main';
const folderOf = (name) => (name === MAIN ? 'pg' : `pg-${name}`);
const fileOf = (name, what) => path.join(STATE, `${name === MAIN ? 'postgres' : `postgres-${name}`}.${what}`);

/** A lock so that two starts do not make the same cluster; a lock whose process is gone is taken over. */
async function locked(name, work) {
  const lock = fileOf(name, 'lock');
  for (let tries = 0; ; tries += 1) {
    try {
      writeFileSync(lock, String(process.pid), { flag: 'wx' });
      break;
    } catch (error) {
      if (error.code !== 'EEXIST') throw error;
      const pid = Number(readFileSync(lock, 'utf8'));
      const gone = pid > 0 && !existsSync(`/proc/${pid}`);
      if (gone || tries > 300) rmSync(lock, { force: true });
      else await new Promise((r) => setTimeout(r, 200));
    }
  }
  try {
    return await work();
  } finally {
    rmSync(lock, { force: true });
  }
}

function dataFolder(name, user) {
  const own = path.join(STATE, folderOf(name));
  mkdirSync(own, { recursive: true });
  giveTo(user, own);
  if (reachable(own, user)) return own;
  const apart = `/var/tmp/lentum-${PROJECT_HASH}${name === MAIN ? '' : `-${name}`}`;
  mkdirSync(apart, { recursive: true, mode: 0o700 });
  giveTo(user, apart);
  return apart;
}

function secret(name, what) {
  const file = fileOf(name, what);
  if (!existsSync(file)) writeFileSync(file, randomBytes(24).toString('hex'), { mode: 0o600 });
  return readFileSync(file, 'utf8');
}

function initialise(user, data, password) {
  say('Making the database (once) …');
  const made = makeData(user, { data, owner: OWNER, password });
  if (made.code !== 0) {
    rmSync(data, { recursive: true, force: true });
    throw new GaveUp(`The database could not be made:\n${made.output}`);
  }
}

/** A client of the server's own database, as the owner. */
async function asOwner(port, password) {
  const { default: pg } = await import('pg');
  return new pg.Client({
    ...{ host: '127.0.0.1', port, user: OWNER, password, database: 'postgres' },
    connectionTimeoutMillis: 2000,
  });
}

/** Asks the server behind a port whether it serves this very data folder. */
async function answers(port, password, data) {
  const client = await asOwner(port, password);
  try {
    await client.connect();
    const { rows } = await client.query('show data_directory');
    return rows[0].data_directory === data;
  } catch {
    return false;
  } finally {
    await client.end().catch(() => undefined);
  }
}

/** The one that keeps the data lays its log into the folder that LENTUM_ARCHIVE names. */
function archiving(name, user) {
  const folder = process.env.LENTUM_ARCHIVE;
  if (name !== MAIN || !folder) return {};
  const settings = archivingSettings(folder);
  const { log } = archiveOf(folder);
  mkdirSync(log, { recursive: true });
  giveTo(user, log);
  if (!reachable(log, user))
    throw new GaveUp(`LENTUM_ARCHIVE: the user under whom PostgreSQL runs may not enter ${log}.`);
  return settings;
}

async function startServer(name, bin, user, data, password) {
  const portFile = fileOf(name, 'port');
  const before = existsSync(portFile) ? Number(readFileSync(portFile, 'utf8')) : 0;
  if (before > 0 && (await answers(before, password, data))) return before;
  // The same as before: a server that outlived its database finds it there again.
  const port = await freePort(before);
  const settings = { max_connections: 60, shared_buffers: '128MB', ...archiving(name, user) };
  const log = path.join(path.dirname(data), 'server.log');
  const start = () => startOn(user, { data, log, port, settings });
  let started = start();
  if (started.code !== 0 && existsSync(path.join(data, 'postmaster.pid'))) {
    // Left behind by a machine that went down; pg_ctl refuses only if its process number is in use again.
    command(user, path.join(bin, 'pg_ctl'), ['-D', data, '-m', 'immediate', 'stop']);
    started = start();
  }
  if (started.code !== 0) throw new GaveUp(`PostgreSQL did not start:\n${started.output}`);
  writeFileSync(portFile, String(port));
  if (!(await answers(port, password, data))) {
    stopCluster(name);
    throw new GaveUp('PostgreSQL started but does not answer with its own data folder.');
  }
  return port;
}

async function makeRunner(admin, password) {
  const { rowCount } = await admin.query('SELECT 1 FROM pg_roles WHERE rolname = $1', [RUNNER]);
  const verb = rowCount === 0 ? 'CREATE' : 'ALTER';
  await admin.query(
    `${verb} ROLE ${RUNNER} LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE NOREPLICATION PASSWORD '${password}'`,
  );
}

/** What a database is called by each of the two roles. */
function addresses(name, port, database) {
  const at = `127.0.0.1:${port}/${database}`;
  return {
    url: `postgres://${RUNNER}:${secret(name, 'runner.password')}@${at}`,
    ownerUrl: `postgres://${OWNER}:${secret(name, 'password')}@${at}`,
    cluster: name,
  };
}

/**
 * A database of a cluster, made if it is not there; the cluster is made and started if it is not.
 * @param fresh drop what is in it first
 */
export async function ensureIn(name, database, fresh) {
  await ensureDebian(['postgresql'], () => binFolder() !== undefined, 'PostgreSQL');
  makeState();
  const bin = binFolder();
  const user = serverUser();
  return locked(name, async () => {
    const password = secret(name, 'password');
    const data = path.join(dataFolder(name, user), 'data');
    if (!existsSync(path.join(data, 'PG_VERSION'))) {
      rmSync(data, { recursive: true, force: true });
      initialise(user, data, password);
    }
    const port = await startServer(name, bin, user, data, password);
    const admin = await asOwner(port, password);
    await admin.connect();
    try {
      await makeRunner(admin, secret(name, 'runner.password'));
      if (fresh) await admin.query(`DROP DATABASE IF EXISTS "${database}" WITH (FORCE)`);
      const { rowCount } = await admin.query('SELECT 1 FROM pg_database WHERE datname = $1', [database]);
      if (rowCount === 0) await admin.query(`CREATE DATABASE "${database}"`);
    } finally {
      await admin.end();
    }
    return addresses(name, port, database);
  });
}

/** Stops the server of a cluster, where it runs. */
export function stopCluster(name) {
  const bin = binFolder();
  if (bin === undefined || !existsSync(path.join(STATE, folderOf(name)))) return;
  const user = serverUser();
  const data = path.join(dataFolder(name, user), 'data');
  command(user, path.join(bin, 'pg_ctl'), ['-D', data, '-m', 'fast', 'stop']);
}
