import pg from 'pg';
import { log } from '../operations/log.ts';

/** Where queries go. */
export type Pool = Pick<pg.Pool, 'query' | 'connect' | 'end'> & {
  readonly options: Pick<pg.PoolConfig, 'connectionString'>;
  /** What is asked with every request is planned once a connection; not where a pooler hands connections on. */
  readonly plansOnce?: boolean;
  /** The firm whose rows are seen, where one database holds several; absent where it holds one. */
  readonly tenant?: number;
};
/** Anything that can run a query: the pool, or the one connection of a transaction. */
export type Db = Pick<pg.PoolClient, 'query'>;

export interface Waits {
  /** For a connection, ms. */
  readonly connectMs?: number;
  /** For a row or a table that somebody else holds. */
  readonly lockMs?: number;
  /** For one statement. */
  readonly statementMs?: number;
  /** Connections that stay open while nobody needs them. */
  readonly least?: number;
  /** Nothing stands between this and the database. */
  readonly direct?: boolean;
}

/** What stands where nothing else is said. A pooler does not hand them on: there the serving role has them (docs/operating.md). */
export const WAITS = { connectMs: 5000, lockMs: 8000, statementMs: 60_000, least: 1, direct: false } as const;

export function createPool(databaseUrl: string, waits: Waits = {}): pg.Pool & Pool {
  const { connectMs, lockMs, statementMs, least, direct } = { ...WAITS, ...waits };
  // One connection stays open while the application runs: it is how another start sees that the database is in use.
  const pool = new pg.Pool({
    ...{ connectionString: databaseUrl, min: least, max: 10, application_name: 'lentum' },
    connectionTimeoutMillis: connectMs,
    lock_timeout: lockMs,
    statement_timeout: statementMs,
    // A line that is dead tells nothing; somewhat later than the database's own limit the wait is over all the same.
    query_timeout: statementMs + 5000,
    idle_in_transaction_session_timeout: statementMs,
    keepAlive: true,
  });
  // A connection that breaks while idle is replaced by the pool; without a listener it would end the process.
  pool.on('error', (error) => log().warn(`database connection lost: ${error.message}`));
  return Object.assign(pool, { plansOnce: direct });
}

/**
 * What begins a transaction. Which firm it is for is said for the transaction alone: a pooler may give the connection to
 * another one after it.
 */
const beginOf = ({ tenant }: Pool): string =>
  tenant === undefined ? 'BEGIN' : `BEGIN; SET LOCAL lentum.tenant = '${tenant}'`;

/** The same database, of which only the rows of one firm are seen. A connection of its own sees none before it says which. */
export function poolOfTenant(all: Pool, tenant: number): Pool {
  const one: Pool = {
    ...{ tenant, options: all.options, plansOnce: all.plansOnce ?? false },
    connect: all.connect.bind(all) as Pool['connect'],
    end: () => Promise.resolve(),
    query: ((...asked: readonly unknown[]) =>
      transaction(one, (db) =>
        (db.query as (...of: readonly unknown[]) => Promise<unknown>)(...asked),
      )) as Pool['query'],
  };
  return one;
}

/** Runs work in one transaction: all of it is kept, or none. */
export async function transaction<T>(pool: Pool, work: (db: Db) => Promise<T>): Promise<T> {
  const client = await pool.connect();
  let broken: Error | undefined;
  // A connection that breaks while it is used fails the query; without a listener it would end the process as well.
  const breaks = (error: Error): void => void (broken = error);
  client.on('error', breaks);
  try {
    await client.query(beginOf(pool));
    const result = await work(client);
    await client.query('COMMIT');
    return result;
  } catch (error) {
    await client.query('ROLLBACK').catch((e: Error) => (broken = e));
    throw error;
  } finally {
    client.off('error', breaks);
    client.release(broken);
  }
}

/** SQLSTATE of a database error; undefined for any other error. */
export const sqlState = (error: unknown): string | undefined =>
  error instanceof pg.DatabaseError ? error.code : undefined;

export const UNIQUE_VIOLATION = '23505';
export const FOREIGN_KEY_VIOLATION = '23503';

/** Somebody else holds what is wanted, or it takes too long. */
const BUSY = ['55P03', '57014', '40001', '40P01', '53300'];
/** The database is stopping, starting, or out of reach. */
const GONE = /^(08|57P)/;
const NO_LINE = ['ECONNREFUSED', 'ECONNRESET', 'ENOTFOUND', 'ETIMEDOUT', 'EPIPE', 'EHOSTUNREACH'];
const NO_LINE_SAYS =
  /Connection terminated|timeout exceeded when trying to connect|Query read timeout|Client has encountered a connection error/;

/** Why the database could not do it now, though it may do it later; undefined for any other error. */
export function unavailable(error: unknown): 'busy' | 'gone' | undefined {
  const state = sqlState(error);
  if (state !== undefined) return BUSY.includes(state) ? 'busy' : GONE.test(state) ? 'gone' : undefined;
  if (!(error instanceof Error)) return undefined;
  const code = (error as { code?: unknown }).code;
  return NO_LINE.includes(String(code)) || NO_LINE_SAYS.test(error.message) ? 'gone' : undefined;
}
