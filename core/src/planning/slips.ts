/** What a kept plan had for before now and the record does not show, and why as far as the state of the bay tells. */
import type { Call } from '../call/index.ts';
import type { KeptWork } from './kept.ts';

export interface Slip {
  readonly work: KeptWork;
  /** How long ago it was to be done, ms. */
  readonly byMs: number;
  /** The bay as it is judged now: what holds it, or that it could be done. */
  readonly call: Call | undefined;
}

/**
 * Layers that were to be laid by an instant and are not. Preparation and details are entered in many ways, and are not looked
 * at.
 * @param works of the kept plan, in order of start
 */
export function slipsOf(works: readonly KeptWork[], calls: readonly Call[], nowMs: number): Slip[] {
  const byBay = new Map(calls.map((c) => [c.status.bay.id, c]));
  const seen = new Set<string>();
  return works.flatMap((work): Slip[] => {
    if (work.layerId === undefined || work.endMs > nowMs || seen.has(work.bayId)) return [];
    const call = byBay.get(work.bayId);
    const laid =
      call &&
      (call.status.laid.some((l) => l.coat.id === work.layerId && l.entry.finishedAt !== undefined) ||
        call.status.others.some((o) => o.layer.id === work.layerId));
    if (laid) return [];
    // What follows on the same bay waits for it.
    seen.add(work.bayId);
    return [{ work, byMs: nowMs - work.endMs, call }];
  });
}
