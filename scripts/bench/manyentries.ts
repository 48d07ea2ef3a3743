/** A large, plausible record: conditions, preparations and coats over the demo's bays, chained. */
import { velmora, DEMO_ANCHOR } from '@lentum/demo';
import type { JobContent } from '@lentum/core/jobfile';
import { isSecondForm, link, type Entry, type StoredEntry } from '@lentum/core/record';

export function largeJob(entries: number): JobContent {
  const job = velmora(new Date(DEMO_ANCHOR));
  const record: StoredEntry[] = [...job.record];
  const coats = job.record
    .map((s) => s.entry)
    .filter((e): e is Extract<Entry, { kind: 'coat' }> => isSecondForm(e) && e.kind === 'coat')
    .filter((e) => e.supersedes === undefined);
  const start = Date.parse(DEMO_ANCHOR);
  for (let i = record.length; i < entries; i += 1) {
    const at = new Date(start + i * 1000).toISOString();
    const head = {
      form: 2 as const,
      version: 1 as const,
      id: `bench-${i}`,
      personId: 'velmora-ines',
      deviceId: 'bench',
      madeAt: at,
      attachments: [],
    };
    const bay = job.site.bays[i % job.site.bays.length];
    const on = { zoneId: bay?.zoneId ?? 'hall', bays: bay ? [{ bayId: bay.id, share: 1 }] : [] };
    const coat = coats[i % coats.length];
    const before = record.at(-1)?.entry;
    const read = { airC: 15 + (i % 10), humidityPct: 50 + (i % 30), surfaceC: 16 + (i % 12) };
    let entry: Entry = { ...head, zoneId: on.zoneId, bays: [], kind: 'conditions', body: { at, ...read } };
    if (i % 5 === 1) entry = { ...head, ...on, kind: 'preparation', body: { at, steps: [], complete: true } };
    if (i % 5 === 2 && coat) entry = { ...coat, ...head };
    if (i % 50 === 3 && before?.id === `bench-${i - 1}`)
      entry = {
        ...head,
        bays: [],
        kind: 'withdrawal',
        supersedes: before.id,
        body: { reason: 'entered twice' },
      };
    record.push(link(record.at(-1), entry, at));
  }
  return { ...job, record };
}
