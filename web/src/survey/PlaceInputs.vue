<script setup lang="ts">
/** A place set out with a tape: along side 1, and into the zone. */
import type { Place } from '@lentum/core/survey';
import MeasureInput from '../shared/MeasureInput.vue';

defineProps<{ label: string; end?: string }>();
const place = defineModel<Place>({ required: true });
const set = (key: keyof Place, v: number | undefined): void => {
  if (v !== undefined) place.value = { ...place.value, [key]: v };
};
</script>

<template>
  <label
    >{{ end ? `${end}, along` : 'along side 1' }}
    <MeasureInput
      hide-unit
      quantity="length"
      :label="`${label}, ${end ? `${end}, ` : ''}along side 1`"
      :min="-2000"
      :max="2000"
      :model-value="place.alongM"
      @update:model-value="(v) => set('alongM', v)"
  /></label>
  <label
    >{{ end ? `${end}, in` : 'into the zone' }}
    <MeasureInput
      hide-unit
      quantity="length"
      :label="`${label}, ${end ? `${end}, ` : ''}into the zone`"
      :min="-2000"
      :max="2000"
      :model-value="place.acrossM"
      @update:model-value="(v) => set('acrossM', v)"
  /></label>
</template>

<style scoped>
label {
  font-size: var(--t-s);
  color: var(--ink-2);
}
</style>
