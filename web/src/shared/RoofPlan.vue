<script setup lang="ts">
/** A zone drawn to scale: walls as a double line, dimensions in a quiet grey, openings, bays by state, a scale bar. */
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { corner, labelPoint, signedArea, type Polygon, type Ring } from '@lentum/core/geometry';
import { parse } from '@lentum/core/units';
import { openingRing, sketchOf, type Zone } from '@lentum/core/survey';
import type { BayStatus } from '@lentum/core/record';
import BayShape from './BayShape.vue';
import PlanPatterns from './PlanPatterns.vue';
import { areaPath, planView, scaleBarM } from './planview.ts';
import { useUnits } from './units.ts';

const props = withDefaults(
  defineProps<{
    zone: Zone;
    ring: Ring;
    polygon?: Polygon | undefined;
    bays?: readonly BayStatus[];
    chosen?: string | undefined;
    dimensions?: boolean;
    mostHeight?: number;
  }>(),
  { dimensions: true, mostHeight: 460 },
);
const emit = defineEmits<{ choose: [bayId: string] }>();
const { say, system } = useUnits();
const frame = ref<HTMLElement>();
const { width } = useElementSize(frame, { width: 520, height: 400 });

const MARGIN = 44;
const view = computed(() => planView([props.ring], Math.max(width.value, 240), props.mostHeight, MARGIN));
const wall = computed(() => areaPath([{ outer: props.ring, holes: [] }], view.value));
const holes = computed(() =>
  props.zone.openings.map((o) => {
    const ring = openingRing(o, sketchOf(props.zone.outline));
    const area = [{ outer: ring, holes: [] }];
    const corners = ring.map((p) => view.value.at(p));
    const diagonals = ring.length === 4 ? `M${corners[0]}L${corners[2]}M${corners[1]}L${corners[3]}` : '';
    return { name: o.name, path: areaPath(area, view.value), diagonals, at: view.value.at(labelPoint(area)) };
  }),
);

/** Bays with a heavy edge are drawn over their neighbours, the chosen one over all. */
const inOrder = computed(() => {
  const weight = (b: BayStatus): number =>
    b.bay.id === props.chosen ? 2 : b.state === 'closing' || b.state === 'missed' ? 1 : 0;
  return [...(props.bays ?? [])].sort((a, b) => weight(a) - weight(b));
});

const OFFSET = 20;
/** Width of a letter of a label, px, about. */
const LETTER = 6.5;
const sides = computed(() => {
  const outward = signedArea(props.ring) > 0 ? 1 : -1;
  return props.ring.map((p, i) => {
    const q = corner(props.ring, i + 1);
    const [a, b] = [view.value.at(p), view.value.at(q)];
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const length = Math.hypot(dx, dy) || 1;
    // Picture y points down, so the outward normal of a counter-clockwise ring is (−dy, dx) turned over.
    const [nx, ny] = [(-dy / length) * outward, (dx / length) * outward];
    let angle = (Math.atan2(dy, dx) * 180) / Math.PI;
    if (angle > 90 || angle <= -90) angle += 180;
    const label = say(Math.hypot(q[0] - p[0], q[1] - p[1]), 'length');
    return {
      x: (a[0] + b[0]) / 2 + nx * OFFSET,
      y: (a[1] + b[1]) / 2 + ny * OFFSET,
      angle,
      text: label,
      // No longer than its side: at a corner it would stand in the label of the next one.
      shown: length > Math.max(34, label.length * LETTER),
    };
  });
});
const bar = computed(() => {
  const one = parse('1', 'length', { system: system.value });
  const metres = scaleBarM(view.value, one.ok ? one.value : 1);
  return { length: metres * view.value.pointsPerM, text: say(metres, 'length', { digits: 0 }) };
});
const summary = computed(
  () =>
    `${props.zone.name}: ${props.ring.length} sides${props.zone.openings.length > 0 ? `, ${props.zone.openings.length} openings` : ''}${props.bays ? `, ${props.bays.length} bays` : ''}`,
);
</script>

<template>
  <figure ref="frame" class="plan">
    <svg
      :viewBox="`0 0 ${view.width} ${view.height + 30}`"
      :width="view.width"
      :height="view.height + 30"
      role="group"
      :aria-label="summary"
    >
      <PlanPatterns />
      <path
        v-if="!bays || bays.length === 0"
        :d="areaPath(polygon ? [polygon] : [{ outer: ring, holes: [] }], view)"
        class="floor"
        fill-rule="evenodd"
      />
      <BayShape
        v-for="b in inOrder"
        :key="b.bay.id"
        :status="b"
        :view="view"
        :chosen="chosen === b.bay.id"
        @choose="emit('choose', b.bay.id)"
      />
      <g v-for="h in holes" :key="h.name">
        <path :d="h.path" class="opening" />
        <path :d="h.diagonals" class="diagonal" />
        <title>{{ h.name }}</title>
      </g>
      <path :d="wall" class="wall" />
      <path :d="wall" class="wall-gap" />
      <slot :view="view" />
      <template v-if="dimensions">
        <template v-for="(s, i) in sides" :key="i">
          <text
            v-if="s.shown"
            :x="s.x"
            :y="s.y"
            :transform="`rotate(${s.angle} ${s.x} ${s.y})`"
            class="dimension"
          >
            {{ s.text }}
          </text>
        </template>
      </template>
      <g :transform="`translate(${view.width - bar.length - 12} ${view.height + 8})`" class="scale">
        <path :d="`M0 -5V5M0 0H${bar.length}M${bar.length / 2} -3V3M${bar.length} -5V5`" />
        <text x="0" y="18">0</text>
        <text :x="bar.length" y="18">{{ bar.text }}</text>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
.plan {
  margin: 0;
  min-width: 0;
  overflow: hidden;
}
svg {
  display: block;
  max-width: 100%;
}
.floor {
  fill: var(--sheet);
}
.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 6;
  stroke-linejoin: miter;
}
.wall-gap {
  fill: none;
  stroke: var(--paper);
  stroke-width: 3;
}
.opening {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.diagonal {
  stroke: var(--ink-3);
  fill: none;
}
.dimension {
  fill: var(--ink-2);
  font-size: 13px;
  text-anchor: middle;
  dominant-baseline: middle;
}
.scale path {
  stroke: var(--ink-2);
  fill: none;
}
.scale text {
  font-size: 12px;
  fill: var(--ink-2);
  text-anchor: middle;
}
</style>
