<script setup lang="ts">
/** A choice from a list, with search in long ones. */
import { ElSelect } from 'element-plus';
import type { Component } from 'vue';

// Element Plus 2.14's own types for its select do not resolve under TypeScript 6; what is passed is checked here.
const Select = ElSelect as unknown as Component;
defineProps<{
  label: string;
  options: readonly { value: string; label: string }[];
  filterable?: boolean;
  size?: 'default' | 'large';
  id?: string;
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
    :options="options"
    :filterable="filterable"
    :size="size ?? 'default'"
    :placeholder="none ?? 'choose'"
    :aria-label="label"
  />
</template>
