<script setup lang="ts">
/** Pieces on the plan with their labels and laps; joints of all layers together, each in its own dash and weight. */
import { computed } from 'vue';
import { jointLines, piecesDrawn, type DrawnPiece } from '@lentum/core/courses';
import type { Zone, ZoneQuantities } from '@lentum/core/survey';
import RoofPlan from '../../shared/RoofPlan.vue';
import { areaPath, type PlanView } from '../../shared/planview.ts';
import { useUnits } from '../../shared/units.ts';
import BoardsDrawing from './BoardsDrawing.vue';
import type { Boarded, Laid } from './chosen.ts';
import StartHandle from './StartHandle.vue';

const props = defineProps<{
  zone: Zone;
  quantities: ZoneQuantities;
  layers: readonly (Laid | Boarded)[];
  chosen: Laid | Boarded;
  all: boolean;
  piece: string | undefined;
  step: number | undefined;
}>();
const emit = defineEmits<{ choose: [label: string | undefined] }>();
const { say } = useUnits();

const laid = computed(() => (props.chosen.kind === 'rolled' ? props.chosen : undefined));
const pieces = computed(() => (laid.value ? piecesDrawn(laid.value.plan, laid.value.layout) : []));
const shown = computed(() => (props.step === undefined ? pieces.value : pieces.value.slice(0, props.step)));
const cut = computed(() => pieces.value.some((p) => p.corners.length > 0));
const plies = computed(() =>
  props.all
    ? props.layers
        .filter((l): l is Laid => l.kind === 'rolled')
        .map((l, i) => ({
          name: `${l.code} ${l.name}`,
          className: `ply${i % 4}`,
          lines: jointLines(
            l.layout,
            l.plan.pieces.filter((p) => p.zoneId === props.zone.id && p.layerId === l.layerId),
          ),
        }))
    : [],
);
const place = (p: readonly [number, number], view: PlanView): string =>
  view
    .at(p)
    .map((v) => v.toFixed(1))
    .join(' ');
/** Room for a label: along the course for its words, across it for their height. */
function label({ piece: p, roomM }: DrawnPiece, view: PlanView): string {
  const long = roomM * view.pointsPerM;
  if (p.widthM * view.pointsPerM < 13) return '';
  const full = `${p.label} · ${say(p.toM - p.fromM, 'length')}`;
  if (long > full.length * 6.6) return full;
  return long > p.label.length * 6.6 ? p.label : '';
}
</script>

