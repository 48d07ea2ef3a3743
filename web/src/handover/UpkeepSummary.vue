<script setup lang="ts">
/** Whether a roof is handed over, and in a few lines what comes after; the page of its upkeep says the rest. */
import { computed } from 'vue';
import { DATE_NAMES, dateText, openWords } from '@lentum/core/handover';
import { upkeepOfZone } from '@lentum/core/upkeep';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import { may } from '../app/session.ts';

const props = defineProps<{ zoneId: string; unproven: number }>();
const emit = defineEmits<{ handOver: [] }>();
const job = useJob();
const plan = computed(() => job.state && upkeepOfZone(job.state, props.zoneId, job.timeZone));
const handed = computed(() => plan.value?.kept.handedOver);
const first = computed(() => {
  const dates = plan.value?.dates.filter((d) => d.state !== 'done') ?? [];
  return (['visit', 'outlets', 'recoat', 'renewal'] as const).flatMap(
    (key) => dates.find((d) => d.key === key) ?? [],
  );
});
</script>

<template>
  <section aria-label="Handing over and upkeep" class="summary">
    <p v-if="handed">
      <strong>Handed over</strong> to {{ handed.body.to }}, {{ job.time(handed.atMs) }}, by
      {{ handed.entry.who }}.
      {{ worded(openWords(handed.body.unproven)) }}
    </p>
    <div v-else class="bar">
      <el-button v-if="may('enter', job.id)" @click="emit('handOver')">Hand over</el-button>
      <span v-else>Not handed over yet</span>
      <span v-if="unproven > 0 && may('enter', job.id)" class="quiet"
        >with {{ unproven }} not proven, which the entry will say</span
      >
    </div>
    <h2>Upkeep</h2>
    <dl v-if="plan" class="pairs">
      <template v-for="d in first" :key="d.key">
        <dt>{{ worded(DATE_NAMES[d.key]) }}</dt>
        <dd>{{ dateText(d) }}{{ d.state === 'late' ? ', not on record' : '' }}</dd>
      </template>
      <template v-if="plan.film?.lowest">
        <dt>Least top film, dry</dt>
        <dd><FigureText :figure="plan.film.lowest" /></dd>
      </template>
    </dl>
    <p v-else class="quiet">Its build-up does not say how it is looked after.</p>
    <p>
      <RouterLink :to="{ name: 'upkeep', query: { zone: zoneId } }">{{
        worded('Visits, twenty years and guarantee')
      }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
.summary h2 {
  font-size: var(--t-m);
  margin-top: var(--s4);
}
.pairs {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--s1) var(--s3);
  margin: var(--s2) 0;
}
.pairs dd {
  margin: 0;
  font-weight: 600;
  text-align: right;
}
p {
  margin-bottom: var(--s2);
}
</style>
