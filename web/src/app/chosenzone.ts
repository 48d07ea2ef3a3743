/** The zone that a page is about: kept in the address, the first zone when none is named. */
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useJob } from './job.ts';

export function useChosenZone() {
  const job = useJob();
  const route = useRoute();
  const router = useRouter();
  const chosenId = computed(() => {
    const asked = route.query['zone'];
    return job.zones.find((z) => z.zone.id === asked)?.zone.id ?? job.zones[0]?.zone.id;
  });
  return {
    chosenId,
    chosen: computed(() => job.zones.find((z) => z.zone.id === chosenId.value)),
    choose: (zoneId: string): void =>
      void router.replace({ query: { ...route.query, zone: zoneId, bay: undefined } }),
  };
}
