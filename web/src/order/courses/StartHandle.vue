<script setup lang="ts">
/** The upper edge of the first course: dragged, or moved by arrow keys, and every other course follows. */
import { computed, ref } from 'vue';
import { heightIn, lowOf, toZone, type LayerLayout } from '@lentum/core/courses';
import type { PlanView } from '../../shared/planview.ts';
import { svgPoint } from '../../shared/svgpoint.ts';
import { useUnits } from '../../shared/units.ts';
import type { Laid } from './chosen.ts';
import { unview } from './drawn.ts';
import { useHand } from './hand.ts';

const props = defineProps<{ laid: Laid; plane: LayerLayout['planes'][number]; view: PlanView }>();
const { say } = useUnits();
const { setFirst } = useHand(() => props.laid);
/** Where a zone has several planes, their first courses are equally wide. */
const name = computed(() =>
  props.laid.layout.planes.length === 1
    ? 'Upper edge of the first course'
    : `Upper edge of the first course, plane ${props.plane.index + 1}`,
);
const dragged = ref<number>();
const strip = computed(() => props.plane.strip);
const firstM = computed(() => dragged.value ?? props.plane.courses.firstM);
/** Least and most of the first course, m. */
const range = computed(() => {
  const s = strip.value;
  return [s.sideLapM + 0.02, s.widthM] as const;
});
const clamp = (v: number): number => Math.min(range.value[1], Math.max(range.value[0], v));
const line = computed(() => {
  const p = props.plane;
  const runs = p?.courses.courses[0]?.runs ?? [];
  if (runs.length === 0) return undefined;
  const [from, to] = [Math.min(...runs.map((r) => r.fromM)), Math.max(...runs.map((r) => r.toM))];
  const at = (u: number, v: number): readonly [number, number] => props.view.at(toZone(p.frame, [u, v]));
  return { a: at(from, firstM.value), b: at(to, firstM.value) };
});
/** Every other course's low edge while it is dragged. */
const following = computed(() => {
  const p = props.plane;
  const s = strip.value;
  if (dragged.value === undefined) return [];
  return p.courses.courses.slice(1).map((c) => {
    const low = lowOf(c.index, firstM.value, s);
    const runs = c.runs;
    const [from, to] = [Math.min(...runs.map((r) => r.fromM)), Math.max(...runs.map((r) => r.toM))];
    return [props.view.at(toZone(p.frame, [from, low])), props.view.at(toZone(p.frame, [to, low]))] as const;
  });
});
const at = (e: PointerEvent): number =>
  heightIn(props.laid.layout, props.plane.index, unview(props.view, svgPoint(e)));
function down(e: PointerEvent): void {
  (e.currentTarget as SVGGraphicsElement).setPointerCapture(e.pointerId);
  dragged.value = firstM.value;
}
function move(e: PointerEvent): void {
  if (dragged.value !== undefined) dragged.value = clamp(at(e));
}
function up(): void {
  if (dragged.value === undefined) return;
  // A tape is read to a centimetre.
  const to = clamp(Math.round(dragged.value * 100) / 100);
  dragged.value = undefined;
  setFirst(to);
}
function key(e: KeyboardEvent): void {
  const by = {
    ArrowUp: 0.01,
    ArrowRight: 0.01,
    ArrowDown: -0.01,
    ArrowLeft: -0.01,
    PageUp: 0.1,
    PageDown: -0.1,
  }[e.key];
  if (by === undefined) return;
  e.preventDefault();
  setFirst(clamp(Math.round((firstM.value + by) * 100) / 100));
}
</script>

<template>
  <g v-if="line">
    <path v-for="(f, i) in following" :key="i" :d="`M${f[0].join(' ')}L${f[1].join(' ')}`" class="follow" />
    <g
      class="handle no-print"
      role="slider"
      tabindex="0"
      :aria-label="name"
      :aria-valuemin="Math.round(range[0] * 1000)"
      :aria-valuemax="Math.round(range[1] * 1000)"
      :aria-valuenow="Math.round(firstM * 1000)"
      :aria-valuetext="say(firstM, 'length')"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="up"
      @pointercancel="up"
      @keydown="key"
    >
      <path :d="`M${line.a.join(' ')}L${line.b.join(' ')}`" class="grab" />
      <path :d="`M${line.a.join(' ')}L${line.b.join(' ')}`" class="line" />
      <circle :cx="line.a[0]" :cy="line.a[1]" r="6" class="knob" />
      <circle :cx="line.b[0]" :cy="line.b[1]" r="6" class="knob" />
      <text v-if="dragged !== undefined" :x="line.a[0] + 10" :y="line.a[1] - 12">{{
        say(firstM, 'length')
      }}</text>
    </g>
  </g>
</template>

<style scoped>
.handle {
  cursor: grab;
  touch-action: none;
}
.grab {
  stroke: transparent;
  stroke-width: 22;
}
.line {
  stroke: var(--sea);
  stroke-width: 3.5;
}
.knob {
  fill: var(--paper);
  stroke: var(--sea);
  stroke-width: 2.5;
}
.follow {
  stroke: var(--sea);
  stroke-width: 1.5;
  stroke-dasharray: 6 4;
}
.handle:focus-visible {
  outline: none;
}
.handle:focus-visible .knob {
  fill: var(--sea);
}
text {
  font-weight: 600;
  fill: var(--sea);
}
</style>
