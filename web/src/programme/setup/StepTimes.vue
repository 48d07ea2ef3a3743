<script setup lang="ts">
/** How long steps of the preparation take, for one person and one unit: usual values, until somebody says better. */
import { STEP_MIN_EACH, LOUD, type ProgrammeDoc } from '@lentum/core/planning';
import { stepDone } from '@lentum/core/words';
import { worded } from '../../app/wording.ts';
import CountField from './CountField.vue';
import { useProgrammeDoc } from './programmedoc.ts';

const { draft, change } = useProgrammeDoc();
type StepMin = ProgrammeDoc['times']['stepMin'];
type Key = keyof StepMin;
const KEYS = Object.keys(STEP_MIN_EACH) as Key[];

/** What stands behind a number that nobody changed, and what is heard far. */
const noteOf = (key: Key): string =>
  [draft.value.times.stepMin[key] ? '' : 'usual', LOUD.includes(key) ? 'loud' : '']
    .filter((s) => s !== '')
    .join(', ');

function set(key: Key, value: number | null): void {
  const { [key]: _old, ...rest } = draft.value.times.stepMin;
  const isUsual = value === null || value === STEP_MIN_EACH[key];
  const stepMin: StepMin = isUsual ? rest : { ...rest, [key]: { value, source: 'chosen' } };
  change({ times: { ...draft.value.times, stepMin } });
}
</script>

<template>
  <details>
    <summary>Minutes of preparation, one person, for each m², m, kg, litre or piece</summary>
    <div class="steps">
      <span v-for="key in KEYS" :key="key" class="step">
        <CountField
          :name="worded(stepDone(key))"
          :label="`${worded(stepDone(key))}, minutes`"
          unit="min"
          plain
          :most="600"
          :digits="1"
          :model-value="draft.times.stepMin[key]?.value ?? STEP_MIN_EACH[key] ?? 0"
          @update:model-value="(v) => set(key, v)"
        />
        <span class="quiet">{{ noteOf(key) }}</span>
      </span>
    </div>
  </details>
</template>

<style scoped>
.steps {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: var(--s1) var(--s4);
  padding: var(--s2) 0;
}
.step {
  display: flex;
  gap: var(--s2);
  align-items: center;
}
.step :deep(label) {
  display: inline-grid;
  grid-template-columns: 160px 84px auto;
  align-items: center;
  gap: var(--s2);
}
</style>
