<script setup lang="ts">
/** A piece of the plan, to tap where something is: with a finger, a mouse or the arrow keys. */
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { insideArea, labelPoint, type Area, type Point } from '@lentum/core/geometry';
import type { Place, SetOut } from '@lentum/core/survey';
import { areaPath, planView } from './planview.ts';
import { svgPoint } from './svgpoint.ts';
import { useUnits } from './units.ts';

const props = withDefaults(
  defineProps<{
    parts: Area;
    frame: SetOut;
    /** What is placed, such as "Place of the next reading on H1". */
    label: string;
    title: string;
    /** What it means that no place is said. */
    none: string;
    dots?: readonly Place[];
    mostHeight?: number;
  }>(),
  { dots: () => [], mostHeight: 150 },
);
const place = defineModel<Place | null>({ required: true });
const { say } = useUnits();
const box = ref<HTMLElement>();
const { width } = useElementSize(box, { width: 320, height: 150 });

const MARGIN = 8;
const STEP_M = 0.25;
const view = computed(() =>
  planView(
    props.parts.map((p) => p.outer),
    Math.max(200, width.value),
    props.mostHeight,
    MARGIN,
  ),
);
const path = computed(() => areaPath(props.parts, view.value));
const round = (m: number): number => Math.round(m * 100) / 100;

/** Outside it nothing is: it stays where it was. */
function put(p: Point): void {
  const { alongM, acrossM } = props.frame.toPlace(p);
  const near = { alongM: round(alongM), acrossM: round(acrossM) };
  if (insideArea(props.frame.toPoint(near), props.parts)) place.value = near;
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
  put(at.value ? [at.value[0] + step[0], at.value[1] + step[1]] : labelPoint(props.parts));
}
const shown = computed(() => props.dots.map((d) => view.value.at(props.frame.toPoint(d))));
const spoken = computed(() =>
  place.value
    ? `${say(place.value.alongM, 'length')} along side 1, ${say(place.value.acrossM, 'length')} in`
    : props.none.toLowerCase(),
);
</script>

<template>
  <div ref="box" class="pad">
    <div class="line">
      <span
        ><strong>{{ title }}</strong> <span class="quiet" role="status">{{ spoken }}</span></span
      >
      <el-button v-if="place" text @click="place = null">{{ none }}</el-button>
    </div>
    <svg
      :viewBox="`0 0 ${view.width} ${view.height}`"
      :width="view.width"
      :height="view.height"
      role="application"
      tabindex="0"
      :aria-label="`${label}: ${spoken}. Arrow keys move it.`"
      @pointerdown="put(view.back(svgPoint($event)))"
      @keydown="key"
    >
      <path :d="path" class="ground" fill-rule="evenodd" />
      <circle v-for="(d, i) in shown" :key="i" :cx="d[0]" :cy="d[1]" r="4" class="dot" />
      <g v-if="at" :transform="`translate(${view.at(at).join(' ')})`" class="mark">
        <circle r="11" />
        <path d="M-16 0H16M0 -16V16" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.pad {
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
.ground {
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
