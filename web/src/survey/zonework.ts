/** The zones of the open survey and what is done to them: added, changed, split, joined, removed. */
import { computed, nextTick, shallowRef } from 'vue';
import { toGlobe, type Leg, type Point } from '@lentum/core/geometry';
import type { Problem } from '@lentum/core/problems';
import { joinZones, moveCorner, splitZoneAlong, type Zone } from '@lentum/core/survey';
import { useChosenZone } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import { focusPage } from '../shared/focuspage.ts';
import type { Imported } from './outlinefile.ts';
import {
  freeCode,
  newDrawn,
  newEstimated,
  newTaped,
  newWalked,
  zonesFromOutlines,
  type TapedForm,
} from './newzone.ts';

export function useZoneWork() {
  const job = useJob();
  const { chosenId, chosen, choose } = useChosenZone();
  const survey = computed(() => job.documents.survey.draft);
  const zone = computed<Zone | undefined>(() => survey.value.zones.find((z) => z.id === chosenId.value));
  /** Why the last thing asked for was not done. */
  const trouble = shallowRef<readonly Problem[]>([]);

  const hasBays = (zoneId: string | undefined): boolean =>
    job.documents.site.draft.bays.some((b) => b.zoneId === zoneId);

  function setZone(next: Zone): void {
    const i = survey.value.zones.findIndex((z) => z.id === next.id);
    if (i >= 0) survey.value.zones[i] = next;
  }
  async function add(zones: readonly Zone[]): Promise<void> {
    survey.value.zones.push(...zones);
    await nextTick();
    const last = zones[zones.length - 1];
    if (last) choose(last.id);
    // What asked for it may be gone with the first zone.
    await nextTick();
    focusPage();
  }
  function addOutlines({ outlines, origin, onGlobe }: Imported): Promise<void> {
    const made = zonesFromOutlines(outlines, origin, survey.value.zones);
    const first = made[0];
    if (onGlobe && first && !survey.value.origin) {
      // Where the plan's 0, 0 lies on the globe follows from the first corner and its place on the plan.
      const [at] = toGlobe([[-first.plot.xM, -first.plot.yM]], onGlobe);
      if (at) survey.value.origin = { lonDeg: at[0], latDeg: at[1] };
    }
    return add(made);
  }

  /** @returns whether it was done */
  function cut(from: Point, to: Point): boolean {
    if (!zone.value) return false;
    const second = {
      id: crypto.randomUUID(),
      code: freeCode(survey.value.zones),
      name: `${zone.value.name}, part 2`.slice(0, 120),
    };
    const parts = splitZoneAlong(zone.value, from, to, second);
    trouble.value = parts.ok ? [] : parts.problems;
    if (!parts.ok) return false;
    setZone(parts.value[0]);
    survey.value.zones.push(parts.value[1]);
    return true;
  }
  function join(otherId: string): void {
    const other = survey.value.zones.find((z) => z.id === otherId);
    if (!zone.value || !other) return;
    const joined = joinZones(zone.value, other);
    trouble.value = joined.ok ? [] : joined.problems;
    if (!joined.ok) return;
    setZone(joined.value);
    survey.value.zones.splice(survey.value.zones.indexOf(other), 1);
  }

  return {
    job,
    survey,
    chosenId,
    chosen,
    choose,
    zone,
    trouble,
    hasBays,
    setZone,
    addWalk: (legs: readonly Leg[]): Promise<void> => add([newWalked(survey.value.zones, legs)]),
    addEstimated: (areaM2: number): Promise<void> =>
      add([newEstimated(survey.value.zones, areaM2, job.system)]),
    addTaped: (form: TapedForm): Promise<void> => add([newTaped(survey.value.zones, form)]),
    addDrawn: (points: readonly Point[]): Promise<void> => add([newDrawn(survey.value.zones, points)]),
    addOutlines,
    remove: (): void => {
      const i = survey.value.zones.findIndex((z) => z.id === chosenId.value);
      if (i >= 0) survey.value.zones.splice(i, 1);
    },
    cut,
    join,
    moveCornerTo: (k: number, to: Point): void => {
      if (chosenId.value === undefined) return;
      for (const changed of moveCorner(survey.value.zones, chosenId.value, k, to)) setZone(changed);
    },
  };
}
export type ZoneWork = ReturnType<typeof useZoneWork>;
