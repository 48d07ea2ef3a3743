/**
 * Made-up jobs for the planner: roofs of bays with layers that have hours in which they may be laid, cure over warmer and
 * colder hours, and close again. The same seed makes the same job.
 */
import { seeded } from '../../src/keeping/index.ts';
import {
  BEYOND,
  type Cure,
  type Outlook,
  type PlanCrew,
  type PlanDeadline,
  type Planned,
  type Sky,
  type Task,
} from '../../src/planning/model.ts';
import type { Shift } from '../../src/planning/shifts.ts';

export interface CaseTerms {
  readonly seed: number;
  readonly bays: number;
  readonly layers: number;
  readonly zones: number;
  readonly crews: number;
  readonly days: number;
  /** Share of layers whose overcoat time ends. */
  readonly closing?: number;
  /** Nobody said where people come on. */
  readonly open?: boolean;
  readonly deadlines?: boolean;
  readonly prepared?: boolean;
  /** Roofs 0 and 1 are not shut together. */
  readonly apart?: boolean;
  /** Works of the first roof are not gone on with at noon of every other day. */
  readonly shut?: boolean;
  /** What lies open for a day is rinsed. */
  readonly rinsed?: boolean;
  /** What is laid with a machine comes from a kettle that holds five hours. */
  readonly heated?: boolean;
  /** The last roof is opened: its first layer closes it again. */
  readonly opened?: boolean;
}

const H = 60;
const DAY_H = 24;

export function shifts(days: number, off: readonly number[] = []): Shift[] {
  return Array.from({ length: days }, (_, d) => d)
    .filter((d) => !off.includes(d))
    .map((d) => {
      const from = (d * DAY_H + 7) * H + 20;
      const noon = (d * DAY_H + 12) * H;
      const to = (d * DAY_H + 17) * H - 20;
      return {
        ...{ date: `day ${d}`, from, to },
        parts: [
          { from, to: noon },
          { from: noon + 30, to },
        ],
      };
    });
}

interface Hours {
  readonly dry: Uint8Array;
  readonly rainAt: Uint8Array;
  readonly warmth: Float64Array;
}

/** Hours of a place: dew until the morning is on, rain now and then, warmer by day. */
function hoursOf(days: number, chance: () => number, rain: number): Hours {
  const n = days * DAY_H;
  const rainAt = new Uint8Array(n);
  for (let h = 0; h < n; h += 1)
    if (chance() < rain)
      for (let k = h; k < Math.min(n, h + 3 + Math.floor(chance() * 8)); k += 1) rainAt[k] = 1;
  const dewTo = Array.from({ length: days }, () => 7 + Math.floor(chance() * 3));
  const dry = Uint8Array.from({ length: n }, (_, h) => {
    const wet = rainAt[h] === 1 || rainAt[h - 1] === 1 || rainAt[h - 2] === 1;
    return !wet && h % DAY_H >= (dewTo[Math.floor(h / DAY_H)] ?? 8) && h % DAY_H < 20 ? 1 : 0;
  });
  const warmth = Float64Array.from(
    { length: n },
    (_, h) => 1 + 0.5 * Math.sin(((h % DAY_H) - 9) * (Math.PI / 12)),
  );
  return { dry, rainAt, warmth };
}

export interface LayerFacts {
  readonly fromH: number;
  readonly untilH: number | undefined;
  readonly safeH: number;
}

/** Hours that a stage takes, over the warmth of each hour. */
function reached(hours: number, warmth: Float64Array, n: number): Int32Array {
  return Int32Array.from({ length: n + 1 }, (_, e) => {
    let sum = 0;
    for (let h = e; h < n; h += 1) {
      sum += warmth[h] ?? 1;
      if (sum >= hours) return (h + 1) * H;
    }
    return BEYOND;
  });
}

