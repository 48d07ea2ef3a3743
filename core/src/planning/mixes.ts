/** How much of a coat is mixed in one go at the air that is planned for, so that each mix is placed in its pot life. */
import { massRate, type Coat } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import type { Practice } from '../practice/index.ts';
import { sentence } from '../problems/index.ts';
import { mixCard } from '../site/index.ts';

export interface MixShown {
  /** The most in one go; undefined where none can be placed, and `cannot` says why. */
  readonly most: Figure | undefined;
  readonly cannot: string | undefined;
  /** What the work takes, kg. */
  readonly needKg: number;
}

export interface CoatOn {
  readonly coat: Coat;
  readonly area: Figure;
}

/** @param airC planned for the start @returns undefined for what is not mixed */
export function mixOf(
  { coat, area }: CoatOn,
  { people, airC, practice }: { readonly people: number; readonly airC: number; readonly practice: Practice },
): MixShown | undefined {
  if (!coat.mix && !coat.catalyst) return undefined;
  const planned = { tempC: airC, atMs: 0 };
  const card = mixCard(coat, {
    ...{ surface: planned, resin: planned, nowMs: 0, slopePct: 0 },
    ...{ areaLeftM2: area.value, people, practice },
  });
  const needKg = massRate(coat).value * area.value;
  if (!card.ok) return { most: undefined, cannot: card.problems.map(sentence).join(' '), needKg };
  // Bays of one run share their mixes: the area of one of them is no limit.
  const [tightest] = card.value.limits.filter((l) => l.name !== 'area left');
  return { most: tightest?.mass, cannot: undefined, needKg };
}
