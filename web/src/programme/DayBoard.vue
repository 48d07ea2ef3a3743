<script setup lang="ts">
/**
 * Roofs by days: nights folded to a seam, the sky above each day, a block for each work with what cures after it, closing
 * times, dates to keep, what was fixed by hand and what may go wrong. A block is dragged to another day or hour.
 */
import { useElementSize } from '@vueuse/core';
import { DateTime } from 'luxon';
import { computed, ref } from 'vue';
import type { Block, PlanAnswer } from '@lentum/core/planning';
import { blockWords, DEADLINE_WORDS } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import { airRange, boardOf, HEAD, NAMES, SEAM, skyOf, type BoardBlock } from './board.ts';

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
const frame = ref<HTMLElement>();
const { width: room } = useElementSize(frame);
const board = computed(() => boardOf(props.answer, Math.max(320, room.value)));
const range = computed(() => airRange(board.value.columns.map((c) => c.day)));
const SKY_TOP = 34;
const SKY = 30;
const skies = computed(() => board.value.columns.map((c) => skyOf(c, range.value, SKY_TOP, SKY)));
const nowX = computed(() => board.value.x(job.nowMs));
const dayName = (d: string): string => DateTime.fromISO(d).toFormat('ccc d');
const hours = (min: number): string => (min / 60).toFixed(1);

/** What stands on a block: which layer of its build-up, and on how many bays. */
function label({ block }: BoardBlock): string {
  const n = block.tasks.length;
  if (block.kind === 'prepare') return `p·${n}`;
  if (block.kind === 'details') return `d·${n}`;
  if (block.kind === 'tend') return `t·${n}`;
  if (block.kind === 'flood') return 'w';
  if (block.kind === 'accept') return `◇ ${n}`;
  const number = block.tasks[0]?.number;
  return number === undefined ? String(n) : `${number}·${n}`;
}
const crewName = (b: Block): string => props.answer.crews[b.crew]?.name ?? '';
const says = (b: Block): string =>
  `${worded(blockWords(b))}, ${crewName(b)}, ${job.time(b.fromMs)} to ${job.clock(b.toMs)}${risk(b) > 0 ? `, goes wrong in ${risk(b)} % of the ways` : ''}`;
const LEAST_SAID = 0.1;
function risk(b: Block): number {
  const most = Math.max(0, ...b.tasks.map((t) => Math.max(t.chance?.spoiled ?? 0, t.chance?.late ?? 0)));
  return most >= LEAST_SAID ? Math.round(100 * most) : 0;
}
const isLate = (b: Block): boolean => b.tasks.some((t) => t.late || t.asked);
const isPinned = (b: Block): boolean => b.tasks.some((t) => t.pinned);
const end = (b: Block): number => Math.max(...b.tasks.map((t) => t.endMs));
/** What it leaves may be laid over from then; nothing to draw where it is open at once. */
function tail(b: BoardBlock): { x1: number; x2: number } | undefined {
  const opens = b.block.tasks.flatMap((t) => t.opensMs ?? []);
  if (opens.length === 0 || end(b.block) > b.block.toMs) return undefined;
  const x2 = board.value.x(Math.max(...opens));
  return x2 > b.x + b.width + 1 ? { x1: b.x + b.width, x2 } : undefined;
}
/** Told where it is near: what follows is begun within hours of it, or not before it. */
const NEAR_MS = 6 * 3_600_000;
const closes = (b: Block): number | undefined => {
  const all = b.tasks.flatMap((t) =>
    t.closesMs === undefined || (t.nextMs !== undefined && t.nextMs < t.closesMs - NEAR_MS) ? [] : t.closesMs,
  );
  return all.length === 0 || end(b) > b.toMs ? undefined : Math.min(...all);
};

/** Where a block is being dragged to, px from where it stands. */
const dragged = ref<{ readonly key: string; readonly fromX: number; readonly dx: number }>();
const GRAB = 6;
function grab(event: PointerEvent, b: BoardBlock): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  dragged.value = { key: b.block.key, fromX: event.clientX, dx: 0 };
}
function drag(event: PointerEvent): void {
  const d = dragged.value;
  if (d) dragged.value = { ...d, dx: event.clientX - d.fromX };
}
function drop(b: BoardBlock): void {
  const d = dragged.value;
  dragged.value = undefined;
  if (!d || d.key !== b.block.key || Math.abs(d.dx) < GRAB) return;
  emit('move', b.block, board.value.msAt(b.x + d.dx));
}
const QUARTER_MS = 15 * 60_000;
function nudge(event: KeyboardEvent, b: BoardBlock): void {
  const step = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
  if (step === 0) return;
  event.preventDefault();
  if (!event.shiftKey) {
    emit('move', b.block, b.block.fromMs + step * QUARTER_MS);
    return;
  }
  // With Shift to the same hour of the day before or after it.
  const at = board.value.columns.findIndex((c) => c.day.date === b.block.date);
  const [here, there] = [board.value.columns[at], board.value.columns[at + step]];
  if (here && there) emit('move', b.block, there.day.fromMs + (b.block.fromMs - here.day.fromMs));
}
</script>

