<script setup lang="ts">
/**
 * Roofs by days: nights folded to a seam, the sky above each day, a block for each work with what cures after it, closing
 * times, dates to keep, what was fixed by hand and what may go wrong. A block is dragged to another day or hour.
 */
import { useElementSize } from '@vueuse/core';
import { weekdayOf } from '@lentum/core/weather';
import { computed, ref } from 'vue';
import type { Block, PlanAnswer } from '@lentum/core/planning';
import { useJob } from '../app/job.ts';
import { useUnits } from '../shared/units.ts';
import { worded } from '../app/wording.ts';
import { airRange, boardOf, HEAD, NAMES, SEAM, skyOf, type BoardBlock } from './board.ts';
import BoardRow from './BoardRow.vue';
import { drawnRows } from './drawn.ts';

const props = defineProps<{
  answer: PlanAnswer;
  codes: ReadonlyMap<string, string>;
  /** Names of what is delivered, by day. */
  deliveries: ReadonlyMap<string, string>;
}>();
const date = defineModel<string>('date', { required: true });
const chosen = defineModel<string | undefined>('chosen');
const emit = defineEmits<{ move: [block: Block, ms: number] }>();

const job = useJob();
const { number } = useUnits();
const frame = ref<HTMLElement>();
const { width: room } = useElementSize(frame);
const board = computed(() => boardOf(props.answer, Math.max(320, room.value)));
const range = computed(() => airRange(board.value.columns.map((c) => c.day)));
const SKY_TOP = 34;
const SKY = 30;
const skies = computed(() => board.value.columns.map((c) => skyOf(c, range.value, SKY_TOP, SKY)));
const nowX = computed(() => board.value.x(job.nowMs));
const dayName = (d: string): string => {
  const at = Date.parse(d);
  return `${weekdayOf(at)} ${new Date(at).getUTCDate()}`;
};
const hours = (min: number): string => number(min / 60, 1);

const rows = computed(() =>
  drawnRows(board.value, props.answer, { codes: props.codes, time: job.time, clock: job.clock, worded }),
);

/** Dropped so many px from where it stood. */
const drop = (b: BoardBlock, dx: number): void => emit('move', b.block, board.value.msAt(b.x + dx));
const QUARTER_MS = 15 * 60_000;
function nudge(b: BoardBlock, step: 1 | -1, byDay: boolean): void {
  if (!byDay) {
    emit('move', b.block, b.block.fromMs + step * QUARTER_MS);
    return;
  }
  // To the same hour of the day before or after it.
  const at = board.value.columns.findIndex((c) => c.day.date === b.block.date);
  const [here, there] = [board.value.columns[at], board.value.columns[at + step]];
  if (here && there) emit('move', b.block, there.day.fromMs + (b.block.fromMs - here.day.fromMs));
}
</script>

