<script setup lang="ts">
/** What is put on the deck of a zone, against what a structural engineer allows. */
import { computed } from 'vue';
import { buildUpOfZone } from '@lentum/core/buildup';
import type { FallsReport } from '@lentum/core/falls';
import { deckLoads } from '@lentum/core/order';
import { practiceOf } from '@lentum/core/practice';
import type { Zone } from '@lentum/core/survey';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';

const props = defineProps<{ zone: Zone; falls: FallsReport | undefined }>();
const job = useJob();
const deck = computed(() =>
  deckLoads(props.zone, {
    buildUp: buildUpOfZone(job.documents.buildUps.content, props.zone.id),
    falls: props.falls,
    order: job.documents.order.content,
    practice: practiceOf(job.jobRules.practice),
  }),
);
</script>

<template>
  <section aria-label="Loads on the deck">
    <div class="head prep">
      <h2>Loads on the deck</h2>
      <span class="quiet">
        <template v-if="deck.allowed">it may carry <FigureText :figure="deck.allowed" /></template>
        <template v-else>what it may carry is not known, or nobody is named for it</template>
      </span>
    </div>
    <table class="dense">
      <tbody>
        <tr v-for="l in deck.loads" :key="l.key">
          <th scope="row">{{ worded(l.name) }}</th>
          <td class="num"><FigureText :figure="l.load" /></td>
          <td :class="{ heavy: l.answer === 'too heavy' }">
            {{ l.answer
            }}<template v-if="l.spreadM2">; spread it over <FigureText :figure="l.spreadM2" /></template>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="quiet">
      Each with what stays below it; not people, snow, or what lies there now. A structural engineer decides.
    </p>
  </section>
</template>

<style scoped>
.prep {
  margin-top: var(--s6);
}
th[scope='row'] {
  font-weight: 400;
  text-align: left;
}
.heavy {
  color: var(--red);
  font-weight: 700;
}
</style>