/** @param rain chance of an hour that rain begins in it */
export function outlook(
  facts: readonly (LayerFacts | undefined)[],
  days: number,
  seed: number,
  rain = 0.012,
): Outlook {
  const chance = seeded(seed);
  const { dry, rainAt, warmth } = hoursOf(days, chance, rain);
  const n = days * DAY_H;
  const cures = new Map<string, Cure>();
  const skies = new Map<string, Sky>();
  const bySpan: (Sky | undefined)[][] = facts.map(() => []);
  const ofTask: (Cure | undefined)[] = facts.map(() => undefined);
  return {
    rain: rainAt,
    sky(task, span) {
      const f = facts[task];
      if (!f) return undefined;
      const known = bySpan[task]?.[span];
      if (known) return known;
      const key = `${f.safeH}/${span}`;
      let found = skies.get(key);
      if (!found) {
        const mask = Uint32Array.from({ length: n }, (_, h) => {
          for (let k = h; k < h + span; k += 1) if (dry[k] !== 1) return 2;
          for (let k = h + span; k < Math.min(n, h + span + f.safeH); k += 1)
            if (rainAt[k] === 1) return 1 << 14;
          return 0;
        });
        const open = Uint8Array.from(mask, (m) => (m === 0 ? 1 : 0));
        const next = new Int32Array(n + 2).fill(n);
        for (let h = n - 1; h >= 0; h -= 1) next[h] = open[h] === 1 ? h : (next[h + 1] ?? n);
        found = { open, next, mask };
        skies.set(key, found);
      }
      const own = bySpan[task];
      if (own) own[span] = found;
      return found;
    },
    cure(task) {
      const f = facts[task];
      if (!f) return undefined;
      const known = ofTask[task];
      if (known) return known;
      const key = `${f.fromH}/${f.untilH ?? ''}`;
      let found = cures.get(key);
      if (!found) {
        const from = reached(f.fromH, warmth, n);
        const until = f.untilH === undefined ? undefined : reached(f.untilH, warmth, n);
        found = {
          from,
          until,
          walk: from,
          foot: from,
          wheels: reached(f.fromH * 2, warmth, n),
          rainSafe: reached(f.safeH, warmth, n),
        };
        cures.set(key, found);
      }
      ofTask[task] = found;
      return found;
    },
  };
}

