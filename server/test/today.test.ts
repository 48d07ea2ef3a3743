/** The state of a job over the API: every bay with its gates and sentences, from the database and from a file. */
import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { writeJobFile } from '@lentum/core/jobfile';
import { EMPTY_BOOK, foldRecord, namesOf } from '@lentum/core/record';
import { jobState } from '@lentum/core/state';
import { toldState, type ToldBay, type ToldState } from '@lentum/core/words';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { api, importDemo, NOW, startJob, V1 } from './support/api.ts';

const demo = velmora(NOW);
const bayOf = (state: ToldState, label: string): ToldBay => state.bays.find((b) => b.label === label)!;
const gateOf = (bay: ToldBay, key: string) => bay.gates.find((g) => g.key === key);
const today = async (id: string, at?: string): Promise<ToldState> =>
  (await api.get(`${V1}/jobs/${id}/today${at ? `?at=${at}` : ''}`).expect(200)).body as ToldState;

describe('today', () => {
  it('tells every bay: its gates, what can be done, and the sentences that say so', async () => {
    const state = await today(await importDemo());
    expect(state.at).toBe(DEMO_ANCHOR);
    expect(state.bays.map((b) => b.id).sort()).toEqual(demo.site.bays.map((b) => b.id).sort());
    // The file holds no hours of weather: rain and dew are not known, and that is said.
    const open = bayOf(state, 'C4');
    expect(open).toMatchObject({ kind: 'check', advice: 'check', layerId: 'rust', zoneId: 'canopy' });
    expect(gateOf(open, 'weather/known')).toMatchObject({ answer: 'unknown', settledBy: 'weather' });
    expect(open.sentences[0]).toMatch(/^C4 · anticorrosive primer\. Check: /);
  });
  it('a permit that is not open holds, and cannot be taken over', async () => {
    const bay = bayOf(await today(await importDemo()), 'G1');
    expect(bay).toMatchObject({ kind: 'blocked', advice: 'hold' });
    expect(gateOf(bay, 'hot/permit')).toMatchObject({
      answer: 'broken',
      fixed: 'never',
      settledBy: 'permit',
    });
  });
  it('a gate that was taken over says by whom', async () => {
    const bay = bayOf(await today(await importDemo()), 'H7');
    expect(gateOf(bay, 'details/refused')).toMatchObject({ answer: 'broken', takenOver: { by: 'Marek' } });
  });
  it('at another instant it is what it was then', async () => {
    const id = await importDemo();
    const before = await today(id, new Date(NOW.getTime() - 60 * 3_600_000).toISOString());
    expect(bayOf(before, 'H5').state).toBe('prepared');
    expect(bayOf(await today(id), 'H5').state).toBe('ready');
  });
  it('a job without anything has no bays; another job there is none', async () => {
    expect((await today(await startJob())).bays).toEqual([]);
    await api.get(`${V1}/jobs/${randomUUID()}/today`).expect(404);
  });
  it('an instant that is none is refused with one sentence', async () => {
    const { body } = await api.get(`${V1}/jobs/${await importDemo()}/today?at=noon`).expect(400);
    expect(JSON.stringify(body)).toContain('an instant such as');
  });
});

describe('the same from a file', () => {
  it('is what the core says', async () => {
    const { body } = await api
      .post(`${V1}/compute/state`)
      .send({ file: writeJobFile(demo, DEMO_ANCHOR), at: DEMO_ANCHOR })
      .expect(200);
    const state = jobState({
      ...{ survey: demo.survey, buildUps: demo.buildUp, site: demo.site, weather: demo.weather },
      series: demo.weatherSeries,
      book: foldRecord(EMPTY_BOOK, demo.record, namesOf(demo.people)),
      nowMs: NOW.getTime(),
    });
    expect(body).toEqual(
      JSON.parse(JSON.stringify(toldState(state, { timeZone: demo.job.timeZone, written: demo.job.units }))),
    );
  });
  it('a file that is none is refused', async () => {
    await api
      .post(`${V1}/compute/state`)
      .send({ file: { format: 'other' }, at: DEMO_ANCHOR })
      .expect(422);
  });
});
