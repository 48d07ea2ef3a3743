<script setup lang="ts">
/**
 * Readings out of the file of a dry-film gauge. Which column is what is said once for files of one kind, and known again by
 * the names of their columns.
 */
import { useStorage } from '@vueuse/core';
import { computed, ref, shallowRef } from 'vue';
import {
  GAUGE_FILE_UNITS,
  gaugeFileKey,
  guessGaugeColumns,
  headRow,
  meanOf,
  readGaugeFile,
  type GaugeColumns,
  type GaugeFileUnit,
} from '@lentum/core/film';
import { sentence } from '@lentum/core/problems';
import PickList from '../../shared/PickList.vue';
import { readTable } from '../../shared/tablefile.ts';

const emit = defineEmits<{ readings: [um: number[]] }>();
/** By the key of a kind of file. */
const said = useStorage<Record<string, GaugeColumns>>('lentum.gauge-columns', {});
const field = ref<HTMLInputElement>();
const open = ref(false);
const name = ref('');
const rows = shallowRef<string[][]>([]);
const columns = shallowRef<GaugeColumns>();
const batch = ref('');
const trouble = ref('');
/** As many lines are shown of it. */
const SHOWN = 6;

const key = computed(() => gaugeFileKey(rows.value));
const known = computed(() => key.value in said.value);
const heads = computed(() => {
  const width = Math.max(0, ...rows.value.map((r) => r.length));
  const head = rows.value[headRow(rows.value)];
  return Array.from({ length: width }, (_, c) => {
    const own = (head?.[c] ?? '').trim();
    return { value: String(c), label: own === '' ? `column ${c + 1}` : own };
  });
});
const read = computed(() => (columns.value ? readGaugeFile(rows.value, columns.value) : undefined));
const batches = computed(() => (read.value?.ok ? read.value.value : []));
const chosen = computed(() => batches.value.find((b) => b.name === batch.value) ?? batches.value[0]);
const problems = computed(() => (read.value && !read.value.ok ? read.value.problems.map(sentence) : []));
const UNITS = GAUGE_FILE_UNITS.map((u) => ({ value: u, label: u }));

async function take(files: FileList | null): Promise<void> {
  const file = files?.[0];
  if (field.value) field.value.value = '';
  if (!file) return;
  trouble.value = '';
  name.value = file.name;
  rows.value = await readTable(file);
  columns.value = said.value[key.value] ?? guessGaugeColumns(rows.value);
  batch.value = '';
  if (columns.value) open.value = true;
  else
    trouble.value = `“${file.name}” has no column of numbers; expected a table of readings, such as a CSV file.`;
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
  if (!columns.value || !chosen.value) return;
  said.value = { ...said.value, [key.value]: columns.value };
  emit('readings', [...chosen.value.readingsUm]);
  open.value = false;
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
      @change="take(($event.target as HTMLInputElement).files)"
    />
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <el-dialog v-model="open" :title="`Readings out of ${name}`" width="min(720px, 96vw)" append-to-body>
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
            <tr v-for="(r, i) in rows.slice(0, SHOWN)" :key="i">
              <td v-for="(cell, c) in r" :key="c" :class="{ read: c === columns?.reading }">{{ cell }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <el-radio-group v-if="batches.length > 1" v-model="batch" class="batches" aria-label="Which batch">
        <el-radio v-for="b in batches" :key="b.name" :value="b.name">{{ title(b) }}</el-radio>
      </el-radio-group>
      <p v-else-if="batches[0]">{{ title(batches[0]) }}</p>
      <p v-for="p in problems" :key="p" class="problem" role="alert">{{ p }}</p>
      <template #footer>
        <el-button
          class="tap"
          type="primary"
          :disabled="!chosen || (batches.length > 1 && batch === '' && !batches.some((b) => b.name === ''))"
          @click="use"
          >Take these readings</el-button
        >
      </template>
    </el-dialog>
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
