<script setup lang="ts">
/** What is asked of suppliers, a row for each pack, with room for the price. */
import { computed } from 'vue';
import { requestRows, type OrderLine } from '@lentum/core/order';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';

const props = defineProps<{ lines: readonly OrderLine[] }>();
const job = useJob();
const rows = computed(() => requestRows(props.lines));
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
        <tr v-for="r in rows" :key="`${r[9]}/${r[10]}`">
          <td>{{ worded(String(r[0])) }}</td>
          <td>{{ worded(String(r[1])) }}</td>
          <td class="num">{{ r[4] }} {{ r[3] }}</td>
          <td class="num">{{ r[5] === 0 ? '' : r[5] }}</td>
          <td class="num price">{{ r[7] }}</td>
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
