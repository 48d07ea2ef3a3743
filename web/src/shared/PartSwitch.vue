<script setup lang="ts">
import { worded } from '../app/wording.ts';
/** Parts of a stage, one of which is shown. */
defineProps<{ parts: readonly (readonly [key: string, name: string])[]; chosen: string }>();
const emit = defineEmits<{ choose: [key: string] }>();
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
