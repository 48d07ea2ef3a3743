/** The years after, as data, as a calendar that another program reads, and as the sheet of a year. */
import ICAL from 'ical.js';
import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { detailSchedule, detailTitle } from '@lentum/core/details';
import { velmora } from '@lentum/demo';
import { printoutLines, printoutSchema } from '@lentum/core/printout';
import type { UpkeepAnswer } from '../src/handover/upkeep.ts';
import { bare, readPdf, textOf } from '../../scripts/lib/readpdf.ts';
import { api, detail, importDemo, NOW, V1 } from './support/api.ts';
import { bytesOf } from './support/bytes.ts';

const upkeepOf = async (job: string, words: string): Promise<UpkeepAnswer> =>
  (await api.get(`${V1}/jobs/${job}/upkeep?${words}`).expect(200)).body as UpkeepAnswer;
async function enter(job: string, body: object): Promise<void> {
  const { entries } = (await api.get(`${V1}/jobs/${job}/record?limit=2000`).expect(200)).body as {
    entries: { entry: { personId?: string } }[];
  };
  const id = randomUUID();
  await api
    .put(`${V1}/jobs/${job}/record/${id}`)
    .send({
      ...{ form: 2, id, kind: 'upkeep', version: 1, deviceId: 'test', bays: [], attachments: [] },
      ...{ personId: entries.find((e) => e.entry.personId)?.entry.personId, zoneId: 'hall' },
      ...{ madeAt: '2026-05-12T09:00:00.000Z', body },
    })
    .expect(201);
}

describe('the upkeep of a roof', () => {
  it('counts from today while nothing is handed over, from the handing over since', async () => {
    const job = await importDemo();
    expect((await upkeepOf(job, 'zone=hall')).countedFrom).toBe('today');
    await enter(job, {
      ...{ step: 'handed over', at: '2026-05-12T08:00:00.000Z', to: 'the port office' },
      unproven: ['Bond of the finished work'],
    });
    const after = await upkeepOf(job, 'zone=hall');
    expect(after).toMatchObject({
      ...{ countedFrom: 'handed over', from: '2026-05-12T08:00:00.000Z' },
      unproven: ['Bond of the finished work'],
    });
    // The guarantee is among the dates: ten years from that day.
    expect(after.dates.find((d) => d.what === 'guarantee')).toMatchObject({
      from: '2036-05-01',
      state: 'to come',
    });
    const later = await upkeepOf(job, 'zone=hall&at=2027-12-01T09:00:00Z');
    expect(
      later.dates
        .filter((d) => d.what === 'visit')
        .slice(0, 3)
        .map((d) => `${d.from} ${d.state}`),
    ).toEqual(['2026-10-01 late', '2027-10-01 late', '2028-10-01 to come']);
  });
  it('the list of jobs knows what is handed over, and how each stands is told', async () => {
    const job = await importDemo();
    interface Row {
      readonly id: string;
      readonly handedOver: boolean;
    }
    const row = async (): Promise<Row | undefined> =>
      ((await api.get(`${V1}/jobs?limit=200`).expect(200)).body as { jobs: Row[] }).jobs.find(
        (r) => r.id === job,
      );
    const standing = async (at: string) =>
      (await api.get(`${V1}/jobs/${job}/standing?at=${at}`).expect(200)).body as object;
    expect((await row())?.handedOver).toBe(false);
    expect(await standing('2026-05-12T09:00:00Z')).toMatchObject({ handedOver: 0, due: [], sleeps: false });
    await enter(job, {
      ...{ step: 'handed over', at: '2026-05-12T08:00:00.000Z', to: 'the port office', unproven: [] },
    });
    expect((await row())?.handedOver).toBe(true);
    // Its other roofs are not handed over, and a snag of the hall is open: it does not sleep.
    expect(await standing('2026-05-13T09:00:00Z')).toMatchObject({
      handedOver: 1,
      openSnags: 1,
      sleeps: false,
    });
    expect(await standing('2026-10-20T09:00:00Z')).toMatchObject({
      due: [{ zoneId: 'hall', what: 'visit', from: '2026-10-01', state: 'due' }],
    });
    await api.get(`${V1}/jobs/nowhere/standing`).expect(404);
  });
  it('its calendar has every date that is not done, in whole months, under ids that stay', async () => {
    const job = await importDemo();
    const { dates } = await upkeepOf(job, 'zone=hall');
    const { text } = await api.get(`${V1}/jobs/${job}/upkeep.ics?zone=hall`).expect(200);
    const events = new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((e) => ({
      id: String(e.getFirstPropertyValue('uid')),
      start: String(e.getFirstPropertyValue('dtstart')),
      end: String(e.getFirstPropertyValue('dtend')),
    }));
    expect(events.map((e) => e.start).sort()).toEqual(dates.map((d) => d.from).sort());
    const visit = events.find((e) => e.id.includes('-visit-'));
    expect(visit?.end.slice(8)).toBe('01');
    expect(new Set(events.map((e) => e.id)).size).toBe(events.length);
    const again = (await api.get(`${V1}/jobs/${job}/upkeep.ics?zone=hall`).expect(200)).text;
    for (const e of events) expect(again).toContain(e.id);
  });
  it('the sheet of a year says what is due and every detail on the way, the same as PDF', async () => {
    const job = await importDemo();
    const address = `${V1}/jobs/${job}/upkeep/sheet`;
    const told = printoutSchema.parse((await api.get(`${address}?zone=hall&year=2027`).expect(200)).body);
    const lines = printoutLines(told);
    expect(lines.join('\n')).toMatch(/Due in 2027/);
    const way = told.blocks.findLast((b) => b.kind === 'table' && b.columns.some((c) => c.head === 'Detail'));
    const demo = velmora(NOW);
    const { work } = detailSchedule(demo.survey, demo.buildUp).zones.find((z) => z.zone.id === 'hall') ?? {
      work: [],
    };
    const named = way?.kind === 'table' ? way.rows.map((r) => r.cells[1]) : [];
    expect([...named].sort()).toEqual(work.map((w) => detailTitle(w.detail)).sort());
    expect(named.length).toBeGreaterThan(15);
    const pdf = await api
      .get(`${address}.pdf?zone=hall&year=2027&size=A4`)
      .buffer(true)
      .parse(bytesOf)
      .expect(200);
    const all = textOf(await readPdf(pdf.body as Uint8Array));
    for (const said of lines) expect(all).toContain(bare(said));
  });
  it('of a roof that is not there is refused in a sentence', async () => {
    const job = await importDemo();
    for (const path of ['upkeep', 'upkeep.ics', 'upkeep/sheet'])
      expect(detail(await api.get(`${V1}/jobs/${job}/${path}?zone=attic&year=2027`).expect(422))).toContain(
        'a zone of the survey',
      );
    expect(detail(await api.get(`${V1}/jobs/${job}/upkeep/sheet?zone=hall&year=soon`).expect(400))).toContain(
      'year',
    );
    await api.get(`${V1}/jobs/no-such-job/upkeep?zone=hall`).expect(404);
  });
});
