<script setup lang="ts">
/** The start of laying on the sky strip: dragged by hand, or moved by keys, a quarter of an hour at a time. */
import { computed, ref } from 'vue';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@lentum/core/units';
import { useJob } from '../app/job.ts';
import { msUnder, type Strip } from './skystrip.ts';

const props = defineProps<{
  strip: Strip;
  nowMs: number;
  layingHours: number;
  /** Of the band that laying is shown in, and the height of the whole strip. */
  top: number;
  bottom: number;
  height: number;
}>();
const start = defineModel<number>({ required: true });
const job = useJob();

const QUARTER_MS = MS_PER_HOUR / 4;
const STEPS: Readonly<Record<string, number>> = {
  ArrowRight: QUARTER_MS,
  ArrowUp: QUARTER_MS,
  ArrowLeft: -QUARTER_MS,
  ArrowDown: -QUARTER_MS,
  PageUp: 3 * MS_PER_HOUR,
  PageDown: -3 * MS_PER_HOUR,
};
const minutes = (ms: number): number => Math.round(ms / MS_PER_MINUTE);
const clamp = (ms: number): number =>
  Math.min(props.strip.endMs - MS_PER_HOUR, Math.max(props.nowMs, Math.round(ms / QUARTER_MS) * QUARTER_MS));

const dragging = ref(false);
function down(e: PointerEvent): void {
  (e.currentTarget as SVGGraphicsElement).setPointerCapture(e.pointerId);
  dragging.value = true;
}
function move(e: PointerEvent): void {
  if (dragging.value) start.value = clamp(msUnder(e, props.strip));
}
function up(): void {
  dragging.value = false;
}
function key(e: KeyboardEvent): void {
  const by = STEPS[e.key];
  if (by === undefined && e.key !== 'Home') return;
  e.preventDefault();
  start.value = e.key === 'Home' ? props.nowMs : clamp(start.value + (by ?? 0));
}
const x = computed(() => props.strip.x(start.value));
const laid = computed(() => props.strip.x(start.value + props.layingHours * MS_PER_HOUR));
/** As wide as a gloved finger. */
const GRAB = 48;
</script>

<template>
  <g
    class="handle"
    role="slider"
    tabindex="0"
    aria-label="Start of laying"
    :aria-valuemin="minutes(nowMs)"
    :aria-valuemax="minutes(strip.endMs)"
    :aria-valuenow="minutes(start)"
    :aria-valuetext="job.time(start)"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="up"
    @keydown="key"
  >
    <rect class="laying" :x="x" :width="Math.max(2, laid - x)" :y="top" :height="bottom - top" />
    <rect class="grab" :x="x - GRAB / 2" :width="GRAB" y="0" :height="height" />
    <line class="begin" :x1="x" :x2="x" y1="0" :y2="bottom + 4" />
    <circle class="knob" :cx="x" :cy="bottom + 6" r="7" />
  </g>
</template>

<style scoped>
.handle {
  cursor: grab;
  touch-action: none;
}
.laying {
  fill: var(--sea);
  opacity: 0.22;
}
.grab {
  fill: transparent;
}
.begin {
  stroke: var(--sea);
  stroke-width: 2.5;
}
.knob {
  fill: var(--sea);
  stroke: var(--paper);
  stroke-width: 2;
}
.handle:focus-visible {
  outline: none;
}
.handle:focus-visible .knob {
  stroke: var(--ink);
  stroke-width: 3;
}
</style>
