<script setup lang="ts">
/** The bays by what can be done with them, each with its verdict line. */
import { computed } from 'vue';
import type { BayStatus } from '@lentum/core/record';
import type { Verdict } from '@lentum/core/words';
import VerdictLine from '../shared/VerdictLine.vue';

interface Row {
  readonly status: BayStatus;
  readonly verdict: Verdict;
}
const props = defineProps<{ rows: readonly Row[]; chosen: string | undefined }>();
const emit = defineEmits<{ choose: [bayId: string] }>();

const GROUPS: readonly { name: string; has: (r: Row) => boolean }[] = [
  { name: 'Stopped', has: (r) => r.verdict.outcome === 'stop' && r.status.state !== 'wet' },
  { name: 'Wet', has: (r) => r.status.state === 'wet' },
  { name: 'Window closing', has: (r) => r.status.state === 'closing' },
  { name: 'Can be done now', has: (r) => r.verdict.outcome === 'go' },
  { name: 'On hold', has: (r) => r.verdict.outcome === 'hold' },
  { name: 'At work', has: (r) => r.verdict.outcome === 'curing' },
  { name: 'Done', has: (r) => r.verdict.outcome === 'done' },
];
/** Each bay stands in the first group that has it; bays that wait for the same thing share one line. */
const groups = computed(() => {
  const left = new Set(props.rows);
  return GROUPS.map((g) => {
    const rows = [...left].filter(g.has);
    rows.forEach((r) => left.delete(r));
    return { name: g.name, rows };
  }).filter((g) => g.rows.length > 0);
});
</script>

<template>
  <div v-for="g in groups" :key="g.name" class="group">
    <div class="head"><h3>{{ g.name }}</h3><span class="quiet end">{{ g.rows.length }} {{ g.rows.length === 1 ? 'bay' : 'bays' }}</span></div>
    <!-- The whole line chooses the bay; its keyboard way is the label button. -->
    <div v-for="r in g.rows" :key="r.status.bay.id" class="row" :class="{ on: r.status.bay.id === chosen }" @click="emit('choose', r.status.bay.id)">
      <VerdictLine :verdict="r.verdict" />
      <button type="button" class="choose" :aria-pressed="r.status.bay.id === chosen" :aria-label="`Choose bay ${r.status.bay.label}`" @click.stop="emit('choose', r.status.bay.id)">›</button>
    </div>
  </div>
</template>

<style scoped>
.group {
  margin-top: var(--s4);
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 32px;
  border-bottom: var(--stroke) solid var(--line);
  padding: 0 var(--s2);
  cursor: pointer;
}
.row.on {
  background: var(--sea-soft);
  box-shadow: inset 4px 0 var(--sea);
}
.choose {
  border: 0;
  background: none;
  color: var(--ink-2);
  font: inherit;
  font-size: var(--t-xl);
  cursor: pointer;
}
@media (max-width: 820px) {
  .row {
    grid-template-columns: minmax(0, 1fr) var(--tap);
    min-height: var(--tap);
  }
}
</style>
