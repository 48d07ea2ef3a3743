<script setup lang="ts">
/** What to do when a limit was missed, as steps: what each lays, of what, how much, and how long it stands and dries. */
import { computed, ref } from 'vue';
import {
  isCoat,
  MISSABLE,
  MISSED_NAMES,
  REMEDY_DOES,
  whenMissed,
  type BuildUp,
  type Layer,
  type Missable,
  type RemedyStep,
} from '@lentum/core/buildup';
import { copy } from '../app/copy.ts';
import PickList from '../shared/PickList.vue';
import { editLayer, typedNumber, useEditing } from './editing.ts';
import RowsEditor, { type RowColumn } from './RowsEditor.vue';

const props = defineProps<{ layer: Extract<Layer, { missed: unknown }>; buildUp: BuildUp }>();
const editing = useEditing();
const adding = ref('');

type Row = Readonly<Record<string, unknown>>;
const coats = computed(() => props.buildUp.layers.filter(isCoat));
const columns = computed<RowColumn[]>(() => [
  { key: 'does', name: 'Does', form: 'choice', options: REMEDY_DOES },
  { key: 'says', name: 'In words', form: 'text', most: 400 },
  {
    ...{ key: 'layerId', name: 'Lays again', form: 'choice', optional: true },
    options: ['', ...coats.value.map((c) => c.id)],
    words: Object.fromEntries(coats.value.map((c) => [c.id, c.name])),
  },
  { key: 'product', name: 'Or a product', form: 'text', optional: true },
  { key: 'kgPerM2', name: 'kg/m² of it', form: 'number', quantity: 'rateMass', optional: true },
  { key: 'lPerM2', name: 'or L/m²', form: 'number', quantity: 'rateVolume', optional: true },
  { key: 'part', name: 'Part of the bay', form: 'sourced', quantity: 'fraction', optional: true },
  { key: 'tool', name: 'Tool', form: 'text', optional: true },
  { key: 'dwellMin', name: 'Stands', form: 'sourced', quantity: 'minutes', optional: true },
  { key: 'dryH', name: 'Dries', form: 'sourced', quantity: 'hours', optional: true },
]);
const rowOf = ({ rate, ...step }: RemedyStep): Row => ({
  ...step,
  ...(rate ? { [rate.basis === 'mass' ? 'kgPerM2' : 'lPerM2']: rate.value } : {}),
});
/** A row without what was left empty; a rate in the form in which it was typed last. */
function stepOf(row: Row, before: RemedyStep | undefined): RemedyStep {
  const { kgPerM2, lPerM2, ...rest } = row;
  const basis = kgPerM2 !== undefined ? 'mass' : lPerM2 !== undefined ? 'volume' : undefined;
  const value = (kgPerM2 ?? lPerM2) as number | undefined;
  const same = before?.rate && before.rate.basis === basis && before.rate.value === value;
  const rate =
    basis === undefined || value === undefined
      ? undefined
      : same
        ? before.rate
        : { basis, ...typedNumber(editing, value) };
  const filled = Object.entries(rest).filter(([, v]) => v !== '' && v !== undefined);
  return { ...Object.fromEntries(filled), ...(rate ? { rate } : {}) } as RemedyStep;
}

const inSteps = computed(() => MISSABLE.filter((k) => props.layer.remedies?.[k]));
const choices = computed(() => [
  ...MISSABLE.filter((k) => !props.layer.remedies?.[k]).map((k) => ({
    value: k as string,
    label: MISSED_NAMES[k],
  })),
]);
const change = (limit: Missable, steps: RemedyStep[]): void =>
  editLayer(editing, props.layer.id, (l) => {
    if (!('missed' in l)) return;
    const remedies = { ...l.remedies };
    if (steps.length === 0) Reflect.deleteProperty(remedies, limit);
    else remedies[limit] = steps;
    if (Object.keys(remedies).length === 0) Reflect.deleteProperty(l, 'remedies');
    else l.remedies = remedies;
  });
/** It begins with what would be done now. */
function add(limit: string): void {
  adding.value = '';
  if (limit === '') return;
  change(limit as Missable, whenMissed(props.layer, limit as Missable).steps.map(copy));
}
</script>

<template>
  <section v-for="k in inSteps" :key="k" class="limit">
    <h3>{{ MISSED_NAMES[k] }}, in steps</h3>
    <RowsEditor
      :label="`${MISSED_NAMES[k]}, steps`"
      :rows="(layer.remedies?.[k] ?? []).map(rowOf)"
      :columns="columns"
      :fresh="() => ({ does: 'look', says: 'Look at it.' })"
      :least="1"
      @change="
        (rows) =>
          change(
            k,
            rows.map((r, i) => stepOf(r, layer.remedies?.[k]?.[i])),
          )
      "
    />
    <el-button text @click="change(k, [])">In words again</el-button>
  </section>
  <PickList
    :model-value="adding"
    class="add"
    none="Say one of them in steps"
    label="Say one of them in steps"
    :options="choices"
    @update:model-value="add"
  />
</template>

<style scoped>
.limit {
  margin: var(--s3) 0;
}
.limit :deep(td) {
  min-width: 6.5rem;
}
.limit :deep(td:nth-child(2)) {
  min-width: 17rem;
}
.limit :deep(td:last-child) {
  min-width: 0;
}
.limit :deep(th) {
  white-space: nowrap;
}
.add {
  max-width: 18rem;
  margin: var(--s2) 0;
}
</style>
