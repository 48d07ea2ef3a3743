import { readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { runner } from 'node-pg-migrate';
import type pg from 'pg';

const FOLDER = fileURLToPath(new URL('../../migrations', import.meta.url));
const TABLE = 'migration';

/** Changes of the schema that this version brings, in order. */
export const KNOWN: readonly string[] = readdirSync(FOLDER)
  .filter((f) => f.endsWith('.sql'))
  .map((f) => f.replace(/\.sql$/, ''))
  .sort();

/** Changes that were applied to a database, in order; none where it is empty. */
export async function applied(db: Pick<pg.ClientBase, 'query'>): Promise<string[]> {
  const { rows } = await db.query<{ there: boolean }>(`SELECT to_regclass($1) IS NOT NULL AS there`, [TABLE]);
  if (!rows[0]?.there) return [];
  return (await db.query<{ name: string }>(`SELECT name FROM ${TABLE} ORDER BY name`)).rows.map(
    (r) => r.name,
  );
}

/**
 * Applies the numbered changes that are missing; refuses them out of order.
 * @param client a connection of the role that owns the schema. Whoever calls keeps others away meanwhile.
 */
export async function migrate(client: pg.ClientBase): Promise<number> {
  const done = await runner({
    dbClient: client,
    dir: FOLDER,
    direction: 'up',
    migrationsTable: TABLE,
    checkOrder: true,
    noLock: true,
    log: () => undefined,
  });
  return done.length;
}
