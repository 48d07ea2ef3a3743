<script setup lang="ts">
/** Of a job whose roofs are handed over: it sleeps until a date, or what wakes it. */
import { onMounted, shallowRef } from 'vue';
import { get } from '../app/api.ts';
import { standingWords, type StandingTold } from './standing.ts';

const props = defineProps<{ jobId: string }>();
const emit = defineEmits<{ sleeps: [sleeps: boolean] }>();
const told = shallowRef<StandingTold>();
onMounted(async () => {
  try {
    told.value = (await get<StandingTold>(`/jobs/${props.jobId}/standing`)).body;
    emit('sleeps', told.value.sleeps);
  } catch {
    // The list says what it knows without it.
  }
});
</script>

<template>
  <RouterLink
    v-if="told"
    class="standing"
    :class="{ awake: told.due.length > 0 || told.openSnags > 0 }"
    :to="{
      name: told.openSnags > 0 && told.due.length === 0 ? 'handover' : 'upkeep',
      params: { jobId },
      query: { zone: (told.due[0] ?? told.next)?.zoneId },
    }"
    >{{ standingWords(told) }}</RouterLink
  >
</template>

<style scoped>
.standing {
  grid-column: 1 / -1;
}
.awake {
  color: var(--amber);
}
</style>
