<script setup lang="ts">
/** Hours from a file: its columns are matched by a person once, its zone is asked, and what looks wrong is said. */
import { computed, ref, watch } from 'vue';
import {
  guessMap,
  tableColumnName,
  type Place,
  type ReadHours,
  type TableColumn,
  type TableMap,
  type WeatherSeries,
} from '@lentum/core/weather';
import { call, sentenceOf } from '../../app/api.ts';
import { useJob } from '../../app/job.ts';
import TableDialog from '../../shared/tables/TableDialog.vue';
import { useTableFile } from '../../shared/tables/usetablefile.ts';
import ColumnsMatch from './ColumnsMatch.vue';

const open = defineModel<boolean>({ required: true });
const job = useJob();
const kind = ref<WeatherSeries['kind']>('observed');
const trouble = ref('');
const saving = ref(false);

/** By the names of its columns. A climate file has its own way: nothing in it is matched. */
const file = useTableFile<TableMap, ReadHours & { place?: Place }>(
  'lentum.weather-columns',
  {
    key: ({ first }) => (first[0] ?? []).join('|'),
    guess: ({ first }) => guessMap(first[0] ?? [], job.timeZone),
  },
  (ask, columns, { isClimate }) =>
    isClimate ? ask.climate(new Date(job.nowMs).getUTCFullYear()) : ask.hours(columns),
);
const { map, name, share, found: hours, seen } = file;
async function pick(event: Event): Promise<void> {
  trouble.value = '';
  kind.value = 'observed';
  await file.pick(event);
  if (seen.value?.isClimate === true) kind.value = 'climate';
}
function close(): void {
  file.close();
  open.value = false;
}
const problems = computed(() => [...file.problems.value, ...(trouble.value === '' ? [] : [trouble.value])]);
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
    if (seen.value?.isClimate === false) file.remember();
    await job.weather.readSeries();
    close();
  } catch (error) {
    trouble.value = sentenceOf(error);
  } finally {
    saving.value = false;
  }
}
</script>

<template>
  <TableDialog
    :open="open"
    title="Hours from a file"
    :name="name"
    :share="share"
    :problems="problems"
    takes="Add the hours"
    :ready="hours !== undefined"
    :taking="saving"
    @close="close"
    @take="add"
  >
    <template #before>
      <p>
        A table with a time and at least one column of weather (CSV), or a climate file (EPW). Nothing is
        added before you have seen what was read.
      </p>
      <input type="file" accept=".csv,.txt,.epw" aria-label="File with the weather" @change="pick" />
    </template>
    <p v-if="seen" class="quiet">Out of {{ name }}:</p>
    <ColumnsMatch
      v-if="map && seen?.isClimate === false"
      v-model="map"
      :head="seen.first[0] ?? []"
      :example="seen.first[1] ?? []"
    />
    <template v-if="hours" #found>
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
  </TableDialog>
</template>
