/** The board of days, what is fixed on it by hand, and the questions that a plan is asked. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { programmeSchema, type DayShown, type PlanAnswer, type TaskShown } from '@lentum/core/planning';
import { boardOf, daysOnBoard, LEAST_DAY, NAMES, skyOf } from '../src/programme/board.ts';
import { drawnRows } from '../src/programme/drawn.ts';
import { freed, pinned } from '../src/programme/pins.ts';
import { whatIfs } from '../src/programme/whatif.ts';
import { blocksOf } from '@lentum/core/planning';

const H = 3_600_000;
const START = Date.parse('2026-05-11T00:00:00Z');
const day = (n: number, off?: string): DayShown => ({
  date: new Date(START + n * 24 * H).toISOString().slice(0, 10),
  ...{ fromMs: START + (n * 24 + 7) * H, toMs: START + (n * 24 + 17) * H, off, isForecast: n < 3 },
  ...{ airC: [10, 12, null, 14], rainMm: [0, 1, null, 0], usedMin: 60, thereMin: 600 },
});
const task = (
  id: string,
  more: Partial<TaskShown> & { readonly at: number; readonly hours: number },
): TaskShown => {
  const { at, hours, ...rest } = more;
  return {
    ...{ id, kind: 'layer', name: 'Primer', layerId: 'primer', zone: 0, bay: id, bayId: id, crew: 0 },
    ...{
      startMs: START + at * H,
      endMs: START + (at + hours) * H,
      late: false,
      rinsed: false,
      pinned: false,
      steps: [],
    },
    ...{ opensMs: undefined, closesMs: undefined, nextMs: undefined, chance: undefined },
    ...{
      amount: undefined,
      potLifeMin: undefined,
      mix: undefined,
      hot: false,
      number: 1,
      opening: undefined,
      loud: false,
    },
    ...{ smells: false, feetMs: undefined, asked: undefined },
    ...rest,
  };
};
const answer = (
  tasks: readonly TaskShown[],
  days = [0, 1, 2, 3, 4, 5, 6, 7, 8].map((n) => day(n)),
): PlanAnswer =>
  ({
    ...{ startMs: START, zones: [{ id: 'hall', name: 'Hall' }], deadlines: [], tasks, days },
    crews: [
      { id: 'a', name: 'A', people: 2, names: [], inspects: false },
      { id: 'b', name: 'B', people: 2, names: [], inspects: false },
      { id: 'i', name: 'Inspector', people: 1, names: [], inspects: true },
    ],
  }) as unknown as PlanAnswer;

describe('the board', () => {
  const board = boardOf(answer([task('H1', { at: 9, hours: 1 })]), 1000);

  it('goes from left to right as time does, nights in their seams', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 200 * 60 }), fc.integer({ min: 0, max: 200 * 60 }), (a, b) => {
        const [first, then] = [Math.min(a, b), Math.max(a, b)].map((m) => board.x(START + m * 60_000));
        expect(first).toBeLessThanOrEqual((then ?? 0) + 1e-9);
      }),
    );
    expect(board.x(START)).toBeGreaterThanOrEqual(NAMES);
  });

  it('tells the instant of a place within a day', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 6 }),
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        (n, share) => {
          const ms = START + (n * 24 + 7 + 10 * share) * H;
          expect(board.msAt(board.x(ms))).toBeCloseTo(ms, -2);
        },
      ),
    );
  });

  it('shows a week at least, and every day up to the last work', () => {
    expect(daysOnBoard(answer([task('H1', { at: 9, hours: 1 })]))).toHaveLength(7);
    expect(daysOnBoard(answer([task('H1', { at: 8 * 24 + 9, hours: 1 })]))).toHaveLength(9);
    expect(board.columns.every((c) => c.width >= LEAST_DAY)).toBe(true);
  });

  it('puts works that overlap into lanes, so that none hides another', () => {
    const tasks = [
      task('H1', { at: 8, hours: 2 }),
      task('H2', { at: 9, hours: 2, crew: 1 }),
      task('H3', { at: 10, hours: 1, layerId: 'first', name: 'First coat' }),
      task('H4', { at: 10.5, hours: 0.2, layerId: 'second', name: 'Second coat', crew: 1 }),
    ];
    const { rows } = boardOf(answer(tasks), 900);
    const blocks = rows.flatMap((r) => r.blocks);
    expect(blocks).toHaveLength(4);
    blocks.forEach((a, i) =>
      blocks.slice(i + 1).forEach((b) => {
        const apart = a.y !== b.y || a.x + a.width <= b.x + 1e-6 || b.x + b.width <= a.x + 1e-6;
        expect(apart, `${a.block.key} and ${b.block.key}`).toBe(true);
      }),
    );
    for (const b of blocks) expect(b.y + 20).toBeLessThan((rows[0]?.y ?? 0) + (rows[0]?.height ?? 0));
  });

  it('draws together the same work of a crew on a day, and parts what goes on over a night', () => {
    const tasks = [
      task('H1', { at: 8, hours: 1 }),
      task('H2', { at: 9, hours: 1 }),
      task('H3', { at: 15, hours: 20, kind: 'details', name: 'Details' }),
    ];
    const blocks = blocksOf(answer(tasks));
    expect(blocks.map((b) => [b.kind, b.tasks.map((t) => t.id), b.date])).toEqual([
      ['layer', ['H1', 'H2'], '2026-05-11'],
      ['details', ['H3'], '2026-05-11'],
      ['details', ['H3'], '2026-05-12'],
    ]);
  });

  it('leaves out hours of the sky that nobody knows', () => {
    const [column] = board.columns;
    if (!column) throw new Error('it has a day');
    const { points, bars } = skyOf(column, { least: 8, most: 16 }, 10, 20);
    expect(points.split(' ')).toHaveLength(3);
    expect(bars).toHaveLength(1);
  });
});

describe('what is drawn of a plan', () => {
  const draw = {
    codes: new Map([['hall', 'H']]),
    time: (ms: number) => `${(ms - START) / H}`,
    clock: (ms: number) => `${(ms - START) / H}`,
    worded: (text: string) => text,
  };
  const drawn = (tasks: readonly TaskShown[], deadlines: readonly unknown[] = []) => {
    const shown = { ...answer(tasks), deadlines } as PlanAnswer;
    const board = boardOf(shown, 1000);
    return { board, row: drawnRows(board, shown, draw)[0]! };
  };
  const hours = (at: number): number => START + at * H;

  it('is a mark for its kind, the bays, what cures after it and what closes near', () => {
    const { board, row } = drawn([
      task('H1', { at: 8, hours: 1, opensMs: hours(14), closesMs: hours(33), nextMs: hours(32) }),
      task('H2', { at: 9, hours: 1, opensMs: hours(15), closesMs: hours(33), nextMs: hours(32) }),
      task('H3', { at: 34, hours: 1, kind: 'prepare', name: 'Preparation', layerId: undefined }),
    ]);
    expect(row.blocks.map((b) => b.label)).toEqual(['1·2', 'p·1']);
    const [coats, prepared] = row.blocks;
    expect(coats?.tail).toEqual({ x1: (coats?.x ?? 0) + (coats?.width ?? 0), x2: board.x(hours(15)) });
    expect(coats?.closesX).toBe(board.x(hours(33)));
    expect([prepared?.tail, prepared?.closesX]).toEqual([undefined, undefined]);
    // What is gone on with in good time closes for nobody.
    const early = drawn([task('H1', { at: 8, hours: 1, closesMs: hours(60), nextMs: hours(32) })]);
    expect(early.row.blocks[0]?.closesX).toBeUndefined();
  });

  it('tells a risk from one in ten on, what is late, and where it was fixed and cannot stand', () => {
    const chance = (spoiled: number) =>
      ({ holds: 1 - spoiled, spoiled, late: 0, by: 'rainSafe', openRain: 0 }) as TaskShown['chance'];
    const of = (more: Partial<TaskShown>) => drawn([task('H1', { at: 9, hours: 1, ...more })]).row.blocks[0];
    expect(of({ chance: chance(0.09) })).toMatchObject({ riskPct: 0, isRisky: false });
    expect(of({ chance: chance(0.1) })).toMatchObject({ riskPct: 10, isRisky: true });
    expect(of({ late: true })).toMatchObject({ riskPct: 0, isRisky: true });
    const asked = of({ asked: { startMs: hours(8), why: { kind: 'weather' } as never }, pinned: true });
    expect(asked).toMatchObject({ isRisky: true, isPinned: true });
    expect(asked?.askedX).toBeLessThan(asked?.x ?? 0);
    expect(asked?.says).toContain('fixed for 8, where it cannot stand');
  });

  it('has a date with when it is ready, and whether that is in time', () => {
    const date = (readyMs: number | undefined) => ({
      ...{ id: 'd', zone: 0, what: 'feet', byMs: hours(40), costPerDay: 0, readyMs },
      chance: { holds: 0.84, ready: {} },
    });
    const of = (readyMs: number | undefined) =>
      drawn([task('H1', { at: 9, hours: 1 })], [date(readyMs)]).row.dates[0];
    expect(of(hours(33))).toMatchObject({ isKept: true });
    expect(of(hours(33))?.title).toMatch(/by 40: ready 33 as planned, kept in 84 % of the ways$/);
    expect(of(hours(57))).toMatchObject({ isKept: false });
    expect(of(undefined)).toMatchObject({ isKept: false, readyX: undefined });
  });
});

describe('what is fixed by hand', () => {
  const plan = answer([task('H1', { at: 8, hours: 1 }), task('H2', { at: 9, hours: 1 })]);
  const [block] = blocksOf(plan);
  if (!block) throw new Error('it has a block');

  it('moves the works of a block together, in quarters of an hour, and keeps their crew', () => {
    const pins = pinned([], block, plan, { toMs: block.fromMs + 2 * H + 7 * 60_000 });
    expect(pins).toEqual([
      { taskId: 'H1', crewId: 'a', startAt: new Date(START + 10 * H).toISOString() },
      { taskId: 'H2', crewId: 'a', startAt: new Date(START + 11 * H).toISOString() },
    ]);
  });

  it('takes the place of what was fixed before, and is left to the plan again', () => {
    const once = pinned([{ taskId: 'other' }], block, plan, { crewId: 'b' });
    const twice = pinned(once, block, plan);
    expect(twice.filter((p) => p.taskId === 'H1')).toHaveLength(1);
    expect(twice.find((p) => p.taskId === 'H1')?.crewId).toBe('a');
    expect(freed(twice, block)).toEqual([{ taskId: 'other' }]);
  });
});

describe('what if', () => {
  const doc = programmeSchema.parse({
    crews: [
      { id: 'a', name: 'A', people: 2 },
      { id: 'b', name: 'B', people: 3 },
    ],
    hours: { days: [1, 2, 3, 4, 5] },
  });
  const days = [day(4), day(5, ''), day(6, ''), day(7), day(8)];
  const asks = whatIfs(doc, { days }, '2026-05-15', (d) => d);

  it('asks for a lost day, each crew ill, a crew more, and a day off worked', () => {
    expect(asks.map((a) => a.key)).toEqual(['lost', 'ill-a', 'ill-b', 'extra', 'worked']);
    expect(asks[0]?.doc.off).toEqual([{ on: '2026-05-15', says: 'lost' }]);
    // Ill on days of work: the weekend is no loss.
    expect(asks[1]?.doc.crews[0]?.off).toEqual(['2026-05-15', '2026-05-18', '2026-05-19']);
    expect(asks[3]?.doc.crews).toHaveLength(3);
    expect(asks[3]?.doc.crews[2]?.only).toEqual(['2026-05-15', '2026-05-18']);
    expect(asks[4]?.doc.hours.days).toEqual([1, 2, 3, 4, 5, 6]);
  });

  it('asks for each delivery that is still to come, two days later and over the end of a month', () => {
    const come = (id: string, on: string) => ({ id, name: id, on, usedBy: on, zoneIds: ['hall'] });
    const asked = whatIfs(doc, { days }, '2026-05-15', (d) => d, [
      come('past', '2026-05-01'),
      come('lorry', '2026-05-31'),
    ]).filter((a) => a.deliveries);
    expect(asked.map((a) => a.key)).toEqual(['late-lorry']);
    expect(asked[0]?.doc).toBe(doc);
    expect(asked[0]?.deliveries?.map((d) => d.on)).toEqual(['2026-05-01', '2026-06-02']);
  });

  it('changes nothing of the document that is asked about', () => {
    expect(doc.off).toEqual([]);
    expect(doc.crews.every((c) => c.off.length === 0)).toBe(true);
  });
});
