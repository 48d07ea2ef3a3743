<script setup lang="ts" generic="P extends OpenPlace">
/** A place set out with a tape: along side 1, and into the zone. */
import MeasureInput from '../shared/MeasureInput.vue';
import type { OpenPlace } from './openplace.ts';

const props = defineProps<{
  modelValue: P;
  label: string;
  end?: string;
  /** Either measure may still be missing. */
  optional?: boolean;
}>();
const emit = defineEmits<{ 'update:modelValue': [place: P] }>();
const set = (key: keyof OpenPlace, v: number | undefined): void => {
  if (v !== undefined || props.optional) emit('update:modelValue', { ...props.modelValue, [key]: v });
};
</script>

<template>
  <label
    >{{ end ? `${end}, along` : 'along side 1' }}
    <MeasureInput
      hide-unit
      :optional="optional"
      quantity="length"
      :label="`${label}, ${end ? `${end}, ` : ''}along side 1`"
      :min="-2000"
      :max="2000"
      :model-value="modelValue.alongM"
      @update:model-value="(v) => set('alongM', v)"
  /></label>
  <label
    >{{ end ? `${end}, in` : 'into the zone' }}
    <MeasureInput
      hide-unit
      :optional="optional"
      quantity="length"
      :label="`${label}, ${end ? `${end}, ` : ''}into the zone`"
      :min="-2000"
      :max="2000"
      :model-value="modelValue.acrossM"
      @update:model-value="(v) => set('acrossM', v)"
  /></label>
</template>

<style scoped>
label {
  font-size: var(--t-s);
  color: var(--ink-2);
}
</style>
