<script setup lang="ts">
/**
 * Readings out of the file of a dry-film gauge. Which column is what is said once for files of one kind, and known again by
 * the names of their columns.
 */
import { computed, ref } from 'vue';
import {
  GAUGE_FILE_UNITS,
  meanOf,
  type GaugeBatch,
  type GaugeColumns,
  type GaugeFileUnit,
} from '@lentum/core/film';
import PickList from '../../shared/PickList.vue';
import TableDialog from '../../shared/tables/TableDialog.vue';
import { useTableFile } from '../../shared/tables/usetablefile.ts';

const emit = defineEmits<{ readings: [um: number[]] }>();
const field = ref<HTMLInputElement>();
const batch = ref('');
const trouble = ref('');

const file = useTableFile<GaugeColumns, readonly GaugeBatch[]>(
  'lentum.gauge-columns',
  { key: ({ gauge }) => gauge.key, guess: ({ gauge }) => gauge.guess },
  (ask, columns) => ask.gauge(columns),
);
const { map: columns, name, share, known, problems } = file;
const heads = computed(() => {
  const { head = [], width = 0 } = file.seen.value?.gauge ?? {};
  return Array.from({ length: width }, (_, c) => {
    const own = (head[c] ?? '').trim();
    return { value: String(c), label: own === '' ? `column ${c + 1}` : own };
  });
});
const batches = computed(() => file.found.value ?? []);
const chosen = computed(() => batches.value.find((b) => b.name === batch.value) ?? batches.value[0]);
/** One that is not called anything is all there is. */
const ready = computed(
  () =>
    chosen.value !== undefined &&
    (batches.value.length === 1 || batch.value !== '' || batches.value.some((b) => b.name === '')),
);
const UNITS = GAUGE_FILE_UNITS.map((u) => ({ value: u, label: u }));

async function take(event: Event): Promise<void> {
  trouble.value = '';
  batch.value = '';
  if ((await file.pick(event)) || file.seen.value === undefined) return;
  trouble.value = `“${name.value}” has no column of numbers; expected a table of readings, such as a CSV file.`;
}
function change(part: Partial<GaugeColumns>): void {
  if (columns.value) columns.value = { ...columns.value, ...part };
}
/** No column: -1. */
function changeBatch(at: string): void {
  if (!columns.value) return;
  const { batch: _, ...rest } = columns.value;
  columns.value = at === '-1' ? rest : { ...rest, batch: Number(at) };
}
function use(): void {
  if (!chosen.value) return;
  emit('readings', [...chosen.value.readingsUm]);
  file.remember();
  file.close();
}
const title = (b: { readonly name: string; readonly readingsUm: readonly number[] }): string =>
  `${b.name === '' ? 'All of it' : b.name}: ${b.readingsUm.length} readings, mean ${Math.round(meanOf(b.readingsUm) ?? 0)} µm`;
</script>

<template>
  <div class="from">
    <el-button class="tap" @click="field?.click()">From the gauge’s file</el-button>
    <input
      ref="field"
      class="visually-hidden"
      type="file"
      accept=".csv,.txt,text/csv"
      aria-label="File of the gauge"
      tabindex="-1"
      @change="take"
    />
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <TableDialog
      :open="columns !== undefined || share !== undefined"
      :title="`Readings out of ${name}`"
      :name="name"
      :share="share"
      :problems="problems"
      takes="Take these readings"
      :ready="ready"
      @close="file.close()"
      @take="use"
    >
      <div v-if="columns" class="fields">
        <label
          ><span>Readings</span
          ><PickList
            :model-value="String(columns.reading)"
            label="Column of the readings"
            :options="heads"
            own
            @update:model-value="(v) => change({ reading: Number(v) })"
        /></label>
        <label
          ><span>In</span
          ><PickList
            :model-value="columns.unit"
            label="Unit of the readings"
            :options="UNITS"
            own
            @update:model-value="(v) => change({ unit: v as GaugeFileUnit })"
        /></label>
        <label
          ><span>Batch</span
          ><PickList
            :model-value="String(columns.batch ?? -1)"
            label="Column of the batch"
            :options="[{ value: '-1', label: 'the file is one' }, ...heads]"
            own
            @update:model-value="changeBatch"
        /></label>
      </div>
      <p class="quiet" role="status">
        {{
          known
            ? 'Its columns are known from a file like it.'
            : 'Look whether the columns are right: this is asked once for files like it.'
        }}
      </p>
      <div class="scroll-x">
        <table class="dense">
          <tbody>
            <tr v-for="(r, i) in file.seen.value?.first ?? []" :key="i">
              <td v-for="(cell, c) in r" :key="c" :class="{ read: c === columns?.reading }">{{ cell }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <el-radio-group v-if="batches.length > 1" v-model="batch" class="batches" aria-label="Which batch">
        <el-radio v-for="b in batches" :key="b.name" :value="b.name">{{ title(b) }}</el-radio>
      </el-radio-group>
      <p v-else-if="batches[0]">{{ title(batches[0]) }}</p>
    </TableDialog>
  </div>
</template>

<style scoped>
.from {
  margin-top: var(--s1);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: var(--s3);
  margin-bottom: var(--s3);
}
.fields span {
  font-weight: 600;
}
.read {
  background: var(--sea-soft);
}
.batches {
  display: grid;
  margin-top: var(--s3);
}
</style>
