import pg from 'pg';

export type Pool = pg.Pool;
/** Anything that can run a query: the pool, or the one connection of a transaction. */
export type Db = Pick<pg.PoolClient, 'query'>;

export function createPool(databaseUrl: string): Pool {
  // One connection stays open while the application runs: it is how another start sees that the database is in use.
  const pool = new pg.Pool({ connectionString: databaseUrl, min: 1, max: 10, application_name: 'lentum' });
  // A connection that breaks while idle is replaced by the pool; without a listener it would end the process.
  pool.on('error', (error) => console.error(`database connection lost: ${error.message}`));
  return pool;
}

/** Runs work in one transaction: all of it is kept, or none. */
export async function transaction<T>(pool: Pool, work: (db: Db) => Promise<T>): Promise<T> {
  const client = await pool.connect();
  let broken: Error | undefined;
  try {
    await client.query('BEGIN');
    const result = await work(client);
    await client.query('COMMIT');
    return result;
  } catch (error) {
    await client.query('ROLLBACK').catch((e: Error) => (broken = e));
    throw error;
  } finally {
    client.release(broken);
  }
}

/** SQLSTATE of a database error; undefined for any other error. */
export const sqlState = (error: unknown): string | undefined =>
  error instanceof pg.DatabaseError ? error.code : undefined;

export const UNIQUE_VIOLATION = '23505';
export const FOREIGN_KEY_VIOLATION = '23503';
