<script setup lang="ts">
/** At a glance where the numbers of a build-up come from, and how many are still typical. */
import { computed } from 'vue';
import { sourceCounts } from '@lentum/core/buildup';
import { worded } from '../app/wording.ts';

const props = defineProps<{ of: unknown }>();
const counts = computed(() => sourceCounts(props.of));
const KINDS = [
  ['data sheet', 'from data sheets'],
  ['measured', 'measured'],
  ['chosen', 'chosen'],
  ['assumed', 'assumed'],
  ['typical', 'typical'],
] as const;
const parts = computed(() =>
  KINDS.flatMap(([key, name]) => {
    const n = counts.value.by[key];
    return n > 0 ? [{ key, name, n }] : [];
  }),
);
/** Nobody has read them off a sheet, measured them or chosen them. */
const open = computed(() => counts.value.by.typical + counts.value.by.assumed);
const text = computed(() => parts.value.map((p) => `${p.n} ${p.name}`).join(', '));
</script>

<template>
  <span class="sources">
    <span class="strip" aria-hidden="true"
      ><span v-for="p in parts" :key="p.key" :class="p.key.replace(' ', '-')" :style="{ flexGrow: p.n }"
    /></span>
    <span>{{ worded(`${open} of ${counts.total} numbers to be confirmed`) }}</span>
    <span class="quiet">{{ worded(text) }}</span>
  </span>
</template>

<style scoped>
.sources {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--s1) var(--s2);
  font-size: var(--t-s);
}
.strip {
  display: inline-flex;
  width: 120px;
  height: 12px;
  border: 1px solid var(--ink-2);
}
.strip > span {
  min-width: 3px;
}
.data-sheet {
  background: var(--ink-2);
}
.measured {
  background: var(--sea);
}
.chosen {
  background: var(--sky);
}
.assumed {
  background: repeating-linear-gradient(90deg, var(--ink-2) 0 1px, transparent 1px 4px);
}
.typical {
  background: repeating-linear-gradient(45deg, var(--amber) 0 1.5px, transparent 1.5px 5px);
}
</style>
