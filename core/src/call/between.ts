/**
 * Between two layers of a bay: whether the one below was laid over too early or too late, and how long what lies on top
 * has been waiting.
 */
import type { Coat } from '../buildup/index.ts';
import { progress, reachedAtMs } from '../cure/index.ts';
import { filmMmOf, type BayStatus, type LaidCoat } from '../record/index.ts';
import { knownUntilMs } from '../programme/index.ts';
import { MS_PER_HOUR, TOLERANCE } from '../units/index.ts';
import { climateSteps, type RoofClimate } from '../weather/index.ts';

export interface Overcoated {
  readonly kind: 'early' | 'late';
  /** The coat that was laid over. */
  readonly coat: Coat;
  readonly over: string;
  readonly atMs: number;
  /** Early: how far it was on its way to overcoating, 0 to 1. Late: hours past its time. */
  readonly by: number;
}

interface Laid {
  readonly id: string;
  readonly name: string;
  readonly startMs: number;
  readonly coat: LaidCoat | undefined;
}

function laidInOrder({ laid, others }: Pick<BayStatus, 'laid' | 'others'>): Laid[] {
  return [
    ...laid.map((l) => ({
      id: l.coat.id,
      name: l.coat.name,
      startMs: Date.parse(l.entry.startedAt),
      coat: l,
    })),
    ...others.map((o) => ({
      id: o.layer.id,
      name: o.layer.name,
      startMs: Date.parse(o.entry.startedAt),
      coat: undefined,
    })),
  ].sort((a, b) => a.startMs - b.startMs);
}

/**
 * Layers that were begun before the coat below might be overcoated, or after its time had ended. A second helping of the
 * same coat is none. What the hours do not cover is not judged.
 */
export function overcoatedAmiss(
  status: Pick<BayStatus, 'laid' | 'others'>,
  climate: RoofClimate,
): Overcoated[] {
  const all = laidInOrder(status);
  const steps = climateSteps(climate);
  const firstMs = steps[0]?.fromMs ?? Infinity;
  return all.flatMap((over, i): Overcoated[] => {
    const below = all[i - 1];
    const coat = below?.coat?.coat;
    const finished = below?.coat?.entry.finishedAt;
    if (!coat || !below?.coat || finished === undefined || coat.id === over.id) return [];
    const fromMs = Date.parse(finished);
    if (fromMs < firstMs || knownUntilMs(climate, fromMs) < over.startMs) return [];
    const filmMm = filmMmOf(below.coat.judgement);
    const what = { coat, over: over.name, atMs: over.startMs };
    const share = progress(coat.cure.overcoatFrom, fromMs, over.startMs, steps, filmMm);
    if (share < 1 - TOLERANCE.cureShare) return [{ ...what, kind: 'early', by: share }];
    const until = coat.cure.overcoatUntil && reachedAtMs(coat.cure.overcoatUntil, fromMs, steps, filmMm);
    return until !== undefined && over.startMs > until
      ? [{ ...what, kind: 'late', by: (over.startMs - until) / MS_PER_HOUR }]
      : [];
  });
}

/** Hours that the topmost layer has been lying at an instant; undefined where nothing lies. */
export function lainHours(status: Pick<BayStatus, 'laid' | 'others'>, atMs: number): number | undefined {
  const ends = [
    ...status.laid.map((l) => l.entry.finishedAt ?? l.entry.startedAt),
    ...status.others.map((o) => o.entry.finishedAt),
  ].map((at) => Date.parse(at));
  const last = Math.max(...ends);
  return ends.length > 0 && last < atMs ? (atMs - last) / MS_PER_HOUR : undefined;
}
