<script setup lang="ts">
/** Hours of a day, days of a week, and days on which nobody works. */
import type { ProgrammeDoc } from '@lentum/core/planning';
import CountField from './CountField.vue';
import DaysField from './DaysField.vue';
import { useProgrammeDoc } from './programmedoc.ts';
import TimeField from './TimeField.vue';

const { draft, change } = useProgrammeDoc();
const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const set = (next: Partial<ProgrammeDoc['hours']>): void =>
  change({ hours: { ...draft.value.hours, ...next } });
/** Days that were off before keep their names. */
const setOff = (days: readonly string[]): void =>
  change({ off: days.map((on) => draft.value.off.find((o) => o.on === on) ?? { on, says: '' }) });
</script>

<template>
  <section aria-label="Hours">
    <h2>Hours</h2>
    <div class="bar">
      <TimeField name="from" :model-value="draft.hours.from" @update:model-value="(from) => set({ from })" />
      <TimeField name="to" :model-value="draft.hours.to" @update:model-value="(to) => set({ to })" />
      <TimeField
        name="break at"
        :model-value="draft.hours.breakFrom"
        @update:model-value="(breakFrom) => set({ breakFrom })"
      />
      <CountField
        name="for"
        label="Break, minutes"
        unit="min"
        :most="180"
        :step="15"
        :model-value="draft.hours.breakMin"
        @update:model-value="(v) => set({ breakMin: v ?? 0 })"
      />
    </div>
    <el-checkbox-group
      :model-value="draft.hours.days"
      aria-label="Days of work"
      @update:model-value="(v) => set({ days: [...(v as number[])].sort((a, b) => a - b) })"
    >
      <el-checkbox v-for="(d, i) in DAYS" :key="d" :value="i + 1">{{ d }}</el-checkbox>
    </el-checkbox-group>
    <DaysField
      name="nobody works on"
      label="Nobody works on"
      :model-value="draft.off.map((o) => o.on)"
      @update:model-value="setOff"
    />
  </section>
</template>
