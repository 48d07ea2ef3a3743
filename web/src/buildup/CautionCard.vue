<script setup lang="ts">
/** The cautions of a build-up as a card: before mixing, before lighting, with each product's hazards; to be printed. */
import { computed } from 'vue';
import { FAMILIES } from '@lentum/core/family';
import { protectionOf, sprayProtection } from '@lentum/core/words';
import type { BuildUp } from '@lentum/core/buildup';
import { worded } from '../app/wording.ts';
import { printCard } from '../shared/printing.ts';

const props = defineProps<{ buildUp: BuildUp }>();
const products = computed(() =>
  props.buildUp.layers.flatMap((l) => {
    const hazards = l.product?.hazards ?? [];
    const cautions = l.product?.cautions ?? [];
    const cleaner = l.product?.cleaner;
    return hazards.length + cautions.length > 0 || cleaner
      ? [
          {
            id: l.id,
            name: l.name,
            hazards,
            cautions,
            cleaner,
            says: [...protectionOf(l), ...sprayProtection(l)],
          },
        ]
      : [];
  }),
);
/** Each thing to be minded once, with the products that it is about. */
const minded = computed(() => {
  const of = new Map<string, string[]>();
  for (const p of products.value) for (const says of p.says) of.set(says, [...(of.get(says) ?? []), p.name]);
  return [...of].map(([says, names]) => ({ says, names: [...new Set(names)].join(', ') }));
});
const WHEN = {
  none: 'Before opening or mixing anything',
  flame: 'Before lighting a flame',
  kettle: 'Before lighting the kettle',
};
const when = computed(() => WHEN[FAMILIES[props.buildUp.family].heat]);
</script>

<template>
  <section class="card" aria-label="Cautions">
    <div class="head">
      <h2>{{ when }}</h2>
      <span class="quiet">{{ buildUp.name }}</span>
      <el-button class="end no-print" text @click="printCard">Print this card</el-button>
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
    <p class="quiet">
      A reminder, not an instruction. The safety sheet and data sheet of each product, local rules and the
      people licensed for flame, structure, electrics and gas decide.
    </p>
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
