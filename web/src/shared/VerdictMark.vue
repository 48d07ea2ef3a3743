<script setup lang="ts">
/** Triangle: go. Open triangle with a dot: check first. Three rungs: go after these steps. Two bars: hold. Half-filled square: curing. Cross: stopped. Full disc: done. */
import type { Outcome } from '@lentum/core/words';

defineProps<{ outcome: Outcome }>();
const NAMES: Record<Outcome, string> = {
  go: 'go',
  check: 'check first',
  steps: 'after steps',
  hold: 'hold',
  stop: 'stopped',
  curing: 'curing',
  done: 'done',
};
</script>

<template>
  <svg class="mark" width="18" height="20" viewBox="0 0 18 20" role="img" :aria-label="NAMES[outcome]">
    <path v-if="outcome === 'go'" d="M9 4l8 13H1z" fill="var(--sea)" />
    <template v-else-if="outcome === 'check'">
      <path d="M9 4.5l7 12H2z" fill="var(--sheet)" stroke="var(--amber)" stroke-width="2.4" />
      <circle cx="9" cy="12.5" r="2" fill="var(--amber)" />
    </template>
    <path v-else-if="outcome === 'steps'" d="M2 14h14M4 9.5h10M6 5h6" stroke="var(--sea)" stroke-width="3" />
    <path v-else-if="outcome === 'hold'" d="M3 4h4v13H3zM11 4h4v13h-4z" fill="var(--amber)" />
    <path v-else-if="outcome === 'stop'" d="M3 5l12 12M15 5L3 17" stroke="var(--red)" stroke-width="3.5" />
    <template v-else-if="outcome === 'curing'">
      <rect x="2" y="4" width="14" height="13" fill="var(--sheet)" stroke="var(--violet)" stroke-width="2" />
      <rect x="2" y="10" width="14" height="7" fill="var(--violet)" />
    </template>
    <circle v-else cx="9" cy="11" r="6" fill="var(--sea)" />
  </svg>
</template>
