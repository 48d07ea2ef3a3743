/** Falls of every zone that has levels, from the worker: computed again when what they depend on has changed. */
import { onScopeDispose, ref, shallowRef, watch } from 'vue';
import type { FallsReport } from '@lentum/core/falls';
import type { Problem } from '@lentum/core/problems';
import type { Zone } from '@lentum/core/survey';
import { copy } from '../app/copy.ts';
import { openSurveyWork, type OpenSurveyWork } from '../workers/surveywork.ts';

export interface ZoneFalls {
  readonly report?: FallsReport;
  readonly problems: readonly Problem[];
}

const WAIT_MS = 150;

/** What the falls of a zone depend on. */
const keyOf = ({ outline, sides, openings, features, levels }: Zone): string =>
  JSON.stringify({ outline, sides, openings, features, levels });

/**
 * @param first the zone whose answer is wanted first
 */
export function useFalls(zones: () => readonly Zone[], first: () => string | undefined) {
  const byZone = shallowRef<ReadonlyMap<string, ZoneFalls>>(new Map());
  const busy = ref(0);
  let work: OpenSurveyWork | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const asked = new Map<string, string>();

  async function ask(zone: Zone, key: string): Promise<void> {
    asked.set(zone.id, key);
    busy.value += 1;
    try {
      work ??= openSurveyWork();
      const answer = await work.remote.falls(copy(zone));
      // A newer question has been asked meanwhile: this answer is stale.
      if (asked.get(zone.id) !== key) return;
      const next: ZoneFalls = answer.ok
        ? { report: answer.value, problems: [] }
        : { problems: answer.problems };
      byZone.value = new Map([...byZone.value, [zone.id, next]]);
    } finally {
      busy.value -= 1;
    }
  }

  function look(): void {
    const here = zones();
    const kept = [...byZone.value].filter(([id]) =>
      here.some((z) => z.id === id && z.levels.points.length > 0),
    );
    if (kept.length !== byZone.value.size) byZone.value = new Map(kept);
    const inOrder = [...here].sort((a, b) => Number(b.id === first()) - Number(a.id === first()));
    for (const zone of inOrder) {
      if (zone.levels.points.length === 0) {
        asked.delete(zone.id);
        continue;
      }
      const key = keyOf(zone);
      if (asked.get(zone.id) !== key) void ask(zone, key);
    }
  }

  watch(
    zones,
    () => {
      clearTimeout(timer);
      timer = setTimeout(look, WAIT_MS);
    },
    { deep: true, immediate: true },
  );
  onScopeDispose(() => {
    clearTimeout(timer);
    work?.end();
  });
  return { byZone, busy };
}
