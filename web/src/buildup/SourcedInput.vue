<script setup lang="ts">
/** A number with its source: typed in the units on screen, the source chosen beside it. */
import type { Quantity } from '@lentum/core/units';
import MeasureInput from '../shared/MeasureInput.vue';
import { typedNumber, useEditing, written, type SourcedNumber } from './editing.ts';
import SourcePick from './SourcePick.vue';

defineProps<{
  modelValue: SourcedNumber | undefined;
  quantity: Quantity;
  label: string;
  optional?: boolean;
  hideUnit?: boolean;
  above?: number;
  max?: number;
}>();
const emit = defineEmits<{ 'update:modelValue': [value: SourcedNumber | undefined] }>();
const editing = useEditing();
</script>

<template>
  <div class="with-source">
    <MeasureInput
      :model-value="modelValue?.value"
      :quantity="quantity"
      :label="label"
      :optional="optional"
      :hide-unit="hideUnit"
      :above="above"
      :max="max"
      @update:model-value="
        (v) => emit('update:modelValue', v === undefined ? undefined : typedNumber(editing, v))
      "
    />
    <SourcePick
      v-if="modelValue"
      :from="modelValue"
      :label="label"
      @change="(from) => emit('update:modelValue', { value: modelValue!.value, ...written(from) })"
    />
  </div>
</template>

<style scoped>
.with-source {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: start;
}
</style>
