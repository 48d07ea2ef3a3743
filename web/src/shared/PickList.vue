<script setup lang="ts">
/** A choice from a list, with search in long ones. Its list is made when it is opened: a page may hold a hundred. */
import { worded } from '../app/wording.ts';
import { Option, Select } from './select.ts';

defineProps<{
  label: string;
  options: readonly { value: string; label: string }[];
  filterable?: boolean;
  size?: 'default' | 'large';
  id?: string;
  /** The names are what people typed. */
  own?: boolean;
  /** What is shown while nothing is chosen. */
  none?: string;
}>();
const model = defineModel<string>({ required: true });
</script>

<template>
  <component
    :is="Select"
    v-bind="id === undefined ? {} : { id }"
    v-model="model"
    :filterable="filterable"
    :persistent="false"
    :size="size ?? 'default'"
    :placeholder="none ?? 'choose'"
    :aria-label="worded(label)"
  >
    <component
      :is="Option"
      v-for="o in options"
      :key="o.value"
      :value="o.value"
      :label="own ? o.label : worded(o.label)"
    />
  </component>
</template>
