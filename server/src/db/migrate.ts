import { fileURLToPath } from 'node:url';
import { runner } from 'node-pg-migrate';

/** Applies the numbered migrations that are missing, under an advisory lock; refuses them out of order. */
export async function migrate(databaseUrl: string): Promise<number> {
  const done = await runner({
    databaseUrl,
    dir: fileURLToPath(new URL('../../migrations', import.meta.url)),
    direction: 'up',
    migrationsTable: 'migration',
    checkOrder: true,
    log: () => undefined,
  });
  return done.length;
}
