<script setup lang="ts">
/** Suppliers side by side: each line's packs and cost, what is missing, totals with freight and tax. */
import { moneyText, picksWords, type Comparison, type OfferTotal } from '@lentum/core/order';
import { HERE } from '../app/locale.ts';
import { worded } from '../app/wording.ts';

const props = defineProps<{ compared: Comparison; chosen: string | undefined }>();
const emit = defineEmits<{ remove: [id: string] }>();

type Money = OfferTotal['goods'];
const money = (amount: Money, { offer }: OfferTotal): string =>
  moneyText(amount, offer.currency, HERE.numbers);
const least = (key: string, t: OfferTotal): boolean => props.compared.split.from.get(key) === t.offer.id;
const splitCurrency = (): string => props.compared.asked[0]?.item.currency ?? 'EUR';
const ROWS: readonly (readonly [key: 'goods' | 'freight' | 'net' | 'tax' | 'gross', name: string])[] = [
  ['goods', 'Goods'],
  ['freight', 'Freight'],
  ['net', 'Net'],
  ['tax', 'Tax'],
  ['gross', 'With tax'],
];
/** A total of less than everything does not compare. */
const whole = (t: OfferTotal): boolean => t.missing.length === 0;
const names = (t: OfferTotal): string => t.missing.map((l) => l.item.name).join(', ');
</script>

<template>
  <ul class="sums">
    <li v-for="t in compared.offers" :key="t.offer.id">
      {{ t.offer.supplier }}: <strong>{{ money(t.gross, t) }}</strong> with tax and freight,
      {{
        whole(t) ? 'the whole order' : `${t.missing.length} of ${compared.asked.length} products not offered`
      }}<template v-if="t.expired">; past</template>
    </li>
  </ul>
  <div class="scroll" tabindex="0" role="region" aria-label="Suppliers side by side">
    <table class="dense">
      <thead>
        <tr>
          <th scope="col">Product</th>
          <th v-for="t in compared.offers" :key="t.offer.id" scope="col">
            {{ t.offer.supplier }}
            <span class="quiet under">
              of {{ t.offer.on }}<template v-if="t.offer.until">, holds until {{ t.offer.until }}</template
              ><template v-if="t.offer.deliveryDays !== undefined">
                · {{ t.offer.deliveryDays }} days to delivery</template
              >
            </span>
            <strong v-if="t.expired" class="under past">past: not counted</strong>
            <strong v-else-if="t.offer.id === chosen" class="under">the order counts with it</strong>
            <el-button text size="small" @click="emit('remove', t.offer.id)"
              >Take out<span class="visually-hidden"> {{ t.offer.supplier }}</span></el-button
            >
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in compared.asked" :key="line.key">
          <th scope="row">{{ worded(line.item.name) }}</th>
          <td v-for="t in compared.offers" :key="t.offer.id">
            <template v-if="t.lines.get(line.key)">
              <strong v-if="least(line.key, t)">{{ money(t.lines.get(line.key)!.cost, t) }}, least</strong>
              <template v-else>{{ money(t.lines.get(line.key)!.cost, t) }}</template>
              <span class="quiet under">{{ worded(picksWords(t.lines.get(line.key)!.picks)) }}</span>
            </template>
            <span v-else class="quiet">not offered</span>
          </td>
        </tr>
      </tbody>
      <tfoot>
        <tr v-for="[key, name] in ROWS" :key="key">
          <th scope="row">{{ name }}</th>
          <td v-for="t in compared.offers" :key="t.offer.id">
            <strong v-if="key === 'gross'">{{ money(t[key], t) }}</strong><template v-else>{{
              money(t[key], t)
            }}</template>
          </td>
        </tr>
        <tr>
          <th scope="row">Not offered</th>
          <td v-for="t in compared.offers" :key="t.offer.id" class="quiet">
            {{
              whole(t)
                ? 'nothing: it is the whole order'
                : worded(`${t.missing.length} of ${compared.asked.length}: ${names(t)}`)
            }}
          </td>
        </tr>
      </tfoot>
    </table>
  </div>
  <p v-if="compared.offers.length > 1">
    Each line from whoever is cheapest:
    <strong>{{ moneyText(compared.split.net, splitCurrency(), HERE.numbers) }}</strong> net, freight of all of
    them counted<template v-if="compared.split.missing.length > 0"
      >; {{ compared.split.missing.length }} products are offered by nobody</template
    >.
  </p>
</template>

<style scoped>
.sums {
  margin: var(--s2) 0;
  padding-left: var(--s4);
}
.scroll {
  overflow-x: auto;
}
th,
td {
  vertical-align: top;
  text-align: left;
}
.under {
  display: block;
  font-weight: 400;
}
strong.under {
  font-weight: 600;
}
.past {
  color: var(--amber);
}
</style>
