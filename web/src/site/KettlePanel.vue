<script setup lang="ts">
/** The kettle charge for a bay: how many blocks, how hot, how long, what it covers; and what is minded with it. */
import { computed, ref, watch } from 'vue';
import type { Coat } from '@lentum/core/buildup';
import { sentence } from '@lentum/core/problems';
import type { BayStatus } from '@lentum/core/record';
import { bayAreaM2, kettleCard, kettleDay, lastFlameMs, type HotTerms } from '@lentum/core/site';
import { CHARGES_END, kettleBlocks } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import SayParts from '../shared/SayParts.vue';
import HotCarePanel from './HotCarePanel.vue';
import type { LayingCard } from './layingcard.ts';

const props = defineProps<{ status: BayStatus; coat: Coat; terms: HotTerms }>();
const emit = defineEmits<{ ready: [card: LayingCard | undefined] }>();
const areaM2 = ref<number | undefined>(bayAreaM2(props.status.bay));
/** What this kettle holds; nothing typed: as the build-up says. */
const holdsKg = ref<number | undefined>();
const job = useJob();
const people = computed(() => job.weather.doc.draft.crew.people);
/** What this kettle melts and the crew lays from now on, until the last flame where a permit is open. */
const day = computed(() =>
  kettleDay(props.coat, areaM2.value ?? 0, {
    ...props.terms,
    ...{ holdsKg: holdsKg.value, litMs: job.nowMs, people: people.value },
    lastFlameMs: lastFlameMs(props.terms),
  }),
);
const card = computed(() =>
  kettleCard(props.coat, areaM2.value ?? 0, { ...props.terms, holdsKg: holdsKg.value }),
);
const ready = computed((): LayingCard | undefined => {
  if (!card.value.ok) return undefined;
  const made = card.value.value;
  const charges = day.value.ok ? day.value.value : undefined;
  return {
    known: {
      layerId: props.coat.id,
      chargedKg: Number(made.charge.value.toFixed(1)),
      blocks: made.blocks?.count.value,
    },
    blocks: (t) => kettleBlocks(made, charges, people.value, t),
  };
});
watch(ready, (now) => emit('ready', now), { immediate: true });
</script>

<template>
  <div class="ask">
    <label
      >Area left
      <MeasureInput
        v-model="areaM2"
        size="large"
        quantity="area"
        label="Area left"
        :min="0"
        :max="100000"
        :digits="2"
      />
    </label>
    <label
      >Kettle holds
      <MeasureInput
        v-model="holdsKg"
        size="large"
        quantity="mass"
        label="Kettle holds"
        :above="0"
        :max="5000"
        optional
      />
    </label>
  </div>
  <template v-if="card.ok">
    <HotCarePanel :care="card.value.care" part="before" />
    <p class="large"><FigureText :figure="card.value.charge" /></p>
    <dl>
      <template v-if="card.value.blocks">
        <dt>{{ card.value.blocks.name }}</dt>
        <dd><FigureText :figure="card.value.blocks.count" /></dd>
      </template>
      <dt>Melting takes</dt>
      <dd><FigureText :figure="card.value.melts" /></dd>
      <dt>Laid from</dt>
      <dd><FigureText :figure="card.value.from" /></dd>
      <dt>Never above</dt>
      <dd class="never"><FigureText :figure="card.value.most" /></dd>
      <dt>At heat no longer than</dt>
      <dd><FigureText :figure="card.value.keeps" /></dd>
      <dt>One charge covers</dt>
      <dd><FigureText :figure="card.value.covers" /></dd>
      <dt>Film</dt>
      <dd><FigureText :figure="card.value.film" /></dd>
      <dt>Hot probes</dt>
      <dd><FigureText :figure="card.value.probes" /></dd>
    </dl>
    <template v-if="day.ok">
      <h3>Charges, if the kettle is lit now and {{ people }} people lay</h3>
      <table v-if="day.value.charges.length > 0" class="dense">
        <thead>
          <tr>
            <th scope="col">Charge</th>
            <th scope="col" class="num">In</th>
            <th scope="col" class="num">Ready</th>
            <th scope="col" class="num">Laid by</th>
            <th scope="col" class="num">Covers</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="c in day.value.charges" :key="c.n">
            <th scope="row">{{ c.n }}</th>
            <td class="num"><FigureText :figure="c.mass" /></td>
            <td class="num">{{ job.time(c.readyMs) }}</td>
            <td class="num">{{ job.time(c.laidMs) }}</td>
            <td class="num"><FigureText :figure="c.covers" /></td>
          </tr>
        </tbody>
      </table>
      <p v-if="day.value.ends !== 'all is laid'">
        {{ worded(CHARGES_END[day.value.ends]) }} <FigureText :figure="day.value.left" /> stay for another
        day.
      </p>
    </template>
    <h3>Steps</h3>
    <ol>
      <li v-for="(s, i) in card.value.steps" :key="i"><SayParts fine :parts="s.says" /></li>
    </ol>
    <HotCarePanel :care="card.value.care" part="after" />
  </template>
  <p v-else class="stop" role="alert">{{ card.problems.map(sentence).join(' ') }}</p>
</template>

<style scoped src="./layingcard.css"></style>
<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--s1) var(--s4);
}
dt {
  color: var(--ink-2);
}
dd {
  margin: 0;
  text-align: right;
}
.never {
  color: var(--red);
  font-weight: 700;
}
</style>
