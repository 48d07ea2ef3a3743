/** The calls of all bays, in the order of what missing them costs. */
import { createSharedComposable } from '@vueuse/core';
import { computed } from 'vue';
import type { Call, CallKind } from '@lentum/core/call';
import type { Ask, Windows } from '@lentum/core/programme';
import type { RoofClimate } from '@lentum/core/weather';
import { useJob } from '../../app/job.ts';

export const GROUPS: readonly { name: string; kinds: readonly CallKind[] }[] = [
  { name: 'Wet now', kinds: ['wet'] },
  { name: 'Last chance', kinds: ['closing'] },
  { name: 'Will be missed', kinds: ['lost'] },
  { name: 'Overcoat time missed', kinds: ['missed'] },
  { name: 'Can be done now', kinds: ['open'] },
  { name: 'To be prepared', kinds: ['steps'] },
  { name: 'Opens later', kinds: ['opens'] },
  { name: 'At work', kinds: ['curing'] },
  { name: 'Held', kinds: ['held'] },
  { name: 'No opening in sight', kinds: ['shut', 'unknown'] },
  { name: 'To be accepted', kinds: ['accept'] },
];

/** Layers and roofs are few: their windows are reckoned once for all bays. */
function once(reckon: (ask: Ask, climate: RoofClimate) => Windows) {
  const kept = new Map<RoofClimate, Map<string, Windows>>();
  return (ask: Ask, climate: RoofClimate): Windows => {
    const key = JSON.stringify([
      ask.limits,
      ask.method,
      Math.ceil(ask.layingHours),
      ask.rainSafe,
      ask.wetFilmMm,
    ]);
    const own = kept.get(climate) ?? new Map<string, Windows>();
    kept.set(climate, own);
    let found = own.get(key);
    if (!found) own.set(key, (found = reckon(ask, climate)));
    return found;
  };
}

/** Reckoned once for all who look. */
export const useCalls = createSharedComposable(() => {
  const job = useJob();
  return computed<readonly Call[]>(() => {
    const { view, work, doc } = job.weather;
    if (!work) return [];
    const reckon = once(work.windowsOf);
    const calls = job.statuses.map((status) => {
      const { shade, coated } = work.topOf(status);
      const climate = view?.climate(status.bay.zoneId, shade, coated);
      return work.callOf(status, climate, doc.content.crew, job.nowMs, reckon);
    });
    return work.inOrderOfCost(calls);
  });
});
