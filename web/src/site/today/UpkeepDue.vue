<script setup lang="ts">
/** On roofs that are handed over: what is due or was missed, with a way to its visit. */
import { computed } from 'vue';
import { DATE_NAMES, dateText, jobStanding } from '@lentum/core/handover';
import { useJob } from '../../app/job.ts';
import { worded } from '../../app/wording.ts';

const job = useJob();
const due = computed(() =>
  job.state ? jobStanding(job.state, job.timeZone, job.documents.proving.content).due : [],
);
</script>

<template>
  <section v-if="due.length > 0" aria-label="Upkeep that is due">
    <h2>Upkeep</h2>
    <p v-for="d in due" :key="d.zoneId + d.date.key + d.date.from">
      <RouterLink :to="{ name: 'upkeep', query: { zone: d.zoneId } }"
        >{{ d.zoneName }}: {{ worded(DATE_NAMES[d.date.key]).toLowerCase() }}</RouterLink
      >,
      {{ d.date.state === 'late' ? `not on record for ${dateText(d.date)}` : `due in ${dateText(d.date)}` }}
    </p>
  </section>
</template>

<style scoped>
h2 {
  font-size: var(--t-m);
}
p {
  line-height: var(--tap);
}
</style>
