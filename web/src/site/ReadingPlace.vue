<script setup lang="ts">
/** The bay, to tap where the next reading is taken: with a finger, a mouse or the arrow keys. Readings stand where they were. */
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { insideArea, labelPoint, type Point } from '@lentum/core/geometry';
import type { Bay } from '@lentum/core/site';
import type { Place, SetOut } from '@lentum/core/survey';
import { areaPath, planView } from '../shared/planview.ts';
import { svgPoint } from '../shared/svgpoint.ts';
import { useUnits } from '../shared/units.ts';
import type { Taken } from './coatdraft.ts';

const props = defineProps<{ bay: Bay; frame: SetOut; taken: readonly Taken[] }>();
const place = defineModel<Place | null>({ required: true });
const { say } = useUnits();
const box = ref<HTMLElement>();
const { width } = useElementSize(box, { width: 320, height: 150 });

const MOST_HEIGHT = 150;
const MARGIN = 8;
const STEP_M = 0.25;
const view = computed(() =>
  planView(
    props.bay.parts.map((p) => p.outer),
    Math.max(200, width.value),
    MOST_HEIGHT,
    MARGIN,
  ),
);
const path = computed(() => areaPath(props.bay.parts, view.value));
const round = (m: number): number => Math.round(m * 100) / 100;

/** Outside the bay nothing is read: it stays where it was. */
function put(p: Point): void {
  const { alongM, acrossM } = props.frame.toPlace(p);
  const near = { alongM: round(alongM), acrossM: round(acrossM) };
  if (insideArea(props.frame.toPoint(near), props.bay.parts)) place.value = near;
}
const at = computed(() => (place.value ? props.frame.toPoint(place.value) : undefined));
const STEPS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-STEP_M, 0],
  ArrowRight: [STEP_M, 0],
  ArrowUp: [0, STEP_M],
  ArrowDown: [0, -STEP_M],
};
function key(e: KeyboardEvent): void {
  const step = STEPS[e.key];
  if (!step) return;
  e.preventDefault();
  const from = at.value ?? labelPoint(props.bay.parts);
  put(at.value ? [from[0] + step[0], from[1] + step[1]] : from);
}
const dots = computed(() =>
  props.taken.flatMap((t) => (t.place ? [view.value.at(props.frame.toPoint(t.place))] : [])),
);
const spoken = computed(() =>
  place.value
    ? `${say(place.value.alongM, 'length')} along side 1, ${say(place.value.acrossM, 'length')} in`
    : 'somewhere on the bay',
);
</script>

<template>
  <div ref="box" class="reading-place">
    <div class="line">
      <span
        ><strong>Where it is read</strong> <span class="quiet" role="status">{{ spoken }}</span></span
      >
      <el-button v-if="place" text @click="place = null">Somewhere on the bay</el-button>
    </div>
    <svg
      :viewBox="`0 0 ${view.width} ${view.height}`"
      :width="view.width"
      :height="view.height"
      role="application"
      tabindex="0"
      :aria-label="`Place of the next reading on ${bay.label}: ${spoken}. Arrow keys move it.`"
      @pointerdown="put(view.back(svgPoint($event)))"
      @keydown="key"
    >
      <path :d="path" class="bay" fill-rule="evenodd" />
      <circle v-for="(d, i) in dots" :key="i" :cx="d[0]" :cy="d[1]" r="4" class="dot" />
      <g v-if="at" :transform="`translate(${view.at(at).join(' ')})`" class="mark">
        <circle r="11" />
        <path d="M-16 0H16M0 -16V16" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.reading-place {
  margin-top: var(--s3);
}
.line {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 34px;
}
svg {
  display: block;
  margin: 0 auto;
  max-width: 100%;
  touch-action: manipulation;
  cursor: crosshair;
}
.bay {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
.dot {
  fill: var(--ink);
}
.mark circle {
  fill: none;
  stroke: var(--violet);
  stroke-width: 3;
}
.mark path {
  stroke: var(--violet);
  stroke-width: 1.5;
}
</style>
