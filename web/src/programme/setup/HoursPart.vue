<script setup lang="ts">
/** Hours of a day, days of a week, and days on which nobody works. */
import { ref } from 'vue';
import type { ProgrammeDoc } from '@lentum/core/planning';
import CountField from './CountField.vue';
import DaysField from './DaysField.vue';
import { sentenceOf } from '../../app/api.ts';
import { useProgrammeDoc } from './programmedoc.ts';
import { daysOffIn } from './readcalendar.ts';
import TimeField from './TimeField.vue';

const { draft, change, today } = useProgrammeDoc();
const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const set = (next: Partial<ProgrammeDoc['hours']>): void =>
  change({ hours: { ...draft.value.hours, ...next } });
/** Days that were off before keep their names. */
const setOff = (days: readonly string[]): void =>
  change({ off: days.map((on) => draft.value.off.find((o) => o.on === on) ?? { on, says: '' }) });
const LOUD = { from: '09:00', to: '16:00' };
function setLoud(next: Partial<typeof LOUD> | undefined): void {
  const { loud: _old, ...rest } = draft.value;
  change({ ...rest, loud: next && { ...(draft.value.loud ?? LOUD), ...next } });
}

const MOST_OFF = 400;
const read = ref('');
const trouble = ref('');
/** Whole days of a calendar file are days on which nobody works; those that were there stay. */
async function readCalendar(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  trouble.value = read.value = '';
  if (!file) return;
  try {
    const found = await daysOffIn(await file.text(), today.value);
    const there = new Set(draft.value.off.map((o) => o.on));
    const fresh = found.filter((o) => !there.has(o.on)).slice(0, MOST_OFF - there.size);
    if (fresh.length > 0)
      change({ off: [...draft.value.off, ...fresh].sort((a, b) => a.on.localeCompare(b.on)) });
    read.value = `${found.length} whole days read from ${file.name}, ${fresh.length} of them new.`;
  } catch (error) {
    trouble.value = `${file.name}: ${sentenceOf(error)}`;
  }
}
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
    <label class="quiet"
      >days off from a calendar file (.ics)
      <input type="file" accept=".ics,text/calendar" @change="readCalendar"
    /></label>
    <p v-if="read" role="status" class="quiet">{{ read }}</p>
    <p v-if="trouble" role="alert" class="trouble">{{ trouble }}</p>
    <div class="bar">
      <el-checkbox
        :model-value="draft.loud !== undefined"
        @update:model-value="(v) => setLoud(v ? {} : undefined)"
        >Loud work only at some hours</el-checkbox
      >
      <template v-if="draft.loud">
        <TimeField
          name="from"
          label="Loud work from"
          :model-value="draft.loud.from"
          @update:model-value="(from) => setLoud({ from })"
        />
        <TimeField
          name="to"
          label="Loud work to"
          :model-value="draft.loud.to"
          @update:model-value="(to) => setLoud({ to })"
        />
        <span class="quiet">Grinding, cutting, profiling, stripping and rust wait for these hours.</span>
      </template>
    </div>
  </section>
</template>

<style scoped>
.trouble {
  color: var(--red);
}
</style>
