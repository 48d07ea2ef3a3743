<script setup lang="ts">
/** What is in the store: used before anything is bought, opened containers first. */
import { ref, watch } from 'vue';
import type { OrderLine, StockItem } from '@lentum/core/order';
import MeasureInput from '../shared/MeasureInput.vue';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{
  idle: readonly StockItem[];
  lines: readonly OrderLine[];
  adding: OrderLine | undefined;
}>();
const stock = defineModel<StockItem[]>({ required: true });
const emit = defineEmits<{ done: [] }>();
const { say } = useUnits();
const amount = ref<number>();
const opened = ref(false);
const bestBefore = ref('');
watch(
  () => props.adding,
  () => {
    amount.value = undefined;
    opened.value = false;
    bestBefore.value = '';
  },
);
function add(): void {
  const line = props.adding;
  if (!line || amount.value === undefined) return;
  const item: StockItem = {
    id: crypto.randomUUID(),
    item: line.item.key,
    name: line.item.name,
    amount: amount.value,
    ...(line.quantity === 'mass' || line.quantity === 'volume' ? { unit: line.quantity } : {}),
    opened: opened.value,
    ...(bestBefore.value === '' ? {} : { bestBefore: bestBefore.value }),
  };
  stock.value = [...stock.value, item];
  emit('done');
}
const isIdle = (s: StockItem): boolean => props.idle.some((i) => i.id === s.id);
/** In the unit of its line; the bare number where no line has it any more. */
const sayAmount = (s: StockItem): string => {
  const line = props.lines.find((l) => l.item.key === s.item || l.item.formerly?.key === s.item);
  return say(s.amount, s.unit ?? line?.item.formerly?.unit ?? line?.quantity ?? 'number');
};
</script>

<template>
  <section aria-label="Stock">
    <div v-if="adding" class="bar add">
      <strong>{{ adding.item.name }} in stock</strong>
      <MeasureInput
        v-model="amount"
        :quantity="adding.quantity"
        :label="`Amount of ${adding.item.name}`"
        :above="0"
        optional
      />
      <el-checkbox v-model="opened" label="opened" />
      <label class="quiet"
        >Best before
        <input v-model="bestBefore" class="plain" type="date" aria-label="Best before" />
      </label>
      <el-button type="primary" :disabled="amount === undefined" @click="add">Add to the stock</el-button>
      <el-button @click="emit('done')">Leave it</el-button>
    </div>
    <ul v-if="stock.length > 0">
      <li v-for="s in stock" :key="s.id">
        {{ s.name }}, {{ sayAmount(s) }}{{ s.opened ? ', opened' : ''
        }}{{ s.bestBefore ? `, best before ${s.bestBefore}` : '' }}
        <span v-if="isIdle(s)" class="quiet"> – nothing in this order takes it</span>
        <el-button
          text
          size="small"
          :aria-label="`Take out ${s.name}, ${sayAmount(s)}`"
          @click="stock = stock.filter((x) => x.id !== s.id)"
          >Take out</el-button
        >
      </li>
    </ul>
    <p v-else-if="!adding" class="quiet">
      Nothing in stock. What is there is entered at its line (“Stock”) and used first, opened containers
      before full ones.
    </p>
  </section>
</template>

<style scoped>
.add {
  align-items: end;
  padding: var(--s3);
  border: max(1px, var(--stroke)) solid var(--sea);
  border-radius: var(--r);
}
.add > .el-input,
.add > div {
  width: 9rem;
}
ul {
  margin: var(--s2) 0 0;
  padding-left: 1.2rem;
}
</style>
