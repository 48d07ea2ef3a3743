<script setup lang="ts">
/** Hours from a file: its columns are matched by a person once, its zone is asked, and what looks wrong is said. */
import { useLocalStorage } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { sentence } from '@lentum/core/problems';
import {
  guessMap,
  readEpw,
  readHours,
  tableColumnName,
  type Place,
  type ReadHours,
  type TableColumn,
  type TableMap,
  type WeatherSeries,
} from '@lentum/core/weather';
import { call, sentenceOf } from '../../app/api.ts';
import { readText, rowsOf } from '../../shared/tablefile.ts';
import { useJob } from '../../app/job.ts';
import ColumnsMatch from './ColumnsMatch.vue';

const open = defineModel<boolean>({ required: true });
const job = useJob();
const name = ref('');
const table = ref<string[][]>([]);
const epwText = ref('');
const map = ref<TableMap>();
const kind = ref<WeatherSeries['kind']>('observed');
const trouble = ref('');
const saving = ref(false);

async function pick(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0];
  if (!file) return;
  trouble.value = '';
  name.value = file.name;
  const text = await readText(file);
  epwText.value = '';
  table.value = [];
  map.value = undefined;
  if (/\.epw$/i.test(file.name) || text.startsWith('LOCATION')) {
    epwText.value = text;
    kind.value = 'climate';
    return;
  }
  table.value = rowsOf(text);
  map.value = matched.value[headKey.value] ?? guessMap(head.value, job.timeZone);
}
const head = computed(() => table.value[0] ?? []);
/** How a heading was matched the last time that a file with it was added. */
const matched = useLocalStorage<Record<string, TableMap>>('lentum.weather-columns', {});
const headKey = computed(() => head.value.join('|'));
const example = computed(() => table.value[1] ?? []);

const read = computed(() => {
  if (epwText.value !== '') return readEpw(epwText.value, new Date(job.nowMs).getUTCFullYear());
  return map.value ? readHours(table.value, 1, map.value) : undefined;
});
const hours = computed<(ReadHours & { place?: Place }) | undefined>(() =>
  read.value?.ok ? read.value.value : undefined,
);
const problems = computed(() => (read.value && !read.value.ok ? read.value.problems.map(sentence) : []));
/** A year is more likely a season than what was seen here. */
const LONG_H = 24 * 120;
watch(hours, (h) => {
  if (h && h.hours > LONG_H) kind.value = 'climate';
});

async function add(): Promise<void> {
  const h = hours.value;
  if (!h) return;
  saving.value = true;
  trouble.value = '';
  const series: WeatherSeries = {
    id: crypto.randomUUID(),
    kind: kind.value,
    source: name.value.slice(0, 120),
    simulated: false,
    issuedAt: new Date(job.nowMs).toISOString(),
    startAt: new Date(h.startMs).toISOString(),
    hours: h.hours,
    columns: h.columns,
    // What is read without a place was read here.
    ...((h.place ?? job.weather.doc.draft.place) ? { place: h.place ?? job.weather.doc.draft.place } : {}),
  };
  try {
    await call('PUT', `/jobs/${job.id}/weather/series/${series.id}`, { body: series });
    const draft = job.weather.doc.draft;
    if (h.place && !draft.place) draft.place = h.place;
    if (map.value) matched.value = { ...matched.value, [headKey.value]: map.value };
    await job.weather.readSeries();
    open.value = false;
  } catch (error) {
    trouble.value = sentenceOf(error);
  } finally {
    saving.value = false;
  }
}
</script>

<template>
  <el-dialog v-model="open" title="Hours from a file" width="min(760px, 96vw)">
    <p>
      A table with a time and at least one column of weather (CSV), or a climate file (EPW). Nothing is added
      before you have seen what was read.
    </p>
    <input type="file" accept=".csv,.txt,.epw" aria-label="File with the weather" @change="pick" />
    <ColumnsMatch v-if="map" v-model="map" :head="head" :example="example" />
    <p v-for="p in problems" :key="p" class="trouble" role="alert">{{ p }}</p>
    <template v-if="hours">
      <p>
        <strong>{{ hours.hours }} hours</strong> from {{ job.time(hours.startMs) }}:
        {{
          Object.keys(hours.columns)
            .map((k) => tableColumnName(k as TableColumn))
            .join(', ')
        }}.
      </p>
      <ul v-if="hours.notes.length > 0">
        <li v-for="n in hours.notes" :key="n">{{ n }}</li>
      </ul>
      <el-radio-group v-model="kind" aria-label="What the hours are">
        <el-radio value="observed">seen on site or near it</el-radio>
        <el-radio value="forecast">a forecast, made now</el-radio>
        <el-radio value="climate">a typical or past year, for the season</el-radio>
      </el-radio-group>
    </template>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <template #footer>
      <el-button @click="open = false">Cancel</el-button>
      <el-button type="primary" :disabled="!hours" :loading="saving" @click="add">Add the hours</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.trouble {
  color: var(--red);
}
</style>
