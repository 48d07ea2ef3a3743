<script setup lang="ts">
/** What the work costs as it is planned, and how far that may go apart; on paper and as a spreadsheet. */
import { computed } from 'vue';
import { offerOf, type PlanAnswer, type PriceLine } from '@lentum/core/planning';
import type { Printout } from '@lentum/core/printout';
import { lateWords, lostWords, PRICE_COLUMNS, priceBlocks, priceRows, spreadWords } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import PrintButton from '../shared/printout/PrintButton.vue';
import { usePrinted } from '../shared/printout/telling.ts';
import SayParts from '../shared/SayParts.vue';
import { headOf, saveSpreadsheet } from '../shared/spreadsheet.ts';

const props = defineProps<{ answer: PlanAnswer }>();
const emit = defineEmits<{ costs: [] }>();
const job = useJob();

const price = computed(() => offerOf(props.answer, job.documents.programme.draft, job.takenOff.groups));
const says = computed(() =>
  [spreadWords(price.value), lostWords(price.value), lateWords(price.value)].filter((p) => p.length > 0),
);
const nameOf = (l: PriceLine): string => (l.own ? l.name : worded(l.name));
const { printed, telling } = usePrinted();
const printout = (): Printout => printed('Offer sheet', (t) => priceBlocks(price.value, t));
const save = (): Promise<void> =>
  saveSpreadsheet(
    {
      ...headOf(printed('Offer sheet', () => [])),
      ...{ columns: PRICE_COLUMNS.map(worded), rows: priceRows(price.value, telling()), money: [2] },
    },
    'offer.xlsx',
  );
</script>

<template>
  <section aria-label="What the work costs">
    <div class="head">
      <h2>What the work costs</h2>
      <span class="end bar no-print">
        <el-button @click="emit('costs')">Costs</el-button>
        <el-button :disabled="!job.isCounted" @click="save">Spreadsheet</el-button>
        <PrintButton :printout="printout" :disabled="!job.isCounted" label="Print the offer" />
      </span>
    </div>
    <p v-if="!job.isCounted" class="quiet" role="status">The order is being counted…</p>
    <table class="price">
      <tbody>
        <tr v-for="l in price.lines" :key="l.key">
          <th scope="row">{{ nameOf(l) }}</th>
          <td><FigureText :figure="l.amount" /></td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">{{ worded(price.total.label) }}</th>
          <td><FigureText :figure="price.total" /></td>
        </tr>
      </tfoot>
    </table>
    <p v-for="(p, i) in says" :key="i"><SayParts :parts="p" /></p>
    <p v-if="price.missing.length > 0" class="quiet">
      Not in the price: {{ price.missing.map(worded).join('; ') }}.
    </p>
    <p class="quiet">
      Work as it is planned from now on, material of the whole order. Prices and rates are those that were
      entered.
    </p>
  </section>
</template>

<style scoped>
.price {
  width: 100%;
  max-width: 620px;
  border-collapse: collapse;
}
.price th {
  text-align: left;
  font-weight: 400;
}
.price td {
  text-align: right;
  white-space: nowrap;
}
.price tr {
  border-bottom: var(--stroke) solid var(--line);
}
tfoot th,
tfoot td {
  font-weight: 700;
}
p {
  padding-top: var(--s2);
}
</style>
