<script setup lang="ts">
/** Where the ground is damp: readings of the meter on the plan, and what lies between them as far as that is known. */
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { INK_COLOURS } from '@lentum/core/printout';
import { bandAreas, moistureBands, moistureMap } from '@lentum/core/proving';
import { practiceOf } from '@lentum/core/practice';
import { testsOf } from '@lentum/core/record';
import { zoneQuantities, type Zone } from '@lentum/core/survey';
import { leftAsideWords, moistureKnown, moistureLegend, patchWords } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import { areaPath, planView } from '../shared/planview.ts';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{ zone: Zone }>();
const job = useJob();
const { say } = useUnits();
const frame = ref<HTMLElement>();
const { width } = useElementSize(frame, { width: 520, height: 320 });
const HIGH = 320;

const practice = computed(() => job.state?.practice ?? practiceOf());
const shape = computed(() => {
  const q = zoneQuantities(props.zone);
  return q.ok ? q.value : undefined;
});
const map = computed(() =>
  shape.value ? moistureMap(shape.value, testsOf(job.book, props.zone.id), practice.value) : undefined,
);
const view = computed(() =>
  shape.value ? planView([shape.value.ring], Math.max(width.value, 240), HIGH, 12) : undefined,
);
const wall = computed(() => (shape.value && view.value ? areaPath([shape.value.polygon], view.value) : ''));
const bands = computed(() => {
  const [m, v] = [map.value, view.value];
  if (!m?.grid || !v) return [];
  return bandAreas(m.grid, moistureBands(m), m.ground).map((b) => areaPath(b.area, v));
});
const pct = (value: number): string => say(value, 'moisture');
const dots = computed(() => {
  const [m, v] = [map.value, view.value];
  if (!m || !v) return [];
  return m.points.map((p) => ({
    at: v.at(p.at),
    text: pct(p.pct),
    over: p.pct > m.most.value,
    title: `${pct(p.pct)}, ${job.time(p.takenMs)}`,
  }));
});
const legend = computed(() => (map.value?.grid ? moistureLegend(map.value, pct) : []));
const known = computed(() => (map.value ? moistureKnown(map.value, pct) : ''));
const inks = (['damp0', 'damp1', 'damp2'] as const).map((i) => INK_COLOURS[i]);
</script>

<template>
  <section v-if="map && view" aria-label="Map of moisture" class="moisture">
    <h3>Where it is damp</h3>
    <p>
      {{ map.points.length }} {{ map.points.length === 1 ? 'reading' : 'readings' }} of the meter, highest
      <FigureText :figure="map.highest" /><template v-if="leftAsideWords(map)"
        >; {{ worded(leftAsideWords(map) ?? '') }}</template
      >.
    </p>
    <figure ref="frame">
      <svg
        :viewBox="`0 0 ${view.width} ${view.height}`"
        :width="view.width"
        :height="view.height"
        role="img"
        :aria-label="`Moisture of ${zone.name}: ${map.points.length} readings, highest ${pct(map.highest.value)}`"
      >
        <path :d="wall" class="ground" fill-rule="evenodd" />
        <path v-for="(b, i) in bands" :key="i" :d="b" :fill="inks[i]" fill-rule="evenodd" />
        <path :d="wall" class="wall" fill-rule="evenodd" />
        <g v-for="(d, i) in dots" :key="`d${i}`" :class="{ over: d.over }">
          <circle :cx="d.at[0]" :cy="d.at[1]" r="3.5" />
          <text :x="d.at[0] + 6" :y="d.at[1] + 4">{{ d.text }}</text>
          <title>{{ d.title }}</title>
        </g>
      </svg>
      <ul v-if="legend.length > 0">
        <li v-for="(l, i) in legend" :key="l"><span :style="{ background: inks[i] }" />{{ worded(l) }}</li>
      </ul>
    </figure>
    <p v-for="(p, i) in map.patches" :key="i" class="problem">
      {{ worded(patchWords(p)) }}: <FigureText :figure="p.area" />, up to {{ pct(p.highestPct) }}.
    </p>
    <p class="quiet">
      {{ known }}
      {{ worded('Where the primer says a limit of its own, that one counts; the verdict above goes by it.') }}
    </p>
  </section>
</template>

<style scoped>
.moisture {
  margin-top: var(--s4);
}
figure {
  margin: var(--s2) 0;
}
svg {
  display: block;
  max-width: 100%;
}
.ground {
  fill: var(--sheet);
}
.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
circle {
  fill: #1f2a30;
}
text {
  font-size: 11px;
  fill: #1f2a30;
  paint-order: stroke;
  stroke: #fff;
  stroke-width: 3px;
}
.over text {
  font-weight: 700;
}
ul {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2) var(--s4);
  padding: 0;
  margin: var(--s2) 0 0;
}
li span {
  display: inline-block;
  width: 18px;
  height: 12px;
  border: var(--stroke) solid var(--line-2);
  margin-right: 6px;
}
</style>
