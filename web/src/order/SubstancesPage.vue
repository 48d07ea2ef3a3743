<script setup lang="ts">
/** The substances of the job on one sheet, to be printed and hung up: protection, transport, cleaning, waste. */
import { computed } from 'vue';
import { oldRoof } from '@lentum/core/readiness';
import { heading, line, type Printout } from '@lentum/core/printout';
import { harmfulWords, oldRoofBlocks, substanceBlocks, substancesOf } from '@lentum/core/words';
import { useAllRoofs } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import PrintButton from '../shared/printout/PrintButton.vue';
import { usePrinted } from '../shared/printout/telling.ts';

const job = useJob();
useAllRoofs();
const substances = computed(() => substancesOf(job.takenOff.lines));
/** What comes off the old roofs, zone by zone. */
const old = computed(() =>
  job.zones.flatMap(({ zone, quantities }) => {
    const found = quantities.ok ? oldRoof(zone, quantities.value) : undefined;
    return found ? [{ name: zone.name, ...found }] : [];
  }),
);
const TAIL =
  'A reminder, not an assessment. The safety sheets, local rules for waste and the people responsible for safety decide; what is stripped off the old roof is tested before it goes.';
const { printed } = usePrinted();
const printout = (): Printout =>
  printed('Substances of this job', (t) => [
    ...substanceBlocks(substances.value, t),
    ...(old.value.length > 0
      ? [heading(1, t.w('Taken off the old roof')), ...old.value.map((o) => oldRoofBlocks(o.name, o, t))]
      : []),
    line(t.w(TAIL), 'quiet'),
  ]);
</script>

<template>
  <section aria-label="Substances of this job">
    <div class="head">
      <h1>Substances of this job</h1>
      <span v-if="job.isCounted" class="quiet"
        >{{ substances.length }} with a hazard, from what is ordered</span
      >
      <span v-else class="quiet" role="status">The order is being counted…</span>
      <PrintButton
        v-if="substances.length + old.length > 0"
        class="end"
        :printout="printout"
        :disabled="!job.isCounted"
      />
    </div>
    <p v-if="job.isCounted && substances.length === 0" class="quiet">
      Nothing that is ordered carries a hazard. Hazards are those of the layers’ products, under Build-up.
    </p>
    <article v-for="s in substances" :key="s.key">
      <h2>{{ worded(s.name) }}</h2>
      <p class="quiet">
        <FigureText :figure="s.amount" /> · {{ s.zoneNames.join(', ') }} · {{ worded(s.hazards.join(', ')) }}
      </p>
      <div class="two">
        <div>
          <h3>Protect yourself</h3>
          <ul>
            <li v-for="p in s.protect" :key="p">{{ worded(p) }}</li>
          </ul>
        </div>
        <div>
          <h3>Carry, clean, dispose</h3>
          <ul>
            <li v-if="s.carriage">Transport, {{ worded(`${s.carriage.what}: ${s.carriage.says}.`) }}</li>
            <li v-if="s.cleaner">
              {{
                s.cleaner === 'wiped dry' ? 'Tools are wiped dry.' : `Tools are cleaned with ${s.cleaner}.`
              }}
            </li>
            <li v-for="w in s.waste" :key="w">{{ worded(w) }}</li>
          </ul>
        </div>
      </div>
    </article>
    <article v-if="old.length > 0">
      <h2>Taken off the old roof</h2>
      <template v-for="o in old" :key="o.name">
        <h3>{{ o.name }}</h3>
        <ul>
          <li v-for="r in o.removed" :key="r.what">
            {{ worded(r.what) }}: <FigureText v-if="r.amount" :figure="r.amount" /><template v-else
              >how much, cannot tell: weigh or measure it in the survey, under Readiness</template
            >.
          </li>
          <li v-for="h in o.harmful" :key="h.what">
            {{ worded(harmfulWords(h)) }}
          </li>
        </ul>
      </template>
    </article>
    <p v-if="substances.length + old.length > 0" class="quiet">{{ worded(TAIL) }}</p>
  </section>
</template>

<style scoped>
h1 {
  font-size: var(--t-l);
}
h2 {
  font-size: var(--t-m);
  margin: 0;
}
h3 {
  font-size: var(--t-s);
  margin: 0;
}
article {
  border-top: var(--stroke) solid var(--line);
  padding: var(--s3) 0;
  break-inside: avoid;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: var(--s3) var(--s6);
  margin-top: var(--s2);
}
ul {
  padding-left: 1.2rem;
  margin: var(--s1) 0;
}
li {
  margin-bottom: var(--s1);
}
</style>
