<script setup lang="ts">
/** Hours from a file: its columns are matched by a person once, its zone is asked, and what looks wrong is said. */
import Papa from 'papaparse';
import { computed, ref, watch } from 'vue';
import { sentence } from '@lentum/core/problems';
import {
  guessMap,
  readEpw,
  readHours,
  TABLE_UNITS,
  tableColumnName,
  type Place,
  type ReadHours,
  type TableColumn,
  type TableMap,
  type WeatherSeries,
} from '@lentum/core/weather';
import { call, sentenceOf } from '../../app/api.ts';
import { useJob } from '../../app/job.ts';
import PickList from '../../shared/PickList.vue';

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
  const text = await file.text();
  epwText.value = '';
  table.value = [];
  map.value = undefined;
  if (/\.epw$/i.test(file.name) || text.startsWith('LOCATION')) {
    epwText.value = text;
    kind.value = 'climate';
    return;
  }
  table.value = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' }).data;
  map.value = guessMap(table.value[0] ?? [], job.timeZone);
}
const head = computed(() => table.value[0] ?? []);
const example = computed(() => table.value[1] ?? []);

const NOT_USED = 'not used';
const AS = [
  { value: NOT_USED, label: NOT_USED },
  ...(Object.keys(TABLE_UNITS) as TableColumn[]).map((k) => ({ value: k, label: tableColumnName(k) })),
];
const unitName = (unit: string): string => (unit === '' ? '0 to 1' : unit);
const asOf = (index: number): string =>
  map.value?.time === index
    ? 'time'
    : map.value?.clock === index
      ? 'clock'
      : (map.value?.columns.find((c) => c.index === index)?.as ?? NOT_USED);
function setAs(index: number, as: string): void {
  if (!map.value) return;
  const others = map.value.columns.filter((c) => c.index !== index && c.as !== as);
  map.value = {
    ...map.value,
    columns:
      as === NOT_USED
        ? others
        : [...others, { index, as: as as TableColumn, unit: TABLE_UNITS[as as TableColumn][0] }],
  };
}
function setUnit(index: number, unit: string): void {
  if (!map.value) return;
  map.value = {
    ...map.value,
    columns: map.value.columns.map((c) => (c.index === index ? { ...c, unit } : c)),
  };
}
const zones = computed(() =>
  [...new Set([job.timeZone, 'UTC'])].map((z) => ({
    value: z,
    label: z === job.timeZone ? `the job’s clock, ${z}` : z,
  })),
);
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
  };
  try {
    await call('PUT', `/jobs/${job.id}/weather/series/${series.id}`, { body: series });
    const draft = job.weather.doc.draft;
    if (h.place && !draft.place) draft.place = h.place;
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
    <template v-if="map">
      <table class="columns-of">
        <thead>
          <tr>
            <th scope="col">Column</th>
            <th scope="col">First value</th>
            <th scope="col">Is</th>
            <th scope="col">In</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(title, i) in head" :key="i">
            <td>{{ title }}</td>
            <td class="quiet">{{ example[i] }}</td>
            <td v-if="asOf(i) === 'time' || asOf(i) === 'clock'">{{ asOf(i) }}</td>
            <td v-else>
              <PickList
                :label="`What ${title} is`"
                :options="AS"
                :model-value="asOf(i)"
                @update:model-value="(as: string) => setAs(i, as)"
              />
            </td>
            <td>
              <PickList
                v-if="map.columns.find((c) => c.index === i)"
                :label="`Unit of ${title}`"
                :options="
                  TABLE_UNITS[map.columns.find((c) => c.index === i)!.as].map((u) => ({
                    value: u === '' ? 'share' : u,
                    label: unitName(u),
                  }))
                "
                :model-value="map.columns.find((c) => c.index === i)?.unit || 'share'"
                @update:model-value="(u: string) => setUnit(i, u === 'share' ? '' : u)"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <div class="bar choices">
        <span>Its clock ran in</span>
        <PickList
          label="Zone of its clock"
          :options="zones"
          :model-value="map.zone"
          @update:model-value="(zone: string) => (map = { ...map!, zone })"
        />
        <PickList
          label="Order of the date"
          :options="[
            { value: 'day first', label: 'day first: 12.05.' },
            { value: 'month first', label: 'month first: 5/12' },
          ]"
          :model-value="map.order"
          @update:model-value="(order: string) => (map = { ...map!, order: order as TableMap['order'] })"
        />
      </div>
    </template>
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
.columns-of {
  width: 100%;
  margin: var(--s3) 0;
}
th {
  text-align: left;
}
.choices :deep(.el-select) {
  width: 16rem;
}
.choices {
  flex-wrap: wrap;
  gap: var(--s3);
}
.trouble {
  color: var(--red);
}
</style>
