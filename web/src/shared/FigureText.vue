<script setup lang="ts">
/** A figure underlined with dots: it opens to its working. */
import type { Figure, Given } from '@lentum/core/figures';
import { fineFor } from '@lentum/core/units';
import { computed, onBeforeUnmount, ref } from 'vue';
import { worded } from '../app/wording.ts';
import { openWorking } from '../app/working.ts';
import { useOneStop } from './onestop.ts';
import { useUnits } from './units.ts';

/** `fine`: small masses and volumes in grams and millilitres. `says`: what stands in its place, such as a clock time. */
const props = defineProps<{ figure: Figure | Given; bare?: boolean; fine?: boolean; says?: string }>();
const { say, bare: sayBare } = useUnits();
const quantity = computed(() =>
  props.fine ? fineFor(props.figure.value, props.figure.quantity) : props.figure.quantity,
);
const button = ref<HTMLElement | null>(null);
const stop = useOneStop(() => button.value);
onBeforeUnmount(() => stop?.leave());
</script>

<template>
  <button
    ref="button"
    type="button"
    class="figure"
    :tabindex="stop && !stop.isStop() ? -1 : undefined"
    :aria-label="`${worded(figure.label)}: ${says ?? say(figure.value, quantity)}, show working`"
    @focus="stop?.take()"
    @keydown="stop?.move($event)"
    @click.stop="openWorking = figure"
  >
    {{ says ?? (bare ? sayBare(figure.value, quantity) : say(figure.value, quantity)) }}
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
