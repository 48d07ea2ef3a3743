/** What comes off the old roof, how much of it, and what has to be known before it is moved. */
import { SUBSTRATES } from '../family/index.ts';
import type { Figure } from '../figures/index.ts';
import type { Zone, ZoneQuantities } from '../survey/index.ts';
import { inspectionFor } from './inspection.ts';
import { amountFound } from './steps.ts';
import type { StepKey } from './types.ts';

/** Steps that leave something to be carried off. */
const REMOVES: ReadonlySet<StepKey> = new Set<StepKey>(['strip', 'cut-wet', 'splits', 'spalls', 'rust']);
const HARMFUL = ['asbestos', 'tar'] as const;
type Harmful = (typeof HARMFUL)[number];

export interface Removed {
  readonly zoneName: string;
  readonly what: string;
  /** Undefined where nobody measured or weighed it. */
  readonly amount: Figure | undefined;
}

export interface OldRoof {
  readonly removed: readonly Removed[];
  /** What may be in it, as the survey answers; what is not asked of such a roof is left out. */
  readonly harmful: readonly {
    readonly what: Harmful;
    readonly answer: 'none found' | 'may hold it' | 'not tested';
  }[];
}

/** @returns undefined where nothing comes off, or nobody said what the zone is made of */
export function oldRoof(zone: Zone, quantities: ZoneQuantities): OldRoof | undefined {
  if (!zone.substrate) return undefined;
  const items = inspectionFor(SUBSTRATES[zone.substrate.kind], undefined, zone.use);
  const answerTo = (key: string) => zone.findings.find((f) => f.item === key);
  const removed = items.flatMap((item): Removed[] => {
    const finding = answerTo(item.key);
    const step = item.bad.step;
    if (!step || !REMOVES.has(step.key)) return [];
    if (!finding || finding.answer === item.good || finding.answer === 'not looked at') return [];
    return [{ zoneName: zone.name, what: step.what, amount: amountFound(zone, quantities, item, finding) }];
  });
  if (removed.length === 0) return undefined;
  return {
    removed,
    harmful: HARMFUL.filter((key) => items.some((i) => i.key === key)).map((what) => {
      const answer = answerTo(what)?.answer;
      return {
        what,
        answer: answer === 'no' ? 'none found' : answer === 'yes' ? 'may hold it' : 'not tested',
      };
    }),
  };
}
