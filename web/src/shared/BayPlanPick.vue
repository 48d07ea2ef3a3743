<script setup lang="ts">
/** Bays to scale, each a button of its own: a tap on the plan picks it, a second one leaves it out. */
import { labelPoint } from '@lentum/core/geometry';
import type { Bay } from '@lentum/core/site';
import { areaPath, type PlanView } from './planview.ts';

defineProps<{ bays: readonly Bay[]; chosen: readonly string[]; view: PlanView }>();
const LINE_PX = 16;
const whole = (b: Bay) => b.parts.map(({ outer }) => ({ outer, holes: [] }));
const emit = defineEmits<{ turn: [bayId: string] }>();
</script>

<template>
  <svg :viewBox="`0 0 ${view.width} ${view.height}`" :width="view.width" :height="view.height">
    <g
      v-for="b in bays"
      :key="b.id"
      role="button"
      tabindex="0"
      class="bay"
      :aria-pressed="chosen.includes(b.id)"
      :aria-label="`Bay ${b.label}`"
      @click="emit('turn', b.id)"
      @keydown.enter.prevent="emit('turn', b.id)"
      @keydown.space.prevent="emit('turn', b.id)"
    >
      <path :d="areaPath(b.parts, view)" fill-rule="evenodd" />
      <!-- What is left out of a bay, such as a roof light, is tapped with it. -->
      <path :d="areaPath(whole(b), view)" class="hit" />
      <text :x="view.at(labelPoint(b.parts))[0]" :y="view.at(labelPoint(b.parts))[1]">
        {{ b.label }}
      </text>
      <text
        v-if="chosen.includes(b.id)"
        :x="view.at(labelPoint(b.parts))[0]"
        :y="view.at(labelPoint(b.parts))[1] - LINE_PX"
        aria-hidden="true"
      >
        ✓
      </text>
    </g>
    <path
      v-for="b in bays.filter((x) => chosen.includes(x.id))"
      :key="`edge${b.id}`"
      :d="areaPath(b.parts, view)"
      class="edge"
    />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  max-width: 100%;
}
.bay {
  cursor: pointer;
  outline: none;
}
path {
  fill: var(--sheet);
  stroke: var(--ink-2);
  stroke-width: max(1px, var(--stroke));
}
text {
  text-anchor: middle;
  dominant-baseline: central;
  font-weight: 600;
  fill: var(--ink);
  pointer-events: none;
}
[aria-pressed='true'] path {
  fill: var(--sea-soft);
}
/* Drawn over the neighbours, so that the edge of a picked bay is whole. */
.bay .hit {
  fill: transparent;
  stroke: none;
}
.edge {
  fill: none;
  stroke: var(--sea);
  stroke-width: 3px;
  pointer-events: none;
}
[aria-pressed='true'] text {
  font-weight: 700;
}
.bay:focus-visible path {
  stroke: var(--ink);
  stroke-width: 4px;
  stroke-dasharray: 6 3;
}
</style>
