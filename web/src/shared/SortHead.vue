<script setup lang="ts" generic="K extends string">
/** The head of a column that rows can be put in order by: rising, falling, and as they were. */
import { computed } from 'vue';
import type { Sorting } from './sorting.ts';

const props = defineProps<{ column: K; name: string; num?: boolean }>();
const sorting = defineModel<Sorting<K> | undefined>({ required: true });
const mine = computed(() => (sorting.value?.by === props.column ? sorting.value : undefined));
function turn(): void {
  sorting.value = !mine.value
    ? { by: props.column, falling: false }
    : mine.value.falling
      ? undefined
      : { by: props.column, falling: true };
}
</script>

<template>
  <th
    scope="col"
    :class="{ num }"
    :aria-sort="mine ? (mine.falling ? 'descending' : 'ascending') : undefined"
  >
    <button type="button" @click="turn">
      <slot>{{ name }}</slot><span class="visually-hidden">: put in order</span>
      <span class="mark" aria-hidden="true">{{ mine ? (mine.falling ? '↓' : '↑') : '↕' }}</span>
    </button>
  </th>
</template>

<style scoped>
button {
  border: 0;
  padding: var(--s1) 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: inherit;
  cursor: pointer;
}
.mark {
  margin-left: var(--s1);
  color: var(--ink-2);
}
</style>