/** A made-up job. */
export function planCase(
  terms: CaseTerms,
): Planned & { readonly facts: readonly (LayerFacts | undefined)[]; readonly days: number } {
  const {
    seed,
    bays,
    layers,
    zones,
    crews,
    days,
    closing = 0.4,
    open = false,
    deadlines = false,
    prepared = true,
    apart = false,
    shut = false,
    opened = false,
    rinsed = false,
    heated = false,
  } = terms;
  const chance = seeded(seed);
  const between = (a: number, b: number): number => a + chance() * (b - a);
  const perZone = Math.ceil(bays / zones);
  const systems = Array.from({ length: zones }, () =>
    Array.from({ length: layers }, (): LayerFacts => {
      const fromH = Math.round(between(1, 14));
      return {
        fromH,
        untilH: chance() < closing ? fromH + Math.round(between(24, 72)) : undefined,
        safeH: Math.round(between(1, 5)),
      };
    }),
  );
  const tasks: Task[] = [];
  const facts: (LayerFacts | undefined)[] = [];
  const planBays = Array.from({ length: bays }, (_, b) => {
    const zone = Math.floor(b / perZone);
    const first = zone * perZone;
    const last = Math.min(bays, first + perZone) - 1;
    // Two rows, side by side.
    const wide = Math.ceil((last - first + 1) / 2);
    const beside = [b - 1, b + 1, b - wide, b + wide].filter((x, i) => {
      if (x < first || x > last || x === b) return false;
      return i > 1 || Math.floor((x - first) / wide) === Math.floor((b - first) / wide);
    });
    return { id: `b${b}`, label: `B${b}`, zone, beside, wetUntilMin: 0 };
  });
  const machineOf = (zone: number, l: number): number => (zone % 3 === 2 && l === 1 ? 0 : -1);
  for (let b = 0; b < bays; b += 1) {
    const zone = Math.floor(b / perZone);
    let before = -1;
    const base = between(30, 110);
    const push = (task: Partial<Task>, f: LayerFacts | undefined): void => {
      const index = tasks.length;
      const minutes = Array.from({ length: crews }, (_, c) => Math.ceil((base * 2) / (2 + c) / 5) * 5);
      tasks.push({
        ...{
          index,
          id: `b${b}/${index}`,
          kind: 'layer',
          name: 'layer',
          layerId: 'l',
          zone,
          bay: b,
          minutes,
          parted: false,
        },
        after: before < 0 ? [] : [{ task: before, lagMin: 0, cures: facts[before] !== undefined }],
        ...{
          earliestMin: 0,
          latestMin: Infinity,
          headMin: 0,
          tailMin: 0,
          machine: -1,
          order: perZone - (b % perZone),
        },
        ...{ remedyMin: 30, crew: undefined, startMin: undefined },
        ...task,
      });
      facts.push(f);
      before = index;
    };
    const isOpened = opened && zone === zones - 1;
    const closure = shut && zone === 0 ? { closure: 0 } : {};
    if (!prepared || isOpened)
      push(
        { kind: 'prepare', name: 'preparation', layerId: undefined, parted: !isOpened, ...closure },
        undefined,
      );
    const opener = before;
    for (let l = 0; l < layers; l += 1) {
      const only = (zone + l) % 4 === 3 && crews > 1;
      const machine = machineOf(zone, l);
      push(
        {
          ...{ layerId: `l${zone}-${l}`, machine, ...closure },
          ...(isOpened && l === 0 ? { opened: opener, closer: true } : {}),
          ...(heated && machine >= 0 ? { heldMin: 300 } : {}),
          ...(rinsed && l > 0
            ? {
                wash: {
                  ...{ task: before, sinceMin: 0, afterMin: DAY_H * H },
                  minutes: Array.from(
                    { length: crews },
                    (_, c) => 60 + Math.ceil((base * 0.6) / (2 + c) / 5) * 5,
                  ),
                },
              }
            : {}),
        },
        systems[zone]?.[l],
      );
      const task = tasks.at(-1);
      if (only && task)
        tasks[task.index] = { ...task, minutes: task.minutes.map((m, c) => (c === 0 ? 0 : m)) };
    }
  }
  const planCrews: PlanCrew[] = Array.from({ length: crews }, (_, c) => ({
    ...{ id: `c${c}`, name: `Crew ${c}`, people: 2 + c, inspects: false },
    shifts: shifts(days, c === 1 ? [3] : []),
  }));
  const dates: PlanDeadline[] = deadlines
    ? Array.from({ length: Math.min(2, zones) }, (_, z) => ({
        ...{ id: `d${z}`, zone: z, what: 'feet' as const, costPerDay: 0 },
        byMin: Math.round(between(0.4, 0.8) * days) * DAY_H * H,
      }))
    : [];
  return {
    ...{
      startMs: Date.UTC(2026, 4, 12),
      endMin: days * DAY_H * H,
      tasks,
      crews: planCrews,
      bays: planBays,
      deadlines: dates,
    },
    zones: Array.from({ length: zones }, (_, z) => ({
      ...{ id: `z${z}`, name: `Roof ${z}` },
      bays: planBays.flatMap((p, i) => (p.zone === z ? [i] : [])),
      door: open ? undefined : Math.min(bays - 1, z * perZone),
    })),
    ...(apart ? { apart: [[0, 1]] } : {}),
    ...(shut
      ? {
          closures: [
            Array.from({ length: Math.ceil(days / 2) }, (_, d) => ({
              from: (2 * d * DAY_H + 10) * H,
              to: (2 * d * DAY_H + 13) * H,
            })),
          ],
        }
      : {}),
    ...{ machines: [1], moveMin: 20, changeMin: 10, facts, days },
    outlook: outlook(facts, days, seed + 1),
  };
}