<template>
  <div ref="frame" class="frame scroll-x" tabindex="0" role="group" aria-label="Roofs by days">
    <svg :width="board.width" :height="board.height" role="group" aria-label="Days of work on each roof">
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
      <g v-for="row in board.rows" :key="row.zone">
        <line x1="0" :x2="board.width" :y1="row.y" :y2="row.y" stroke="var(--line)" />
        <template v-for="b in row.blocks" :key="`t${b.block.key}`">
          <g v-if="tail(b)" stroke="var(--violet)">
            <line :x1="tail(b)?.x1" :x2="tail(b)?.x2" :y1="b.y + 16" :y2="b.y + 16" stroke-width="1.4" />
            <line :x1="tail(b)?.x2" :x2="tail(b)?.x2" :y1="b.y + 8" :y2="b.y + 20" stroke-width="1.6" />
          </g>
          <path
            v-if="closes(b.block) !== undefined"
            :transform="`translate(${board.x(closes(b.block) ?? 0)} ${b.y + 16})`"
            d="M-4 0h8l-4 7z"
            fill="var(--amber)"
          />
        </template>
        <g
          v-for="b in row.blocks"
          :key="b.block.key"
          class="work"
          :class="[
            b.block.kind,
            { chosen: b.block.key === chosen, risky: risk(b.block) > 0 || isLate(b.block) },
          ]"
          :transform="dragged?.key === b.block.key ? `translate(${dragged.dx} 0)` : undefined"
        >
          <g
            class="block"
            role="button"
            tabindex="0"
            :aria-pressed="b.block.key === chosen"
            :aria-label="says(b.block)"
            @click="chosen = b.block.key"
            @keydown.enter="chosen = b.block.key"
            @keydown.space.prevent="chosen = b.block.key"
            @keydown="nudge($event, b)"
            @pointerdown="grab($event, b)"
            @pointermove="drag"
            @pointerup="drop(b)"
            @pointercancel="dragged = undefined"
          >
            <rect :x="b.x" :y="b.y" :width="b.width" :height="20" rx="3" />
          </g>
          <g class="over" aria-hidden="true">
            <line
              v-for="n in Math.min(4, b.block.crew)"
              :key="n"
              :x1="b.x + 1 + 3 * n"
              :x2="b.x + 1 + 3 * n"
              :y1="b.y + 3"
              :y2="b.y + 17"
              class="tally"
            />
            <text :x="b.x + b.width / 2 + Math.min(4, b.block.crew) * 1.5" :y="b.y + 14" text-anchor="middle">
              {{ label(b) }}
            </text>
            <circle v-if="isPinned(b.block)" :cx="b.x + b.width - 2" :cy="b.y + 1" r="4" fill="var(--ink)" />
            <text
              v-if="risk(b.block) > 0"
              :x="b.x + b.width / 2"
              :y="b.y + 29"
              text-anchor="middle"
              class="risk"
            >
              {{ `${risk(b.block)} %` }}
            </text>
          </g>
        </g>
        <g v-for="d in answer.deadlines.filter((x) => x.zone === row.zone)" :key="d.id">
          <line
            :x1="board.x(d.byMs)"
            :x2="board.x(d.byMs)"
            :y1="row.y + 3"
            :y2="row.y + row.height - 2"
            :stroke="d.readyMs !== undefined && d.readyMs <= d.byMs ? 'var(--sea)' : 'var(--red)'"
            stroke-width="1.6"
          />
          <text :x="board.x(d.byMs) - 3" :y="row.y + row.height - 5" text-anchor="end" class="flag">
            {{ worded(DEADLINE_WORDS[d.what]) }}
          </text>
        </g>
        <rect x="0" :y="row.y + 1" :width="NAMES - 4" :height="row.height - 2" fill="var(--paper)" />
        <text x="0" :y="row.y + 20" class="roof">
          <tspan class="code">{{ codes.get(answer.zones[row.zone]?.id ?? '') }}</tspan>
          {{ ' ' }}{{ (answer.zones[row.zone]?.name ?? '').slice(0, 20) }}
        </text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.frame {
  width: 100%;
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
.day,
.block {
  cursor: pointer;
}
.block {
  touch-action: pan-y;
}
.work rect {
  fill: var(--sea);
  stroke: var(--ink);
  stroke-width: var(--stroke);
}
.work .tally {
  stroke: var(--on-sea);
  stroke-width: 1.4px;
}
.work.prepare .tally,
.work.details .tally,
.work.accept .tally {
  stroke: var(--ink);
}
.work text {
  fill: var(--on-sea);
  font-weight: 700;
}
.work.prepare rect {
  fill: url('#plan-hatch');
}
.work.details rect {
  fill: url('#plan-dots');
}
.work.accept rect {
  fill: var(--sheet);
}
.work.prepare text,
.work.details text,
.work.accept text {
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}
.work.risky rect {
  stroke: var(--amber);
  stroke-width: 2.4px;
}
.work.chosen rect {
  stroke: var(--ink);
  stroke-width: 3px;
}
.over {
  pointer-events: none;
}
.work .risk {
  fill: var(--amber);
  stroke: none;
  font-size: 10px;
}
.flag {
  font-size: 11px;
  fill: var(--ink-2);
}
.roof {
  fill: var(--ink-2);
  font-size: 13px;
}
.code {
  font-weight: 700;
  fill: var(--ink);
}
</style>
