/** The firm's morning over the API: a job in one line, and the search in the list of jobs. */
import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import type { ToldMorning } from '../src/site/morning.ts';
import { api, importDemo, NOW, startJob, V1 } from './support/api.ts';

const demo = velmora(NOW);
const morning = async (id: string, at?: string): Promise<ToldMorning> =>
  (await api.get(`${V1}/jobs/${id}/morning${at ? `?at=${at}` : ''}`).expect(200)).body as ToldMorning;

describe('a job in one line', () => {
  it('says what it is made of: bays, what waits, the delivery, the last entry', async () => {
    const told = await morning(await importDemo());
    expect(told).toMatchObject({ at: DEMO_ANCHOR, timeZone: demo.job.timeZone });
    expect(told.bays).toEqual({ all: demo.site.bays.length, done: 4 });
    expect(told.waits.map((l) => l.says)).toContain('permit for hot works: G1, G2');
    expect(told.urgent.map((l) => l.says)).toContain('H4 second coat: thin while wet');
    const next = demo.order.deliveries.map((d) => d.on).filter((on) => on >= DEMO_ANCHOR.slice(0, 10));
    expect(told.delivery?.on).toBe(next.sort()[0]);
    expect(told.last?.who).toBe('Ines');
    // The file holds no hours of weather.
    expect(told.weather).toBeUndefined();
  });
  it('at another instant it is what it was then', async () => {
    const id = await importDemo();
    const before = await morning(id, new Date(NOW.getTime() - 60 * 3_600_000).toISOString());
    expect(before.urgent).toEqual([]);
  });
  it('a job without anything says nothing, and stands behind one with work', async () => {
    const empty = await morning(await startJob());
    expect(empty).toMatchObject({ bays: { all: 0, done: 0 }, urgent: [], now: [], waits: [] });
    expect(empty.last).toBeUndefined();
    expect(empty.order[0]).toBeGreaterThan((await morning(await importDemo())).order[0]);
  });
  it('another job there is none; an instant that is none is refused', async () => {
    await api.get(`${V1}/jobs/${randomUUID()}/morning`).expect(404);
    await api.get(`${V1}/jobs/${await startJob()}/morning?at=noon`).expect(400);
  });
});

describe('search in the list of jobs', () => {
  const found = async (q: string): Promise<string[]> =>
    (
      (await api.get(`${V1}/jobs`).query({ q, limit: 200 }).expect(200)).body as { jobs: { id: string }[] }
    ).jobs.map((j) => j.id);
  const named = async (name: string, place: string): Promise<string> => {
    const id = randomUUID();
    const { demo: _, ...head } = demo.job;
    await api
      .put(`${V1}/jobs/${id}`)
      .send({ ...head, name, place })
      .expect(201);
    return id;
  };
  it('finds words of the name and of the place, in capitals or not, and takes no sign for a wildcard', async () => {
    const tag = randomUUID().slice(0, 8);
    const terrace = await named(`Terrace ${tag}`, 'North quay');
    const ramp = await named(`Ramp 50 % ${tag}`, 'South quay');
    expect((await found(tag)).sort()).toEqual([terrace, ramp].sort());
    expect(await found(`TERRACE ${tag.toUpperCase()}`)).toEqual([terrace]);
    expect(await found(`50 % ${tag}`)).toEqual([ramp]);
    expect(await found(`5_ % ${tag}`)).toEqual([]);
    expect(await found(`${tag} south`)).toEqual([ramp]);
    expect(await found(`${tag} west`)).toEqual([]);
  });
  it('an empty one finds all; one that is no text is refused', async () => {
    const id = await named('Anything', 'anywhere');
    expect(await found('  ')).toContain(id);
    await api.get(`${V1}/jobs?q=%00`).expect(400);
    await api
      .get(`${V1}/jobs`)
      .query({ q: 'x'.repeat(121) })
      .expect(400);
  });
});
