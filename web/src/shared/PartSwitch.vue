<script setup lang="ts">
/** Parts of a stage, one of which is shown. */
import { worded } from '../app/wording.ts';
import { usePartKeys } from './partkeys.ts';

const props = defineProps<{ parts: readonly (readonly [key: string, name: string])[]; chosen: string }>();
const emit = defineEmits<{ choose: [key: string] }>();
usePartKeys(
  () => props.parts,
  () => props.chosen,
  (key) => emit('choose', key),
);
</script>

<template>
  <div class="bar parts" role="group" aria-label="Part">
    <el-button
      v-for="[key, name] in parts"
      :key="key"
      :type="chosen === key ? 'primary' : 'default'"
      :aria-pressed="chosen === key"
      plain
      @click="emit('choose', key)"
      >{{ worded(name) }}</el-button
    >
    <slot />
  </div>
</template>
