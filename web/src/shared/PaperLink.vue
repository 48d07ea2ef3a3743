<script setup lang="ts">
/** A paper of the binder: opened by the browser's own viewer, or said to be missing. */
import type { Paper } from '@lentum/core/buildup';

defineProps<{ paper: Paper }>();
</script>

<template>
  <a v-if="paper.file" :href="`/api/v1/papers/${paper.file.sha256}?view=yes`" target="_blank" rel="noopener"
    >{{ paper.title }}, {{ paper.kind }} of {{ paper.date }}</a
  >
  <span v-else>{{ paper.title }}, {{ paper.kind }} of {{ paper.date }}: no file yet</span>
</template>
