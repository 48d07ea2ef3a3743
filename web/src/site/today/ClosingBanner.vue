<script setup lang="ts">
/** Closings of the next two hours, on every page of a job, until somebody says that they were seen. */
import { useLocalStorage } from '@vueuse/core';
import { computed } from 'vue';
import { MS_PER_HOUR } from '@lentum/core/units';
import { duesOf, together } from '@lentum/core/words';
import { useJob } from '../../app/job.ts';
import { worded } from '../../app/wording.ts';
import { useCalls } from './calls.ts';

const job = useJob();
const calls = useCalls();
const SOON_MS = 2 * MS_PER_HOUR;

const soon = computed(() => {
  const found = duesOf(calls.value, job.nowMs);
  return together(found.filter((d) => d.atMs - job.nowMs <= SOON_MS && d.kind !== 'opens'));
});
/** What was seen, by job: a closing that moves by more than a quarter of an hour is said again. */
const seen = useLocalStorage<Record<string, string[]>>('lentum.closings-seen', {});
const QUARTER_MS = MS_PER_HOUR / 4;
const keyOf = (d: { readonly key: string; readonly atMs: number }): string =>
  `${d.key}@${Math.round(d.atMs / QUARTER_MS)}`;
const fresh = computed(() => {
  const known = new Set(seen.value[job.id] ?? []);
  return soon.value.filter((d) => !known.has(keyOf(d)));
});
/** More are said as a number: the page below is what they are about. */
const MOST = 3;
const shown = computed(() => fresh.value.slice(0, MOST));
function see(): void {
  // Closings that are over are forgotten with it.
  seen.value = { ...seen.value, [job.id]: soon.value.map(keyOf) };
}
</script>

<template>
  <section v-if="fresh.length > 0" class="soon no-print" role="status" aria-label="Closing within two hours">
    <strong class="head">Closing within two hours</strong>
    <ul>
      <li v-for="d in shown" :key="d.key">
        <strong class="when">{{ job.time(d.atMs) }}</strong>
        <RouterLink
          :to="{ name: 'site', params: { jobId: job.id }, query: { part: 'today', bay: d.bayId } }"
          >{{ worded(d.title) }}</RouterLink
        >
      </li>
      <li v-if="fresh.length > shown.length">
        <RouterLink :to="{ name: 'site', params: { jobId: job.id }, query: { part: 'today' } }"
          >and {{ fresh.length - shown.length }} more</RouterLink
        >
      </li>
    </ul>
    <el-button class="tap" @click="see">Seen</el-button>
  </section>
</template>

<style scoped>
.soon {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: var(--s1) var(--s4);
  padding: var(--s2) var(--s6);
  border-left: 4px solid var(--amber);
  background: var(--amber-soft);
}
.when {
  margin-right: var(--s2);
}
ul {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1) var(--s4);
  margin: 0;
  padding: 0;
  flex: 1 1 12rem;
}
@media (max-width: 820px) {
  .soon {
    padding: var(--s2) var(--s4);
  }
  ul {
    flex-basis: 100%;
    flex-direction: column;
  }
  .tap {
    min-height: var(--tap);
  }
}
</style>
