/** Where things stand on the board: days as columns of working hours, nights folded to a seam, roofs as rows of lanes. */
import { blocksOf, type Block, type DayShown, type PlanAnswer } from '@lentum/core/planning';

/** All in px. */
export const SEAM = 10;
export const NAMES = 150;
export const HEAD = 76;
const LANE = 30;
const ROW_PAD = 20;
export const LEAST_DAY = 92;

export interface DayColumn {
  readonly day: DayShown;
  readonly x: number;
  readonly width: number;
}

export interface BoardBlock {
  readonly block: Block;
  readonly x: number;
  readonly width: number;
  readonly y: number;
}

export interface BoardRow {
  readonly zone: number;
  readonly y: number;
  readonly height: number;
  readonly blocks: readonly BoardBlock[];
}

export interface Board {
  readonly columns: readonly DayColumn[];
  readonly rows: readonly BoardRow[];
  readonly width: number;
  readonly height: number;
  /** Where an instant lies; a night is gone through in its seam. */
  readonly x: (ms: number) => number;
  /** The instant at a place; in a seam the beginning of the next day. */
  readonly msAt: (x: number) => number;
}

/** Days up to the one after the last work and the last date to keep, at least a week where it is known. */
export function daysOnBoard({ days, tasks, deadlines }: PlanAnswer): DayShown[] {
  const last = Math.max(0, ...tasks.map((t) => t.endMs), ...deadlines.map((d) => d.byMs));
  const until = days.findIndex((d) => d.fromMs > last);
  return days.slice(0, until < 0 ? days.length : Math.max(Math.min(7, days.length), until));
}

/** Blocks that overlap lie in lanes below each other. */
function lanesOf(blocks: readonly Block[]): Map<string, number> {
  const ends: number[] = [];
  const lanes = new Map<string, number>();
  for (const b of [...blocks].sort((a, c) => a.fromMs - c.fromMs || a.key.localeCompare(c.key))) {
    const free = ends.findIndex((end) => end <= b.fromMs);
    const lane = free < 0 ? ends.length : free;
    ends[lane] = b.toMs;
    lanes.set(b.key, lane);
  }
  return lanes;
}

/** Blocks are no narrower than this: they are pointed at. */
const LEAST_BLOCK = 34;

/** @param room width of the board, px: days are as wide as it lets them, and no narrower than can be read */
export function boardOf(answer: PlanAnswer, room: number): Board {
  const days = daysOnBoard(answer);
  const dayWidth = Math.max(LEAST_DAY, (room - NAMES) / Math.max(1, days.length) - SEAM);
  const columns = days.map((day, i) => ({ day, x: NAMES + i * (dayWidth + SEAM) + SEAM, width: dayWidth }));
  const x = (ms: number): number => {
    for (const [i, c] of columns.entries()) {
      if (ms < c.day.fromMs) {
        const before = columns[i - 1];
        if (!before) return c.x;
        const share = (ms - before.day.toMs) / Math.max(1, c.day.fromMs - before.day.toMs);
        return before.x + before.width + SEAM * Math.min(1, Math.max(0, share));
      }
      if (ms <= c.day.toMs)
        return c.x + (c.width * (ms - c.day.fromMs)) / Math.max(1, c.day.toMs - c.day.fromMs);
    }
    const last = columns.at(-1);
    return last ? last.x + last.width + SEAM : NAMES;
  };
  const msAt = (at: number): number => {
    const c = columns.find((one) => at < one.x + one.width) ?? columns.at(-1);
    if (!c) return answer.startMs;
    const share = Math.min(1, Math.max(0, (at - c.x) / c.width));
    return c.day.fromMs + share * (c.day.toMs - c.day.fromMs);
  };
  const blocks = blocksOf(answer);
  let y = HEAD;
  const rows = answer.zones.flatMap((_, zone): BoardRow[] => {
    const own = blocks.filter((b) => b.zone === zone && b.fromMs < (days.at(-1)?.toMs ?? 0));
    const dated = answer.deadlines.some((d) => d.zone === zone);
    if (own.length === 0 && !dated) return [];
    // What looks narrower than it can be pointed at takes the room all the same.
    const wide = own.map((b) => ({ ...b, toMs: Math.max(b.toMs, msAt(x(b.fromMs) + LEAST_BLOCK + 2)) }));
    const lanes = lanesOf(wide);
    const height = Math.max(1, ...[...lanes.values()].map((l) => l + 1)) * LANE + ROW_PAD;
    const row: BoardRow = {
      ...{ zone, y, height },
      blocks: own.map((block) => ({
        block,
        x: x(block.fromMs),
        width: Math.max(LEAST_BLOCK, x(block.toMs) - x(block.fromMs)),
        y: y + 6 + (lanes.get(block.key) ?? 0) * LANE,
      })),
    };
    y += height;
    return [row];
  });
  const last = columns.at(-1);
  return { columns, rows, x, msAt, width: last ? last.x + last.width + SEAM : NAMES, height: y + 8 };
}

/** A line of the temperatures of a day, and bars of its rain, in a box. */
export function skyOf(
  { day, x, width }: DayColumn,
  range: { least: number; most: number },
  top: number,
  height: number,
) {
  const n = day.airC.length;
  const at = (i: number): number => x + (width * (i + 0.5)) / Math.max(1, n);
  const y = (c: number): number =>
    top + height - (height * (c - range.least)) / Math.max(1, range.most - range.least);
  const points = day.airC.flatMap((c, i) => (c === null ? [] : [`${at(i).toFixed(1)},${y(c).toFixed(1)}`]));
  const bars = day.rainMm.flatMap((mm, i) =>
    mm !== null && mm > 0.05 ? [{ x: at(i) - 2, width: 4, height: Math.min(height, 3 + 5 * mm) }] : [],
  );
  return { points: points.join(' '), bars };
}

export function airRange(days: readonly DayShown[]): { least: number; most: number } {
  const all = days.flatMap((d) => d.airC.flatMap((c) => c ?? []));
  return all.length === 0
    ? { least: 0, most: 20 }
    : { least: Math.min(...all) - 1, most: Math.max(...all) + 1 };
}
