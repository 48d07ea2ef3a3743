/** A real PostgreSQL for the API tests: the project's own server, a database of their own, made afresh. */
import { pathToFileURL } from 'node:url';
import type { TestProject } from 'vitest/node';
import { ensureServer } from '../../../scripts/lib/bundle.mjs';
import { ensureDatabase } from '../../../scripts/lib/postgres.mjs';
import { prepare } from '../../src/db/prepare.ts';

declare module 'vitest' {
  interface ProvidedContext {
    /** Of the role that serves. */
    databaseUrl: string;
    /** Of the role that owns the data. */
    ownerUrl: string;
    /** The address of the file that starts the bundled server: threads come out of what lies beside it. */
    bundle: string;
  }
}

export default async function setup(project: TestProject): Promise<void> {
  const database = await ensureDatabase('lentum_test', { fresh: true });
  await prepare(database);
  project.provide('databaseUrl', database.url);
  project.provide('ownerUrl', database.ownerUrl);
  project.provide('bundle', pathToFileURL(await ensureServer()).href);
}
