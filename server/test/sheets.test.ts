/** What is bought, cut and minded, as files over the API: read back by readers that others wrote. */
import { randomUUID } from 'node:crypto';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writeJobFile } from '@lentum/core/jobfile';
import { ORDER_COLUMNS } from '@lentum/core/order';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { api, importDemo, NOW, V1 } from './support/api.ts';
import { openFirm, type FirmHouse } from './support/firm.ts';

type Row = Record<string, string>;
const rowsOf = (text: string): Row[] => {
  const { data, errors } = Papa.parse<Row>(text, { header: true, skipEmptyLines: true });
  expect(errors).toEqual([]);
  return data;
};

const byRoll = (rows: readonly Row[]): Row[][] => {
  const rolls = new Map<string, Row[]>();
  for (const r of rows) {
    const roll = `${r['list'] ?? ''}/${r['roll'] ?? ''}`;
    rolls.set(roll, [...(rolls.get(roll) ?? []), r]);
  }
  return [...rolls.values()];
};

describe('the order, the courses and the pieces', () => {
  let job = '';
  const read = async (name: string): Promise<Row[]> =>
    rowsOf((await api.get(`${V1}/jobs/${job}/${name}`).expect(200)).text);
  beforeAll(async () => {
    job = await importDemo();
  });

  it('the order has a row for each line of the takeoff, with its figures', async () => {
    const { survey, buildUp, order } = velmora(NOW);
    const body = { survey, buildUp, order };
    const asked = await api.post(`${V1}/compute/takeoff`).send(body).expect(200);
    interface Line {
      readonly item: { readonly name: string };
      readonly gross: { readonly value: number };
    }
    const lines = (asked.body as { groups: { lines: Line[] }[] }).groups.flatMap((g) => g.lines);
    const rows = await read('order.csv');
    expect(rows.map((r) => r['product'])).toEqual(lines.map((l) => l.item.name));
    for (const [i, l] of lines.entries()) expect(Number(rows[i]?.['gross'])).toBeCloseTo(l.gross.value, 3);
  });

  it('each roll is cut no longer than it is, and what is left is what the cuts leave', async () => {
    const rows = await read('courses.csv');
    const rolls = byRoll(rows);
    expect(rolls.length).toBeGreaterThan(10);
    for (const cuts of rolls) {
      const used = cuts.reduce((sum, c) => sum + Number(c['length_m']), 0);
      const left = Number(cuts.at(-1)?.['left_m']);
      expect(used + left).toBeCloseTo(Number(cuts[0]?.['roll_m']), 2);
    }
  });

  it('pieces lie beside each other on their roll: none over another', async () => {
    const rows = await read('pieces.csv');
    expect(rows.length).toBeGreaterThan(100);
    for (const pieces of byRoll(rows)) {
      const boxes = pieces.map((p) =>
        (['along_mm', 'across_mm', 'long_mm', 'wide_mm'] as const).map((k) => Number(p[k])),
      );
      for (const [i, [x = 0, y = 0, w = 0, h = 0]] of boxes.entries())
        for (const [u = 0, v = 0, l = 0, k = 0] of boxes.slice(i + 1)) {
          const over = x + 1 < u + l && u + 1 < x + w && y + 1 < v + k && v + 1 < y + h;
          expect(over).toBe(false);
        }
    }
  });

  it.each(['order.csv', 'courses.csv', 'pieces.csv', 'closings.ics'])(
    '%s of no job is not found',
    async (name) => {
      await api.get(`${V1}/jobs/${randomUUID()}/${name}`).expect(404);
    },
  );
});

describe('what closes and what opens', () => {
  interface Event {
    readonly uid: string;
    readonly sequence: number;
    readonly start: number;
    readonly alarms: number;
  }
  const closings = async (job: string): Promise<Event[]> => {
    const { text } = await api.get(`${V1}/jobs/${job}/closings.ics`).expect(200);
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
    return calendar.getAllSubcomponents('vevent').map((c) => {
      const event = new ICAL.Event(c);
      return {
        uid: event.uid,
        sequence: event.sequence,
        start: event.startDate.toUnixTime(),
        alarms: c.getAllSubcomponents('valarm').length,
      };
    });
  };

  it('is ahead, each under an id of its own; what comes together rings once; a change raises the number', async () => {
    const job = await importDemo();
    const before = await closings(job);
    expect(before.length).toBeGreaterThan(3);
    expect(new Set(before.map((e) => e.uid)).size).toBe(before.length);
    for (const e of before) {
      expect(e.start * 1000).toBeGreaterThan(NOW.getTime());
      expect(e.sequence).toBe(velmora(NOW).record.length);
    }
    const minutes = new Set(before.map((e) => Math.round(e.start / 60)));
    const rung = before.reduce((sum, e) => sum + e.alarms, 0);
    expect(rung).toBeLessThan(before.length);
    expect(rung).toBeGreaterThanOrEqual(minutes.size);
    const entry = {
      ...{ form: 2, kind: 'event', version: 1, id: randomUUID(), personId: 'p-sheets', deviceId: 'phone' },
      ...{ bays: [], madeAt: NOW.toISOString(), zoneId: 'hall', attachments: [], offsetMs: 0 },
      body: { at: NOW.toISOString(), what: 'rain' },
    };
    await api.put(`${V1}/people/p-sheets`).send({ name: 'Test' });
    await api.put(`${V1}/jobs/${job}/record/${entry.id}`).send(entry).expect(201);
    const after = await closings(job);
    expect(after.every((e) => e.sequence === velmora(NOW).record.length + 1)).toBe(true);
    expect(after.some((e) => before.some((b) => b.uid === e.uid))).toBe(true);
    // The same roof in another job has events of its own.
    const copy = await closings(await importDemo());
    expect(copy.some((e) => before.some((b) => b.uid === e.uid))).toBe(false);
  });
});

describe('in a firm', () => {
  let firm: FirmHouse;
  beforeAll(async () => {
    firm = await openFirm('lentum_test_sheets');
  });
  afterAll(() => firm.end());

  it('prices stand in the order of those whom they concern, and of nobody else', async () => {
    const job = randomUUID();
    await firm.owner
      .put(`${V1}/jobs/${job}/file`)
      .send(writeJobFile(velmora(NOW), DEMO_ANCHOR))
      .expect(201);
    const client = await firm.join('cleo', null, { [job]: 'client' });
    const heads = async (agent: FirmHouse['owner']): Promise<string[]> =>
      (await agent.get(`${V1}/jobs/${job}/order.csv`).expect(200)).text.split('\r\n')[0]?.split(',') ?? [];
    expect(await heads(firm.owner)).toEqual([...ORDER_COLUMNS]);
    expect(await heads(client.agent)).toEqual(ORDER_COLUMNS.filter((c) => c !== 'price' && c !== 'currency'));
  });
});
