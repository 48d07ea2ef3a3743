<script setup lang="ts">
/** A figure underlined with dots: it opens to its working. What stands in it (a clock time) is said in its place. */
import type { Figure, Given } from '@lentum/core/figures';
import { fineFor } from '@lentum/core/units';
import { computed } from 'vue';
import { openWorking } from '../app/working.ts';
import { useUnits } from './units.ts';

/** `fine`: small masses and volumes in grams and millilitres. */
const props = defineProps<{ figure: Figure | Given; bare?: boolean; fine?: boolean }>();
const { say, bare: sayBare } = useUnits();
const quantity = computed(() =>
  props.fine ? fineFor(props.figure.value, props.figure.quantity) : props.figure.quantity,
);
</script>

<template>
  <button
    type="button"
    class="figure"
    :aria-label="`${figure.label}: ${say(figure.value, quantity)}, show working`"
    @click.stop="openWorking = figure"
  >
    <slot>{{ bare ? sayBare(figure.value, quantity) : say(figure.value, quantity) }}</slot>
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
