import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { bayStatus, EMPTY_BOOK, foldRecord, namesOf } from '@lentum/core/record';
import type { JobFile } from '@lentum/core/jobfile';
import { keepDemoAlive, loadDemo } from '../src/demo/load.ts';
import { api, HEAD, pool, V1 } from './support/api.ts';

const HOUR = 3_600_000;
const demos = async (): Promise<string[]> => {
  const { rows } = await pool.query<{ id: string }>(
    'SELECT id FROM job WHERE is_demo AND archived_at IS NULL ORDER BY created_at DESC',
  );
  return rows.map((r) => r.id);
};

describe('the demo is always about today', () => {
  it('tells its story from the moment at which it is started', async () => {
    const now = new Date('2027-02-03T14:15:16.000Z');
    const id = randomUUID();
    await loadDemo(pool, id, now);
    const { content } = (await api.get(`${V1}/jobs/${id}/file`).expect(200)).body as JobFile;
    const book = foldRecord(EMPTY_BOOK, content.record, namesOf(content.people));
    const states = new Map(
      content.site.bays.map((b) => [b.label, bayStatus(b, content.buildUp, book, now.getTime()).state]),
    );
    expect(Object.fromEntries(['H1', 'H4', 'H5', 'H7', 'H8', 'H9'].map((l) => [l, states.get(l)]))).toEqual({
      H1: 'accepted',
      H4: 'wet',
      H5: 'ready',
      H7: 'closing',
      H8: 'missed',
      H9: 'held',
    });
    expect((await api.get(`${V1}/jobs/${id}/record-check`)).body).toMatchObject({ whole: true });
  });

  it('an earlier demo is put away, other jobs stay', async () => {
    const job = randomUUID();
    await api.put(`${V1}/jobs/${job}`).send(HEAD).expect(201);
    const [a, b] = [randomUUID(), randomUUID()];
    await api.put(`${V1}/demo/${a}`).expect(201);
    await api.put(`${V1}/demo/${b}`).expect(201);
    expect(await demos()).toEqual([b]);
    expect((await api.get(`${V1}/jobs/${job}`)).body).toMatchObject({ archived: false });
    expect((await api.get(`${V1}/jobs/${a}`)).body).toMatchObject({ archived: true });
  });

  it('of several started at once one stays', async () => {
    const ids = Array.from({ length: 4 }, () => randomUUID());
    await Promise.all(ids.map((id) => api.put(`${V1}/demo/${id}`).expect(201)));
    const standing = await demos();
    expect(standing).toHaveLength(1);
    expect(ids).toContain(standing[0]);
  });

  it('is seen only whole, with its weather, and never two at a time', async () => {
    const seen: { forecasts: number }[][] = [];
    let loading = true;
    const loaded = Promise.all([1, 2].map(() => api.put(`${V1}/demo/${randomUUID()}`).expect(201))).finally(
      () => (loading = false),
    );
    while (loading) {
      const { rows } = await pool.query<{ forecasts: number }>(
        `SELECT (SELECT count(*)::int FROM weather_series w WHERE w.job_id = j.id AND kind = 'forecast') AS forecasts
         FROM job j WHERE is_demo AND archived_at IS NULL`,
      );
      seen.push(rows);
    }
    await loaded;
    expect(seen.length).toBeGreaterThan(10);
    expect(seen.filter((rows) => rows.length > 1 || rows.some((r) => r.forecasts === 0))).toEqual([]);
  });

  it('is renewed when it is old and nobody wrote to it, and left alone otherwise', async () => {
    const start = new Date('2027-03-01T08:00:00.000Z');
    const first = randomUUID();
    await loadDemo(pool, first, start);
    const later = (hours: number): Date => new Date(start.getTime() + hours * HOUR);
    expect(await keepDemoAlive(pool, randomUUID, later(5))).toBe(false);
    expect(await keepDemoAlive(pool, randomUUID, later(30))).toBe(true);
    const [second] = await demos();
    expect(second).not.toBe(first);
    // Somebody changes the order: the demo is theirs now.
    const order = (await api.get(`${V1}/jobs/${second}/order`)).body as { wastePct: { liquid: object } };
    await api
      .put(`${V1}/jobs/${second}/order`)
      .set('If-Match', '"1"')
      .send({ wastePct: { ...order.wastePct, liquid: { value: 9, source: 'chosen' } } })
      .expect(200);
    expect(await keepDemoAlive(pool, randomUUID, later(90))).toBe(false);
    expect(await demos()).toEqual([second]);
  });
});
