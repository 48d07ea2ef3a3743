<script setup lang="ts">
/** All that is kept of a person, as a file. */
import { keptOf } from './accounts.ts';

defineProps<{ personId: string; name: string }>();
</script>

<template>
  <a class="kept" :href="keptOf(personId)" download
    >What is kept<span class="visually-hidden"> of {{ name }}</span></a
  >
</template>

<style scoped>
.kept {
  display: inline-block;
  padding: 0 var(--s2);
  font-size: 13px;
  line-height: 28px;
  white-space: nowrap;
}
</style>
