<script setup lang="ts">
/** The lines of one group: what is needed, what is there, what to buy, the next best, price and weight. */
import { computed } from 'vue';
import {
  picksWords,
  SECTION_NAMES,
  zonesWords,
  type Aim,
  type OrderGroup,
  type OrderLine,
} from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{ group: OrderGroup; aim: Aim; held?: boolean }>();
const emit = defineEmits<{ stock: [line: OrderLine] }>();
const job = useJob();
const { say } = useUnits();
const drawn = (line: OrderLine): number => line.drawn.reduce((sum, d) => sum + d.amount, 0);
/** Where a line was not chosen by the order's aim. */
const BY_AIM = { 'least left over': 'by what is left over', 'least cost': 'by cost' } as const;
/** Whoever sees no prices is not told by cost. */
const saysAim = ({ buy, chosenBy }: OrderLine): boolean =>
  buy.picks.length > 0 && chosenBy !== props.aim && (job.seesPrices || chosenBy !== 'least cost');
const hasStock = computed(() => props.group.lines.some((l) => l.drawn.length > 0));
const columns = computed(() => 8 + (hasStock.value ? 1 : 0) + (job.seesPrices ? 1 : 0));
/** Layers under a product that is not one of them. */
const layersOf = (line: OrderLine): string =>
  [...new Set(line.layers.map((l) => l.layer.name))].filter((n) => n !== line.item.name).join(', ');
</script>

<template>
  <div class="scroll-x">
    <table class="dense">
      <thead>
        <tr>
          <th scope="col">Product</th>
          <th scope="col" class="num">Net</th>
          <th scope="col" class="num">Gross</th>
          <th v-if="hasStock" scope="col" class="num">In stock</th>
          <th scope="col">To buy</th>
          <th scope="col" class="num">Left over</th>
          <th scope="col">Next best</th>
          <th v-if="job.seesPrices" scope="col" class="num">Price</th>
          <th scope="col" class="num">Weight</th>
          <th scope="col"><span class="visually-hidden">Stock</span></th>
        </tr>
      </thead>
      <tbody>
        <template v-for="(line, at) in group.lines" :key="line.key">
          <tr v-if="line.section !== group.lines[at - 1]?.section" class="section">
            <th scope="rowgroup" :colspan="columns">{{ SECTION_NAMES[line.section] }}</th>
          </tr>
          <tr>
            <th scope="row">
              {{ worded(line.item.name) }}
              <span v-if="line.carriage" class="tag">{{ worded(line.carriage.what) }}</span>
              <span v-if="layersOf(line)" class="quiet under">{{ layersOf(line) }}</span>
              <span class="quiet under">{{ zonesWords(line.zoneNames) }}</span>
              <span v-for="(p, i) in line.problems" :key="i" class="problem under">{{
                worded(sentence(p))
              }}</span>
            </th>
            <td class="num"><FigureText fine :figure="line.net" /></td>
            <td class="num"><FigureText fine :figure="line.gross" /></td>
            <td v-if="hasStock" class="num">
              {{ line.drawn.length > 0 ? say(drawn(line), line.quantity) : '' }}
            </td>
            <td>
              <strong>{{ picksWords(line.buy.picks) || (line.need.value > 0 ? '–' : 'nothing') }}</strong>
              <span v-if="saysAim(line)" class="quiet under">{{ BY_AIM[line.chosenBy] }}</span>
            </td>
            <td class="num">{{ line.buy.picks.length > 0 ? say(line.buy.leftOver, line.quantity) : '' }}</td>
            <td class="quiet">
              <template v-if="line.runnerUp">
                {{ picksWords(line.runnerUp.picks) }}, {{ say(line.runnerUp.leftOver, line.quantity) }} left
              </template>
            </td>
            <td v-if="job.seesPrices" class="num">
              <FigureText v-if="line.price" :figure="line.price" /><template v-else>–</template>
            </td>
            <td class="num">
              <FigureText v-if="line.mass" :figure="line.mass" /><template v-else>–</template>
            </td>
            <td class="no-print">
              <el-button
                v-if="!held"
                text
                size="small"
                :aria-label="worded(`Stock of ${line.item.name}`)"
                @click="emit('stock', line)"
                >Stock</el-button
              >
            </td>
          </tr>
        </template>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row" :colspan="hasStock ? 7 : 6">
            <FigureText :figure="group.pallets" /> {{ group.pallets.value === 1 ? 'pallet' : 'pallets' }} by
            weight<template v-if="job.seesPrices && group.unpriced.length > 0"
              >; without a price: {{ group.unpriced.join(', ') }}</template
            >
          </th>
          <td v-if="job.seesPrices" class="num"><FigureText :figure="group.price" /></td>
          <td class="num"><FigureText :figure="group.mass" /></td>
          <td />
        </tr>
      </tfoot>
    </table>
  </div>
</template>

<style scoped>
table {
  min-width: 980px;
}
.section th {
  text-align: left;
  padding-top: var(--s4);
  color: var(--ink-2);
  font-size: var(--t-s);
}
th[scope='row'] {
  text-align: left;
  max-width: 22rem;
}
.tag {
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: 999px;
  padding: 0 var(--s2);
  font-size: var(--t-s);
  font-weight: 400;
  color: var(--ink-2);
  white-space: nowrap;
}
.under {
  display: block;
  font-size: var(--t-s);
  font-weight: 400;
}
tfoot th,
tfoot td {
  font-weight: 700;
}
</style>
