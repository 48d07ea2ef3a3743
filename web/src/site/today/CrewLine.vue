<script setup lang="ts">
/** How many lay a bay, and how: it changes how long a bay takes, and with it every window. */
import { computed } from 'vue';
import { COMMON } from '@lentum/core/practice';
import { METHODS } from '@lentum/core/programme';
import { useJob } from '../../app/job.ts';
import ChoiceButtons from '../../shared/ChoiceButtons.vue';

const job = useJob();
const crew = computed(() => job.weather.doc.draft.crew);
const people = computed(() =>
  Array.from({ length: (job.state?.practice ?? COMMON).mostCrew.value }, (_, i) => ({
    value: i + 1,
    name: String(i + 1),
    label: `${i + 1} ${i === 0 ? 'person' : 'people'}`,
  })),
);
const WAYS = METHODS.map((value) => ({ value, name: value }));
/** What the tools and the shape of the work make of the usual output. Common practice, no source. */
const PACES = (
  [
    [0.7, 'cut up'],
    [1, 'usual'],
    [1.4, 'open field'],
  ] as const
).map(([value, name]) => ({ value: value as number, name, label: `Pace: ${name}` }));
</script>

<template>
  <div class="bar crew">
    <span class="quiet">People</span>
    <ChoiceButtons v-model="crew.people" :options="people" />
    <ChoiceButtons v-model="crew.method" :options="WAYS" />
    <ChoiceButtons v-model="crew.toolShare" :options="PACES" />
  </div>
</template>

<style scoped>
.crew {
  flex-wrap: wrap;
  gap: var(--s2);
}
@media (max-width: 820px) {
  .crew :deep(.el-button) {
    min-height: var(--tap);
  }
}
</style>
