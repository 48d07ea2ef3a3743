<script setup lang="ts">
/** The chosen bay with its hours ahead: beside and below the list on a desk, on a sheet of its own on a phone. */
import type { Call } from '@lentum/core/call';
import type { Verdict } from '@lentum/core/words';
import type { Values } from '../log/fields.ts';
import type { LoggedKind } from '../log/form.ts';
import CallCard from './CallCard.vue';
import type { useChances } from './chances.ts';
import DayStrip from './DayStrip.vue';
import type { WhatIf } from './start.ts';

defineProps<{
  call: Call;
  verdict: Verdict;
  what: WhatIf | undefined;
  chances: ReturnType<typeof useChances>;
}>();
const startMs = defineModel<number>('start', { required: true });
const emit = defineEmits<{ now: []; log: [kind?: LoggedKind, known?: Values]; coat: [] }>();
</script>

<template>
  <section class="card" aria-label="Chosen bay">
    <CallCard
      :call="call"
      :verdict="verdict"
      :start="what"
      :spreads="chances.filmSpreads"
      @now="emit('now')"
      @log="(kind, known) => emit('log', kind, known)"
      @coat="emit('coat')"
    />
  </section>
  <section class="strip" aria-label="The hours ahead">
    <DayStrip v-model:start="startMs" :call="call" :what="what" :chance="chances.of(call)" />
  </section>
</template>

<style scoped>
.strip {
  grid-column: 1 / -1;
  position: sticky;
  bottom: 0;
  background: var(--paper);
  border-top: 1px solid var(--line);
  padding: var(--s2) 0;
  min-width: 0;
}
.card {
  align-self: start;
  position: sticky;
  top: var(--s4);
  max-height: calc(100dvh - var(--strip) - var(--s4));
  overflow-y: auto;
}
@media (max-width: 820px) {
  .card {
    position: static;
    max-height: none;
  }
  .strip {
    position: static;
  }
}
</style>
