<script setup lang="ts">
/** The cautions of a build-up as a card: before mixing, before lighting, with each product's hazards; to be printed. */
import { computed } from 'vue';
import type { Printout } from '@lentum/core/printout';
import { cautionBlocks, cautionsWhen, CAUTION_TAIL, mindedIn } from '@lentum/core/words';
import type { BuildUp } from '@lentum/core/buildup';
import { worded } from '../app/wording.ts';
import PrintButton from '../shared/printout/PrintButton.vue';
import { usePrinted } from '../shared/printout/telling.ts';

const props = defineProps<{ buildUp: BuildUp }>();
const care = computed(() => mindedIn(props.buildUp));
const products = computed(() => care.value.products);
const minded = computed(() => care.value.minded);
const when = computed(() => cautionsWhen(props.buildUp));
const { printed } = usePrinted();
const printout = (): Printout => printed(when.value, (t) => cautionBlocks(props.buildUp, t));
</script>

<template>
  <section class="card" aria-label="Cautions">
    <div class="head">
      <h2>{{ when }}</h2>
      <span class="quiet">{{ buildUp.name }}</span>
      <PrintButton class="end" :printout="printout" label="Print this card" />
    </div>
    <ul>
      <li v-for="c in buildUp.cautions" :key="c">{{ c }}</li>
    </ul>
    <ul v-if="minded.length > 0" aria-label="What its products can do">
      <li v-for="m in minded" :key="m.says">
        {{ worded(m.says) }} <span class="quiet">{{ m.names }}</span>
      </li>
    </ul>
    <table v-if="products.length > 0" class="dense">
      <thead>
        <tr>
          <th scope="col">Product</th>
          <th scope="col">Hazards</th>
          <th scope="col">Mind</th>
          <th scope="col">Tools cleaned</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in products" :key="p.id">
          <td>{{ p.name }}</td>
          <td>{{ worded(p.hazards.join(', ')) || '–' }}</td>
          <td>{{ p.cautions.join(' ') || '–' }}</td>
          <td>{{ p.cleaner ?? '–' }}</td>
        </tr>
      </tbody>
    </table>
    <p class="quiet">{{ worded(CAUTION_TAIL) }}</p>
  </section>
</template>

<style scoped>
.card {
  margin-top: var(--s6);
  border: 2px solid var(--amber);
  border-radius: var(--r);
  padding: var(--s3) var(--s4);
}
ul {
  margin: var(--s2) 0;
  padding-left: 1.2rem;
}
</style>
