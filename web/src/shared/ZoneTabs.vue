<script setup lang="ts">
/** The zones of the job as a row of choices. */
import { useJob } from '../app/job.ts';

defineProps<{ chosen: string | undefined }>();
const emit = defineEmits<{ choose: [zoneId: string] }>();
const job = useJob();
</script>

<template>
  <div class="zones" role="group" aria-label="Zone">
    <button
      v-for="{ zone } in job.zones"
      :key="zone.id"
      type="button"
      :aria-pressed="zone.id === chosen"
      @click="emit('choose', zone.id)"
    >
      <strong>{{ zone.code }}</strong> {{ zone.name }}
    </button>
    <slot />
  </div>
</template>

<style scoped>
.zones {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2);
}
button {
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: 999px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  padding: var(--s1) var(--s3);
  min-height: 36px;
  cursor: pointer;
}
button[aria-pressed='true'] {
  border-color: var(--sea);
  box-shadow: inset 0 0 0 1px var(--sea);
  background: var(--sea-soft);
}
@media (max-width: 720px) {
  .zones {
    flex-wrap: nowrap;
    overflow-x: auto;
    padding-bottom: var(--s1);
  }
  button {
    white-space: nowrap;
    min-height: var(--tap);
  }
}
</style>
