<script setup lang="ts">
/** On a stage that whoever is signed in may not change: that they read it, and who changes it. */
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import type { Right } from '@lentum/core/access';
import { useJob } from '../app/job.ts';
import { whyNot } from '../app/session.ts';

const RIGHT_OF: Readonly<Record<string, Right>> = {
  survey: 'change survey',
  'build-up': 'change build-up',
  details: 'change survey',
  order: 'change order',
  programme: 'change programme',
  handover: 'change handover',
};
const job = useJob();
const route = useRoute();
const why = computed(() => {
  const right = RIGHT_OF[String(route.name)];
  return right && whyNot(right, job.id);
});
</script>

<template>
  <p v-if="why" class="reads no-print" role="note">You read this page. {{ why }}</p>
</template>

<style scoped>
.reads {
  margin: 0;
  padding: var(--s2) var(--s6);
  background: var(--wash);
  border-bottom: var(--stroke) solid var(--line);
}
@media (max-width: 720px) {
  .reads {
    padding: var(--s2) var(--s3);
  }
}
</style>
