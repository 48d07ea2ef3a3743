<script setup lang="ts">
import { worded } from '../app/wording.ts';
/** A field under its name. `group` where the name stands over more than one thing to press. */
defineProps<{ name: string; wide?: boolean; group?: boolean }>();
</script>

<template>
  <component :is="group ? 'div' : 'label'" class="named" :class="{ wide }">
    <span class="name">{{ worded(name) }}</span>
    <slot />
  </component>
</template>

<style scoped>
.named {
  display: block;
  min-width: 0;
}
.wide {
  grid-column: 1 / -1;
}
.name {
  display: block;
  font-size: var(--t-s);
  color: var(--ink-2);
}
</style>
