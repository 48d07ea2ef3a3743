<script setup lang="ts">
/** Questions of the inspection, each with its answer, how much there is of it, and a note. */
import type { InspectionItem } from '@lentum/core/readiness';
import type { Finding } from '@lentum/core/survey';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import TextInput from '../shared/TextInput.vue';
import { useUnits } from '../shared/units.ts';

defineProps<{ items: readonly InspectionItem[] }>();
const findings = defineModel<Finding[]>({ required: true });
const { unit } = useUnits();

const finding = (item: string): Finding =>
  findings.value.find((f) => f.item === item) ?? { item, answer: 'not looked at', note: '' };
function setFinding(item: string, part: Partial<Finding>): void {
  const next = { ...finding(item), ...part };
  if (next.amount === undefined) delete next.amount;
  findings.value = [...findings.value.filter((f) => f.item !== item), next];
}
</script>

<template>
  <div v-for="item in items" :key="item.key" class="item">
    <p :id="`q-${item.key}`">{{ worded(item.question) }}</p>
    <el-radio-group
      :model-value="finding(item.key).answer"
      :aria-labelledby="`q-${item.key}`"
      @update:model-value="(v) => setFinding(item.key, { answer: v as Finding['answer'] })"
    >
      <el-radio-button value="yes">yes</el-radio-button>
      <el-radio-button value="no">no</el-radio-button>
    </el-radio-group>
    <div
      v-if="finding(item.key).answer !== 'not looked at' && finding(item.key).answer !== item.good"
      class="detail"
    >
      <label v-if="item.amount"
        >{{ worded(item.amount.label)
        }}<template v-if="unit(item.amount.quantity)">, {{ unit(item.amount.quantity) }}</template>
        <MeasureInput
          optional
          hide-unit
          :quantity="item.amount.quantity"
          :label="`${item.question} ${item.amount.label}`"
          :min="0"
          :max="1e6"
          :model-value="finding(item.key).amount"
          @update:model-value="(v) => setFinding(item.key, { amount: v })"
      /></label>
      <label
        >note
        <TextInput
          :model-value="finding(item.key).note"
          :label="`${item.question} Note`"
          @update:model-value="(v) => setFinding(item.key, { note: v })"
      /></label>
    </div>
  </div>
</template>

<style scoped>
.item {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--s1) var(--s3);
  align-items: center;
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.detail {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 9rem minmax(0, 1fr);
  gap: var(--s2);
}
.detail label {
  font-size: var(--t-s);
  color: var(--ink-2);
}
</style>
