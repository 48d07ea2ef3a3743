<script setup lang="ts">
/** A small mark of a state: a filled dot is complete, a ring is in work, a triangle needs attention. */
import type { StageMark } from './stages.ts';

defineProps<{ mark: StageMark; says: string }>();
const WORDS: Record<StageMark, string> = {
  none: 'nothing yet',
  work: 'in work',
  done: 'complete',
  attention: 'needs attention',
};
</script>

<template>
  <svg width="14" height="14" viewBox="0 0 14 14" role="img" :aria-label="`${WORDS[mark]}: ${says}`">
    <circle v-if="mark === 'done'" cx="7" cy="7" r="5" fill="var(--sea)" />
    <circle
      v-else-if="mark === 'work'"
      cx="7"
      cy="7"
      r="4"
      fill="none"
      stroke="var(--sea)"
      stroke-width="2.2"
    />
    <path v-else-if="mark === 'attention'" d="M7 1l6 11H1z" fill="var(--amber)" />
  </svg>
</template>
