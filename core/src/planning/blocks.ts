/** Tasks that are one piece of work to those who do it: the same work on bays of a roof, by one crew, on one day. */
import { MS_PER_MINUTE } from '../units/index.ts';
import type { PlanAnswer } from './answer.ts';
import type { TaskShown } from './taskshown.ts';

export interface Block {
  readonly key: string;
  readonly zone: number;
  readonly crew: number;
  readonly kind: TaskShown['kind'];
  readonly name: string;
  readonly tasks: readonly TaskShown[];
  /** The part of it that is done on its day. */
  readonly fromMs: number;
  readonly toMs: number;
  readonly date: string;
}

/** Works nearer than this are gone on with without a stop. */
const GAP_MS = 75 * MS_PER_MINUTE;

/** What is done on each day, in order of start. A work that goes on over a night has a block on each of its days. */
export function blocksOf({ tasks, days }: Pick<PlanAnswer, 'tasks' | 'days'>): Block[] {
  const blocks: (Omit<Block, 'tasks' | 'toMs'> & { tasks: TaskShown[]; toMs: number })[] = [];
  const open = new Map<string, (typeof blocks)[number]>();
  const parts = tasks.flatMap((task) =>
    days.flatMap((day) => {
      const fromMs = Math.max(task.startMs, day.fromMs);
      const toMs = Math.min(task.endMs, day.toMs);
      return fromMs < toMs && day.off === undefined ? [{ task, day, fromMs, toMs }] : [];
    }),
  );
  parts.sort((a, b) => a.fromMs - b.fromMs || a.task.id.localeCompare(b.task.id));
  for (const { task, day, fromMs, toMs } of parts) {
    const work = task.kind === 'layer' ? (task.layerId ?? '') : task.kind;
    const group = `${task.zone}/${task.crew}/${work}/${task.kind}/${day.date}`;
    const last = open.get(group);
    if (last && fromMs - last.toMs <= GAP_MS) {
      last.tasks.push(task);
      last.toMs = Math.max(last.toMs, toMs);
      continue;
    }
    const block = {
      ...{ key: `${group}/${fromMs}`, zone: task.zone, crew: task.crew, kind: task.kind, name: task.name },
      ...{ tasks: [task], fromMs, toMs, date: day.date },
    };
    blocks.push(block);
    open.set(group, block);
  }
  return blocks;
}
