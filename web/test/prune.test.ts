/** What is kept of jobs that nobody opens any more goes; what was entered stays, whatever its age. */
import { beforeEach, expect, it } from 'vitest';
import { MS_PER_DAY } from '@lentum/core/units';
import { KEPT_DAYS, prune } from '../src/app/device/prune.ts';
import { device } from '../src/app/device/store.ts';
import { emptyDevice } from './device.ts';

const NOW = Date.parse('2026-05-12T09:30:00Z');
const OLD = NOW - (KEPT_DAYS + 1) * MS_PER_DAY;
const copy = (path: string, atMs: number) => ({ path, body: {}, version: 1, atMs });
const JOBS = ['fresh', 'old', 'waits', 'aside', 'drafted', 'picture'];

beforeEach(async () => {
  await emptyDevice();
  const db = await device();
  for (const job of JOBS) {
    const atMs = job === 'fresh' ? NOW : OLD;
    await db.put('copies', copy(`/jobs/${job}`, OLD));
    await db.put('copies', copy(`/jobs/${job}/survey`, atMs));
    await db.put('copies', copy(`names/${job}`, OLD));
    await db.put('record', { jobId: job, seq: 1, stored: {} as never });
  }
  await db.put('copies', copy('/jobs?limit=50', OLD));
  await db.put('copies', copy('/library', OLD));
  await db.add('waiting', { jobId: 'waits', entry: { id: 'e1' } as never });
  await db.put('aside', { jobId: 'aside', entry: { id: 'e2' } as never, why: 'It was refused.' });
  await db.put('drafts', { path: '/jobs/drafted/site', text: '{}', version: 1, atMs: OLD });
  for (const [path, sent, atMs] of [
    ['/jobs/picture/pictures/a', false, OLD],
    ['/jobs/old/pictures/b', true, NOW],
    ['/jobs/fresh/pictures/c', true, NOW],
    ['/papers/d', true, OLD],
  ] as const) {
    await db.put('files', { path, type: 'image/png', sent, atMs });
    await db.put('bytes', new ArrayBuffer(4), path);
  }
});

it('clears the one job that nothing holds, with its record and its pictures', async () => {
  expect(await prune(NOW)).toEqual(['old']);
  const db = await device();
  const left = await db.getAllKeys('copies');
  expect(left).toEqual(
    [
      ...JOBS.filter((j) => j !== 'old').flatMap((j) => [`/jobs/${j}`, `/jobs/${j}/survey`, `names/${j}`]),
      ...['/jobs?limit=50', '/library'],
    ].sort(),
  );
  expect((await db.getAll('record')).map((r) => r.jobId).sort()).toEqual(
    JOBS.filter((j) => j !== 'old').sort(),
  );
  expect(await db.getAllKeys('files')).toEqual(['/jobs/fresh/pictures/c', '/jobs/picture/pictures/a']);
  expect(await db.getAllKeys('bytes')).toEqual(['/jobs/fresh/pictures/c', '/jobs/picture/pictures/a']);
  expect([await db.count('waiting'), await db.count('aside'), await db.count('drafts')]).toEqual([1, 1, 1]);
  expect(await prune(NOW)).toEqual([]);
});
