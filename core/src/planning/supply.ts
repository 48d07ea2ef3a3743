/** What is laid of a delivery, from when until when. */
import { MS_PER_MINUTE } from '../units/index.ts';
import type { Plan } from './model.ts';
import type { JobPlanned } from './jobplanned.ts';

export interface DeliveryShown {
  readonly name: string;
  /** Dates by the clocks of the job. */
  readonly on: string;
  readonly usedBy: string;
  readonly zones: readonly string[];
  /** The first and the last that is laid of it; undefined: none of it is planned. */
  readonly firstMs: number | undefined;
  readonly lastMs: number | undefined;
}

export function deliveriesShown(planned: JobPlanned, plan: Plan): DeliveryShown[] {
  const at = (m: number): number => planned.startMs + m * MS_PER_MINUTE;
  return planned.deliveries.map((d) => {
    const zones = planned.zones.flatMap((z, i) => (d.zoneIds.includes(z.id) ? [i] : []));
    const starts = planned.tasks.flatMap((t) => {
      const p = t.kind === 'layer' && zones.includes(t.zone) ? plan.placed[t.index] : undefined;
      return p ? [p.start] : [];
    });
    return {
      ...{ name: d.name, on: d.on, usedBy: d.usedBy },
      zones: zones.map((z) => planned.zones[z]?.name ?? ''),
      firstMs: starts.length > 0 ? at(Math.min(...starts)) : undefined,
      lastMs: starts.length > 0 ? at(Math.max(...starts)) : undefined,
    };
  });
}
