/** What follows when the chosen bay is begun at an instant. */
import { computed, shallowRef, watch, type Ref } from 'vue';
import type { Call } from '@lentum/core/call';
import type { Figure } from '@lentum/core/figures';
import { marginFigure, type Spread, type Start } from '@lentum/core/programme';
import { hourOf, type RoofClimate } from '@lentum/core/weather';
import type { Odds } from '@lentum/core/words';
import { useJob } from '../../app/job.ts';
import { oddsAt, type useChances } from './chances.ts';

export interface WhatIf extends Start {
  readonly odds: Odds | undefined;
  readonly climate: RoofClimate;
  /** Margin in the hour in which dew settles. */
  readonly dew: Figure | undefined;
  readonly spread: Spread | undefined;
}

const WAIT_MS = 250;

export function useStart(
  call: () => Call | undefined,
  startMs: Ref<number>,
  chances: ReturnType<typeof useChances>,
) {
  const job = useJob();
  const spread = shallowRef<Spread>();
  const asked = computed(() => {
    const c = call();
    const { work, view, doc } = job.weather;
    if (!c?.layer || !work || !view || c.laying === undefined) return undefined;
    const top = work.topOf(c.status);
    return {
      layer: c.layer,
      layingHours: c.laying.value,
      method: doc.content.crew.method,
      zoneId: c.status.bay.zoneId,
      ...top,
      climate: view.climate(c.status.bay.zoneId, top.shade, top.coated),
      answer: chances.of(c),
    };
  });
  let timer: ReturnType<typeof setTimeout> | undefined;
  watch(
    [asked, startMs],
    () => {
      clearTimeout(timer);
      spread.value = undefined;
      const q = asked.value;
      if (!q?.answer) return;
      const { climate: _climate, answer: _answer, ...question } = q;
      const at = startMs.value;
      timer = setTimeout(() => {
        void chances.overcoatSpread({ ...question, startMs: at, nowMs: job.nowMs }).then((found) => {
          if (at === startMs.value) spread.value = found;
        });
      }, WAIT_MS);
    },
    { immediate: true },
  );
  return computed<WhatIf | undefined>(() => {
    const q = asked.value;
    const { work } = job.weather;
    if (!q || !work) return undefined;
    const start = work.startAt(q.layer, startMs.value, q, q.climate, job.nowMs);
    if (!start) return undefined;
    const { dewMs } = start;
    return {
      ...start,
      climate: q.climate,
      dew: dewMs === undefined ? undefined : marginFigure(q.climate, hourOf(q.climate.line, dewMs)),
      odds: oddsAt(q.answer, startMs.value),
      spread: spread.value,
    };
  });
}
