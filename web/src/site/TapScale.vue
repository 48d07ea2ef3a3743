<script setup lang="ts">
/** A piece of a scale round what is expected: one tap is a reading. What lies between or beyond is typed. */
import { computed } from 'vue';
import { fromShown, toShown, type Quantity } from '@lentum/core/units';
import { vButtonRow } from '../shared/buttonrow.ts';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{
  quantity: Quantity;
  label: string;
  /** In the middle of the piece that is shown. */
  around: number;
  /** In the unit that is shown. */
  step: number;
  min: number;
  max: number;
}>();
const model = defineModel<number | undefined>();
const { system, say } = useUnits();

const EACH_SIDE = 3;
const marks = computed(() => {
  const { quantity, step, min, max } = props;
  const middle = Math.round(toShown(props.around, quantity, system.value) / step);
  return Array.from({ length: 2 * EACH_SIDE + 1 }, (_, i) => (middle + i - EACH_SIDE) * step)
    .map((shown) => ({ shown, value: fromShown(shown, quantity, system.value) }))
    .filter(({ value }) => value >= min && value <= max);
});
const isOn = (shown: number): boolean =>
  model.value !== undefined &&
  Math.round(toShown(model.value, props.quantity, system.value) / props.step) * props.step === shown;
</script>

<template>
  <div v-button-row class="scale" role="group" :aria-label="`${label}, by a tap`">
    <button
      v-for="m in marks"
      :key="m.shown"
      type="button"
      :aria-pressed="isOn(m.shown)"
      :aria-label="`${label} ${say(m.value, quantity)}`"
      @click="model = m.value"
    >
      {{ m.shown }}
    </button>
  </div>
</template>

<style scoped>
.scale {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: 4px;
  overflow: hidden;
}
button {
  min-height: var(--tap);
  border: 0;
  border-left: 1px solid var(--line);
  /* Ticks of a scale, at its foot. */
  border-bottom: 3px solid var(--line-2);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-weight: 600;
  padding: 0;
  cursor: pointer;
}
button:first-child {
  border-left: 0;
}
button[aria-pressed='true'] {
  background: var(--sea-soft);
  border-bottom-color: var(--sea);
  font-weight: 700;
}
</style>
