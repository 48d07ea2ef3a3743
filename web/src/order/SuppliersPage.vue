<script setup lang="ts">
/** Prices by supplier: ask for them, read the answers, compare, and say whose the order counts with. */
import { DateTime } from 'luxon';
import { computed, ref } from 'vue';
import { compareOffers, requestBlocks, requestedPacks, type Offer } from '@lentum/core/order';
import type { Printout } from '@lentum/core/printout';
import { useAllRoofs } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import PickList from '../shared/PickList.vue';
import PrintButton from '../shared/printout/PrintButton.vue';
import { usePrinted } from '../shared/printout/telling.ts';
import AnswerForm from './AnswerForm.vue';
import OffersTable from './OffersTable.vue';
import RequestTable from './RequestTable.vue';
import { saveRequestCsv, saveRequestSheet } from './requests.ts';

const job = useJob();
useAllRoofs();
const order = computed(() => job.documents.order.draft);
/** Lines of the order at the prices of the build-ups or of whoever is chosen: what is needed is the same. */
const lines = computed(() => job.takenOff.lines);
const { printed } = usePrinted();
const printout = (): Printout => printed('Request for prices', (t) => requestBlocks(lines.value, t));
const packs = computed(() => requestedPacks(lines.value).length);
const asked = computed(
  () => new Set(lines.value.filter((l) => l.need.value > 0).map((l) => l.item.key)).size,
);
const today = computed(() => DateTime.fromMillis(job.nowMs, { zone: job.timeZone }).toISODate() ?? '');
const fileName = computed(
  () => `request-${(job.head?.name ?? 'job').replaceAll(/[^A-Za-z0-9]+/g, '-').toLowerCase()}`,
);
const compared = computed(() =>
  compareOffers(lines.value, order.value.offers, order.value.taxPct, today.value),
);
/** Until courses are laid out the order goes by area, and some of what it needs is not in it yet. */
const whole = computed(() => job.courses.settled && job.isCounted);
const BUILD_UPS = 'build-ups';
const whose = computed(() => [
  { value: BUILD_UPS, label: 'the build-ups, as their catalogue says' },
  ...order.value.offers.map((o) => ({ value: o.id, label: o.supplier })),
]);
function countWith(id: string): void {
  if (id === BUILD_UPS) delete order.value.pricesFrom;
  else order.value.pricesFrom = id;
}
function add(offer: Offer): void {
  order.value.offers = [...order.value.offers, offer];
}
function remove(id: string): void {
  order.value.offers = order.value.offers.filter((o) => o.id !== id);
  if (order.value.pricesFrom === id) delete order.value.pricesFrom;
}
const tax = computed({
  get: () => order.value.taxPct,
  set: (text: string) => {
    const plain = text.trim().replace(',', '.').replace(/\s*%$/, '');
    if (/^\d{1,2}(\.\d{1,3})?$/.test(plain)) {
      order.value.taxPct = plain;
      taxWrong.value = '';
    } else taxWrong.value = `Tax: “${text.trim()}” is no share; expected a number such as 19 or 8.875.`;
  },
});
const taxWrong = ref('');
</script>

<template>
  <div>
    <div class="head no-print">
      <h1>Suppliers and prices</h1>
    </div>
    <p v-if="asked === 0" class="quiet">
      Nothing is to be bought yet: prices are asked for what the order needs.
    </p>
    <template v-else>
      <section aria-label="Request to suppliers">
        <div class="bar no-print">
          <h2>Ask</h2>
          <el-button :disabled="!whole" @click="saveRequestCsv(lines, fileName)">Request, CSV</el-button>
          <el-button :disabled="!whole" @click="saveRequestSheet(lines, fileName)"
            >Request, spreadsheet</el-button
          >
          <PrintButton :printout="printout" :disabled="!whole" label="Print the request" />
          <span v-if="!whole" class="quiet" role="status"
            >Courses are being laid out: the request waits for them.</span
          >
          <span v-else class="quiet"
            >{{ asked }} products in {{ packs }} packs; the price is left empty.</span
          >
        </div>
        <details class="no-print">
          <summary>What is asked</summary>
          <RequestTable :lines="lines" />
        </details>
      </section>

      <section class="no-print" aria-label="Answers of suppliers">
        <h2>Answers</h2>
        <p v-if="order.offers.length === 0" class="quiet">
          None yet. A supplier fills in the column “price of a pack” and sends the file back.
        </p>
        <AnswerForm :lines="lines" :today="today" @add="add" />
      </section>

      <section v-if="order.offers.length > 0" aria-label="Suppliers compared" class="no-print">
        <div class="bar">
          <h2>Compared</h2>
          <div class="field wide">
            <label>The order counts with the prices of</label>
            <PickList
              label="The order counts with the prices of"
              :options="whose"
              :model-value="order.pricesFrom ?? BUILD_UPS"
              @update:model-value="countWith"
            />
          </div>
          <div class="field">
            <label for="tax">Tax, %</label>
            <el-input id="tax" v-model.lazy="tax" inputmode="decimal" aria-label="Tax, per cent" />
          </div>
        </div>
        <p v-if="taxWrong" role="alert" class="problem">{{ taxWrong }}</p>
        <OffersTable :compared="compared" :chosen="order.pricesFrom" @remove="remove" />
        <p class="quiet">
          {{
            worded(
              'Whole packs of those offered, the cheapest set that covers what is needed; each line rounded to the smallest coin.',
            )
          }}
        </p>
      </section>
    </template>
  </div>
</template>

<style scoped>
section {
  margin: var(--s4) 0;
}
.bar {
  gap: var(--s3);
  align-items: center;
  flex-wrap: wrap;
}
.bar h2 {
  margin: 0;
}
</style>
