/** What a person fixes on the board, as the document keeps it. */
import type { Block, Pin, PlanAnswer } from '@lentum/core/planning';

const QUARTER_MS = 15 * 60_000;
const without = (pins: readonly Pin[], block: Pick<Block, 'tasks'>): Pin[] =>
  pins.filter((p) => !block.tasks.some((t) => t.id === p.taskId));

/**
 * The works of a block kept where they stand, each from its own start, moved together.
 * @param toMs the start of the first of them
 */
export function pinned(
  pins: readonly Pin[],
  block: Block,
  answer: Pick<PlanAnswer, 'crews'>,
  { toMs = block.fromMs, crewId }: { readonly toMs?: number; readonly crewId?: string | undefined } = {},
): Pin[] {
  const own = crewId ?? answer.crews[block.crew]?.id;
  const by = Math.round((toMs - block.fromMs) / QUARTER_MS) * QUARTER_MS;
  const inspects = answer.crews[block.crew]?.inspects === true;
  return [
    ...without(pins, block),
    ...block.tasks.map((t) => ({
      taskId: t.id,
      ...(own === undefined || inspects ? {} : { crewId: own }),
      startAt: new Date(t.startMs + by).toISOString(),
    })),
  ];
}

/** Left to the plan again. */
export const freed = without;
