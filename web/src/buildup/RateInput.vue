<script setup lang="ts">
/** A coverage rate in any form of the trade: mass or volume an area, area a litre or gallon, a wet or a dry film; or a range of it. */
import { computed, nextTick, ref, useId, watch } from 'vue';
import type { Coat } from '@lentum/core/buildup';
import { sentence } from '@lentum/core/problems';
import {
  format,
  parseRateRanged,
  rateQuantity,
  showRanged,
  type RateBasis,
  type Ranged,
} from '@lentum/core/units';
import { useOddText } from '../shared/oddtext.ts';
import { useUnits } from '../shared/units.ts';
import { offWhere } from '../shared/heldpage.ts';

const props = defineProps<{ coat: Coat; disabled?: boolean }>();
const emit = defineEmits<{ change: [rate: Ranged & { basis: RateBasis }] }>();
const { unit, reading, written } = useUnits();
const id = useId();
const quantity = computed(() => rateQuantity(props.coat.rate.basis));
const shown = computed(() => {
  const { value, range } = props.coat.rate;
  return range
    ? showRanged({ value, range }, quantity.value, 'to', written.value, 2)
    : format(value, quantity.value, written.value, { unit: false, digits: 2 });
});
const text = ref(shown.value);
const problem = ref('');
watch(shown, (value) => {
  if (problem.value === '') text.value = value;
});
const told = useOddText(
  () => `${props.coat.name}, rate in ${unit(quantity.value)}`,
  text,
  problem,
  () => (text.value = shown.value),
);

function take(): void {
  read();
  told();
}
function read(): void {
  if (text.value === shown.value) {
    problem.value = '';
    return;
  }
  const parsed = parseRateRanged(text.value, props.coat.rate.basis, {
    ...reading.value,
    label: `${props.coat.name}, rate`,
    above: 0,
    max: 200,
  });
  problem.value = parsed.ok ? '' : parsed.problems.map(sentence).join(' ');
  if (!parsed.ok) return;
  emit('change', parsed.value);
  // A rate that looks the same as before is written in the field's own way again.
  void nextTick(() => (text.value = shown.value));
}
</script>

<template>
  <div>
    <el-input
      v-model="text"
      class="num-input rate"
      :class="{ 'is-wrong': problem, ranged: coat.rate.range }"
      v-bind="offWhere(disabled)"
      :aria-label="`${coat.name}, rate in ${unit(quantity)}`"
      :aria-invalid="problem ? 'true' : undefined"
      :aria-describedby="problem ? id : undefined"
      @change="take"
    />
    <p v-if="problem" :id="id" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.rate {
  width: 5.2rem;
}
.ranged {
  width: 9rem;
}
.problem {
  font-size: var(--t-s);
  max-width: 14rem;
  text-align: left;
  white-space: normal;
}
</style>