<template>
  <div ref="frame" class="frame scroll-x" tabindex="0" role="group" aria-label="Roofs by days">
    <!-- The names stay where days are scrolled under them. -->
    <svg class="names" :width="NAMES" :height="board.height" aria-hidden="true">
      <rect :y="HEAD" :width="NAMES - 4" :height="board.height - HEAD" fill="var(--paper)" />
      <g v-for="row in rows" :key="row.zone">
        <line x1="0" :x2="NAMES" :y1="row.y" :y2="row.y" stroke="var(--line)" />
        <text x="0" :y="row.y + 20" class="roof">
          <tspan class="code">{{ row.code }}</tspan>
          {{ ' ' }}{{ row.name }}
        </text>
      </g>
    </svg>
    <svg
      class="board"
      :width="board.width"
      :height="board.height"
      role="group"
      aria-label="Days of work on each roof"
    >
      <defs>
        <pattern
          id="plan-hatch"
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="6" height="6" fill="var(--sheet)" />
          <line x1="0" y1="0" x2="0" y2="6" stroke="var(--line-2)" stroke-width="2" />
        </pattern>
        <pattern id="plan-dots" width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill="var(--sheet)" />
          <circle cx="3" cy="3" r="1.1" fill="var(--ink-2)" />
        </pattern>
      </defs>
      <g v-for="(c, i) in board.columns" :key="c.day.date">
        <rect :x="c.x - SEAM" y="22" :width="SEAM" :height="board.height - 22" fill="var(--well)" />
        <rect
          v-if="c.day.off !== undefined"
          :x="c.x"
          y="22"
          :width="c.width"
          :height="board.height - 22"
          fill="var(--well)"
        />
        <rect
          v-if="c.day.date === date"
          :x="c.x"
          y="0"
          :width="c.width"
          :height="board.height"
          fill="var(--sea-soft)"
          opacity="0.5"
        />
        <g
          role="button"
          tabindex="0"
          class="day"
          :aria-pressed="c.day.date === date"
          :aria-label="`${dayName(c.day.date)} ${hours(c.day.usedMin)} h of ${hours(c.day.thereMin)} crew hours${c.day.isForecast ? '' : ', beyond the forecast'}`"
          @click="date = c.day.date"
          @keydown.enter="date = c.day.date"
          @keydown.space.prevent="date = c.day.date"
        >
          <rect :x="c.x" y="0" :width="c.width" height="24" fill="transparent" />
          <text :x="c.x + 2" y="16" class="name">{{ dayName(c.day.date) }}</text>
        </g>
        <text :x="c.x + c.width - 2" y="16" class="hours" text-anchor="end">
          {{ c.day.off === undefined ? `${hours(c.day.usedMin)} h` : '' }}
        </text>
        <polyline
          :points="skies[i]?.points"
          fill="none"
          :stroke="c.day.isForecast ? 'var(--ink)' : 'var(--line-2)'"
          stroke-width="1.4"
          :stroke-dasharray="c.day.isForecast ? undefined : '3 3'"
        />
        <rect
          v-for="(bar, k) in skies[i]?.bars"
          :key="k"
          :x="bar.x"
          y="26"
          :width="bar.width"
          :height="bar.height"
          fill="var(--sky)"
        />
        <g v-if="deliveries.has(c.day.date)">
          <title>{{ deliveries.get(c.day.date) }}</title>
          <path :transform="`translate(${c.x + 3} ${HEAD - 12})`" d="M0 8h8l-4-7z" fill="var(--ink)" />
          <text :x="c.x + 14" :y="HEAD - 4" class="hours">
            {{ (deliveries.get(c.day.date) ?? '').slice(0, Math.floor(c.width / 7)) }}
          </text>
        </g>
        <text v-if="c.day.off !== undefined" :x="c.x + 2" :y="HEAD - 4" class="hours">
          {{ (c.day.off === '' ? 'no work' : c.day.off).slice(0, Math.floor(c.width / 6)) }}
        </text>
      </g>
      <line :x1="nowX" :x2="nowX" y1="22" :y2="board.height" stroke="var(--ink)" stroke-width="1.5" />
      <BoardRow
        v-for="row in rows"
        :key="row.zone"
        v-model:chosen="chosen"
        :row="row"
        :width="board.width"
        @drop="drop"
        @nudge="nudge"
      />
    </svg>
  </div>
</template>

<style scoped>
.frame {
  display: flex;
  width: 100%;
}
.names {
  position: sticky;
  left: 0;
  z-index: 1;
  flex: none;
  pointer-events: none;
}
.board {
  flex: none;
  margin-left: calc(-1px * v-bind(NAMES));
}
.roof {
  fill: var(--ink-2);
  font-size: 13px;
}
.code {
  font-weight: 700;
  fill: var(--ink);
}
svg {
  display: block;
  font-size: 12px;
}
text {
  fill: var(--ink);
}
.name {
  font-weight: 700;
  font-size: 13px;
}
.hours {
  fill: var(--ink-2);
  font-size: 11px;
}
.day {
  cursor: pointer;
}
</style>
