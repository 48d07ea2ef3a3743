<script setup lang="ts">
/** What is asked of suppliers, a row for each pack, with room for the price. */
import { computed } from 'vue';
import { requestedPacks, type OrderLine } from '@lentum/core/order';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{ lines: readonly OrderLine[] }>();
const job = useJob();
const { say } = useUnits();
const packs = computed(() => requestedPacks(props.lines));
</script>

<template>
  <section aria-label="Request for prices">
    <h2>Request for prices</h2>
    <p class="quiet">{{ job.head?.name }}{{ job.head?.place ? `, ${job.head.place}` : '' }}</p>
    <table class="dense">
      <thead>
        <tr>
          <th scope="col">Product</th>
          <th scope="col">Pack</th>
          <th scope="col" class="num">Needed</th>
          <th scope="col" class="num">Packs</th>
          <th scope="col" class="num">Price of a pack</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in packs" :key="`${p.item.key}/${p.pack.id}`">
          <td>{{ worded(p.item.name) }}</td>
          <td>{{ worded(p.pack.name) }}</td>
          <td class="num">{{ say(p.need, p.item.quantity) }}</td>
          <td class="num">{{ p.count === 0 ? '' : p.count }}</td>
          <td class="num price">{{ p.item.currency }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.price {
  min-width: 9rem;
  border-bottom: var(--stroke) solid var(--line-2);
}
</style>
