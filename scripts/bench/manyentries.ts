/** A large, plausible record: conditions, steps and coats over the demo's bays, chained. */
import { velmora, DEMO_ANCHOR } from '@lentum/demo';
import type { JobContent } from '@lentum/core/jobfile';
import { link, type Entry, type StoredEntry } from '@lentum/core/record';

export function largeJob(entries: number): JobContent {
  const job = velmora(new Date(DEMO_ANCHOR));
  const record: StoredEntry[] = [...job.record];
  const coats = job.record.map((s) => s.entry).filter((e) => e.kind === 'coat' && e.supersedes === undefined);
  const start = Date.parse(DEMO_ANCHOR);
  for (let i = record.length; i < entries; i += 1) {
    const at = new Date(start + i * 1000).toISOString();
    const head = { id: `bench-${i}`, madeAt: at, who: 'Ines' };
    const bay = job.site.bays[i % job.site.bays.length];
    const coat = coats[i % coats.length];
    let entry: Entry = {
      ...head,
      kind: 'conditions',
      zoneId: bay?.zoneId ?? 'hall',
      at,
      airC: 15 + (i % 10),
      humidityPct: 50 + (i % 30),
      surfaceC: 16 + (i % 12),
    };
    if (i % 5 === 1 && bay) entry = { ...head, kind: 'step', bayId: bay.id, step: 'prepared', at, note: '' };
    if (i % 5 === 2 && coat?.kind === 'coat') entry = { ...coat, ...head };
    if (i % 50 === 3)
      entry = { ...head, kind: 'withdrawal', supersedes: `bench-${i - 1}`, reason: 'entered twice' };
    if (
      entry.kind === 'withdrawal' &&
      !record.some((s) => s.seq > i - 3 && s.entry.id === entry.supersedes)
    ) {
      entry = { ...head, kind: 'conditions', zoneId: 'hall', at, airC: 20, humidityPct: 50, surfaceC: 20 };
    }
    record.push(link(record.at(-1), entry, at));
  }
  return { ...job, record };
}
