<script setup lang="ts">
/** Rules of the whole job: laps are the layer's, these are common practice until somebody says otherwise. */
import { computed } from 'vue';
import { SAID_EDGE_KINDS, EDGE_NAMES } from '@lentum/core/survey';
import type { CourseRules } from '@lentum/core/courses';
import type { Quantity } from '@lentum/core/units';
import { useJob } from '../../app/job.ts';
import { worded } from '../../app/wording.ts';
import MeasureInput from '../../shared/MeasureInput.vue';
import PickList from '../../shared/PickList.vue';
import SourceMark from '../../shared/SourceMark.vue';

const job = useJob();
const rules = computed(() => job.documents.order.draft.courses.rules);
type Key = {
  [K in keyof CourseRules]: CourseRules[K] extends { value: number } ? K : never;
}[keyof CourseRules];
const ROWS: readonly { key: Key; name: string; quantity: Quantity; least: number; most: number }[] = [
  { key: 'upSlopeAbovePct', name: 'Up the slope above a fall of', quantity: 'fall', least: 1, most: 300 },
  { key: 'openingClearMm', name: 'Clear of kerbs and plinths', quantity: 'lap', least: 0, most: 300 },
  { key: 'outletClearM', name: 'End joints off outlets', quantity: 'length', least: 0, most: 5 },
  { key: 'leastPieceM', name: 'No piece shorter than', quantity: 'length', least: 0, most: 5 },
  { key: 'leastTopMm', name: 'The last course shows at least', quantity: 'lap', least: 0, most: 1000 },
  {
    key: 'staggerM',
    name: 'End joints apart, where the layer says nothing',
    quantity: 'length',
    least: 0,
    most: 5,
  },
  { key: 'leastBoardM', name: 'No board shorter than', quantity: 'length', least: 0, most: 2 },
  { key: 'lapPrimerKgPerM2', name: 'Primer on laps over granules', quantity: 'rateMass', least: 0, most: 2 },
  { key: 'ridgeReachMm', name: 'Over a ridge, each side', quantity: 'lap', least: 50, most: 1000 },
];
const set = (key: Key, value: number | undefined): void => {
  if (value !== undefined) rules.value[key] = { value, source: 'chosen' };
};
const setReach = (kind: (typeof SAID_EDGE_KINDS)[number], value: number | undefined): void => {
  if (value !== undefined) rules.value.reachMm[kind] = { value, source: 'chosen' };
};
</script>

<template>
  <details class="rules">
    <summary><strong>Rules of this job for courses</strong></summary>
    <div class="grid">
      <div v-for="r in ROWS" :key="r.key">
        <label>{{ worded(r.name) }} <SourceMark :source="rules[r.key].source" /></label>
        <MeasureInput
          :quantity="r.quantity"
          :label="r.name"
          :min="r.least"
          :max="r.most"
          :model-value="rules[r.key].value"
          @update:model-value="(v) => set(r.key, v)"
        />
      </div>
      <div>
        <label>At a ridge</label>
        <PickList
          label="At a ridge"
          :options="[
            { value: 'cap strip', label: 'a cap strip over it' },
            { value: 'fold over', label: 'the last courses folded over it' },
          ]"
          :model-value="rules.ridge"
          @update:model-value="(v) => (rules.ridge = v as CourseRules['ridge'])"
        />
      </div>
    </div>
    <h2 class="minor">Beyond the side (less than nothing: stops short of it)</h2>
    <div class="grid">
      <div v-for="kind in SAID_EDGE_KINDS" :key="kind">
        <label>{{ worded(EDGE_NAMES[kind]) }} <SourceMark :source="rules.reachMm[kind].source" /></label>
        <MeasureInput
          quantity="lap"
          :label="`Field at ${EDGE_NAMES[kind].toLowerCase()}`"
          :min="-300"
          :max="1000"
          :model-value="rules.reachMm[kind].value"
          @update:model-value="(v) => setReach(kind, v)"
        />
      </div>
    </div>
  </details>
</template>

<style scoped>
.rules {
  margin-top: var(--s5);
}
summary {
  cursor: pointer;
  min-height: 32px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  gap: var(--s3) var(--s4);
  align-items: end;
  margin-block: var(--s3);
}
label {
  font-size: var(--t-s);
  font-weight: 600;
  color: var(--ink-2);
}
</style>
