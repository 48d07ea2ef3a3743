/** How likely a window holds: the share of the ways the weather may go in which every condition holds. */
import { given, type Figure } from '../figures/index.ts';
import type { RoofClimate } from '../weather/index.ts';
import type { Ask } from './ask.ts';
import { CONDITIONS, type Condition } from './conditions.ts';
import { windowsOf } from './windows.ts';

/** What goes wrong in most of the ways in which something does. */
export interface Trouble {
  readonly condition: Condition;
  /** Of all ways. */
  readonly share: number;
}

export interface Chances {
  /** For each hour, the share of members in which laying may begin. */
  readonly open: Float64Array;
  /** For each hour, the condition that fails first in most members; undefined where none fails in any. */
  readonly trouble: (hour: number) => Trouble | undefined;
  readonly members: number;
}

/** @param members the roof's climate in each way the weather may go, of equal length */
export function chancesOf(ask: Ask, members: readonly RoofClimate[]): Chances {
  const masks = members.map((m) => windowsOf(ask, m).mask);
  const n = masks[0]?.length ?? 0;
  const open = new Float64Array(n);
  for (const mask of masks) for (let h = 0; h < n; h += 1) if (mask[h] === 0) open[h] = (open[h] ?? 0) + 1;
  for (let h = 0; h < n; h += 1) open[h] = (open[h] ?? 0) / Math.max(1, masks.length);
  const trouble = (hour: number): Trouble | undefined => {
    const counts = new Map<Condition, number>();
    for (const mask of masks) {
      const m = mask[hour] ?? 0;
      const first = CONDITIONS.find((_, i) => (m & (1 << i)) !== 0);
      if (first) counts.set(first, (counts.get(first) ?? 0) + 1);
    }
    const worst = [...counts].sort((a, b) => b[1] - a[1])[0];
    return worst && { condition: worst[0], share: worst[1] / masks.length };
  };
  return { open, trouble, members: masks.length };
}

/**
 * The chance that a start holds, with its working.
 * @param share of the members in which every condition holds, 0 to 1
 */
export function chanceFigure(share: number, members: number): Figure {
  return {
    label: 'chance that it holds',
    value: 100 * share,
    quantity: 'percent',
    formula: '100 × {hold} / {ways}',
    inputs: {
      hold: given('ways in which every condition holds', Math.round(share * members), 'count', 'assumed'),
      ways: given(
        'ways that the forecast may go',
        members,
        'count',
        'assumed',
        'each as likely as the others; the sooner the hour, the nearer they lie together',
      ),
    },
    from: 'share of the ways that the newest forecast may go in which every condition holds, hour by hour',
  };
}

/** Middle and both ends of what the members say; members that say nothing are counted apart. */
export interface Spread {
  readonly earlyMs: number;
  readonly middleMs: number;
  readonly lateMs: number;
  /** Share of the members that say nothing. */
  readonly unknown: number;
}

/** One in ten is earlier than the first, one in ten later than the last. */
export function spreadOf(instants: readonly (number | undefined)[]): Spread | undefined {
  const known = instants.filter((t) => t !== undefined).sort((a, b) => a - b);
  if (known.length === 0) return undefined;
  const at = (share: number): number => known[Math.round(share * (known.length - 1))] ?? 0;
  return {
    earlyMs: at(0.1),
    middleMs: at(0.5),
    lateMs: at(0.9),
    unknown: 1 - known.length / instants.length,
  };
}
