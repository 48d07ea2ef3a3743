/** The order in which the bays of a zone are laid, and how far it is played. */
import { computed, ref, watch } from 'vue';
import { sentence } from '@lentum/core/problems';
import { bayRoute, type Bay } from '@lentum/core/site';
import { setOut, zoneShape, type Place, type Zone } from '@lentum/core/survey';
import { useJob } from '../app/job.ts';

export function useBayRoute(zone: () => Zone | undefined, bays: () => readonly Bay[]) {
  const job = useJob();
  const shown = ref(false);
  /** How many bays are laid in what is shown. */
  const step = ref(0);
  const frame = computed(() => {
    const z = zone();
    const shape = z && zoneShape(z);
    return shape?.ok ? setOut(shape.value.corners) : undefined;
  });
  const access = computed<Place>(
    () =>
      job.documents.site.draft.access.find((a) => a.zoneId === zone()?.id)?.at ?? { alongM: 0, acrossM: 0 },
  );
  const said = computed(() => job.documents.site.draft.access.some((a) => a.zoneId === zone()?.id));
  const answer = computed(() => {
    const z = zone();
    if (!shown.value || !z || !frame.value) return undefined;
    return bayRoute(bays(), frame.value.toPoint(access.value), z.name);
  });
  const route = computed(() => (answer.value?.ok ? answer.value.value : undefined));
  const problem = computed(() =>
    answer.value && !answer.value.ok ? answer.value.problems.map(sentence).join(' ') : '',
  );
  watch(
    () => zone()?.id,
    () => (step.value = 0),
  );
  return {
    shown,
    step,
    access,
    said,
    route,
    problem,
    bays: computed(bays),
    setAccess(at: Place): void {
      const site = job.documents.site.draft;
      const zoneId = zone()?.id;
      if (zoneId === undefined) return;
      site.access = [...site.access.filter((a) => a.zoneId !== zoneId), { zoneId, at }];
    },
  };
}
export type BayWalk = ReturnType<typeof useBayRoute>;
