<script setup lang="ts">
/** What another waste, area or build-up would change: the lines that move, and the price. */
import { computed, ref } from 'vue';
import { picksWords, whatIf, type OrderLine } from '@lentum/core/order';
import { useJob } from '../app/job.ts';
import FigureText from '../shared/FigureText.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import { useUnits } from '../shared/units.ts';

const job = useJob();
const { say } = useUnits();
const liquidPct = ref<number | undefined>(10);
const areaPct = ref<number>();
const zoneId = ref('');
const other = ref('');

const doc = computed(() => job.documents.buildUps.draft);
const zones = computed(() => [
  { value: '', label: 'no other build-up' },
  ...job.zones.filter((z) => z.buildUp).map((z) => ({ value: z.zone.id, label: z.zone.name })),
]);
const buildUps = computed(() =>
  doc.value.buildUps
    .filter((b) => b.family !== 'POCKET')
    .map((b) => ({ value: `${b.id}/${b.revision}`, label: `${b.name}, revision ${b.revision}` })),
);
const swap = computed(() => {
  const [buildUpId, revision] = other.value.split('/');
  return zoneId.value && buildUpId
    ? { zoneId: zoneId.value, buildUpId, revision: Number(revision) }
    : undefined;
});
const asked = computed(
  () => liquidPct.value !== undefined || areaPct.value !== undefined || swap.value !== undefined,
);
/** Both orders with the same courses: until these are laid out there is nothing to compare. */
const compared = computed(() =>
  asked.value && job.courses.plan
    ? whatIf(
        job.documents.survey.content,
        doc.value,
        job.documents.order.content,
        job.takenOff,
        { liquidPct: liquidPct.value, areaPct: areaPct.value, swap: swap.value },
        { courses: job.courses.plan, system: job.head?.units },
      )
    : undefined,
);
const buys = (line: OrderLine | undefined): string =>
  line ? picksWords(line.buy.picks) || 'nothing' : 'not in the order';
const left = (line: OrderLine | undefined): string => (line ? say(line.buy.leftOver, line.quantity) : '');
</script>

<template>
  <section class="what-if" aria-label="What if">
    <div class="head"><h2>What if</h2></div>
    <div class="bar ask">
      <div>
        <label>Liquids waste</label>
        <MeasureInput
          v-model="liquidPct"
          quantity="percent"
          label="Waste of liquids to compare with"
          :min="0"
          :max="100"
          :digits="1"
          optional
        />
      </div>
      <div>
        <label>More field, or less</label>
        <MeasureInput
          v-model="areaPct"
          quantity="percent"
          label="More or less area to compare with"
          :min="-90"
          :max="300"
          :digits="1"
          optional
        />
      </div>
      <div class="wide">
        <label>On this zone</label>
        <PickList v-model="zoneId" own label="Zone to compare" :options="zones" />
      </div>
      <div v-if="zoneId" class="wide">
        <label>this build-up</label>
        <PickList v-model="other" own label="Build-up to compare with" :options="buildUps" />
      </div>
    </div>
    <template v-if="compared">
      <p>
        <FigureText :figure="compared.priceAfter" /> instead of <FigureText :figure="compared.priceBefore" />:
        {{ compared.priceAfter.value >= compared.priceBefore.value ? '+' : ''
        }}{{ say(compared.priceAfter.value - compared.priceBefore.value, 'price') }}.
      </p>
      <p v-if="compared.changes.length === 0" class="quiet">The same would be bought.</p>
      <div v-else class="scroll-x">
        <table class="dense">
          <thead>
            <tr>
              <th scope="col">Product</th>
              <th scope="col">Now</th>
              <th scope="col" class="num">Left</th>
              <th scope="col">Then</th>
              <th scope="col" class="num">Left</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(c, i) in compared.changes" :key="i">
              <th scope="row">{{ c.name }}</th>
              <td>{{ buys(c.before) }}</td>
              <td class="num">{{ left(c.before) }}</td>
              <td>
                <strong v-if="buys(c.before) !== buys(c.after)">{{ buys(c.after) }}</strong><template v-else
                  >the same</template
                >
              </td>
              <td class="num">{{ left(c.after) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </section>
</template>

<style scoped>
.ask {
  gap: var(--s4);
  align-items: end;
  padding: var(--s2) 0;
}
.ask > div {
  width: 9.5rem;
}
.ask > .wide {
  width: 18rem;
}
label {
  font-size: var(--t-s);
  font-weight: 600;
  color: var(--ink-2);
}
th[scope='row'] {
  text-align: left;
}
</style>
