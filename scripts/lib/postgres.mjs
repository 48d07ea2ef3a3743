/**
 * The databases of the scripts: in a cluster of the project's own, or the one that DATABASE_URL names. That one may have a
 * second address, DATABASE_OWNER_URL, of the role that owns the data; without it one role does both.
 */
import { ensureIn, MAIN, stopCluster } from './cluster.mjs';

/**
 * The addresses of a database by name, made if it is not there: `url` of the role that serves, `ownerUrl` of the role that
 * owns.
 * @param fresh drop what is in it first
 * @param cluster another one than the main, for what would disturb it
 */
export async function ensureDatabase(name, { fresh = false, cluster = MAIN } = {}) {
  const { DATABASE_URL: url, DATABASE_OWNER_URL: ownerUrl = url } = process.env;
  if (url) return { url, ownerUrl };
  return ensureIn(cluster, name, fresh);
}

const clientOf = async (connectionString) => {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString, connectionTimeoutMillis: 2000 });
  client.on('error', () => undefined);
  return client;
};

/** Whether the database behind an address answers within two seconds. */
async function lives(url) {
  const client = await clientOf(url);
  try {
    await client.connect();
    await client.query('SELECT 1');
    return true;
  } catch {
    return false;
  } finally {
    await client.end().catch(() => undefined);
  }
}

const LOOK_MS = 2000;
/**
 * Starts the project's own database again when it died.
 * @param started called after each time
 * @returns a function that ends the watch
 */
export function watchDatabase(name, { url, cluster }, started) {
  if (cluster === undefined) return () => undefined;
  let ended = false;
  let timer;
  const look = async () => {
    if (!(await lives(url)) && !ended) {
      await ensureIn(cluster, name, false).then(started, () => undefined);
    }
    if (!ended) timer = setTimeout(look, LOOK_MS);
  };
  timer = setTimeout(look, LOOK_MS);
  return () => {
    ended = true;
    clearTimeout(timer);
  };
}

/** Stops the project's own server, unless another start or test run is using it. */
export async function releaseServer({ ownerUrl, cluster }) {
  if (cluster === undefined) return;
  const client = await clientOf(ownerUrl);
  try {
    await client.connect();
    const { rows } = await client.query(
      `SELECT count(*)::int AS others FROM pg_stat_activity WHERE backend_type = 'client backend' AND pid <> pg_backend_pid()`,
    );
    if (rows[0].others > 0) return;
  } catch {
    return;
  } finally {
    await client.end().catch(() => undefined);
  }
  stopCluster(cluster);
}
