<script setup lang="ts" generic="T extends string | number">
import { worded } from '../app/wording.ts';
/** One of a few, each a button. */
defineProps<{ options: readonly { readonly value: T; readonly name: string; readonly label?: string }[] }>();
const chosen = defineModel<T>({ required: true });
</script>

<template>
  <el-button-group>
    <el-button
      v-for="o in options"
      :key="o.value"
      :type="chosen === o.value ? 'primary' : 'default'"
      plain
      :aria-pressed="chosen === o.value"
      :aria-label="o.label"
      @click="chosen = o.value"
      >{{ worded(o.name) }}</el-button
    >
  </el-button-group>
</template>
