<script setup lang="ts">
/** A paper of the binder: opened by the browser's own viewer, or said to be missing. */
import { computed, ref, watch } from 'vue';
import type { Paper } from '@lentum/core/buildup';
import { paperPath } from '../app/api.ts';
import { seenMs } from '../app/device/copies.ts';
import { fileUrl, useWaitingFiles } from '../app/files.ts';

const props = defineProps<{ paper: Paper }>();
const path = computed(() => props.paper.file && paperPath(props.paper.file.sha256));
const files = useWaitingFiles();
/** On its way, or without a signal, it is opened from this device, where it is here. */
const fromHere = computed(
  () => seenMs.value !== undefined || files.waiting.value.some((f) => f.path === path.value),
);
const here = ref<string>();
watch(
  [path, fromHere],
  async ([now, from]) => {
    const url = now !== undefined && from ? await fileUrl(now) : undefined;
    if (path.value === now) here.value = url?.startsWith('blob:') ? url : undefined;
  },
  { immediate: true },
);
</script>

<template>
  <a v-if="paper.file" :href="here ?? `/api/v1${path}?view=yes`" target="_blank" rel="noopener"
    >{{ paper.title }}, {{ paper.kind }} of {{ paper.date }}</a
  >
  <span v-else>{{ paper.title }}, {{ paper.kind }} of {{ paper.date }}: no file yet</span>
</template>
