<script setup lang="ts">
/** Any number of roofs. */
import { Option, Select } from '../../shared/select.ts';

defineProps<{ label: string; options: readonly { value: string; label: string }[]; none: string }>();
const model = defineModel<readonly string[]>({ required: true });
</script>

<template>
  <component
    :is="Select"
    multiple
    class="roofs"
    :model-value="[...model]"
    :placeholder="none"
    :aria-label="label"
    @update:model-value="(v: string[]) => (model = v)"
  >
    <component :is="Option" v-for="o in options" :key="o.value" :value="o.value" :label="o.label" />
  </component>
</template>

<style scoped>
.roofs {
  flex: 1 1 260px;
}
</style>
