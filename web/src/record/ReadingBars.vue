<script setup lang="ts">
/** Each reading as the interval between its two teeth, against the design film and the film from consumption. */
import { computed } from 'vue';
import type { Reading } from '@lentum/core/film';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{
  readings: readonly Reading[];
  designMm: number; /** Absent where it tells nothing. */
  consumptionMm: number | undefined;
}>();
const { say } = useUnits();
const WIDTH = 210;
const ROW = 9;
const ends = computed(() => {
  const all = [
    props.designMm,
    ...(props.consumptionMm === undefined ? [] : [props.consumptionMm]),
    ...props.readings.flatMap((r) => [r.lowMm, r.highMm ?? r.lowMm]),
  ];
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const room = Math.max((high - low) * 0.25, high * 0.05);
  return { low: Math.max(0, low - room), high: high + room };
});
const x = (mm: number): number => ((mm - ends.value.low) / (ends.value.high - ends.value.low)) * WIDTH;
const bars = computed(() =>
  props.readings.map((r, i) => ({
    x: x(r.lowMm),
    width: Math.max(3, x(r.highMm ?? ends.value.high) - x(r.lowMm)),
    y: 16 + i * ROW,
    low: r.highMm !== undefined && r.highMm <= props.designMm,
  })),
);
const height = computed(() => 20 + props.readings.length * ROW + 16);
const words = computed(() =>
  props.readings
    .map((r) => `${say(r.lowMm, 'film')} to ${r.highMm === undefined ? 'more' : say(r.highMm, 'film')}`)
    .join('; '),
);
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${height}`"
    :width="WIDTH"
    :height="height"
    role="img"
    :aria-label="`Readings: ${words}`"
  >
    <path :d="`M0 ${height - 14}H${WIDTH}`" class="axis" />
    <rect
      v-for="(b, i) in bars"
      :key="i"
      :x="b.x"
      :y="b.y"
      :width="b.width"
      :height="ROW - 3"
      class="bar"
      :class="{ low: b.low }"
    />
    <path :d="`M${x(designMm)} 10V${height - 14}`" class="design" />
    <text :x="Math.min(Math.max(x(designMm), 20), WIDTH - 26)" y="8" class="word">design</text>
    <template v-if="consumptionMm !== undefined">
      <path :d="`M${x(consumptionMm)} 14V${height - 14}`" class="used" />
      <text :x="Math.min(Math.max(x(consumptionMm), 34), WIDTH - 34)" :y="height - 2" class="word">
        consumption
      </text>
    </template>
  </svg>
</template>

<style scoped>
svg {
  max-width: 100%;
}
.axis {
  stroke: var(--line-2);
}
.bar {
  fill: var(--sea);
}
.bar.low {
  fill: var(--amber);
}
.design {
  stroke: var(--ink);
  stroke-width: 2;
}
.used {
  stroke: var(--sky);
  stroke-width: 2;
  stroke-dasharray: 3 3;
}
.word {
  font-size: 11px;
  fill: var(--ink-2);
  text-anchor: middle;
}
</style>
