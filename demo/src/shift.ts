/**
 * Moves the demo in time, so that it is always about today. What its instruments read is read anew: its weather stands on
 * whole hours, so at another minute of the hour they would have read something else.
 */
import type { JobContent } from '@lentum/core/jobfile';
import type { Entry } from '@lentum/core/record';
import { MS_PER_HOUR } from '@lentum/core/units';
import { DEMO_ANCHOR, morningZone, skyOver, weatherAt } from './sky.ts';
import { chain } from './velmora.ts';

const INSTANTS = ['madeAt', 'at', 'startedAt', 'finishedAt'] as const;

/** The same demo with every instant later by so many milliseconds, chained anew. */
export function shiftJob(content: JobContent, byMs: number): JobContent {
  const move = (instant: string): string => new Date(Date.parse(instant) + byMs).toISOString();
  const to = new Date(Date.parse(DEMO_ANCHOR) + byMs);
  const sky = skyOver(content.survey, to);
  const moved = content.record.map(({ entry, receivedAt }) => {
    const next: Record<string, unknown> = { ...entry };
    for (const key of INSTANTS) {
      const value = next[key];
      if (typeof value === 'string') next[key] = move(value);
    }
    if (entry.kind === 'conditions')
      Object.assign(next, sky(entry.zoneId, (Date.parse(entry.at) - Date.parse(DEMO_ANCHOR)) / MS_PER_HOUR));
    return { entry: next as Entry, receivedAt: move(receivedAt) };
  });
  const day = (date: string): string => move(`${date}T00:00:00Z`).slice(0, 10);
  const zones = content.survey.zones.map((zone) => ({
    ...zone,
    tests: zone.tests.map((t) => ({ ...t, takenAt: move(t.takenAt) })),
    ...(zone.substrate?.laidOn === undefined
      ? {}
      : { substrate: { ...zone.substrate, laidOn: day(zone.substrate.laidOn) } }),
  }));
  const order = {
    ...content.order,
    stock: content.order.stock.map((s) =>
      s.bestBefore === undefined ? s : { ...s, bestBefore: day(s.bestBefore) },
    ),
    deliveries: content.order.deliveries.map((d) => ({ ...d, on: day(d.on), usedBy: day(d.usedBy) })),
  };
  return {
    ...content,
    job: { ...content.job, timeZone: morningZone(to) },
    weather: weatherAt(to),
    order,
    survey: { ...content.survey, zones },
    record: chain(moved),
  };
}
