<script setup lang="ts">
/** The film of a coat over the plan: bands of equal film, where it was read, and where it is thin with what is missing. */
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { boxOf, insideArea, labelPoint, type Area, type Point } from '@lentum/core/geometry';
import { bandAreas, type FilmMap } from '@lentum/core/proving';
import type { BayStatus } from '@lentum/core/record';
import { openingRing, sketchOf, type Zone, type ZoneQuantities } from '@lentum/core/survey';
import { freePlace, roundCircle, type Box } from '../shared/freeplace.ts';
import { areaPath, planView } from '../shared/planview.ts';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{
  zone: Zone;
  quantities: ZoneQuantities;
  bays: readonly BayStatus[];
  map: FilmMap;
  /** Where it is still to be read. */
  toRead: readonly Point[];
}>();
const emit = defineEmits<{ choose: [bayId: string] }>();
const { say, bare, unit } = useUnits();
const frame = ref<HTMLElement>();
const { width } = useElementSize(frame, { width: 560, height: 460 });

const view = computed(() => planView([props.quantities.ring], Math.max(width.value, 240), 460, 16));
const wall = computed(() => areaPath([{ outer: props.quantities.ring, holes: [] }], view.value));
const bands = computed(() =>
  props.map.grid
    ? bandAreas(props.map.grid, props.map.bands, props.map.laid).map((b, i) => ({
        i,
        path: areaPath(b.area, view.value),
      }))
    : [],
);
const openings = computed(() =>
  props.zone.openings.map((o) => {
    const ring = openingRing(o, sketchOf(props.zone.outline));
    const c = ring.map((p) => view.value.at(p));
    const cross = ring.length === 4 ? `M${c[0]}L${c[2]}M${c[1]}L${c[3]}` : '';
    return { name: o.name, path: areaPath([{ outer: ring, holes: [] }], view.value), cross };
  }),
);
/** In its upper left corner, out of the way of what was read; in the middle where that is not of the bay. */
function cornerOf(parts: Area): Point {
  const box = boxOf(parts.map((p) => p.outer));
  const [x, y] = view.value.at([box.minX, box.maxY]);
  const inset: Point = [x + 24, y + 16];
  return insideArea(view.value.back(inset), parts) ? inset : view.value.at(labelPoint(parts));
}
const labels = computed(() =>
  props.bays.map(({ bay }) => ({
    id: bay.id,
    label: bay.label,
    path: areaPath(bay.parts, view.value),
    at: cornerOf(bay.parts),
  })),
);
const dots = computed(() =>
  props.map.points.map((p) => ({
    at: view.value.at(p.at),
    isBay: p.by === 'bay',
    isLow: p.mm < props.map.least.value,
    title: `${p.bay}: ${p.atLeast ? 'at least ' : ''}${say(p.mm, 'film')}${p.by === 'bay' ? `, mean of ${p.count} readings somewhere on it` : ''}`,
  })),
);
/** Of a letter of the labels, about; and of a line of them. */
const LETTER = 7.4;
const LINE = 16;
const rings = computed(() => {
  const taken: Box[] = [
    ...labels.value.map((l) => ({ x: l.at[0] - 17, y: l.at[1] - 11, width: 34, height: 20 })),
    ...dots.value.map((d) => ({ x: d.at[0] - 4, y: d.at[1] - 4, width: 8, height: 8 })),
  ];
  return props.map.patches.map((p) => {
    const r = Math.max(12, Math.sqrt(p.area.value / Math.PI) * view.value.pointsPerM * 1.15);
    const at = view.value.at(p.middle);
    const text = `${say(p.missing.value, 'volume')} ${p.isSure ? 'short' : 'short, perhaps'}`;
    const size = { width: text.length * LETTER, height: LINE };
    const place = freePlace(roundCircle(at, r, size), taken, view.value);
    taken.push(place);
    return { at, r, text, isSure: p.isSure, x: place.x + place.width / 2, y: place.y + LINE - 4 };
  });
});
const hollow = computed(() => props.toRead.map((p) => view.value.at(p)));
const legend = computed(() => [
  `under ${bare(props.map.bands[0] ?? 0, 'film')}`,
  ...props.map.bands.map((v, i) =>
    i === props.map.bands.length - 1 ? `${bare(v, 'film')} ${unit('film')} and over` : bare(v, 'film'),
  ),
]);
</script>

