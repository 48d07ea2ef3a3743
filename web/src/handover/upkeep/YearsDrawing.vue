<script setup lang="ts">
/** Twenty years on one line each: visits and outlets as marks, recoats, renewal and the guarantee as bars. */
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { DATE_NAMES, dateText } from '@lentum/core/handover';
import { PLAN_YEARS, type DateKey, type UpkeepDate } from '@lentum/core/upkeep';
import { worded } from '../../app/wording.ts';

const props = defineProps<{
  dates: readonly UpkeepDate[];
  start: number;
  now: number;
  /** Months of the guarantee. */
  guarantee: readonly [number, number] | undefined;
}>();
const frame = ref<HTMLElement>();
const { width } = useElementSize(frame, { width: 560, height: 200 });
const LEFT = 96;
const ROW = 34;
const TOP = 22;
const ROWS: readonly { key: DateKey; name: string }[] = [
  { key: 'visit', name: 'Look, wash' },
  { key: 'outlets', name: 'Outlets' },
  { key: 'recoat', name: 'Coat again' },
  { key: 'renewal', name: 'Renew' },
  { key: 'guarantee', name: 'Guarantee' },
];
const rows = computed(() => ROWS.filter((r) => props.dates.some((d) => d.key === r.key)));
const end = computed(() => props.start + PLAN_YEARS * 12);
const x = (month: number): number =>
  LEFT +
  ((Math.min(Math.max(month, props.start), end.value) - props.start) / (end.value - props.start)) *
    (Math.max(width.value, 280) - LEFT - 12);
const firstYear = computed(() => Math.ceil(props.start / 12));
const years = computed(() =>
  Array.from({ length: PLAN_YEARS + 1 }, (_, i) => firstYear.value + i).filter((y) => y * 12 <= end.value),
);
const every = computed(() => (width.value < 460 ? 5 : width.value < 760 ? 4 : 2));
const of = (key: DateKey): readonly UpkeepDate[] =>
  props.dates.filter((d) => d.key === key && d.from <= end.value);
const bar = (key: DateKey, d: UpkeepDate): readonly [number, number] =>
  key === 'guarantee' && props.guarantee ? props.guarantee : [d.from, d.to];
const height = computed(() => TOP + rows.value.length * ROW + 8);
const says = computed(() =>
  rows.value
    .map((r) => `${worded(DATE_NAMES[r.key])}: ${of(r.key).slice(0, 3).map(dateText).join(', ')}`)
    .join('. '),
);
</script>

<template>
  <div ref="frame" class="frame">
    <svg
      :viewBox="`0 0 ${Math.max(width, 280)} ${height}`"
      :width="Math.max(width, 280)"
      :height="height"
      role="img"
      :aria-label="says"
    >
      <g v-for="y in years" :key="y">
        <line :x1="x(y * 12)" :x2="x(y * 12)" :y1="TOP - 4" :y2="height - 8" class="year" />
        <text v-if="(y - firstYear) % every === 0" :x="x(y * 12)" :y="TOP - 9" class="label">{{ y }}</text>
      </g>
      <line
        v-if="now > start && now < end"
        :x1="x(now)"
        :x2="x(now)"
        :y1="TOP - 4"
        :y2="height - 8"
        class="now"
      />
      <g v-for="(r, i) in rows" :key="r.key">
        <text x="0" :y="TOP + i * ROW + ROW / 2 + 4" class="name">{{ worded(r.name) }}</text>
        <line
          :x1="LEFT"
          :x2="x(end)"
          :y1="TOP + i * ROW + ROW / 2"
          :y2="TOP + i * ROW + ROW / 2"
          class="rail"
        />
        <template v-for="d in of(r.key)" :key="`${d.key}${d.from}`">
          <g v-if="r.key === 'visit' || r.key === 'outlets'" :class="['mark', d.state.replace(' ', '-')]">
            <path
              v-if="d.state === 'late'"
              :d="`M${x(d.from) - 4},${TOP + i * ROW + ROW / 2 - 4}l8,8m0,-8l-8,8`"
            />
            <circle v-else :cx="x(d.from)" :cy="TOP + i * ROW + ROW / 2" :r="r.key === 'visit' ? 4.5 : 3.5" />
          </g>
          <g v-else :class="['bar', r.key]">
            <rect
              :x="x(bar(r.key, d)[0])"
              :y="TOP + i * ROW + 7"
              :width="Math.max(3, x(bar(r.key, d)[1]) - x(bar(r.key, d)[0]))"
              :height="ROW - 14"
            />
          </g>
        </template>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.frame {
  overflow: hidden;
}
.year,
.rail {
  stroke: var(--line);
}
.now {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.label {
  font-size: 11px;
  fill: var(--ink-2);
  text-anchor: middle;
}
.name {
  font-size: 12px;
  fill: var(--ink);
}
.mark circle {
  fill: var(--sheet);
  stroke: var(--ink);
}
.mark.done circle {
  fill: var(--sea);
  stroke: var(--sea);
}
.mark.due circle {
  stroke: var(--amber);
  stroke-width: 3;
}
.mark path {
  fill: none;
  stroke: var(--red);
  stroke-width: 2;
}
.bar rect {
  fill: none;
  stroke: var(--ink);
}
.bar.recoat rect {
  fill: var(--sea);
  fill-opacity: 0.28;
  stroke: var(--sea);
}
.bar.renewal rect {
  stroke-dasharray: 4 3;
}
</style>
