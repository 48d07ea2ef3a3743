<script setup lang="ts">
/** A figure underlined with dots: it opens to its working. */
import type { Figure, Given } from '@lentum/core/figures';
import { openWorking } from '../app/working.ts';
import { useUnits } from './units.ts';

defineProps<{ figure: Figure | Given; bare?: boolean }>();
const { say, bare: sayBare } = useUnits();
</script>

<template>
  <button
    type="button"
    class="figure"
    :aria-label="`${figure.label}: ${say(figure.value, figure.quantity)}, show working`"
    @click.stop="openWorking = figure"
  >
    {{ bare ? sayBare(figure.value, figure.quantity) : say(figure.value, figure.quantity) }}
  </button>
</template>

<style scoped>
.figure {
  border: 0;
  background: none;
  padding: 2px 0;
  margin-block: -2px;
  font: inherit;
  color: inherit;
  text-decoration: underline dotted var(--sea);
  text-decoration-thickness: 2px;
  text-underline-offset: 3px;
  cursor: pointer;
  white-space: nowrap;
}
.figure:hover {
  color: var(--sea);
}
</style>
