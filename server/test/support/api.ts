import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { inject } from 'vitest';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { writeJobFile } from '@lentum/core/jobfile';
import { createPool } from '../../src/db/pool.ts';
import { createApp } from '../../src/http/app.ts';

/** The clock stands still at the demo's instant, so that its record is just made. */
export const NOW = new Date(DEMO_ANCHOR);
export const pool = createPool(inject('databaseUrl'));
/** Of the role that owns the data: may what the triggers refuse, and no more. */
export const owner = createPool(inject('ownerUrl'));
// All test files share it; it ends with their process.
export const api = request(createApp({ pool, now: () => NOW }));

/** Entries that the demo's record has. */
export const DEMO_ENTRIES = velmora(NOW).record.length;

export const HEAD = {
  name: 'Test roof',
  place: 'Nowhere',
  timeZone: 'Europe/Lisbon',
  units: 'metric' as const,
};
export const V1 = '/api/v1';

/** A job as the demo tells it, under an id of its own. */
export async function importDemo(): Promise<string> {
  const id = randomUUID();
  await api
    .put(`${V1}/jobs/${id}/file`)
    .send(writeJobFile(velmora(NOW), DEMO_ANCHOR))
    .expect(201);
  return id;
}

export async function startJob(): Promise<string> {
  const id = randomUUID();
  await api.put(`${V1}/jobs/${id}`).send(HEAD).expect(201);
  return id;
}

export const detail = (r: { body: unknown }): string => (r.body as { detail: string }).detail;
