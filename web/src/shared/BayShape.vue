<script setup lang="ts">
/** One bay: a fill pattern, an edge and a label for its state; never colour alone. */
import { computed } from 'vue';
import { boxOf, labelPoint } from '@lentum/core/geometry';
import { bestFilm, type BayStatus } from '@lentum/core/record';
import { STATE_WORDS, stateWords } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { areaPath, type PlanView } from './planview.ts';
import { useUnits } from './units.ts';

const props = defineProps<{ status: BayStatus; view: PlanView; chosen: boolean }>();
const emit = defineEmits<{ choose: [] }>();
const job = useJob();
const { say } = useUnits();

const parts = computed(() => props.status.bay.parts);
const path = computed(() => areaPath(parts.value, props.view));
const at = computed(() => props.view.at(labelPoint(parts.value)));
const clip = computed(() => `clip-${props.status.bay.id}`);
const PATTERNS: Partial<Record<BayStatus['state'], string>> = {
  prepared: 'bay-prepared',
  primed: 'bay-primed',
  wet: 'bay-wet',
  missed: 'bay-missed',
};
const pattern = computed(() => PATTERNS[props.status.state]);

const box = computed(() => {
  const b = boxOf(parts.value.map((p) => p.outer));
  const [left, top] = props.view.at([b.minX, b.maxY]);
  const [right, bottom] = props.view.at([b.maxX, b.minY]);
  return { left, top, right, bottom, width: right - left, height: bottom - top };
});
/** How far a curing bay has filled up, from below. */
const level = computed(() => box.value.bottom - box.value.height * (props.status.cured ?? 0));
const film = computed(() => {
  const j = props.status.laid.at(-1)?.judgement;
  return j && bestFilm(j)?.value;
});
const word = computed(() => {
  const { state, cured, closesMs } = props.status;
  if (state === 'curing')
    return cured === undefined ? 'curing' : `${Math.min(99, Math.round(cured * 100))} %`;
  if (state === 'closing' && closesMs !== undefined) return `until ${job.clock(closesMs)}`;
  if (state === 'accepted' && film.value !== undefined) return say(film.value, 'film');
  if (state === 'ready' && !props.status.next) return 'to accept';
  if (props.status.doubt) return 'film?';
  return { ready: 'ready', missed: 'missed' }[state as 'ready' | 'missed'] ?? STATE_WORDS[state];
});
const roomy = computed(() => box.value.width > word.value.length * 6 + 2 && box.value.height > 44);
const tall = computed(() => roomy.value && box.value.height > 84);
const plate = computed(() =>
  Math.min(
    Math.max(props.status.bay.label.length * 9, roomy.value ? word.value.length * 6.6 : 0) + 10,
    Math.max(0, box.value.width - 8),
  ),
);
/** Begins with what is written on the bay, so that it can be called by it. */
const spoken = computed(() => {
  const state = stateWords(props.status);
  const doubt = props.status.doubt ? ', film in doubt' : '';
  const { label } = props.status.bay;
  return word.value === state
    ? `Bay ${label} ${state}${doubt}`
    : `Bay ${label} ${word.value}, ${state}${doubt}`;
});
</script>

<template>
  <g
    class="bay"
    :class="[status.state, { chosen }]"
    tabindex="0"
    role="button"
    :aria-label="spoken"
    :aria-pressed="chosen"
    @click="emit('choose')"
    @keydown.enter.prevent="emit('choose')"
    @keydown.space.prevent="emit('choose')"
  >
    <clipPath :id="clip"><path :d="path" clip-rule="evenodd" /></clipPath>
    <path :d="path" class="ground" fill-rule="evenodd" />
    <g :clip-path="`url(#${clip})`">
      <template v-if="status.state === 'curing'">
        <rect :x="box.left" :y="level" :width="box.width" :height="box.bottom - level" class="cured" />
        <path :d="`M${box.left} ${level}H${box.right}`" class="level" />
      </template>
      <rect
        v-if="status.state === 'detailed'"
        :x="box.left + 6"
        :y="box.top + 6"
        :width="Math.max(0, box.width - 12)"
        :height="Math.max(0, box.height - 12)"
        class="stitches"
      />
      <path v-if="status.state === 'held'" :d="`M${box.left} ${box.top}h26l-26 26z`" class="flag" />
    </g>
    <path v-if="pattern" :d="path" :fill="`url(#${pattern})`" fill-rule="evenodd" />
    <!-- The edge lies inside the bay: half of a line of twice the width, the other half cut away. -->
    <path :d="path" class="edge" fill-rule="evenodd" :clip-path="`url(#${clip})`" />
    <g :transform="`translate(${at[0]} ${at[1]})`">
      <rect
        :x="-plate / 2"
        :y="roomy ? -17 : -10"
        :width="plate"
        :height="roomy ? 36 : 20"
        rx="3"
        class="plate"
      />
      <!-- One text, so that it reads as one to those who hear it. -->
      <text>
        <tspan class="label" x="0" :y="roomy ? -4 : 0">{{ status.bay.label }}</tspan>{{ ' '
        }}<tspan v-if="roomy" class="word" x="0" y="11">{{ word }}</tspan>
      </text>
      <path v-if="tall && status.doubt" d="M0 -31l7 12h-14z" class="doubt" />
      <path v-else-if="tall && status.state === 'held'" d="M-6 -35v14M2 -35v14" class="bars" />
    </g>
  </g>
</template>

<style scoped>
.bay {
  cursor: pointer;
  outline: none;
}
.ground {
  fill: var(--sheet);
}
.edge {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.6;
}
.wet .ground {
  fill: var(--violet-soft);
}
.cured {
  fill: var(--violet-soft);
}
[data-theme='sun'] .cured {
  fill: url(#bay-cured);
}
.level {
  stroke: var(--violet);
  stroke-width: 2;
}
.ready .ground {
  fill: var(--sea-soft);
}
.closing .ground {
  fill: var(--amber-soft);
}
.closing .edge {
  stroke: var(--amber);
  stroke-width: 8;
}
.missed .edge {
  stroke: var(--red);
  stroke-width: 5;
}
.accepted .ground {
  fill: var(--well);
}
.stitches {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 4;
  stroke-dasharray: 0.5 7;
  stroke-linecap: round;
}
.flag {
  fill: var(--amber);
}
.bars {
  stroke: var(--amber);
  stroke-width: 5;
}
.doubt {
  fill: var(--red);
}
.plate {
  fill: var(--sheet);
}
.label {
  font-weight: 700;
  font-size: 14px;
  fill: var(--ink);
  text-anchor: middle;
  dominant-baseline: central;
}
.word {
  font-size: 12px;
  fill: var(--ink-2);
  text-anchor: middle;
  dominant-baseline: central;
}
.closing .word,
.held .word {
  fill: var(--amber);
  font-weight: 700;
}
.missed .word {
  fill: var(--red);
  font-weight: 700;
}
.chosen .edge,
.bay:focus-visible .edge {
  stroke: var(--sea);
  stroke-width: 13;
}
</style>
