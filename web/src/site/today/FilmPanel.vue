<script setup lang="ts">
/** The film that lies on a bay: how far each stage of its cure is, when the next ones come, and what happened to it. */
import { computed, shallowRef, watch } from 'vue';
import type { Figure } from '@lentum/core/figures';
import { overcoatedAmiss } from '@lentum/core/call';
import { filmMmOf, type BayStatus } from '@lentum/core/record';
import { cureFigure, mishapsOf, stageTimes, type Spread, type StageTime } from '@lentum/core/programme';
import { mishapVerdict, overcoatedVerdict, STAGE_WORDS } from '@lentum/core/words';
import type { Stage } from '@lentum/core/buildup';
import { useJob } from '../../app/job.ts';
import FigureText from '../../shared/FigureText.vue';
import VerdictLine from '../../shared/VerdictLine.vue';
import type { FilmQuestion } from '../../workers/weather.worker.ts';

const props = defineProps<{
  status: BayStatus;
  /** Early and late of each stage over the ways that the weather may go. */
  spreads: (q: FilmQuestion) => Promise<ReadonlyMap<Stage, Spread> | undefined>;
}>();
const job = useJob();

const film = computed(() => {
  const last = props.status.laid.at(-1);
  const { view, work } = job.weather;
  if (!last?.entry.finishedAt || !view || !work) return undefined;
  const { shade, coated } = work.topOf(props.status);
  return {
    coat: last.coat,
    laidMs: Date.parse(last.entry.finishedAt),
    wetFilmMm: filmMmOf(last.judgement),
    zoneId: props.status.bay.zoneId,
    shade,
    coated,
    climate: view.climate(props.status.bay.zoneId, shade, coated),
  };
});
/** Hours at each temperature over the hours that its table gives there, up to an instant. */
const working = ({ stage }: StageTime, toMs: number): Figure | undefined => {
  const f = film.value;
  return f && cureFigure(f.coat, stage, f.laidMs, toMs, f.wetFilmMm, f.climate);
};
const stages = computed(() => {
  const f = film.value;
  if (!f) return [];
  return stageTimes(f.coat, f.laidMs, f.wetFilmMm, f.climate, job.nowMs).map((s) => ({
    ...s,
    now: working(s, job.nowMs),
    then: s.atMs === undefined ? undefined : working(s, s.atMs),
  }));
});
const mishaps = computed(() => {
  const f = film.value;
  if (!f) return [];
  return [
    ...mishapsOf(f.coat, f.laidMs, f.wetFilmMm, f.climate, job.nowMs).map((m) => mishapVerdict(f.coat, m)),
    ...overcoatedAmiss(props.status, f.climate).map(overcoatedVerdict),
  ];
});
const spread = shallowRef<ReadonlyMap<Stage, Spread>>();
watch(
  () => [film.value?.coat.id, film.value?.laidMs, job.weather.series.length] as const,
  async () => {
    spread.value = undefined;
    const f = film.value;
    if (!f) return;
    const { climate: _climate, ...question } = f;
    spread.value = await props.spreads({ ...question, nowMs: job.nowMs });
  },
  { immediate: true },
);
/** Nearer together than this they are one time. */
const WIDE_MS = 600_000;
const wide = (s: Spread | undefined): boolean => s !== undefined && s.lateMs - s.earlyMs > WIDE_MS;
</script>

<template>
  <section v-if="film && stages.length > 0" aria-label="The film that lies there">
    <div class="head">
      <h3 class="minor">{{ film.coat.name }}, laid {{ job.time(film.laidMs) }}</h3>
    </div>
    <table>
      <tbody>
        <tr v-for="s in stages" :key="s.stage">
          <th scope="row">{{ STAGE_WORDS[s.stage] }}</th>
          <td class="num"><FigureText v-if="s.now" :figure="s.now" /></td>
          <td>
            <template v-if="s.atMs === undefined || !s.then">not within the hours known</template>
            <template v-else
              ><FigureText :figure="s.then" :says="job.time(s.atMs)" /><span
                v-if="s.atMs > job.nowMs && wide(spread?.get(s.stage))"
                class="quiet"
              >
                ({{ job.clock(spread!.get(s.stage)!.earlyMs) }} to
                {{ job.clock(spread!.get(s.stage)!.lateMs) }})</span
              ></template
            >
          </td>
        </tr>
      </tbody>
    </table>
    <VerdictLine v-for="(v, i) in mishaps" :key="i" :verdict="v" />
  </section>
</template>

<style scoped>
section {
  margin-top: var(--s4);
}
table {
  width: 100%;
}
th {
  text-align: left;
  font-weight: 400;
}
</style>
