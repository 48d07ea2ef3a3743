<script setup lang="ts">
/** Left or right at the end of a side: pressed, or with the arrow keys. */
import { useHeld } from '../shared/heldpage.ts';

const held = useHeld();
defineProps<{ side: number }>();
const turn = defineModel<'left' | 'right'>({ required: true });
</script>

<template>
  <button
    type="button"
    class="hand"
    :disabled="held"
    :aria-label="`Turn ${turn} at the end of side ${side}; press to turn the other way`"
    @click="turn = turn === 'left' ? 'right' : 'left'"
    @keydown.left.prevent="turn = 'left'"
    @keydown.right.prevent="turn = 'right'"
  >
    {{ turn === 'left' ? '↰ left' : '↱ right' }}
  </button>
</template>

<style scoped>
.hand {
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: var(--r);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  min-width: 4.2rem;
  height: 36px;
  cursor: pointer;
}
.hand:disabled {
  background: var(--well);
  cursor: default;
}
@media (max-width: 420px) {
  .hand {
    min-width: 3.9rem;
  }
}
</style>
