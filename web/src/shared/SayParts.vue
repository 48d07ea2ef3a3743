<script setup lang="ts">
/** A sentence in parts: words, figures that open to their working, times. */
import type { Part } from '@lentum/core/figures';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from './FigureText.vue';

/** `fine`: small amounts in grams and millilitres. */
defineProps<{ parts: readonly Part[]; fine?: boolean }>();
const job = useJob();
const isText = (p: Part): p is string => typeof p === 'string';
const isTime = (p: Part): p is { atMs: number } => typeof p !== 'string' && 'atMs' in p;
const isFig = (p: Part): p is Extract<Part, { figure: unknown }> => typeof p !== 'string' && 'figure' in p;
</script>

<template>
  <template v-for="(p, i) in parts" :key="i"
    ><template v-if="isText(p)">{{ worded(p) }}</template
    ><strong v-else-if="isTime(p)">{{ job.time(p.atMs) }}</strong
    ><FigureText v-else-if="isFig(p)" :fine="fine" :figure="p.figure"
  /></template>
</template>
