<script setup lang="ts">
/** Over the plan: bays laid so far, the one being laid, and its way out over bare bays to the access. */
import { computed } from 'vue';
import { labelPoint } from '@lentum/core/geometry';
import { areaPath, type PlanView } from '../shared/planview.ts';
import type { BayWalk } from './bayroute.ts';

const props = defineProps<{ walk: BayWalk; view: PlanView }>();
const rows = computed(() => {
  const route = props.walk.route.value;
  if (!route) return [];
  return route.steps.flatMap((s, i) => {
    const bay = props.walk.bays.value.find((b) => b.id === s.bayId);
    return bay
      ? [
          {
            bay,
            number: i + 1,
            laid: i < props.walk.step.value,
            now: i === props.walk.step.value,
            way: s.wayOut,
          },
        ]
      : [];
  });
});
const now = computed(() => rows.value.find((r) => r.now));
const way = computed(() => (now.value?.way ?? []).map((p) => props.view.at(p).join(',')).join(' '));
const access = computed(() => {
  const route = props.walk.route.value;
  return route && props.view.at(route.access);
});
</script>

<template>
  <g v-if="rows.length > 0" class="route">
    <path
      v-for="r in rows"
      :key="r.bay.id"
      :d="areaPath(r.bay.parts, view)"
      :class="{ laid: r.laid, now: r.now, bare: !r.laid && !r.now }"
    />
    <path
      v-for="r in rows.filter((x) => x.laid)"
      :key="`wet-${r.bay.id}`"
      :d="areaPath(r.bay.parts, view)"
      fill="url(#bay-wet)"
    />
    <polyline :points="way" class="way" />
    <g v-for="r in rows" :key="r.number" class="number">
      <circle :cx="view.at(labelPoint(r.bay.parts))[0]" :cy="view.at(labelPoint(r.bay.parts))[1]" r="12" />
      <text :x="view.at(labelPoint(r.bay.parts))[0]" :y="view.at(labelPoint(r.bay.parts))[1] + 5">{{
        r.number
      }}</text>
    </g>
    <g v-if="access" class="access">
      <rect :x="access[0] - 7" :y="access[1] - 7" width="14" height="14" />
      <text :x="access[0] + 12" :y="access[1] + 5">access</text>
    </g>
  </g>
</template>

<style scoped>
.route {
  pointer-events: none;
}
path {
  stroke: var(--ink);
  stroke-width: 1;
}
.bare {
  fill: var(--sheet);
}
.laid {
  fill: var(--sheet);
}
.now {
  fill: var(--violet-soft);
  stroke: var(--violet);
  stroke-width: 3;
}
.way {
  fill: none;
  stroke: var(--sea);
  stroke-width: 4;
  stroke-dasharray: 9 5;
}
.number circle {
  fill: var(--sheet);
  stroke: var(--ink);
}
.number text {
  text-anchor: middle;
  font-size: 13px;
  font-weight: 700;
  fill: var(--ink);
}
.access rect {
  fill: var(--sea);
}
.access text {
  font-size: 13px;
  font-weight: 700;
  fill: var(--ink);
}
</style>
