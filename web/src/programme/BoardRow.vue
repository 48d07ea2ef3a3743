<script setup lang="ts">
/** One roof on the board: its blocks, what cures after them, and its dates. A block is dragged, or moved by arrow keys. */
import { ref } from 'vue';
import type { BoardBlock } from './board.ts';
import type { DrawnBlock, DrawnRow } from './drawn.ts';

defineProps<{ row: DrawnRow; width: number }>();
const chosen = defineModel<string | undefined>('chosen');
const emit = defineEmits<{
  drop: [block: BoardBlock, dx: number];
  nudge: [block: BoardBlock, step: 1 | -1, byDay: boolean];
}>();

/** Where a block is being dragged to, px from where it stands. */
const dragged = ref<{ readonly key: string; readonly fromX: number; readonly dx: number }>();
const GRAB = 6;
function grab(event: PointerEvent, b: DrawnBlock): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  dragged.value = { key: b.block.key, fromX: event.clientX, dx: 0 };
}
function drag(event: PointerEvent): void {
  const d = dragged.value;
  if (d) dragged.value = { ...d, dx: event.clientX - d.fromX };
}
function letGo(b: DrawnBlock): void {
  const d = dragged.value;
  dragged.value = undefined;
  if (d?.key === b.block.key && Math.abs(d.dx) >= GRAB) emit('drop', b, d.dx);
}
function press(event: KeyboardEvent, b: DrawnBlock): void {
  const step = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : undefined;
  if (!step) return;
  event.preventDefault();
  emit('nudge', b, step, event.shiftKey);
}
/** At most so many strokes tell the crew. */
const strokes = (b: DrawnBlock): number => Math.min(4, b.block.crew);
</script>

<template>
  <g>
    <line x1="0" :x2="width" :y1="row.y" :y2="row.y" stroke="var(--line)" />
    <template v-for="b in row.blocks" :key="`t${b.block.key}`">
      <g v-if="b.tail" stroke="var(--violet)">
        <line :x1="b.tail.x1" :x2="b.tail.x2" :y1="b.y + 16" :y2="b.y + 16" stroke-width="1.4" />
        <line :x1="b.tail.x2" :x2="b.tail.x2" :y1="b.y + 8" :y2="b.y + 20" stroke-width="1.6" />
      </g>
      <path
        v-if="b.closesX !== undefined"
        :transform="`translate(${b.closesX} ${b.y + 16})`"
        d="M-4 0h8l-4 7z"
        fill="var(--amber)"
      />
      <g v-if="b.askedX !== undefined" class="asked">
        <rect :x="b.askedX" :y="b.y + 2" :width="b.width" :height="16" rx="3" />
        <line :x1="b.askedX" :x2="b.x" :y1="b.y + 10" :y2="b.y + 10" />
      </g>
    </template>
    <g
      v-for="b in row.blocks"
      :key="b.block.key"
      class="work"
      :class="[b.block.kind, { chosen: b.block.key === chosen, risky: b.isRisky }]"
      :transform="dragged?.key === b.block.key ? `translate(${dragged.dx} 0)` : undefined"
    >
      <g
        class="block"
        role="button"
        tabindex="0"
        :aria-pressed="b.block.key === chosen"
        :aria-label="b.says"
        @click="chosen = b.block.key"
        @keydown.enter="chosen = b.block.key"
        @keydown.space.prevent="chosen = b.block.key"
        @keydown="press($event, b)"
        @pointerdown="grab($event, b)"
        @pointermove="drag"
        @pointerup="letGo(b)"
        @pointercancel="dragged = undefined"
      >
        <rect :x="b.x" :y="b.y" :width="b.width" :height="20" rx="3" />
      </g>
      <g class="over" aria-hidden="true">
        <line
          v-for="n in strokes(b)"
          :key="n"
          :x1="b.x + 1 + 3 * n"
          :x2="b.x + 1 + 3 * n"
          :y1="b.y + 3"
          :y2="b.y + 17"
          class="tally"
        />
        <text :x="b.x + b.width / 2 + strokes(b) * 1.5" :y="b.y + 14" text-anchor="middle">
          {{ b.label }}
        </text>
        <circle v-if="b.isPinned" :cx="b.x + b.width - 2" :cy="b.y + 1" r="4" fill="var(--ink)" />
        <text v-if="b.riskPct > 0" :x="b.x + b.width / 2" :y="b.y + 29" text-anchor="middle" class="risk">
          {{ `${b.riskPct} %` }}
        </text>
      </g>
    </g>
    <g v-for="d in row.dates" :key="d.id" role="img" :aria-label="d.title">
      <title>{{ d.title }}</title>
      <g v-if="d.readyX !== undefined" :class="{ missed: !d.isKept }" class="ready">
        <line :x1="d.readyX" :x2="d.x" :y1="row.y + row.height - 12" :y2="row.y + row.height - 12" />
        <circle :cx="d.readyX" :cy="row.y + row.height - 12" r="4" />
      </g>
      <line
        :x1="d.x"
        :x2="d.x"
        :y1="row.y + 3"
        :y2="row.y + row.height - 2"
        :stroke="d.isKept ? 'var(--sea)' : 'var(--red)'"
        stroke-width="1.6"
      />
      <text :x="d.x - 3" :y="row.y + row.height - 17" text-anchor="end" class="flag">{{ d.says }}</text>
    </g>
  </g>
</template>

<style scoped>
text {
  fill: var(--ink);
}
.block {
  cursor: pointer;
  touch-action: pan-y;
}
.work rect {
  fill: var(--sea);
  stroke: var(--ink);
  stroke-width: var(--stroke);
}
.ready {
  stroke: var(--sea);
  stroke-width: 1.4px;
  fill: var(--sheet);
}
.ready.missed {
  stroke: var(--red);
}
.asked {
  fill: none;
  stroke: var(--amber);
  stroke-width: 1.6px;
  stroke-dasharray: 4 3;
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
</style>
