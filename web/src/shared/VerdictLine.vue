<script setup lang="ts">
import type { Part, Verdict } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import FigureText from './FigureText.vue';
import VerdictMark from './VerdictMark.vue';

defineProps<{ verdict: Verdict }>();
const job = useJob();
const isText = (p: Part): p is string => typeof p === 'string';
const isTime = (p: Part): p is { atMs: number } => typeof p !== 'string' && 'atMs' in p;
const isFig = (p: Part): p is Extract<Part, { figure: unknown }> => typeof p !== 'string' && 'figure' in p;
</script>

<template>
  <div class="verdict">
    <VerdictMark :outcome="verdict.outcome" />
    <div>
      <p>
        <strong>{{ verdict.subject }}</strong>&nbsp;<template v-for="(p, i) in verdict.says" :key="i"
          ><template v-if="isText(p)">{{ p }}</template
          ><strong v-else-if="isTime(p)">{{ job.time(p.atMs) }}</strong
          ><FigureText v-else-if="isFig(p)" :figure="p.figure"
        /></template>
      </p>
      <p v-if="verdict.quiet" class="quiet">
        <template v-for="(p, i) in verdict.quiet" :key="i"
          ><template v-if="isText(p)">{{ p }}</template
          ><strong v-else-if="isTime(p)">{{ job.time(p.atMs) }}</strong
          ><FigureText v-else-if="isFig(p)" :figure="p.figure"
        /></template>
      </p>
    </div>
  </div>
</template>

<style scoped>
.verdict {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
  gap: var(--s3);
  padding: var(--s2) 0;
}
</style>
