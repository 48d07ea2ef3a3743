<script setup lang="ts">
/** What is minded with a kettle or a flame: before it is lit; and fire, burns and the end. */
import type { HotCare } from '@lentum/core/site';
import { worded } from '../app/wording.ts';
import SayParts from '../shared/SayParts.vue';

defineProps<{ care: HotCare; part: 'before' | 'after' }>();
const PARTS = {
  before: [{ key: 'before', name: 'Before it is lit', kind: 'mind' }],
  after: [
    { key: 'end', name: 'At the end', kind: 'mind' },
    { key: 'fire', name: 'If it catches fire', kind: 'danger' },
    { key: 'burns', name: 'If somebody is burnt', kind: 'danger' },
  ],
} as const;
</script>

<template>
  <section v-for="p in PARTS[part]" :key="p.key" :class="p.kind" :aria-label="p.name">
    <h3>{{ worded(p.name) }}</h3>
    <ul>
      <li v-for="(line, i) in care[p.key]" :key="i"><SayParts :parts="line" /></li>
    </ul>
  </section>
</template>

<style scoped>
section {
  border-left: 4px solid var(--amber);
  padding-left: var(--s3);
  margin: var(--s4) 0;
}
section.danger {
  border-left-color: var(--red);
}
h3 {
  margin: 0;
}
ul {
  padding-left: 1.4rem;
  margin: var(--s1) 0;
}
li {
  margin-bottom: var(--s2);
}
</style>
