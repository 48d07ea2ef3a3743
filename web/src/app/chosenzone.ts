/** The zone that a page is about: in the address, else the one that was looked at last in this job, else the first. */
import { computed, onScopeDispose, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useJob } from './job.ts';

/** Of the job that is open; another job starts with its first zone. */
const last = ref<{ readonly jobId: string; readonly zoneId: string }>();

export function useChosenZone() {
  const job = useJob();
  const route = useRoute();
  const router = useRouter();
  const known = (id: unknown): string | undefined => job.zones.find((z) => z.zone.id === id)?.zone.id;
  const chosenId = computed(
    () =>
      known(route.query['zone']) ??
      (last.value?.jobId === job.id ? known(last.value.zoneId) : undefined) ??
      job.zones[0]?.zone.id,
  );
  return {
    chosenId,
    chosen: computed(() => job.zones.find((z) => z.zone.id === chosenId.value)),
    choose: (zoneId: string): void =>
      void router.replace({ query: { ...route.query, zone: zoneId, bay: undefined } }),
    /** The next page of this job begins with it. */
    keep: (zoneId: string): void => void (last.value = { jobId: job.id, zoneId }),
  };
}

const allRoofs = ref(0);
/** The page that stands is about all roofs of the job at once: what is counted, planned or done for all of them. */
export const isOfAllRoofs = computed(() => allRoofs.value > 0);
/** Said by such a page. */
export function useAllRoofs(): void {
  allRoofs.value += 1;
  onScopeDispose(() => (allRoofs.value -= 1));
}
