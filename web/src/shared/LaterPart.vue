<script setup lang="ts">
/** A part of a page that is put up in a task of its own, after the rest: it holds up neither the page nor a tap. */
import { onMounted, onScopeDispose, ref } from 'vue';

const isDue = ref(false);
let timer: ReturnType<typeof setTimeout> | undefined;
onMounted(() => (timer = setTimeout(() => (isDue.value = true))));
onScopeDispose(() => clearTimeout(timer));
</script>

<template>
  <slot v-if="isDue" />
</template>
