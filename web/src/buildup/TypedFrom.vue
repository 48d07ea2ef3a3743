<script setup lang="ts">
/** Where numbers come from that are typed from now on: set once, and a data sheet is typed off quickly. */
import { computed } from 'vue';
import type { Source } from '@lentum/core/figures';
import PickList from '../shared/PickList.vue';
import { useEditing } from './editing.ts';

const editing = useEditing();
const options = computed(() => [
  ...editing.papers().map((p) => ({ value: `paper:${p.id}`, label: `${p.title}, ${p.date}` })),
  { value: 'data sheet', label: 'a data sheet, not in the binder' },
  { value: 'measured', label: 'measured' },
  { value: 'typical', label: 'typical' },
  { value: 'assumed', label: 'assumed' },
  { value: 'chosen', label: 'chosen here' },
]);
const model = computed({
  get: () => (editing.typed.cites ? `paper:${editing.typed.cites}` : editing.typed.source),
  set: (value) => {
    const cites = value.startsWith('paper:') ? value.slice(6) : undefined;
    editing.typed.source = cites ? 'data sheet' : (value as Source);
    editing.typed.cites = cites;
  },
});
</script>

<template>
  <label class="typed"
    ><span class="quiet">What I type comes from</span>
    <PickList v-model="model" label="What I type comes from" :options="options"
  /></label>
</template>

<style scoped>
.typed {
  display: flex;
  gap: var(--s2);
  align-items: center;
  min-width: 20rem;
}
.typed > span {
  white-space: nowrap;
}
</style>
