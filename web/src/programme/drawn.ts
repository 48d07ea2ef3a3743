/** What is drawn of a plan on the board, worked out once for each answer: marks, labels, and what a reader is told. */
import type { Block, PlanAnswer, TaskShown } from '@lentum/core/planning';
import { blockWords, DEADLINE_WORDS } from '@lentum/core/words';
import type { Board, BoardBlock, BoardRow } from './board.ts';

export interface DrawnBlock extends BoardBlock {
  /** Which layer of its build-up, and on how many bays. */
  readonly label: string;
  readonly says: string;
  /** Percent of the ways in which it goes wrong; 0 where that is seldom. */
  readonly riskPct: number;
  readonly isRisky: boolean;
  readonly isPinned: boolean;
  /** What it leaves may be laid over from the end of the line on; undefined where it is open at once. */
  readonly tail: { readonly x1: number; readonly x2: number } | undefined;
  /** Where its overcoat time ends, if that is near. */
  readonly closesX: number | undefined;
  /** Where it was fixed by hand and cannot stand. */
  readonly askedX: number | undefined;
}

export interface DrawnRow extends Omit<BoardRow, 'blocks'> {
  readonly code: string;
  readonly name: string;
  readonly blocks: readonly DrawnBlock[];
  readonly dates: readonly {
    readonly id: string;
    readonly x: number;
    /** When it is ready as planned; undefined: not within the days looked at. */
    readonly readyX: number | undefined;
    readonly isKept: boolean;
    readonly says: string;
    /** In full, with how sure it is. */
    readonly title: string;
  }[];
}

export interface Drawing {
  readonly codes: ReadonlyMap<string, string>;
  readonly time: (ms: number) => string;
  readonly clock: (ms: number) => string;
  readonly worded: (text: string) => string;
}

const MARKS: Readonly<Partial<Record<Block['kind'], string>>> = { prepare: 'p·', details: 'd·', tend: 't·' };

function labelOf({ kind, tasks }: Block): string {
  if (kind === 'flood') return 'w';
  if (kind === 'accept') return `◇ ${tasks.length}`;
  const number = tasks[0]?.number;
  const mark = MARKS[kind] ?? (number === undefined ? '' : `${number}·`);
  return `${mark}${tasks.length}`;
}

const LEAST_SAID = 0.1;
function riskOf(tasks: readonly TaskShown[]): number {
  const most = Math.max(0, ...tasks.map((t) => Math.max(t.chance?.spoiled ?? 0, t.chance?.late ?? 0)));
  return most >= LEAST_SAID ? Math.round(100 * most) : 0;
}

/** Told where it is near: what follows is begun within hours of it, or not before it. */
const NEAR_MS = 6 * 3_600_000;

/** What cures after a block, and when that closes; nothing of a work that goes on on another day. */
function curingOf(
  { block, x, width }: BoardBlock,
  board: Pick<Board, 'x'>,
): Pick<DrawnBlock, 'tail' | 'closesX'> {
  const { tasks } = block;
  if (Math.max(...tasks.map((t) => t.endMs)) > block.toMs) return { tail: undefined, closesX: undefined };
  const opens = tasks.flatMap((t) => t.opensMs ?? []);
  const x1 = x + width;
  const x2 = opens.length > 0 ? board.x(Math.max(...opens)) : 0;
  const closes = tasks.flatMap((t) =>
    t.closesMs === undefined || (t.nextMs !== undefined && t.nextMs < t.closesMs - NEAR_MS) ? [] : t.closesMs,
  );
  return {
    tail: x2 > x1 + 1 ? { x1, x2 } : undefined,
    closesX: closes.length > 0 ? board.x(Math.min(...closes)) : undefined,
  };
}

function dateTitle(
  { what, byMs, readyMs, chance }: PlanAnswer['deadlines'][number],
  { time, worded }: Pick<Drawing, 'time' | 'worded'>,
): string {
  const ready =
    readyMs === undefined ? 'not ready in the days looked at' : `ready ${time(readyMs)} as planned`;
  const kept = chance ? `, kept in ${Math.round(100 * chance.holds)} % of the ways` : '';
  return `${worded(DEADLINE_WORDS[what])} by ${time(byMs)}: ${ready}${kept}`;
}

export function drawnRows(board: Board, answer: PlanAnswer, draw: Drawing): DrawnRow[] {
  const { codes, time, clock, worded } = draw;
  return board.rows.map((row) => {
    const zone = answer.zones[row.zone];
    return {
      ...row,
      code: codes.get(zone?.id ?? '') ?? '',
      name: (zone?.name ?? '').slice(0, 20),
      blocks: row.blocks.map((b): DrawnBlock => {
        const { block } = b;
        const { tasks } = block;
        const riskPct = riskOf(tasks);
        const crew = answer.crews[block.crew]?.name ?? '';
        const asked = tasks.flatMap((t) => t.asked?.startMs ?? []);
        const missed =
          asked.length > 0 ? `, fixed for ${time(Math.min(...asked))}, where it cannot stand` : '';
        const wrong = riskPct > 0 ? `, goes wrong in ${riskPct} % of the ways` : '';
        return {
          ...b,
          ...curingOf(b, board),
          riskPct,
          label: labelOf(block),
          says: `${worded(blockWords(block))}, ${crew}, ${time(block.fromMs)} to ${clock(block.toMs)}${missed}${wrong}`,
          isRisky: riskPct > 0 || tasks.some((t) => t.late || t.asked),
          isPinned: tasks.some((t) => t.pinned),
          askedX: asked.length > 0 ? board.x(Math.min(...asked)) : undefined,
        };
      }),
      dates: answer.deadlines.flatMap((d) =>
        d.zone === row.zone
          ? [
              {
                ...{ id: d.id, x: board.x(d.byMs), says: worded(DEADLINE_WORDS[d.what]) },
                isKept: d.readyMs !== undefined && d.readyMs <= d.byMs,
                readyX: d.readyMs === undefined ? undefined : board.x(d.readyMs),
                title: dateTitle(d, { time, worded }),
              },
            ]
          : [],
      ),
    };
  });
}
