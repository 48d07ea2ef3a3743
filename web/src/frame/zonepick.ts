/** The zone of the page for the shell: which it is, and how to go to another. */
import { computed, watch } from 'vue';
import { isOfAllRoofs, useChosenZone } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';

export function useZonePick() {
  const job = useJob();
  const { chosenId, choose, keep } = useChosenZone();
  watch(chosenId, (id) => id !== undefined && keep(id), { immediate: true });
  const at = computed(() => job.zones.findIndex((z) => z.zone.id === chosenId.value));
  function pick(id: string): void {
    keep(id);
    choose(id);
  }
  function step(by: number): void {
    const count = job.zones.length;
    const zone = job.zones[(at.value + by + count) % count]?.zone;
    if (zone && !isOfAllRoofs.value) pick(zone.id);
  }
  return { chosenId, at, pick, step };
}
