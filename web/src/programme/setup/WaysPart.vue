<script setup lang="ts">
/** Machines, ways between works, and the hours of an inspector. */
import CountField from './CountField.vue';
import { useProgrammeDoc } from './programmedoc.ts';
import StepTimes from './StepTimes.vue';
import TimeField from './TimeField.vue';
import { useJob } from '../../app/job.ts';

const job = useJob();
const { draft, change } = useProgrammeDoc();
const TIMES = [
  ['setUpMin', 'setting up', 180],
  ['clearMin', 'clearing away', 180],
  ['moveMin', 'to another roof', 180],
  ['changeMin', 'to another work', 120],
] as const;
const INSPECTOR = { from: '11:00', to: '12:00', days: [1, 2, 3, 4, 5] };
function setInspector(next: Partial<typeof INSPECTOR> | undefined): void {
  const { inspector: _old, ...rest } = draft.value;
  change({ ...rest, inspector: next && { ...(draft.value.inspector ?? INSPECTOR), ...next } });
}
</script>

<template>
  <section aria-label="Machines, and ways between works">
    <h2>Machines, and ways between works</h2>
    <div class="bar">
      <CountField
        name="sprayers"
        :most="20"
        :model-value="draft.machines.sprayers"
        @update:model-value="(v) => change({ machines: { ...draft.machines, sprayers: v ?? 0 } })"
      />
      <CountField
        name="kettles"
        :most="20"
        :model-value="draft.machines.kettles"
        @update:model-value="(v) => change({ machines: { ...draft.machines, kettles: v ?? 0 } })"
      />
    </div>
    <div class="bar">
      <CountField
        v-for="[key, says, most] in TIMES"
        :key="key"
        :name="says"
        :label="`${says}, minutes`"
        unit="min"
        :most="most"
        :step="5"
        :model-value="draft.times[key].value"
        @update:model-value="
          (v) => change({ times: { ...draft.times, [key]: { value: v ?? 0, source: 'chosen' } } })
        "
      />
    </div>
    <StepTimes />
    <div class="bar">
      <el-checkbox
        :model-value="draft.inspector !== undefined"
        @update:model-value="(v) => setInspector(v ? {} : undefined)"
        >An inspector comes at fixed hours</el-checkbox
      >
      <template v-if="draft.inspector">
        <TimeField
          name="from"
          label="Inspector from"
          :model-value="draft.inspector.from"
          @update:model-value="(from) => setInspector({ from })"
        />
        <TimeField
          name="to"
          label="Inspector to"
          :model-value="draft.inspector.to"
          @update:model-value="(to) => setInspector({ to })"
        />
        <span v-if="job.jobRules.holdPoints.length === 0" class="quiet"
          >The job’s rules name nothing that has to be accepted: the plan asks for no visit.</span
        >
      </template>
    </div>
  </section>
</template>
