<script setup lang="ts">
/** Usable hours by month, a line for each family that is looked at; distinguished by mark and dash as well as by colour. */
import {
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineElement,
  PointElement,
  Tooltip,
  type ChartData,
  type ChartOptions,
  type PointStyle,
} from 'chart.js';
import { computed, nextTick, ref, watch } from 'vue';
import { Line } from 'vue-chartjs';
import { usePreferences } from '../../app/preferences.ts';

const props = defineProps<{
  months: readonly string[];
  families: readonly { readonly name: string; readonly byMonth: readonly number[] }[];
}>();
Chart.register(CategoryScale, LinearScale, LineElement, PointElement, Legend, Tooltip);

const preferences = usePreferences();
const frame = ref<HTMLElement>();
/** Tokens of the theme that stands now. */
const ink = ref<Record<string, string>>({});
const TOKENS = ['ink', 'ink-2', 'line', 'sea', 'violet', 'amber', 'sky', 'sheet', 'font'] as const;
watch(
  [() => preferences.theme, frame],
  async () => {
    await nextTick();
    const style = getComputedStyle(document.documentElement);
    ink.value = Object.fromEntries(TOKENS.map((t) => [t, style.getPropertyValue(`--${t}`).trim()]));
  },
  { immediate: true },
);

const LOOKS: readonly { token: (typeof TOKENS)[number]; point: PointStyle; dash: number[] }[] = [
  { token: 'sea', point: 'circle', dash: [] },
  { token: 'violet', point: 'rect', dash: [8, 4] },
  { token: 'amber', point: 'triangle', dash: [2, 3] },
  { token: 'sky', point: 'rectRot', dash: [10, 3, 2, 3] },
];
const data = computed<ChartData<'line'>>(() => ({
  labels: [...props.months],
  datasets: props.families.map(({ name, byMonth }, i) => {
    const look = LOOKS[i % LOOKS.length] ?? LOOKS[0];
    const colour = ink.value[look?.token ?? 'sea'] ?? '';
    return {
      label: name,
      data: [...byMonth],
      borderColor: colour,
      backgroundColor: colour,
      borderDash: look?.dash ?? [],
      pointStyle: look?.point ?? 'circle',
      pointRadius: 5,
      borderWidth: 2,
    };
  }),
}));
const options = computed<ChartOptions<'line'>>(() => {
  const font = { family: ink.value['font'] ?? '', size: 13 };
  const ticks = { color: ink.value['ink-2'] ?? '', font };
  const grid = { color: ink.value['line'] ?? '' };
  return {
    responsive: true,
    maintainAspectRatio: false,
    animation: false,
    interaction: { mode: 'index', intersect: false },
    scales: {
      x: { ticks, grid },
      y: {
        ticks,
        grid,
        beginAtZero: true,
        title: { display: true, text: 'usable hours a month', color: ink.value['ink-2'] ?? '', font },
      },
    },
    plugins: {
      legend: {
        position: 'bottom',
        labels: { usePointStyle: true, color: ink.value['ink'] ?? '', font },
      },
    },
  };
});
const said = computed(
  () => `Usable hours by month: ${props.families.map((f) => f.name).join(', ')}. The table has the numbers.`,
);
</script>

<template>
  <div ref="frame" class="chart" role="img" :aria-label="said">
    <Line v-if="ink['ink']" :data="data" :options="options" aria-hidden="true" />
  </div>
</template>

<style scoped>
.chart {
  position: relative;
  height: 300px;
  margin-bottom: var(--s3);
}
</style>
