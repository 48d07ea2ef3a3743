<script setup lang="ts">
/** Containers opened for a coat, by size and batch, counted by taps; and what was left in them. */
import { Delete, Minus, Plus } from '@element-plus/icons-vue';
import { computed } from 'vue';
import { inBasis, laidRate, type Coat } from '@lentum/core/buildup';
import { openedLitres } from '@lentum/core/record';
import type { Figure } from '@lentum/core/figures';
import BatchInput from '../shared/BatchInput.vue';
import FigureText from '../shared/FigureText.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import { useUnits } from '../shared/units.ts';

type Opened = { containerId: string; opened: number | undefined; batch: string };
const props = defineProps<{
  coat: Coat;
  /** What it takes on the chosen bays. */
  need?: Figure | undefined;
  /** What was mixed for them, where that is on record. */
  mixed?: Figure | undefined;
  lastBatch?: string;
}>();
const rows = defineModel<Opened[]>({ required: true });
const leftOver = defineModel<number | undefined>('leftOver');
const counted = defineModel<boolean>('counted');
const { say } = useUnits();
const basis = computed(() => laidRate(props.coat).basis);
const add = (): void =>
  void rows.value.push({ containerId: props.coat.containers[0]?.id ?? '', opened: 1, batch: '' });
const change = (row: Opened, by: number): void => {
  counted.value = true;
  row.opened = Math.max(0, (row.opened ?? 0) + by);
};
const sizeOf = (row: Opened): string =>
  props.coat.containers.find((c) => c.id === row.containerId)?.name ?? '';
/** In all of them, in the unit of the rate. */
const opened = computed(() =>
  inBasis(
    props.coat,
    openedLitres(props.coat, { containers: rows.value.map((r) => ({ ...r, opened: r.opened ?? 0 })) }),
    'volume',
    basis.value,
  ),
);
/** What is left where exactly the mixes went on; none where more was mixed than was opened. */
const leftOfMixes = computed(() => {
  const left = opened.value - (props.mixed?.value ?? Infinity);
  return left >= 0 ? left : undefined;
});
</script>

<template>
  <fieldset>
    <legend>
      Containers opened
      <span v-if="need" class="quiet">takes <FigureText :figure="need" /></span>
    </legend>
    <div v-for="(row, i) in rows" :key="i" class="row">
      <PickList
        v-if="coat.containers.length > 1"
        v-model="row.containerId"
        class="size"
        size="large"
        :label="`Container ${i + 1}`"
        own
        :options="coat.containers.map((c) => ({ value: c.id, label: c.name }))"
      />
      <span v-else class="size">{{ sizeOf(row) }}</span>
      <div class="count">
        <el-button
          class="tap"
          :icon="Minus"
          :aria-label="`One less of container ${i + 1}`"
          @click="change(row, -1)"
        />
        <output>{{ row.opened ?? 0 }}</output>
        <el-button
          class="tap"
          :icon="Plus"
          :aria-label="`One more of container ${i + 1}`"
          @click="change(row, 1)"
        />
      </div>
      <div class="batch">
        <BatchInput
          v-model="row.batch"
          :label="`Batch of container ${i + 1}`"
          :on="`container ${i + 1}`"
          :likely="lastBatch ? [lastBatch] : []"
        />
        <span v-if="row.batch !== '' && row.batch === lastBatch" class="quiet">as last time</span>
      </div>
      <el-button
        v-if="rows.length > 1"
        text
        :icon="Delete"
        :aria-label="`Remove container ${i + 1}`"
        @click="rows.splice(i, 1)"
      />
    </div>
    <el-button text @click="add">Another size or batch</el-button>
    <div class="left">
      <span class="name">Left over in them</span>
      <MeasureInput
        v-model="leftOver"
        size="large"
        :quantity="basis"
        label="Left over"
        :min="0"
        :digits="2"
        optional
      />
      <el-button class="tap" :aria-pressed="leftOver === 0" @click="leftOver = 0">Empty</el-button>
    </div>
    <p v-if="mixed">
      <span class="quiet">Mixed for these bays: <FigureText :figure="mixed" />.</span>
      <el-button v-if="leftOfMixes !== undefined" text @click="leftOver = leftOfMixes"
        >All of that went on: {{ say(leftOfMixes, basis) }} left</el-button
      >
    </p>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0 0 var(--s3);
  min-width: 0;
}
legend {
  font-weight: 600;
  padding: 0;
  width: 100%;
  display: flex;
  justify-content: space-between;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto minmax(0, 1.2fr) auto;
  gap: var(--s2);
  align-items: center;
  margin-top: var(--s1);
}
.count {
  display: flex;
  align-items: center;
  gap: var(--s1);
}
.count .el-button {
  padding: 0;
  width: var(--tap);
}
output {
  min-width: 1.6rem;
  text-align: center;
  font-weight: 700;
  font-size: var(--t-l);
}
.left {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: var(--s2);
  align-items: center;
}
.name {
  font-weight: 600;
}
@media (max-width: 480px) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .batch {
    grid-column: 1 / -1;
  }
}
</style>