<template>
  <div>
    <RoofPlan
      :zone="zone"
      :ring="quantities.ring"
      :polygon="quantities.polygon"
      :most-height="560"
      :dimensions="false"
    >
      <template #default="{ view }: { view: PlanView }">
        <defs>
          <pattern
            id="lap-side"
            width="6"
            height="6"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
            ><path d="M0 0V6" class="hatch"
          /></pattern>
          <pattern
            id="lap-end"
            width="5"
            height="5"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(-45)"
            ><path d="M0 0V5" class="hatch heavy"
          /></pattern>
        </defs>
        <BoardsDrawing v-if="chosen.kind === 'boards'" :boards="chosen.boards" :view="view" />
        <g v-else-if="all">
          <clipPath id="courses-field">
            <path :d="areaPath([quantities.polygon], view)" clip-rule="evenodd" />
          </clipPath>
          <g v-for="p in plies" :key="p.name" :class="p.className" clip-path="url(#courses-field)">
            <title>{{ p.name }}</title>
            <path
              v-for="(l, i) in p.lines"
              :key="i"
              :d="`M${place(l.from, view)}L${place(l.to, view)}`"
              class="joint"
            />
          </g>
        </g>
        <template v-else>
          <g
            v-for="d in shown"
            :key="d.piece.label"
            class="piece"
            role="button"
            tabindex="0"
            :aria-pressed="d.piece.label === piece"
            :aria-label="`${d.piece.label}, ${say(d.piece.toM - d.piece.fromM, 'length')} from roll ${d.piece.roll + 1}`"
            :class="{ chosen: d.piece.label === piece, fixed: d.piece.fixedBy, cap: d.piece.cap }"
            @click="emit('choose', d.piece.label === piece ? undefined : d.piece.label)"
            @keydown.enter.prevent="emit('choose', d.piece.label === piece ? undefined : d.piece.label)"
            @keydown.space.prevent="emit('choose', d.piece.label === piece ? undefined : d.piece.label)"
          >
            <path :d="areaPath(d.shape, view)" class="body" fill-rule="evenodd" />
            <path :d="areaPath(d.side, view)" fill="url(#lap-side)" />
            <path :d="areaPath(d.end, view)" fill="url(#lap-end)" />
            <path v-if="d.corners.length > 0" :d="areaPath(d.corners, view)" class="corner" />
            <text
              :x="view.at(d.at)[0]"
              :y="view.at(d.at)[1]"
              :transform="`rotate(${d.turn} ${view.at(d.at)[0]} ${view.at(d.at)[1]})`"
              >{{ label(d, view) }}</text
            >
          </g>
          <template v-if="laid && step === undefined">
            <StartHandle
              v-for="plane in laid.layout.planes"
              :key="plane.index"
              :laid="laid"
              :plane="plane"
              :view="view"
            />
          </template>
        </template>
      </template>
    </RoofPlan>
    <p v-if="all" class="bar legend quiet">
      <span v-for="p in plies" :key="p.name" class="bar"
        ><svg width="44" height="8" aria-hidden="true" :class="p.className">
          <path d="M2 4H42" class="joint" /></svg
        >{{ p.name }}</span
      >
    </p>
    <p v-else-if="chosen.kind === 'rolled'" class="bar legend quiet">
      <span class="bar"
        ><svg width="22" height="12" aria-hidden="true">
          <rect width="22" height="12" fill="url(#lap-side)" /></svg
        >side lap</span
      >
      <span class="bar"
        ><svg width="22" height="12" aria-hidden="true">
          <rect width="22" height="12" fill="url(#lap-end)" /></svg
        >end lap</span
      >
      <span v-if="cut" class="bar"
        ><svg width="22" height="12" aria-hidden="true"><path d="M5 11L17 11L17 1Z" class="corner" /></svg
        >corner cut off under a lap</span
      >
      <span>Each course lies over the one below it; the thick line begins the first.</span>
    </p>
  </div>
</template>

<style scoped>
.piece {
  cursor: pointer;
  outline-offset: -2px;
}
.body {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.1;
}
.piece.fixed .body {
  stroke-width: 2.4;
  stroke-dasharray: none;
}
.piece.chosen .body,
.piece:focus-visible .body {
  fill: var(--sea-soft);
  stroke: var(--sea);
  stroke-width: 2.4;
}
.piece.cap .body {
  fill: var(--paper);
  stroke-width: 2;
}
text {
  font-size: 11.5px;
  fill: var(--ink);
  text-anchor: middle;
  dominant-baseline: middle;
  pointer-events: none;
}
.hatch {
  stroke: var(--ink-3);
  stroke-width: 1;
}
.corner {
  fill: var(--ink);
}
.heavy {
  stroke: var(--sea);
  stroke-width: 1.6;
}
.joint {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
}
.ply1 .joint {
  stroke: var(--sea);
  stroke-width: 2.6;
  stroke-dasharray: 9 5;
}
.ply2 .joint {
  stroke: var(--violet);
  stroke-width: 2;
  stroke-dasharray: 2 4;
}
.ply3 .joint {
  stroke: var(--amber);
  stroke-width: 2;
  stroke-dasharray: 12 3 2 3;
}
.legend {
  gap: var(--s2) var(--s4);
  flex-wrap: wrap;
  font-size: var(--t-s);
}
.legend .bar {
  gap: var(--s2);
}
</style>
