<script setup lang="ts">
/** The order of the bays: shown, played step by step, from an access that can be set. */
import { useIntervalFn } from '@vueuse/core';
import { computed, watch } from 'vue';
import type { Zone } from '@lentum/core/survey';
import { worded } from '../app/wording.ts';
import PlaceInputs from '../survey/PlaceInputs.vue';
import type { BayWalk } from './bayroute.ts';

const props = defineProps<{ walk: BayWalk; zone: Zone }>();
const { shown, step, access, said, route, problem, bays } = props.walk;
const STEP_MS = 900;
const count = computed(() => route.value?.steps.length ?? 0);
const { isActive, pause, resume } = useIntervalFn(
  () => {
    if (step.value >= count.value) pause();
    else step.value += 1;
  },
  STEP_MS,
  { immediate: false },
);
watch(shown, (on) => {
  if (!on) pause();
});
function play(): void {
  if (step.value >= count.value) step.value = 0;
  resume();
}
const labelOf = (id: string): string => bays.value.find((b) => b.id === id)?.label ?? '';
const says = computed(() => {
  const now = route.value?.steps[step.value];
  if (!now) return `All ${count.value} bays are laid; the last one is left at the access.`;
  const over = now.over.map(labelOf).join(', ');
  return `${step.value + 1} of ${count.value}: bay ${labelOf(now.bayId)}, left ${over ? `over ${over} ` : ''}to the access.`;
});
</script>

<template>
  <section class="walk" aria-label="Order of the bays">
    <el-button class="tap" :aria-expanded="shown" @click="shown = !shown">{{
      shown ? 'Back to the state of the bays' : 'In which order?'
    }}</el-button>
    <template v-if="shown">
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <template v-else-if="route">
        <div class="bar">
          <el-button class="tap" :disabled="step === 0" @click="step -= 1">Step back</el-button>
          <el-button class="tap" :disabled="step >= count" @click="step += 1">Next bay</el-button>
          <el-button class="tap" @click="isActive ? pause() : play()">{{
            isActive ? 'Stop' : 'Play'
          }}</el-button>
          <input v-model.number="step" type="range" min="0" :max="count" aria-label="Bays laid so far" />
        </div>
        <p role="status">{{ worded(says) }}</p>
      </template>
      <div class="access">
        <span class="quiet"
          >People come on to {{ zone.name }}{{ said ? '' : ' (taken to be at corner 1)' }}:</span
        >
        <PlaceInputs label="Access" :model-value="access" @update:model-value="walk.setAccess" />
      </div>
    </template>
  </section>
</template>

<style scoped>
.walk {
  display: grid;
  gap: var(--s2);
  justify-items: start;
  margin-top: var(--s2);
}
input[type='range'] {
  width: 12rem;
}
.access {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s3);
  align-items: end;
}
.access label {
  width: 9rem;
}
</style>
