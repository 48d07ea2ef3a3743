<script setup lang="ts">
/** A timer of so many minutes: runs down, says so, and goes on below nothing in red. */
import { useNow } from '@vueuse/core';
import { computed, ref } from 'vue';
import { MS_PER_MINUTE } from '@lentum/core/units';

const props = defineProps<{ minutes: number; what: string }>();
const startedMs = ref<number>();
const now = useNow({ interval: 500 });
const leftMs = computed(() =>
  startedMs.value === undefined
    ? undefined
    : startedMs.value + props.minutes * MS_PER_MINUTE - now.value.getTime(),
);
const clock = computed(() => {
  if (leftMs.value === undefined) return '';
  const s = Math.abs(Math.ceil(leftMs.value / 1000));
  return `${leftMs.value < 0 ? '−' : ''}${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
});
</script>

<template>
  <span class="timer" :class="{ over: leftMs !== undefined && leftMs < 0 }">
    <el-button
      class="tap"
      :aria-label="`${startedMs === undefined ? `Start ${minutes} min` : 'Stop'} for ${what}`"
      @click="startedMs = startedMs === undefined ? Date.now() : undefined"
      >{{ startedMs === undefined ? `Start ${minutes} min` : 'Stop' }}</el-button
    >
    <strong v-if="clock" role="timer" :aria-label="what">{{ clock }}</strong>
  </span>
</template>

<style scoped>
.timer {
  display: inline-flex;
  gap: var(--s2);
  align-items: center;
  font-size: var(--t-l);
}
.over {
  color: var(--red);
}
</style>