<template>
  <figure ref="frame" class="film-plan">
    <svg
      :viewBox="`0 0 ${view.width} ${view.height}`"
      :width="view.width"
      :height="view.height"
      role="group"
      :aria-label="`Film of ${map.name} on ${zone.name}: ${map.points.length} spots read`"
    >
      <path :d="wall" class="ground" />
      <path v-for="b in bands" :key="b.i" :d="b.path" :class="['band', `band-${b.i}`]" fill-rule="evenodd" />
      <g
        v-for="b in labels"
        :key="b.id"
        role="button"
        tabindex="0"
        :aria-label="`${b.label} on record`"
        class="bay"
        @click="emit('choose', b.id)"
        @keydown.enter="emit('choose', b.id)"
        @keydown.space.prevent="emit('choose', b.id)"
      >
        <path :d="b.path" class="outline" />
      </g>
      <g v-for="o in openings" :key="o.name">
        <path :d="o.path" class="opening" />
        <path :d="o.cross" class="cross" />
        <title>{{ o.name }}</title>
      </g>
      <path :d="wall" class="wall" />
      <path :d="wall" class="gap" />
      <path
        v-for="(h, i) in hollow"
        :key="`h${i}`"
        :d="`M${h[0] - 5} ${h[1]}h10M${h[0]} ${h[1] - 5}v10`"
        class="to-read"
      />
      <g v-for="(d, i) in dots" :key="i" :class="{ low: d.isLow }" class="dot">
        <rect v-if="d.isBay" :x="d.at[0] - 5" :y="d.at[1] + 8" width="10" height="10" />
        <circle v-else :cx="d.at[0]" :cy="d.at[1]" r="4" />
        <title>{{ d.title }}</title>
      </g>
      <g v-for="b in labels" :key="`l${b.id}`" :transform="`translate(${b.at.join(' ')})`" class="label">
        <rect x="-17" y="-11" width="34" height="20" rx="3" />
        <text y="4">{{ b.label }}</text>
      </g>
      <g v-for="(p, i) in rings" :key="`p${i}`" class="patch" :class="{ sure: p.isSure }">
        <circle :cx="p.at[0]" :cy="p.at[1]" :r="p.r" />
        <text :x="p.x" :y="p.y">{{ p.text }}</text>
      </g>
    </svg>
    <ul v-if="map.grid" class="legend" aria-label="Bands of film">
      <li v-for="(l, i) in legend" :key="i"><span :class="['swatch', `band-${i}`]" />{{ l }}</li>
    </ul>
  </figure>
</template>

<style scoped>
.film-plan {
  margin: 0;
  min-width: 0;
}
svg {
  display: block;
  max-width: 100%;
}
.ground {
  fill: var(--well);
}
.band {
  stroke: none;
}
/* From too little, which is warm, to plenty, which is deep; they differ in lightness too. */
.band-0 {
  fill: #f0b96e;
  background: #f0b96e;
}
.band-1 {
  fill: #f5e4b4;
  background: #f5e4b4;
}
.band-2 {
  fill: #cfe3d2;
  background: #cfe3d2;
}
.band-3 {
  fill: #9ccabd;
  background: #9ccabd;
}
.band-4 {
  fill: #62a89d;
  background: #62a89d;
}
.band-5 {
  fill: #2f7e77;
  background: #2f7e77;
}
.outline {
  fill: transparent;
  stroke: #1f2a30;
  stroke-opacity: 0.35;
}
.bay {
  cursor: pointer;
}
.bay:focus-visible .outline {
  stroke: #1f2a30;
  stroke-opacity: 1;
  stroke-width: 3;
}
.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 6;
}
.gap {
  fill: none;
  stroke: var(--paper);
  stroke-width: 3;
}
.opening {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.cross {
  stroke: var(--ink-3);
  fill: none;
}
.dot circle,
.dot rect {
  fill: #1f2a30;
  stroke: #fff;
  stroke-width: 1;
}
.dot.low circle,
.dot.low rect {
  fill: #a8261c;
}
.to-read {
  stroke: #1f2a30;
  stroke-width: 1.5;
  fill: none;
}
.label {
  pointer-events: none;
}
.label rect {
  fill: #fff;
  fill-opacity: 0.92;
}
.label text {
  font-size: 13px;
  font-weight: 700;
  text-anchor: middle;
  fill: #1f2a30;
}
.patch circle {
  fill: none;
  stroke: #a8261c;
  stroke-width: 1.5;
  stroke-dasharray: 3 4;
}
.patch.sure circle {
  stroke-width: 2.5;
  stroke-dasharray: 8 4;
}
.patch text {
  font-size: 13px;
  font-weight: 700;
  fill: #a8261c;
  stroke: #fff;
  stroke-width: 3;
  paint-order: stroke;
  text-anchor: middle;
}
.legend {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1) var(--s4);
  padding: 0;
  margin: var(--s2) 0 0;
  font-size: var(--t-s);
}
.swatch {
  display: inline-block;
  width: 22px;
  height: 14px;
  border: 1px solid var(--ink-3);
  margin-right: 6px;
  vertical-align: -2px;
}
</style>
