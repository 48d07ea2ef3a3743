<script setup lang="ts">
/** Whom to call, and about what: a tap on a number calls it. */
import type { Contact } from '@lentum/core/planning';

defineProps<{ contacts: readonly Contact[] }>();
const dialled = (phone: string): string => `tel:${phone.replaceAll(/[^+\d]/g, '')}`;
</script>

<template>
  <ul class="contacts">
    <li v-for="c in contacts" :key="c.id">
      <span
        ><strong>{{ c.name }}</strong
        ><template v-if="c.about">, {{ c.about }}</template></span
      >
      <a v-if="c.phone" :href="dialled(c.phone)" :aria-label="`Call ${c.name}, ${c.phone}`">{{ c.phone }}</a>
    </li>
  </ul>
</template>

<style scoped>
.contacts {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 var(--s3);
  padding: var(--s1) 0;
  border-bottom: var(--stroke) solid var(--line);
}
</style>
