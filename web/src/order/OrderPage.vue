<script setup lang="ts">
/** What to buy: by the job, by zone or by delivery, with stock, the next best choice, weight and price. */
import { DateTime } from 'luxon';
import { computed, ref } from 'vue';
import {
  AIMS,
  GROUPINGS,
  orderBlocks,
  SUPPLY_RATE_FIELDS,
  type OrderDoc,
  type OrderLine,
  type SupplyRates,
  type WasteKind,
} from '@lentum/core/order';
import type { Printout } from '@lentum/core/printout';
import { sentence } from '@lentum/core/problems';
import { useAllRoofs } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import { may } from '../app/session.ts';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import SourceMark from '../shared/SourceMark.vue';
import PickList from '../shared/PickList.vue';
import PrintButton from '../shared/printout/PrintButton.vue';
import { usePrinted } from '../shared/printout/telling.ts';
import { keepOddTexts } from '../shared/oddtext.ts';
import DeliveryPanel from './DeliveryPanel.vue';
import { saveCsv, saveSheet } from './exports.ts';
import OrderTable from './OrderTable.vue';
import SheetPanel from './SheetPanel.vue';
import StockPanel from './StockPanel.vue';
import WhatIfPanel from './WhatIfPanel.vue';

const job = useJob();
useAllRoofs();
keepOddTexts();
const order = computed(() => job.documents.order.draft);
const KINDS: readonly (readonly [WasteKind, string])[] = [
  ['liquid', 'Liquids'],
  ['fabric', 'Fabric offcuts'],
  ['aggregate', 'Aggregate'],
  ['sheet', 'Sheets and boards'],
  ['sundry', 'Sundries'],
];
const GROUP_NAMES = { job: 'the whole job', zone: 'zone by zone', delivery: 'by delivery' } as const;
const AIM_NAMES = { 'least left over': 'least is left over', 'least cost': 'it costs least' } as const;
const groupings = GROUPINGS.map((value) => ({ value, label: GROUP_NAMES[value] }));
const aims = AIMS.map((value) => ({ value, label: AIM_NAMES[value] }));

function setWaste(kind: WasteKind, value: number | undefined): void {
  if (value !== undefined) order.value.wastePct[kind] = { value, source: 'chosen' };
}
const ALLOWANCES = [
  { key: 'oversprayPct', name: 'Overspray', quantity: 'percent', least: 0, most: 100 },
  { key: 'profileLPerM2', name: 'Rough ground swallows', quantity: 'rateVolume', least: 0, most: 5 },
  { key: 'palletKg', name: 'A pallet carries', quantity: 'mass', least: 50, most: 2000 },
] as const;
const setNumber = (key: (typeof ALLOWANCES)[number]['key'], value: number | undefined): void => {
  if (value !== undefined) order.value[key] = { value, source: 'chosen' };
};
const setSupply = (key: keyof SupplyRates, value: number | undefined): void => {
  if (value !== undefined) order.value.supplies[key] = { value, source: 'chosen' };
};
const adding = ref<OrderLine>();
const more = ref(false);
const today = computed(() => DateTime.fromMillis(job.nowMs, { zone: job.timeZone }).toISODate() ?? '');
const zones = computed(() => job.zones.map((z) => z.zone));
const fileName = computed(
  () => `order-${(job.head?.name ?? 'job').replaceAll(/[^A-Za-z0-9]+/g, '-').toLowerCase()}`,
);
/** How things are carried, each way once. */
const carried = computed(() => {
  const found = job.takenOff.lines.flatMap((l) => (l.carriage ? [l.carriage] : []));
  return found.filter((c, i) => found.findIndex((x) => x.what === c.what) === i);
});
const set = <K extends keyof OrderDoc>(key: K, value: OrderDoc[K]): void => {
  order.value[key] = value;
};
const estimated = computed(() =>
  job.zones.filter((z) => z.zone.outline.kind === 'estimated').map((z) => z.zone.name),
);
/** Whose prices count, and what the order buys that they do not price. */
const supplier = computed(() => order.value.offers.find((o) => o.id === order.value.pricesFrom));
const unpriced = computed(() => [
  ...new Set(
    job.takenOff.lines.filter((l) => l.need.value > 0 && l.pricedBy === undefined).map((l) => l.item.name),
  ),
]);
/** Lines whose choice of containers the search could not prove. */
const unproven = computed(() => job.takenOff.lines.filter((l) => !l.proven).map((l) => l.item.name));
const { printed } = usePrinted();
/** Whoever is signed in reads the order. */
const held = computed(() => !may('change order', job.id));
/** Whoever sees no prices cannot see what is cheapest either. */
const withoutPrices = computed(() =>
  job.seesPrices || order.value.aim !== 'least cost'
    ? ''
    : 'The office chooses containers by cost. Prices are not shown here, so containers are chosen by what is left over: what was ordered may come in others.',
);
/** What the page says under the order. */
const said = computed(() => [
  ...(withoutPrices.value === '' ? [] : [withoutPrices.value]),
  ...(unproven.value.length === 0
    ? []
    : [worded(`Better choices of containers could not all be ruled out for ${unproven.value.join(', ')}.`)]),
  ...(job.courses.plan ? [] : [worded('Courses are being laid out: until then by area, with laps.')]),
  ...(supplier.value
    ? [`${worded('At the prices of')} ${supplier.value.supplier}, ${supplier.value.on}.`]
    : []),
  ...(estimated.value.length > 0
    ? [`${worded('By area alone, not measured')}: ${estimated.value.join(', ')}.`]
    : []),
  ...carried.value.map((c) => worded(`${c.what}: ${c.says}.`)),
]);
const printout = (): Printout =>
  printed('Order', (t) => orderBlocks(job.takenOff, said.value, t, job.seesPrices));
