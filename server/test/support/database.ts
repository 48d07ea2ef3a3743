/** A real PostgreSQL for the API tests: the project's own server, a database of their own, made afresh. */
import type { TestProject } from 'vitest/node';
import { ensureDatabase } from '../../../scripts/lib/postgres.mjs';
import { migrate } from '../../src/db/migrate.ts';

declare module 'vitest' {
  interface ProvidedContext {
    databaseUrl: string;
  }
}

export default async function setup(project: TestProject): Promise<void> {
  const url = await ensureDatabase('lentum_test', { fresh: true });
  await migrate(url);
  project.provide('databaseUrl', url);
}
