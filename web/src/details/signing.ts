/** What the record says of each detail, and entering more. */
import { computed } from 'vue';
import { detailFacts, type Detail } from '@lentum/core/details';
import type { DetailEntry } from '@lentum/core/record';
import { useJob } from '../app/job.ts';

export function useSigning() {
  const job = useJob();
  /** The latest word on each detail, by zone and detail. */
  const latest = computed(() => {
    const found = new Map<string, DetailEntry>();
    for (const [zoneId, list] of job.book.details)
      for (const entry of list) {
        const key = `${zoneId}/${entry.detailId}`;
        const there = found.get(key);
        if (!there || Date.parse(entry.at) >= Date.parse(there.at)) found.set(key, entry);
      }
    return found;
  });
  return {
    stateOf: (detail: Detail): DetailEntry | undefined => latest.value.get(`${detail.zoneId}/${detail.id}`),
    sign: (detail: Detail, step: DetailEntry['step'], note: string): Promise<void> =>
      job.enter({
        kind: 'detail',
        zoneId: detail.zoneId,
        detailId: detail.id,
        name: `${detailFacts(detail.kind).name}, ${detail.where}`,
        step,
        at: new Date().toISOString(),
        note,
      }),
  };
}