</script>

<template>
  <div>
    <div v-if="!held" class="bar top no-print">
      <div class="field wide">
        <label>Ordered for</label>
        <PickList
          label="Ordered for"
          :options="groupings"
          :model-value="order.groupBy"
          @update:model-value="(v) => set('groupBy', v as OrderDoc['groupBy'])"
        />
      </div>
      <div class="field wide">
        <label>Containers so that</label>
        <PickList
          label="Containers so that"
          :options="aims"
          :model-value="order.aim"
          @update:model-value="(v) => set('aim', v as OrderDoc['aim'])"
        />
      </div>
      <div v-for="[kind, name] in KINDS" :key="kind" class="field">
        <label>{{ name }}, waste</label>
        <MeasureInput
          quantity="percent"
          :label="`Waste, ${name.toLowerCase()}`"
          :min="0"
          :max="100"
          :digits="1"
          :model-value="order.wastePct[kind].value"
          @update:model-value="(v) => setWaste(kind, v)"
        />
      </div>
      <el-button text :aria-expanded="more" @click="more = !more"
        >{{ more ? 'Fewer' : 'More' }} allowances</el-button
      >
    </div>
    <div v-if="more && !held" class="bar top no-print allowances">
      <div v-for="a in ALLOWANCES" :key="a.key" class="field wide">
        <label>{{ a.name }}</label>
        <MeasureInput
          :quantity="a.quantity"
          :label="a.name"
          :min="a.least"
          :max="a.most"
          :model-value="order[a.key].value"
          @update:model-value="(v) => setNumber(a.key, v)"
        />
      </div>
      <div v-for="r in SUPPLY_RATE_FIELDS" :key="r.key" class="field wide">
        <label>{{ worded(r.name) }} <SourceMark :source="order.supplies[r.key].source" /></label>
        <MeasureInput
          :quantity="r.quantity"
          :label="r.name"
          :min="r.least"
          :max="r.most"
          :model-value="order.supplies[r.key].value"
          @update:model-value="(v) => setSupply(r.key, v)"
        />
      </div>
    </div>

    <p v-if="job.takenOff.lines.length === 0 && !job.isCounted" class="quiet" role="status">
      The order is being counted…
    </p>
    <p v-else-if="job.takenOff.lines.length === 0">
      Nothing to order yet: it takes a closed zone with a build-up.
      <RouterLink :to="{ name: 'survey' }">Survey</RouterLink>, then
      <RouterLink :to="{ name: 'build-up' }">Build-up</RouterLink>.
    </p>
    <DeliveryPanel
      v-if="order.groupBy === 'delivery'"
      class="no-print"
      :zones="zones"
      :today="today"
      :model-value="order.deliveries"
      @update:model-value="(v) => set('deliveries', v)"
    />
    <p v-if="withoutPrices" class="quiet">{{ withoutPrices }}</p>
    <section v-for="(g, i) in job.takenOff.groups" :key="g.id" class="group" :aria-label="g.name">
      <div class="head">
        <h1>{{ g.name }}</h1>
        <span v-if="g.delivery" class="quiet">on {{ g.delivery.on }}, used by {{ g.delivery.usedBy }}</span>
        <template v-if="i === 0">
          <el-button
            class="end no-print"
            :disabled="!job.isCounted"
            @click="saveCsv(job.takenOff.groups, fileName)"
            >CSV</el-button
          >
          <el-button
            class="no-print"
            :disabled="!job.isCounted"
            @click="
              saveSheet(
                job.takenOff.groups,
                printed('Order', () => []),
                fileName,
              )
            "
            >Spreadsheet</el-button
          >
          <PrintButton :printout="printout" :disabled="!job.isCounted" />
        </template>
      </div>
      <OrderTable :group="g" :aim="order.aim" :held="held" @stock="(line) => (adding = line)" />
    </section>
    <template v-if="job.takenOff.lines.length > 0">
      <p class="quiet">
        <template v-if="unproven.length === 0"
          >No other choice of containers does better by what is sought; of equals the one with
          fewer.</template
        ><template v-else
          >Better choices of containers could not all be ruled out for {{ unproven.join(', ') }}.</template
        >
        Fabric, sheets and boards are ordered as their
        <RouterLink :to="{ query: { part: 'courses' } }">courses</RouterLink> are cut, pieces for details as
        their cut list takes them, aggregate as it is thrown.
        <template v-if="!job.courses.plan"
          >Courses are being laid out: until then by area, with laps.</template
        >
      </p>
      <p v-if="supplier" class="quiet">
        At the prices of {{ supplier.supplier }}, of {{ supplier.on
        }}<template v-if="supplier.until && supplier.until < today"
          >, <strong>which held until {{ supplier.until }}</strong></template
        ><template v-if="unpriced.length > 0"
          >; at those of the build-ups: {{ unpriced.map(worded).join(', ') }}</template
        >.
      </p>
      <p v-if="estimated.length > 0" class="quiet">
        By area alone, not measured: {{ estimated.join(', ') }}. Its lengths, pieces and courses are those of
        a rectangle.
      </p>
      <p v-if="carried.length > 0" class="quiet">
        Carried, in general words:
        <template v-for="c in carried" :key="c.what"
          ><strong>{{ worded(c.what) }}</strong> {{ worded(c.says) }}. </template
        >The safety sheet and the carrier decide.
      </p>
      <section v-if="!held" class="group no-print">
        <div class="head"><h2>In stock</h2></div>
        <StockPanel
          :idle="job.takenOff.idle"
          :lines="job.takenOff.lines"
          :adding="adding"
          :model-value="order.stock"
          @update:model-value="(v) => set('stock', v)"
          @done="adding = undefined"
        />
      </section>
      <WhatIfPanel v-if="job.seesPrices" class="group no-print" />
    </template>
    <section v-if="!held" class="group no-print" aria-label="Calculations">
      <div class="head"><h2>Calculations kept with this job</h2></div>
      <SheetPanel :model-value="order.sheets" @update:model-value="(v) => set('sheets', v)" />
    </section>
    <section v-if="job.takenOff.missing.length > 0" class="group">
      <div class="head"><h2>Not in the order</h2></div>
      <p v-for="m in job.takenOff.missing" :key="m.zoneId">{{ m.why.map(sentence).join(' ') }}</p>
    </section>
    <section v-if="job.takenOff.unsaid.length > 0" class="group">
      <div class="head"><h2>Asked before it can be ordered</h2></div>
      <p v-for="(m, i) in job.takenOff.unsaid" :key="i">
        {{ m.why.map(sentence).join(' ') }}
        <RouterLink
          :to="{
            name: 'survey',
            query: { zone: m.zoneId, part: m.why[0]?.field === 'sides' ? 'edges' : 'readiness' },
          }"
          >Say it in the survey</RouterLink
        >
      </p>
    </section>
  </div>
</template>

<style scoped>
.top {
  gap: var(--s3) var(--s4);
  align-items: end;
  margin-bottom: var(--s4);
}
.field {
  width: 8.5rem;
}
.field.wide {
  width: 11rem;
}
.field label {
  font-size: var(--t-s);
  font-weight: 600;
  color: var(--ink-2);
}
.group {
  margin-bottom: var(--s6);
}
p + .group {
  margin-top: var(--s6);
}
h1 {
  font-size: var(--t-l);
}
</style>
