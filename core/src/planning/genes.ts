/** What the search changes of a plan, before the plan is made from it. */
import type { Planned } from './model.ts';

/** What a list leaves open. */
export interface Genes {
  /** Indexes of all tasks. */
  readonly list: readonly number[];
  /** For each task: the crew that is to do it, or −1 for the one that ends first. */
  readonly crew: Int8Array;
  /** For each task: not begun before, minutes. */
  readonly notBefore: Int32Array;
  /** How many minutes later a work may end for each minute that a crew need not change what it does. */
  readonly calm: number;
  /** For each task: 1 where the same work on its roof is laid in one run of one crew, if that goes. */
  readonly runs: Uint8Array;
  /** What a minute that a run waits counts, in minutes of a person. */
  readonly haste: number;
}

/** @param haste absent: each work for itself; else in runs that wait so little */
export const genesOf = (
  planned: Planned,
  list: readonly number[],
  { calm = 0, haste }: { readonly calm?: number; readonly haste?: number } = {},
): Genes => ({
  ...{ list, calm, haste: haste ?? 0 },
  crew: new Int8Array(planned.tasks.length).fill(-1),
  notBefore: new Int32Array(planned.tasks.length),
  runs: new Uint8Array(planned.tasks.length).fill(haste === undefined ? 0 : 1),
});
