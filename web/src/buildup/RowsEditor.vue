<script setup lang="ts">
/** A short table that is typed into: rows put in and taken out, a field a cell. */
import { Close, Plus } from '@element-plus/icons-vue';
import { valueAt } from '@lentum/core/buildup';
import type { End, Quantity, Ranged } from '@lentum/core/units';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import RangedInput from '../shared/RangedInput.vue';
import TextInput from '../shared/TextInput.vue';
import { typedNumber, useEditing } from './editing.ts';
import { offWhere } from '../shared/heldpage.ts';

export interface RowColumn {
  readonly key: string;
  readonly name: string;
  /** `ranged`: a figure, and in `range` beside it what the sheet printed. */
  readonly form: 'number' | 'sourced' | 'ranged' | 'text' | 'choice';
  /** Of a range: the end that counts, and the most that is taken. */
  readonly end?: End;
  readonly max?: number;
  readonly quantity?: Quantity;
  readonly options?: readonly string[];
  /** What is read in place of an option; absent: the option itself. */
  readonly words?: Readonly<Record<string, string>>;
  readonly optional?: boolean;
  /** Letters of a text. */
  readonly most?: number;
}
type Row = Readonly<Record<string, unknown>>;

const props = defineProps<{
  label: string;
  rows: readonly Row[];
  columns: readonly RowColumn[];
  /** What a new row begins as. */
  fresh: () => Row;
  least: number;
}>();
const emit = defineEmits<{ change: [rows: Row[]] }>();
const editing = useEditing();

function set(at: number, column: RowColumn, value: unknown): void {
  const row = { ...props.rows[at] };
  if (value === undefined) Reflect.deleteProperty(row, column.key);
  else row[column.key] = column.form === 'sourced' ? typedNumber(editing, value as number) : value;
  emit(
    'change',
    props.rows.map((r, i) => (i === at ? row : r)),
  );
}
function setRanged(at: number, column: RowColumn, next: Ranged | undefined): void {
  if (!next) return;
  const { range: _old, ...row } = props.rows[at] ?? {};
  const now = { ...row, [column.key]: next.value, ...(next.range ? { range: { ...next.range } } : {}) };
  emit(
    'change',
    props.rows.map((r, i) => (i === at ? now : r)),
  );
}
function rangedIn(row: Row, column: RowColumn): Ranged | undefined {
  const value = row[column.key];
  const range = row['range'] as Ranged['range'];
  return typeof value === 'number' ? { value, ...(range ? { range } : {}) } : undefined;
}
const numberIn = (row: Row, column: RowColumn): number | undefined => {
  const v = column.form === 'sourced' ? valueAt(row[column.key], 'value') : row[column.key];
  return typeof v === 'number' ? v : undefined;
};
</script>

<template>
  <div class="scroll-x">
    <table class="dense typed">
      <caption class="visually-hidden">
        {{
          label
        }}
      </caption>
      <thead>
        <tr>
          <th v-for="c in columns" :key="c.key" scope="col">{{ worded(c.name) }}</th>
          <th scope="col"><span class="visually-hidden">Take out</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in rows" :key="i">
          <td v-for="c in columns" :key="c.key">
            <MeasureInput
              v-if="c.form === 'number' || c.form === 'sourced'"
              :model-value="numberIn(row, c)"
              :quantity="c.quantity ?? 'number'"
              :label="`${label}, row ${i + 1}, ${c.name}`"
              :optional="c.optional ?? false"
              @update:model-value="(v) => set(i, c, v)"
            />
            <RangedInput
              v-else-if="c.form === 'ranged'"
              :model-value="rangedIn(row, c)"
              :quantity="c.quantity ?? 'number'"
              :end="c.end ?? 'to'"
              :max="c.max ?? 1e6"
              :label="`${label}, row ${i + 1}, ${c.name}`"
              @update:model-value="(v) => setRanged(i, c, v)"
            />
            <PickList
              v-else-if="c.form === 'choice'"
              :model-value="String(row[c.key] ?? '')"
              :none="c.optional ? 'nothing' : 'choose'"
              :options="(c.options ?? []).map((o) => ({ value: o, label: c.words?.[o] ?? (o || 'nothing') }))"
              :label="`${label}, row ${i + 1}, ${c.name}`"
              @update:model-value="(v) => set(i, c, v)"
            />
            <TextInput
              v-else
              :model-value="String(row[c.key] ?? '')"
              :most="c.most ?? 120"
              :label="`${label}, row ${i + 1}, ${c.name}`"
              @update:model-value="(v) => set(i, c, v)"
            />
          </td>
          <td class="acts">
            <el-button
              text
              :icon="Close"
              v-bind="offWhere(rows.length <= least)"
              :aria-label="`${label}: take out row ${i + 1}`"
              @click="
                emit(
                  'change',
                  rows.filter((_, k) => k !== i),
                )
              "
            />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <el-button text :icon="Plus" @click="emit('change', [...rows, fresh()])">Add a row</el-button>
</template>

<style scoped>
td :deep(.el-select) {
  min-width: 8.5rem;
}
</style>
