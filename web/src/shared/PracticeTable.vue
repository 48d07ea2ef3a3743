<script setup lang="ts">
/** Numbers of practice with what is set in place of the usual ones, and who says so. */
import { computed, ref } from 'vue';
import { REGISTER, type PracticeKey } from '@lentum/core/practice';
import MeasureInput from './MeasureInput.vue';
import type { PracticeRow } from './practicerows.ts';
import { useUnits } from './units.ts';

const props = defineProps<{ rows: PracticeRow[]; whose: string; maxHeight?: string }>();
const { say } = useUnits();
const sought = ref('');
const onlyOwn = ref(false);
const facts = (row: { key: PracticeKey }) => REGISTER[row.key];
const shown = computed(() =>
  props.rows.filter(
    (r) =>
      facts(r).label.toLowerCase().includes(sought.value.trim().toLowerCase()) &&
      (!onlyOwn.value || r.value !== undefined),
  ),
);
</script>

<template>
  <div class="seek">
    <el-input v-model="sought" placeholder="Find a number" aria-label="Find a number" clearable />
    <el-checkbox v-model="onlyOwn">only those that are set</el-checkbox>
  </div>
  <el-table :data="shown" row-key="key" :max-height="maxHeight ?? '60vh'" size="small">
    <el-table-column label="Number" min-width="200">
      <template #default="{ row }">
        {{ facts(row as PracticeRow).label }}
        <div class="quiet">{{ facts(row as PracticeRow).note }}</div>
      </template>
    </el-table-column>
    <el-table-column label="Usual" width="110" align="right">
      <template #default="{ row }">{{
        say(facts(row as PracticeRow).value, facts(row as PracticeRow).quantity)
      }}</template>
    </el-table-column>
    <el-table-column :label="whose" width="150">
      <template #default="{ row }">
        <MeasureInput
          v-model="row.value"
          :quantity="facts(row as PracticeRow).quantity"
          :label="`${whose}: ${facts(row as PracticeRow).label}`"
          :min="facts(row as PracticeRow).least"
          :max="facts(row as PracticeRow).most"
          optional
        />
      </template>
    </el-table-column>
    <el-table-column label="Who says so" min-width="180">
      <template #default="{ row }">
        <el-input
          v-model="row.says"
          maxlength="190"
          :disabled="row.value === undefined"
          :aria-label="`Who says so: ${facts(row as PracticeRow).label}`"
          placeholder="such as the engineer, letter of 12 May"
        />
      </template>
    </el-table-column>
  </el-table>
</template>

<style scoped>
.seek {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2) var(--s4);
  align-items: center;
  margin: var(--s2) 0;
}
.seek > :first-child {
  max-width: 20rem;
}
</style>
