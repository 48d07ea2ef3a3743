<script setup lang="ts">
/** What the readings of each coat of a zone say of all of its film, and how many more that takes. */
import { computed } from 'vue';
import { meanAtLeast, planFromReadings, SAMPLING } from '@lentum/core/film';
import { practiceOf } from '@lentum/core/practice';
import type { BayStatus } from '@lentum/core/record';
import { useJob } from '../app/job.ts';
import FigureText from '../shared/FigureText.vue';

const props = defineProps<{ bays: readonly BayStatus[] }>();
const job = useJob();
const practice = computed(() => practiceOf(job.jobRules.practice));
const rows = computed(() => {
  const laid = props.bays.flatMap((s) => s.laid);
  return [...new Set(laid.map((l) => l.coat.id))].flatMap((id) => {
    const coats = laid.filter((l) => l.coat.id === id);
    const last = coats.at(-1);
    const ofDesign = coats.flatMap((l) => l.judgement.readings.map((r) => r.lowMm / l.judgement.owed.value));
    const atLeast = meanAtLeast(ofDesign, SAMPLING.confidence, 'share');
    const plan = last && planFromReadings(last.buildUp.acceptance, ofDesign, practice.value);
    if (!last || !atLeast || !plan) return [];
    return [{ id, name: last.coat.name, readings: ofDesign.length, needed: plan.readings, atLeast }];
  });
});
const anyUnsettled = computed(() => rows.value.some((r) => r.needed === undefined));
</script>

<template>
  <template v-if="rows.length > 0">
    <div class="head"><h2>Readings for the whole zone</h2></div>
    <table class="dense">
      <thead>
        <tr>
          <th scope="col">Coat</th>
          <th scope="col" class="num">Taken</th>
          <th scope="col" class="num">Needed</th>
          <th scope="col" class="num">Mean, at least</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.id">
          <th scope="row">{{ r.name }}</th>
          <td class="num">{{ r.readings }}</td>
          <td class="num">{{ r.needed ?? 'cannot tell' }}</td>
          <td class="num"><FigureText :figure="r.atLeast" /></td>
        </tr>
      </tbody>
    </table>
    <p class="quiet">
      For the rule to hold with {{ job.say(SAMPLING.confidence.value, 'share') }} confidence, no more than
      {{ job.say(SAMPLING.missed.value, 'share') }} of the area short without being found, at the mean and
      spread so far; none of them short. Means are of the design.
      <template v-if="anyUnsettled">
        Cannot tell: the film lies too near its design for any number of readings.
      </template>
    </p>
  </template>
</template>

<style scoped>
th[scope='row'] {
  font-weight: 400;
}
</style>
