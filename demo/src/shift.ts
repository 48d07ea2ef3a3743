/**
 * Moves the demo in time, so that it is always about today. What its instruments read is read anew: its weather stands on
 * whole hours, so at another minute of the hour they would have read something else.
 */
import type { JobContent } from '@lentum/core/jobfile';
import { isSecondForm } from '@lentum/core/record';
import { MS_PER_HOUR } from '@lentum/core/units';
import { DEMO_ANCHOR, morningZone, skyOver, weatherAt } from './sky.ts';
import { chain } from './velmora.ts';

const INSTANT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/;

/** Every instant in a value, however deep, moved. */
function moveAll<T>(value: T, move: (instant: string) => string): T {
  if (typeof value === 'string') return (INSTANT.test(value) ? move(value) : value) as T;
  if (Array.isArray(value)) return value.map((v: unknown) => moveAll(v, move)) as T;
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, moveAll<unknown>(v, move)])) as T;
}

/** The same demo with every instant later by so many milliseconds, chained anew. */
export function shiftJob(content: JobContent, byMs: number): JobContent {
  const move = (instant: string): string => new Date(Date.parse(instant) + byMs).toISOString();
  const to = new Date(Date.parse(DEMO_ANCHOR) + byMs);
  const sky = skyOver(content.survey, to);
  const moved = content.record.map(({ entry, receivedAt }) => {
    const next = moveAll(entry, move);
    if (next.kind === 'conditions' && isSecondForm(next)) {
      const hours = (Date.parse(next.body.at) - to.getTime()) / MS_PER_HOUR;
      Object.assign(next.body, sky(next.zoneId ?? '', hours));
    }
    return { entry: next, receivedAt: move(receivedAt) };
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
  const programme = {
    ...moveAll(content.programme, move),
    off: content.programme.off.map((o) => ({ ...o, on: day(o.on) })),
    crews: content.programme.crews.map((c) => ({ ...c, off: c.off.map(day), only: c.only.map(day) })),
  };
  return {
    ...content,
    programme,
    job: { ...content.job, timeZone: morningZone(to) },
    weather: weatherAt(to),
    order,
    survey: { ...content.survey, zones },
    record: chain(moved),
  };
}
