/** What a zone has of a list in the document of what is to be proven: one of it, or none. */
import { computed } from 'vue';
import type { Demand, Guarantee, ProvingDoc } from '@lentum/core/proving';
import { useJob } from '../app/job.ts';

interface Lists {
  readonly demands: Demand;
  readonly guarantees: Guarantee;
}

export function useOwnPart<K extends keyof Lists>(list: K, zoneId: () => string) {
  const { proving } = useJob().documents;
  const all = computed(() => proving.draft[list] as Lists[K][]);
  const own = computed(() => all.value.find((d) => d.zoneId === zoneId()));
  /** Takes the place of what the zone had; undefined: it has none any more. */
  function put(next: Lists[K] | undefined): void {
    const others = all.value.filter((d) => d.zoneId !== zoneId());
    proving.draft = { ...proving.draft, [list]: next ? [...others, next] : others } as ProvingDoc;
  }
  /** A field that is empty is left out. */
  function change(field: keyof Lists[K], value: unknown): void {
    if (!own.value) return;
    const rest = Object.fromEntries(Object.entries(own.value).filter(([k]) => k !== field));
    const isEmpty = value === undefined || value === null || value === '';
    put({ ...rest, ...(isEmpty ? {} : { [field]: value }) } as Lists[K]);
  }
  return { own, put, change };
}
