<script setup lang="ts">
/** Leads a job that has just begun to its order, one step at a time. Tests belong to the survey; any other entry ends it. */
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useActKeys } from '../app/actkeys.ts';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import { nextStep } from './nextstep.ts';

const job = useJob();
const router = useRouter();
const route = useRoute();
const cut = computed(() => new Set(job.documents.site.content.bays.map((b) => b.zoneId)));
const step = computed(() =>
  job.entries.some(({ entry }) => entry.kind !== 'test')
    ? undefined
    : nextStep(
        job.zones.map(({ zone, quantities, buildUp }) => ({
          id: zone.id,
          name: zone.name,
          hasArea: quantities.ok,
          hasBuildUp: buildUp !== undefined,
          hasBays: cut.value.has(zone.id),
        })),
        String(route.name),
      ),
);
function on(): void {
  const next = step.value;
  if (next) void router.push({ name: next.stage, params: route.params, query: next.query });
}
useActKeys([{ key: 'n', what: 'the next step of a job that has just begun', run: on }]);
</script>

<template>
  <p v-if="step" class="next no-print" role="status">
    <span>{{ worded(step.says) }}</span>
    <RouterLink :to="{ name: step.stage, params: route.params, query: step.query }">{{
      worded(step.act)
    }}</RouterLink>
  </p>
</template>

<style scoped>
.next {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1) var(--s3);
  margin: 0;
  padding: var(--s1) var(--s6);
  background: var(--sea-soft);
}
.next a {
  font-weight: 700;
}
</style>
